<script lang="ts">
    import type { Fault, Trip } from '../lib/api';
    import { wordOf } from '../lib/catalogue';
    import type { Units } from '../lib/units';
    import type { NewEvent } from '../day/queue.svelte';
    import { hullPath } from '../views/hull';
    import FishForm, { type Fish } from '../day/FishForm.svelte';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';
    import { narrow } from './narrow';
    import WatchChange from './WatchChange.svelte';
    import WatchFish from './WatchFish.svelte';
    import WatchNext from './WatchNext.svelte';
    import WatchReads from './WatchReads.svelte';

    interface Amidships {
        watch: Watch;
        trip: Trip;
        units: Units;
        /** The bite whose fish is being told of. */
        landed: { rod: Rod; bite: string } | null;
        told: () => void;
    }

    /** The boat with what she reads in her middle; with a fish on, what to do about it. */
    let { watch, trip, units, landed, told }: Amidships = $props();

    /** The next to be looked at. */
    const checks = $derived(
        watch.rods
            .filter(({ due }) => due !== null)
            .sort((a, b) => (a.due ?? '').localeCompare(b.due ?? ''))
            .slice(0, 3),
    );
    const rod = $derived(watch.rod);
    /** A fish is on the chosen rod: what is to be done has all the room. */
    const busy = $derived(!landed && !narrow.current && rod?.state === 'fish_on');

    async function ended(kind: NewEvent['kind'], fish: Fish): Promise<Fault[]> {
        const faults = landed ? await watch.sayTyped(`${landed.rod.holder} ${kind}`, { kind, of: landed.bite, ...fish }) : [];
        if (faults.length === 0) {
            told();
        }
        return faults;
    }
</script>

{#if watch.now}
    <section class="hull" aria-label="The boat">
        {#if !landed && !busy}<svg viewBox="0 0 320 560" preserveAspectRatio="none" aria-hidden="true">
                <path d={hullPath(554, 310, (aft, aside) => `${160 + aside},${557 + aft}`)} />
            </svg>{/if}
        <div class="inside" class:plain={landed} class:busy>
            {#if landed}
                <div class="fish-on-deck" {@attach (form) => form.scrollIntoView({ block: 'start' })}>
                    <FishForm
                        title="{landed.rod.holder}: landed"
                        {trip}
                        {units}
                        care={watch.now.care}
                        tell={ended}
                        later={told}
                    />
                </div>
            {:else if busy && rod}
                <WatchFish {watch} {rod} />
            {:else}
                <WatchReads {watch} {units} />
                {#if !narrow.current}
                    {#if watch.next}<WatchNext {watch} next={watch.next} {units} />{/if}
                    <WatchChange {watch} />
                {/if}
                {#if checks.length > 0 && watch.changes.told.length === 0 && !watch.next}
                    <ol class="checks" aria-label="Next checks">
                        {#each checks as next (next.holder)}
                            <li>
                                <b class="figure">{next.holder}</b>
                                {watch.minutes(next) > 0 ? `check in ${watch.minutes(next)} min` : 'check now'}
                            </li>
                        {/each}
                    </ol>
                {/if}
                {#if watch.now.bags.length > 0}
                    <ul class="bags" aria-label="Kept">
                        {#each watch.now.bags as bag (bag.species)}
                            <li class:full={bag.full}>
                                {#if bag.full}<b>Stop:</b>{/if}
                                {wordOf('species', bag.species)}
                                <b class="figure">{bag.kept}</b> kept of your {bag.bag}
                            </li>
                        {/each}
                    </ul>
                {/if}
            {/if}
        </div>
    </section>
{/if}

<style>
    .hull {
        position: relative;
        grid-area: hull;
        min-height: 0;
    }
    .hull svg {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
    }
    .hull path {
        fill: var(--color-base-100);
        stroke: var(--color-base-content);
        stroke-width: 1.5;
        vector-effect: non-scaling-stroke;
    }
    .inside {
        position: relative;
        display: flex;
        flex-direction: column;
        gap: 0.6rem;
        height: 100%;
        /* Higher than the hull it begins at its top. */
        justify-content: safe center;
        padding: 24% 1.2rem 0.8rem;
        overflow-y: auto;
        text-align: center;
    }
    .inside.plain {
        padding: 0;
    }
    .inside.busy {
        padding: 0.2rem 0.4rem;
    }
    /* Brought into sight it is clear of what is told over the page. */
    .fish-on-deck {
        scroll-margin-top: 4.5rem;
    }
    .checks {
        font-size: 19px;
        line-height: 1.35;
    }
    .bags {
        display: grid;
        gap: 0.3rem;
    }
    .bags .full {
        padding: 0.3rem;
        border: 3px solid var(--color-base-content);
        border-radius: 6px;
    }
    @media (max-width: 1000px) {
        .hull svg {
            display: none;
        }
        .checks {
            display: none;
        }
        .inside {
            gap: 0.3rem;
            padding: 0.2rem;
            overflow: visible;
        }
        .bags {
            display: flex;
            flex-wrap: wrap;
            gap: 0 0.8rem;
            justify-content: center;
            font-size: 15px;
            line-height: 1.2;
        }
    }
</style>
