<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas } from '../lib/api';
    import SoundingList from '../rod/SoundingList.svelte';
    import TaughtFigures from '../rod/TaughtFigures.svelte';

    /** All that was sounded, and what it teaches of the gear: what every depth is reckoned by. */
    let told = $state.raw<Schemas['TrueUp'] | null>(null);
    let said = $state('Reading…');
    const units = aboard.boat?.units ?? 'us';

    async function read(): Promise<void> {
        const answer = await ask(api.GET('/soundings'));
        told = 'data' in answer ? answer.data : told;
        said = told ? '' : 'The server is not answering. Reload this page when it does.';
    }
    void read();

    const gear = $derived(told?.figures.filter(({ of_water }) => !of_water) ?? []);
    const water = $derived(told?.figures.filter(({ of_water }) => of_water) ?? []);
    const false_ = $derived(told?.soundings.filter(({ used }) => !used) ?? []);
    const counting = $derived(told?.soundings.filter(({ used }) => used) ?? []);
</script>

<main class="mx-auto max-w-6xl px-4 py-3">
    <header class="flex flex-wrap items-center gap-4 pb-2">
        <h1 class="text-lg font-bold">True-up</h1>
        <p class="quiet min-w-0 flex-1 text-sm max-sm:order-last max-sm:basis-full">
            What your soundings teach of the gear. Every depth is reckoned by it; what is learnt of one piece speaks for every rod
            it is on, what is learnt of a trip’s water for that trip.
        </p>
        <a class="btn btn-sm" href="#/locker">Locker</a>
    </header>
    {#if !told}
        <p class="quiet">{said}</p>
    {:else if told.soundings.length === 0}
        <p class="max-w-prose py-6">
            Nothing is sounded yet. Let a line down until it touches bottom you know, or see its ball or lure on the sonar, and
            keep what it really ran at under <i>opinions</i> of that rod on the planning table.
        </p>
        {#if aboard.nextTrip}<a class="btn btn-primary" href="#/trips/{aboard.nextTrip.id}/spread">To the planning table</a>{/if}
    {:else}
        <div class="grid gap-x-10 lg:grid-cols-2">
            <section aria-label="Soundings">
                {#if false_.length > 0}
                    <h2>Held to be false, {false_.length}</h2>
                    <SoundingList soundings={false_} {units} changed={() => void read()} />
                {/if}
                <h2>Soundings that count, {counting.length}</h2>
                <SoundingList soundings={counting} {units} changed={() => void read()} />
            </section>
            <section aria-label="Figures">
                <h2>The gear</h2>
                <p class="quiet text-sm">
                    The box is how unsure a figure was, its middle the default; the bar is what soundings have made of it.
                </p>
                <TaughtFigures figures={gear} {units} changed={() => void read()} />
                <h2>The water, trip by trip</h2>
                <TaughtFigures figures={water} {units} changed={() => void read()} />
            </section>
        </div>
    {/if}
</main>

<style>
    h2 {
        padding: 0.75rem 0 0.3rem;
        font-size: 1.05rem;
        font-weight: 700;
    }
</style>
