<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { wordOf } from '../lib/catalogue';
    import { figure, measure } from '../lib/units';
    import { tripWords } from '../lib/words';
    import { speedStep } from '../desk/steps';
    import { hullPath } from '../views/hull';
    import SwapDialog from './SwapDialog.svelte';
    import WatchFish from './WatchFish.svelte';
    import WatchRod from './WatchRod.svelte';
    import { Watch, type Kind, type Rod } from './watch.svelte';

    /** The day as it runs: the rods round the boat, what is done to each in two taps, and what to do when one has a fish. */
    let { params }: { params: { trip: string } } = $props();

    const watch = $derived(new Watch(Number(params.trip)));
    $effect(() => watch.follow());
    // The screen stays awake, where the browser lets it.
    $effect(() => {
        let held: WakeLockSentinel | undefined;
        void navigator.wakeLock
            ?.request('screen')
            .then((lock) => (held = lock))
            .catch(() => undefined);
        return () => void held?.release();
    });

    let swapping = $state(false);
    /** The bite whose fish is being told of. */
    let landed: { rod: Rod; bite: string } | null = $state.raw(null);

    const units = $derived(aboard.boat?.units ?? 'us');
    const trip = $derived(aboard.trips.find(({ id }) => id === watch.trip));
    const sides = $derived(
        (['port', 'centre', 'starboard'] as const).map((of) => {
            const there = watch.rods.filter(({ side }) => side === of);
            return of === 'starboard' ? there.reverse() : there;
        }),
    );
    /** The next to be looked at. */
    const checks = $derived(
        watch.rods
            .filter(({ due }) => due !== null)
            .sort((a, b) => (a.due ?? '').localeCompare(b.due ?? ''))
            .slice(0, 3),
    );
    const out = $derived(watch.rods.filter(({ state }) => state !== 'in_boat').length);
    const rod = $derived(watch.rod);
    const full = $derived(watch.now?.bags.filter((bag) => bag.full) ?? []);
    const time = $derived(new Date(watch.clock).toLocaleTimeString('en', { hour: 'numeric', minute: '2-digit' }));

    async function take(kind: Kind): Promise<void> {
        if (!rod) {
            return;
        }
        if (kind === 'swap') {
            swapping = true;
            return;
        }
        landed = kind === 'landed' && rod.bite ? { rod, bite: rod.bite } : null;
        await watch.tell(rod, kind);
    }

    async function changeSpeed(way: -1 | 1): Promise<void> {
        const { speed } = watch.now ?? {};
        if (speed !== undefined) {
            await watch.say('speed', { kind: 'speed', speed: speed + way * speedStep(units) });
        }
    }
</script>

<main class="watch" data-version={watch.now?.version}>
    {#if watch.now && trip}
        <h1 class="sr-only">Watch: {tripWords(trip)}</h1>
        {#each ['port', 'stern', 'starboard'] as name, i (name)}
            <section class={name} aria-label="{name} rods">
                {#each sides[i] ?? [] as one (one.holder)}
                    <WatchRod
                        rod={one}
                        {units}
                        clock={watch.clock}
                        minutes={watch.minutes(one)}
                        chosen={one.holder === watch.chosen}
                        waits={watch.waits(one)}
                        choose={() => (watch.chosen = one.holder)}
                    />
                {/each}
            </section>
        {/each}
        <section class="hull" aria-label="The boat">
            {#if !landed}<svg viewBox="0 0 320 560" preserveAspectRatio="none" aria-hidden="true">
                    <path d={hullPath(554, 310, (aft, aside) => `${160 + aside},${557 + aft}`)} />
                </svg>{/if}
            <div class="inside" class:plain={landed}>
                {#if landed}
                    <WatchFish {watch} {trip} {units} rod={landed.rod} bite={landed.bite} done={() => (landed = null)} />
                {:else if rod?.state === 'fish_on'}
                    <h2 class="text-3xl font-bold">{rod.holder}: fish on</h2>
                    <p class="text-2xl leading-tight">
                        {#if rod.clear_first.length > 0}Clear <b class="figure">{rod.clear_first.join(', then ')}</b> first.{:else}Nothing
                            lies in its way.{/if}
                    </p>
                    <p class="text-xl leading-snug">{rod.taken}</p>
                {:else}
                    <p class="speed">
                        <button type="button" class="btn btn-ghost" aria-label="Slower" onclick={() => void changeSpeed(-1)}
                            >−</button
                        >
                        <b class="figure">{figure(units, 'speed', watch.now.speed)}</b>
                        <button type="button" class="btn btn-ghost" aria-label="Faster" onclick={() => void changeSpeed(1)}
                            >+</button
                        >
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
        <footer>
            <p class="told" role="status">
                {#if watch.said}<b class="text-error">{watch.said}</b>
                {:else if full.length > 0 && !rod}<b
                        >Your limit of {full.map(({ species }) => wordOf('species', species)).join(', ')} is kept: stop.</b
                    >
                {:else if watch.last}Logged: {watch.last.words}.
                {:else if !rod}Tap a rod, then what happened to it.
                {:else}<b class="figure">{rod.holder}</b>: {rod.lure}{/if}
            </p>
            {#if watch.last}<button type="button" class="btn undo" onclick={() => void watch.undo()}>Undo</button>{/if}
            {#if aboard.may('log')}
                <div class="acts">
                    {#each rod ? watch.takes(rod) : [] as act, i (act.kind)}
                        <button
                            type="button"
                            class="btn {i === 0 ? 'btn-primary' : 'border-base-content bg-base-100'}"
                            data-act={act.kind}
                            onclick={() => void take(act.kind)}>{act.order}</button
                        >
                    {/each}
                </div>
            {/if}
        </footer>
    {:else}
        <p class="quiet p-6">{watch.said || 'Reading…'}</p>
    {/if}
</main>
{#if swapping && rod}<SwapDialog {watch} {rod} close={() => (swapping = false)} />{/if}

<style>
    .watch {
        display: grid;
        grid-template: minmax(0, 1fr) auto auto / minmax(0, 1fr) minmax(0, 330px) minmax(0, 1fr);
        grid-template-areas: 'port hull starboard' 'port stern starboard' 'foot foot foot';
        gap: 0.6rem;
        height: 100%;
        padding: 0.6rem;
        font-size: 20px;
    }
    .port {
        grid-area: port;
    }
    .starboard {
        grid-area: starboard;
    }
    .port,
    .starboard {
        display: grid;
        grid-auto-rows: minmax(64px, 1fr);
        gap: 0.5rem;
        min-height: 0;
        overflow-y: auto;
    }
    .stern {
        display: grid;
        grid-area: stern;
        grid-auto-columns: minmax(0, 1fr);
        grid-auto-flow: column;
        gap: 0.5rem;
    }
    .stern :global(.what) {
        display: none;
    }
    .stern :global(.lure) {
        display: none;
    }
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
    footer {
        display: grid;
        grid-area: foot;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 0.3rem 0.6rem;
        align-items: center;
    }
    .told {
        min-height: 32px;
    }
    .acts {
        display: grid;
        grid-auto-columns: minmax(0, 1fr);
        grid-auto-flow: column;
        grid-column: 1 / -1;
        gap: 0.6rem;
        min-height: 72px;
    }
    .acts .btn {
        height: 72px;
        font-size: 24px;
    }
    .undo {
        height: 48px;
        font-size: 20px;
    }
    @media (max-width: 1000px) {
        .watch {
            grid-template: auto auto auto 1fr / minmax(0, 1fr) minmax(0, 1fr);
            grid-template-areas: 'hull hull' 'port starboard' 'stern stern' 'foot foot';
            height: auto;
            min-height: 100%;
            gap: 0.4rem;
            padding: 0.4rem;
        }
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
        .port,
        .starboard {
            grid-auto-rows: minmax(64px, auto);
            overflow: visible;
        }
        .inside:not(.plain) {
            flex-flow: row wrap;
            gap: 0.2rem 1rem;
            align-items: center;
        }
        .unit {
            margin: 0;
        }
        dl {
            flex-basis: 100%;
        }
        dd {
            font-size: 32px;
        }
        footer {
            position: sticky;
            align-self: end;
            bottom: 0;
            padding: 0.3rem 0;
            background: var(--color-base-200);
        }
        .acts {
            grid-auto-flow: row;
            grid-template-columns: repeat(auto-fit, minmax(4.2rem, 1fr));
            gap: 0.35rem;
            min-height: 64px;
        }
        .acts .btn {
            height: 64px;
            padding: 0 0.2rem;
            font-size: 16px;
            line-height: 1.1;
        }
        .bag {
            font-size: 17px;
        }
    }
</style>
