<script lang="ts">
    import type { Fault, Trip } from '../lib/api';
    import { settingWords, wordOf } from '../lib/catalogue';
    import { figure, measure, type Units } from '../lib/units';
    import { speedStep } from '../desk/steps';
    import type { NewEvent } from '../day/queue.svelte';
    import { hullPath } from '../views/hull';
    import FishForm, { type Fish } from '../day/FishForm.svelte';
    import { stateOf, type Rod, type Watch } from './watch.svelte';

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
    const out = $derived(watch.rods.filter(({ state }) => state !== 'in_boat').length);
    const rod = $derived(watch.rod);
    const time = $derived(new Date(watch.clock).toLocaleTimeString('en', { hour: 'numeric', minute: '2-digit' }));

    async function ended(kind: NewEvent['kind'], fish: Fish): Promise<Fault[]> {
        const faults = landed ? await watch.say(`${landed.rod.holder} ${kind}`, { kind, of: landed.bite, ...fish }) : [];
        if (faults.length === 0) {
            told();
        }
        return faults;
    }

    async function changeSpeed(way: -1 | 1): Promise<void> {
        const { speed } = watch.now ?? {};
        if (speed !== undefined) {
            await watch.say('speed', { kind: 'speed', speed: speed + way * speedStep(units) });
        }
    }
</script>

{#if watch.now}
    <section class="hull" aria-label="The boat">
        {#if !landed}<svg viewBox="0 0 320 560" preserveAspectRatio="none" aria-hidden="true">
                <path d={hullPath(554, 310, (aft, aside) => `${160 + aside},${557 + aft}`)} />
            </svg>{/if}
        <div class="inside" class:plain={landed}>
            {#if landed}
                <FishForm title="{landed.rod.holder}: landed" {trip} {units} tell={ended} later={told} />
            {:else if rod?.state === 'fish_on'}
                <h2 class="text-3xl font-bold">{rod.holder}: {stateOf(rod)?.words}</h2>
                <p class="text-2xl leading-tight">
                    {#if rod.clear_first.length > 0}Clear <b class="figure">{rod.clear_first.join(', then ')}</b> first.{:else}Nothing
                        lies in its way.{/if}
                </p>
                <p class="text-xl leading-snug">{rod.taken}</p>
            {:else}
                <p class="speed">
                    <button type="button" class="btn btn-ghost" aria-label="Slower" onclick={() => void changeSpeed(-1)}>−</button
                    >
                    <b class="figure">{figure(units, 'speed', watch.now.speed)}</b>
                    <button type="button" class="btn btn-ghost" aria-label="Faster" onclick={() => void changeSpeed(1)}>+</button>
                </p>
                <p class="unit">
                    {measure(units, 'speed').unit}
                    {watch.now.speed === watch.now.planned_speed ? 'planned' : 'as told'}
                </p>
                <dl>
                    {#if watch.now.bottom !== null}
                        <div>
                            <dd class="figure">{figure(units, 'depth', watch.now.bottom)}</dd>
                            <dt>{measure(units, 'depth').unit} planned</dt>
                        </div>
                    {/if}
                    <div>
                        <dd class="figure">{time}</dd>
                        <dt>{out} of {watch.rods.length} lines out</dt>
                    </div>
                </dl>
                {#if watch.next}
                    {@const { holder, line, counter } = watch.next}
                    <button type="button" class="next btn border-base-content" onclick={() => (watch.chosen = holder)}
                        ><span
                            >Set next: <b class="figure">{holder}</b>, {settingWords(line, units)}{counter === null
                                ? ''
                                : `, ${figure(units, 'length', counter)} on its counter`}</span
                        ></button
                    >
                {/if}
                {#if checks.length > 0}
                    <ol class="checks" aria-label="Next checks">
                        {#each checks as next (next.holder)}
                            <li>
                                <b class="figure">{next.holder}</b>
                                {watch.minutes(next) > 0 ? `check in ${watch.minutes(next)} min` : 'check now'}
                            </li>
                        {/each}
                    </ol>
                {/if}
                {#each watch.now.bags as bag (bag.species)}
                    <p class="bag" class:full={bag.full}>
                        {#if bag.full}<b>Stop:</b>{/if}
                        {wordOf('species', bag.species)}
                        <b class="figure">{bag.kept}</b> kept of your {bag.bag}
                    </p>
                {/each}
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
        gap: 0.8rem;
        height: 100%;
        justify-content: center;
        padding: 30% 1.4rem 1rem;
        overflow-y: auto;
        text-align: center;
    }
    .inside.plain {
        padding: 0;
    }
    .next {
        height: auto;
        min-height: 64px;
        font-size: 19px;
        font-weight: 500;
        line-height: 1.25;
    }
    .checks {
        font-size: 19px;
        line-height: 1.35;
    }
    .speed {
        display: flex;
        align-items: center;
        justify-content: center;
    }
    .speed b {
        font-size: 96px;
        line-height: 0.9;
    }
    .speed button {
        width: 64px;
        height: 64px;
        font-size: 34px;
    }
    .unit {
        margin-top: -0.6rem;
    }
    dl {
        display: flex;
        justify-content: space-around;
        gap: 1rem;
    }
    dd {
        font-size: 44px;
        font-weight: 700;
        line-height: 1;
        white-space: nowrap;
    }
    dt {
        font-size: 17px;
    }
    .bag.full {
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
            padding: 0.2rem;
            gap: 0.3rem;
        }
        .speed b {
            font-size: 60px;
        }
        .inside:not(.plain) {
            display: grid;
            grid-template-columns: auto minmax(0, 1fr);
            gap: 0.2rem 0.8rem;
            align-items: center;
        }
        .inside:not(.plain) > :global(*) {
            grid-column: 1 / -1;
        }
        .inside:not(.plain) > .speed {
            grid-column: 1;
        }
        .inside:not(.plain) > .unit {
            grid-area: 2 / 1;
        }
        .inside:not(.plain) > dl {
            grid-area: 1 / 2 / 3 / 3;
        }
        .next {
            min-height: 48px;
        }
        .unit {
            margin: 0;
        }
        dd {
            font-size: 32px;
        }
        .bag {
            font-size: 17px;
        }
    }
</style>
