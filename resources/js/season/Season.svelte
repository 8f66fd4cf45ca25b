<script lang="ts">
    import { onDestroy } from 'svelte';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas } from '../lib/api';
    import { wordOf } from '../lib/catalogue';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import PickField from '../fields/PickField.svelte';
    import FactorTable from './FactorTable.svelte';
    import HeatPicture from './HeatPicture.svelte';
    import SeasonDays from './SeasonDays.svelte';
    import StartCard from './StartCard.svelte';
    import WindowCurve from './WindowCurve.svelte';

    /** What the season says: where and when it bit for the line-hours fished, what it is owed to, and what tomorrow begins with. */
    let season = $state.raw<Schemas['Season'] | null>(null);
    let said = $state('Reading…');
    let ground = $state('');
    let species = $state('');
    let factor = $state('lure');
    let along: 'clock' | 'sun' = $state('clock');
    let ruling = $state(false);

    async function read(): Promise<void> {
        const answer = await ask(
            api.GET('/season', {
                params: {
                    query: {
                        ...(ground === '' ? {} : { ground }),
                        ...(species === '' ? {} : { species: species as Schemas['Species'] }),
                    },
                },
            }),
        );
        season = 'data' in answer ? answer.data : season;
        if ('data' in answer && answer.data.unread > 0 && shownStill) {
            void read();
        }
        said = season ? '' : 'The server is not answering. Reload this page when it does.';
    }
    $effect(() => {
        void read();
    });
    async function anew(): Promise<void> {
        await ask(api.DELETE('/season/read'));
        await read();
    }
    let shownStill = true;
    onDestroy(() => (shownStill = false));

    const shown = $derived(season?.factors.find((one) => one.factor === factor) ?? season?.factors[0]);
</script>

<main class="mx-auto max-w-[1180px] px-4 py-3">
    <header class="flex flex-wrap items-center gap-x-5 gap-y-2 pb-3">
        <h1 class="text-lg font-bold">Season</h1>
        {#if season}
            <p class="min-w-0 flex-1 text-[15px]" data-testid="in-all">
                <b class="figure">{season.bites}</b>
                {season.bites === 1 ? 'bite' : 'bites'} in <b class="figure">{season.hours.toFixed(0)}</b> line-hours on
                <b class="figure">{season.trips}</b>
                {season.trips === 1 ? 'trip' : 'trips'}{#if season.rate}: {season.rate}{/if}{#if season.unread > 0}<span
                        role="status"
                        class="quiet"
                    >
                        · {season.unread}
                        {season.unread === 1 ? 'day is' : 'days are'} still being read</span
                    >{/if}
            </p>
            <span class="flex w-84 gap-2 max-sm:w-full">
                <PickField
                    label="Ground"
                    value={ground}
                    options={[
                        { value: '', text: 'every ground' },
                        ...season.grounds.map((name) => ({ value: name, text: name })),
                    ]}
                    change={(picked) => (ground = picked)}
                />
                <PickField
                    label="Species"
                    value={species}
                    options={[
                        { value: '', text: 'every bite' },
                        ...season.species.map((name) => ({ value: name, text: wordOf('species', name) })),
                    ]}
                    change={(picked) => (species = picked)}
                />
            </span>
        {/if}
    </header>
    {#if !season}
        <p class="quiet">{said}</p>
    {:else if season.hours === 0}
        <p class="max-w-prose py-6">
            Nothing is fished yet that was told of. Lines set, bites and lines in are told on Watch; each trip so told says what
            brings fish, and what merely hung in the right place.
        </p>
    {:else}
        {#if aboard.nextTrip}<StartCard trip={aboard.nextTrip} unread={season.unread} />{/if}
        <div class="grid gap-x-10 gap-y-4 pt-3 lg:grid-cols-2">
            <section aria-labelledby="where">
                <h2 id="where">Where and when it bit</h2>
                <HeatPicture cells={season.heat} />
            </section>
            <section aria-labelledby="when">
                <div class="flex flex-wrap items-baseline justify-between gap-2">
                    <h2 id="when">When it bites</h2>
                    <span role="group" aria-label="Along" class="flex gap-1">
                        <button
                            type="button"
                            class="btn btn-xs"
                            aria-pressed={along === 'clock'}
                            onclick={() => (along = 'clock')}>by the clock</button
                        >
                        <button type="button" class="btn btn-xs" aria-pressed={along === 'sun'} onclick={() => (along = 'sun')}
                            >by the sun</button
                        >
                    </span>
                </div>
                <WindowCurve window={season.windows[along]} {along} />
            </section>
        </div>
        <section aria-labelledby="what" class="pt-4">
            <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
                <h2 id="what">What brings it</h2>
                <button type="button" class="cursor-pointer text-sm underline" onclick={() => (ruling = true)}
                    >Bands it is counted in…</button
                >
                {#if aboard.may('plan')}
                    <button
                        type="button"
                        class="cursor-pointer text-sm underline"
                        title="Days are read by the gear as it was known a day after. Where a figure of it was put right since, they are read again by that."
                        onclick={() => void anew()}>Read every day anew</button
                    >
                {/if}
            </div>
            <div class="flex flex-wrap gap-1 py-2" role="tablist" aria-label="By">
                {#each season.factors as one (one.factor)}
                    <button
                        type="button"
                        role="tab"
                        class="btn btn-sm"
                        aria-selected={one.factor === shown?.factor}
                        onclick={() => (factor = one.factor)}>{one.word}</button
                    >
                {/each}
            </div>
            {#if shown}<FactorTable factor={shown} />{/if}
        </section>
        <section aria-labelledby="days" class="pt-6"><SeasonDays days={season.days} /></section>
    {/if}
</main>
{#if ruling}
    <RuleBookDialog
        book="patterns"
        changed={() => void read()}
        close={() => {
            ruling = false;
            void read();
        }}>How wide the bands are that depth, speed and temperature are counted in.</RuleBookDialog
    >
{/if}

<style>
    section {
        min-width: 0;
    }
    h2 {
        font-size: 1.05rem;
        font-weight: 700;
    }
    [aria-pressed='true'],
    [aria-selected='true'] {
        color: var(--color-base-100);
        background: var(--color-base-content);
    }
</style>
