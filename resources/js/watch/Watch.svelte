<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { tripWords } from '../lib/words';
    import WatchAhead from './WatchAhead.svelte';
    import WatchFoot from './WatchFoot.svelte';
    import WatchHull from './WatchHull.svelte';
    import WatchRod from './WatchRod.svelte';
    import WatchSays from './WatchSays.svelte';
    import type { Rod } from './states';
    import { Watch } from './watch.svelte';

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

    let landed: { rod: Rod; bite: string } | null = $state.raw(null);

    const units = $derived(aboard.boat?.units ?? 'us');
    const trip = $derived(aboard.trips.find(({ id }) => id === watch.trip));
    const sides = $derived(
        (['port', 'centre', 'starboard'] as const).map((of) => {
            const there = watch.rods.filter(({ side }) => side === of);
            return of === 'starboard' ? there.reverse() : there;
        }),
    );
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
                        turning={watch.now.turn?.held ?? false}
                        minutes={watch.minutes(one)}
                        chosen={one.holder === watch.chosen}
                        waits={watch.waits(one)}
                        choose={() => (watch.chosen = one.holder)}
                    />
                {/each}
            </section>
        {/each}
        <div class="strip"><WatchAhead {watch} {units} /></div>
        <div class="word"><WatchSays {watch} /></div>
        <WatchHull {watch} {trip} {units} {landed} told={() => (landed = null)} />
        <WatchFoot {watch} {trip} {units} telling={landed !== null} land={(one) => (landed = one)} />
    {:else}
        <p class="quiet p-6">{watch.said || 'Reading…'}</p>
    {/if}
</main>

<style>
    .watch {
        display: grid;
        grid-template: minmax(0, 1fr) auto auto / minmax(0, 1fr) minmax(0, 330px) minmax(0, 1fr);
        grid-template-areas: 'port hull starboard' 'strip stern word' 'foot foot foot';
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
    .strip {
        display: grid;
        grid-area: strip;
    }
    .word {
        display: grid;
        grid-area: word;
        min-width: 0;
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
    .stern :global(.of-it),
    .stern :global(.lure) {
        display: none;
    }
    @media (max-width: 1000px) {
        .watch {
            grid-template: auto auto auto auto 1fr auto / minmax(0, 1fr) minmax(0, 1fr);
            grid-template-areas: 'hull hull' 'word word' 'port starboard' 'stern stern' 'strip strip' 'foot foot';
            height: auto;
            min-height: 100%;
            gap: 0.4rem;
            padding: 0.4rem;
        }
        /* As high whatever the foot has to tell: nothing moves them. */
        .port,
        .starboard {
            grid-auto-rows: 104px;
            overflow: visible;
        }
        .strip {
            align-self: start;
        }
        /* Two lines of it are kept free. */
        .word {
            min-height: 46px;
        }
    }
    @media (max-width: 700px) {
        .port,
        .starboard {
            gap: 0.3rem;
            grid-auto-rows: 64px;
        }
    }
</style>
