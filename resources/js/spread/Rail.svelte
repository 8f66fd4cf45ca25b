<script lang="ts">
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import RodCard from '../rod/RodCard.svelte';

    /** The row of rods as they stand: port bow, round the stern, starboard bow. */
    let { desk }: { desk: SpreadDesk } = $props();

    const faulty = $derived(new Set(desk.feed.faults.map((fault) => Number(/^\/lines\/(\d+)/.exec(fault.pointer)?.[1] ?? -1))));
</script>

<div class="px-2 pt-1 pb-2">
    <svg class="block h-4 w-full" viewBox="0 0 1000 16" preserveAspectRatio="none" aria-hidden="true">
        <path
            d="M1 16C2 4 30 3 60 3H940C970 3 998 4 999 16"
            fill="none"
            style:stroke="var(--line)"
            stroke-width="1.6"
            vector-effect="non-scaling-stroke"
        />
    </svg>
    <div class="rail" role="listbox" aria-label="Rods, port bow round the stern to starboard bow" aria-orientation="horizontal">
        {#each desk.holders as holder (holder.id)}
            <RodCard
                {holder}
                line={desk.lineAt(holder.id)}
                running={desk.shown.get(holder.code)}
                locker={desk.locker}
                units={desk.boat.units}
                chosen={holder.id === desk.chosenId}
                planned={desk.comparing && desk.isWhatIf ? desk.planFeed.running.get(holder.code) : undefined}
                marked={desk.marked.has(holder.id)}
                unsteady={desk.feed.unsteady.has(holder.code)}
                faulty={faulty.has(desk.indexOf(holder.id))}
                choose={() => desk.choose(holder.id)}
            />
        {/each}
    </div>
</div>

<style>
    .rail {
        display: grid;
        grid-auto-flow: column;
        grid-auto-columns: minmax(0, 1fr);
        gap: 5px;
    }
    @media (max-width: 900px) {
        .rail {
            grid-auto-columns: 5.4rem;
            overflow-x: auto;
        }
    }
</style>
