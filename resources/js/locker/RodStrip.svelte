<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { Holder, SpreadLine } from '../lib/api';

    /** The rods as they stand, each with its lure: the chosen one is what a tap hangs a lure on. */
    let {
        rods,
        chosen,
        choose,
    }: { rods: { holder: Holder; line: SpreadLine }[]; chosen: number; choose: (holder: number) => void } = $props();

    const lure = (id: number) => aboard.locker?.lures.find((one) => one.id === id)?.name;
</script>

<div class="rods border-base-300 border-b" role="radiogroup" aria-label="The rod a tap hangs a lure on">
    {#each rods as { holder, line } (holder.id)}
        <button
            type="button"
            role="radio"
            aria-checked={holder.id === chosen}
            class="rod"
            class:chosen={holder.id === chosen}
            data-rod={holder.code}
            onclick={() => choose(holder.id)}
            ><b class="figure text-lg">{holder.code}</b><span class="text-sm leading-tight">{lure(line.lure_id)}</span></button
        >
    {/each}
</div>

<style>
    .rods {
        display: flex;
        gap: 4px;
        padding: 6px 12px;
        overflow-x: auto;
    }
    .rod {
        display: flex;
        flex: 1 0 5.2rem;
        flex-direction: column;
        min-height: 54px;
        padding: 3px 7px;
        text-align: left;
        cursor: pointer;
        border: 1px solid var(--color-base-300);
        border-radius: 5px;
    }
    .rod.chosen {
        background: var(--color-base-100);
        box-shadow: inset 0 0 0 3px var(--color-primary);
    }
    @media (max-width: 900px) {
        .rods {
            flex-wrap: wrap;
        }
    }
</style>
