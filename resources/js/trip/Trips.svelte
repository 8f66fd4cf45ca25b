<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultsIn, type Answer, type Schemas, type Trip } from '../lib/api';
    import { bottomWords, counted, dayWords, speciesList, timeOfDay, tripDay, tripWords } from '../lib/words';
    import { push } from 'svelte-spa-router';
    import TripForm from './TripForm.svelte';

    /** The season, the next trip on top with what it still lacks. */
    const next = $derived(aboard.nextTrip);
    const others = $derived(aboard.trips.filter((trip) => trip !== next));
    let planning: Schemas['FreshTrip'] | null = $state(null);
    let said: string | undefined = $state('');
    let leaving = $state(false);

    async function plan(): Promise<void> {
        const answer = await ask(api.GET('/trips/new'));
        planning = 'data' in answer ? answer.data : null;
        said = planning ? '' : 'The server is not answering: no new trip can be begun yet.';
    }

    /** What was just done to a trip, and how it is undone. */
    let done: { words: string; undo: () => Promise<void> } | null = $state.raw(null);
    let deleted: Schemas['DeletedTrip'][] | null = $state.raw(null);

    async function act(answer: Answer<unknown>, words: string, undo: () => Promise<void>): Promise<void> {
        [said] = faultsIn(answer).map(({ detail }) => detail);
        done = said ? null : { words, undo };
        await Promise.all([aboard.readTrips(), deleted ? readDeleted() : undefined]);
    }
    async function callOff(trip: Trip, off: boolean): Promise<void> {
        const body = { called_off: off };
        const answer = await ask(api.PUT('/trips/{trip}/called-off', { params: { path: { trip: trip.id } }, body }));
        await act(answer, `${off ? 'Called off' : 'On again'}: ${tripWords(trip)}.`, () => callOff(trip, !off));
    }
    async function drop(trip: Trip): Promise<void> {
        const words = `Deleted: ${tripWords(trip)}.`;
        await act(await ask(api.DELETE('/trips/{trip}', { params: { path: { trip: trip.id } } })), words, () =>
            bringBack(trip.id),
        );
    }
    async function bringBack(id: number): Promise<void> {
        const answer = await ask(api.PUT('/trips/{trip}/back', { params: { path: { trip: id } } }));
        [said] = faultsIn(answer).map(({ detail }) => detail);
        done = null;
        await Promise.all([aboard.readTrips(), readDeleted()]);
    }
    async function readDeleted(): Promise<void> {
        const answer = await ask(api.GET('/trips/deleted'));
        deleted = 'data' in answer ? answer.data : deleted;
    }

    /** Where a step is taken, for who may take it there. */
    function leadsTo(screen: Schemas['TripStep']['screen']): string | undefined {
        const at = screen === 'trip' ? 'prepare' : screen;
        if (!next || !aboard.shows(at) || (screen === 'trip' && !aboard.may('plan'))) {
            return undefined;
        }
        const drafts = screen === 'spread' && !next.spreads[0]?.line_count;
        return `#/trips/${next.id}/${at}${screen === 'trip' ? '?task=trip' : drafts ? '?task=draft' : ''}`;
    }

    const SCREENS: [Schemas['Screen'], string][] = [
        ['prepare', 'Prepare'],
        ['water', 'Read the water'],
        ['spread', 'Open the spread'],
        ['deck-card', 'Deck card'],
        ['watch', 'Watch'],
        ['log', aboard.may('log') ? 'Log a bite' : 'Bites'],
    ];
    /** Beside the one next step. */
    const otherSteps = $derived(SCREENS.filter(([screen]) => aboard.shows(screen) && screen !== next?.next.screen));
</script>

<main class="mx-auto max-w-5xl px-5 py-6 sm:px-8">
    <div class="flex flex-wrap items-baseline justify-between gap-3 pb-4">
        <h1 class="text-2xl font-bold">{aboard.boat?.name}</h1>
        <span class="flex flex-wrap gap-2">
            {#each ['season', 'drills', 'locker', 'boat', 'devices'] as const as screen (screen)}
                {#if aboard.shows(screen)}<a class="btn border-base-300 capitalize sm:hidden" href="#/{screen}">{screen}</a>{/if}
            {/each}
            {#if !planning && next && aboard.may('plan')}
                <button type="button" class="btn border-base-300" onclick={() => void plan()}>New trip</button>
            {/if}
        </span>
    </div>

    {#if said}<p class="text-error pb-3 font-semibold" role="alert">{said}</p>{/if}
    {#if done}
        <p class="flex flex-wrap items-center gap-3 pb-3" role="status">
            <b>{done.words}</b><button type="button" class="btn btn-sm" onclick={() => void done?.undo()}>Undo</button>
        </p>
    {/if}
    {#if planning}
        <section class="border-base-300 bg-base-100 rounded-box border p-5" aria-labelledby="new-trip">
            <h2 id="new-trip" class="pb-3 text-xl font-bold">New trip</h2>
            <TripForm
                begun={planning}
                done={(trip) => {
                    planning = null;
                    // Without lines the water comes first; with last time's, the evening's chores.
                    void push(`/trips/${trip.id}/${trip.next.screen === 'water' ? 'water' : 'prepare'}`);
                }}
                close={() => (planning = null)}
            />
        </section>
    {:else if next}
        <section class="border-base-300 bg-base-100 rounded-box border p-5" aria-labelledby="next">
            <p class="quiet">{next.ground ? tripDay(next) : 'The next trip'}</p>
            <h2 id="next" class="text-3xl font-bold">{next.ground || dayWords(next.date)}</h2>
            <dl class="facts">
                <div>
                    <dt>lines in</dt>
                    <dd class="figure">{timeOfDay(next.lines_in)}</dd>
                </div>
                <div>
                    <dt>back by</dt>
                    <dd class="figure">{timeOfDay(next.back_by)}</dd>
                </div>
                <div>
                    <dt>anglers</dt>
                    <dd class="figure">{next.anglers}</dd>
                </div>
                <div>
                    <dt>lines planned</dt>
                    <dd class="figure">
                        {next.spreads[0]?.line_count ?? 0}{#if next.lines_allowed}<span class="pl-1.5 text-base font-medium"
                                >of {next.lines_allowed}</span
                            >{/if}
                    </dd>
                </div>
                <div>
                    <dt>bottom</dt>
                    <dd class="figure">{bottomWords(next)}</dd>
                </div>
                <div>
                    <dt>for</dt>
                    <dd>{speciesList(next.species)}</dd>
                </div>
            </dl>
            {#if next.lines_allowed}
                <p class="quiet pb-4 text-sm">
                    Limit of {next.lines_allowed} lines{next.limit_source ? `: ${next.limit_source}` : ', entered by you'}. Check
                    the current rules.
                </p>
            {/if}
            {#if next.lacks.length > 0}
                <p class="flex flex-wrap items-baseline gap-x-3 pb-4">
                    <b>Still lacks:</b>
                    {#each next.lacks as lack (lack.words)}
                        {#if leadsTo(lack.screen)}<a class="link inline-flex min-h-8 items-center" href={leadsTo(lack.screen)}
                                >{lack.words}</a
                            >{:else}<span>{lack.words}</span>{/if}
                    {/each}
                </p>
            {/if}
            <p class="flex flex-wrap gap-3">
                {#if leadsTo(next.next.screen)}
                    <a class="btn btn-primary btn-lg" href={leadsTo(next.next.screen)}>{next.next.words}</a>
                {/if}
                {#each otherSteps as [screen, words] (screen)}
                    <a class="btn btn-lg" href="#/trips/{next.id}/{screen}">{words}</a>
                {/each}
            </p>
            {#if aboard.may('plan')}
                <p class="flex gap-4 pt-3 text-sm">
                    <button type="button" class="link min-h-8" onclick={() => void callOff(next, true)}>Call it off</button>
                    <button type="button" class="link min-h-8" onclick={() => void drop(next)}>Delete it</button>
                </p>
            {/if}
        </section>
    {:else}
        <section class="border-base-300 rounded-box border border-dashed p-8 text-center">
            <h2 class="text-xl font-bold">No trip yet</h2>
            <p class="quiet mt-1 pb-4">Trips stand here, the next one on top. Plan the first: when, how deep, for what.</p>
            {#if aboard.may('plan')}
                <button type="button" class="btn btn-primary btn-lg" onclick={() => void plan()}>Plan the first trip</button>
            {/if}
        </section>
    {/if}

    {#if others.length > 0}
        <h2 class="pt-8 pb-2 text-lg font-bold">The season</h2>
        <table class="w-full">
            <thead>
                <tr class="quiet border-base-300 border-b text-left text-sm">
                    <th class="py-2 font-normal">Day</th><th class="font-normal">Ground</th><th
                        class="hidden font-normal sm:table-cell">For</th
                    ><th class="pl-3 text-right font-normal">Lines</th><th class="pl-3 text-right font-normal">Bites</th><th
                        class="w-56"><span class="sr-only">Open</span></th
                    >
                </tr>
            </thead>
            <tbody>
                {#each others as trip (trip.id)}
                    <tr class="border-base-300 border-b">
                        <td class="py-2.5"
                            >{tripDay(trip)}{#if trip.called_off}<br /><span class="text-sm font-semibold">called off</span
                                >{/if}</td
                        >
                        <td>{trip.ground}</td>
                        <td class="hidden sm:table-cell">{speciesList(trip.species)}</td>
                        <td class="figure text-right font-semibold">{trip.spreads[0]?.line_count ?? 0}</td>
                        <td class="figure text-right font-semibold">{trip.bite_count}</td>
                        <td class="text-right">
                            {#if aboard.shows('spread')}
                                <a class="link mr-3" href="#/trips/{trip.id}/spread" aria-label="Spread of {tripWords(trip)}"
                                    >Spread</a
                                >
                            {/if}
                            <a class="link" href="#/trips/{trip.id}/log" aria-label="Log of {tripWords(trip)}">Log</a>
                            {#if aboard.may('plan')}
                                {#if trip.called_off}
                                    <button type="button" class="link ml-3" onclick={() => void callOff(trip, false)}
                                        >On again</button
                                    >
                                {/if}
                                <button
                                    type="button"
                                    class="link quiet ml-3"
                                    aria-label="Delete {tripWords(trip)}"
                                    onclick={() => void drop(trip)}>Delete</button
                                >
                            {/if}
                        </td>
                    </tr>
                {/each}
            </tbody>
        </table>
    {/if}

    {#if aboard.may('plan')}
        <details class="pt-6" ontoggle={() => void (deleted ?? readDeleted())}>
            <summary class="link quiet inline-flex min-h-8 cursor-pointer items-center text-sm">Deleted trips</summary>
            <ul class="pt-1">
                {#each deleted ?? [] as trip (trip.id)}
                    <li class="flex flex-wrap items-center gap-3 py-1">
                        <span
                            >{dayWords(trip.date)}
                            {timeOfDay(trip.lines_in)}{trip.ground && ` off ${trip.ground}`}, {counted(
                                trip.bite_count,
                                'bite',
                            )}</span
                        >
                        <button type="button" class="btn btn-sm" onclick={() => void bringBack(trip.id)}>Bring it back</button>
                    </li>
                {:else}
                    <li class="quiet text-sm">{deleted ? 'None.' : 'Reading…'}</li>
                {/each}
            </ul>
        </details>
    {/if}

    {#if aboard.me && !aboard.me.laptop}
        <p class="quiet flex flex-wrap items-center gap-x-3 gap-y-2 pt-8 text-sm">
            <span>This device is aboard as <b>{aboard.me.name}</b>, {aboard.me.role}.</span>
            {#if leaving}
                <button type="button" class="btn btn-sm btn-error" onclick={() => void aboard.goAshore()}>Yes, put it out</button>
                <button type="button" class="btn btn-sm" onclick={() => (leaving = false)}>Stay</button>
            {:else}
                <button type="button" class="btn btn-sm border-base-300" onclick={() => (leaving = true)}>Go ashore…</button>
            {/if}
        </p>
    {/if}
</main>

<style>
    .facts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.75rem 2.25rem;
        padding: 1rem 0;
    }
    .facts dt {
        font-size: 14px;
        color: var(--quiet);
    }
    .facts dd {
        font-size: 1.6rem;
        font-weight: 600;
        line-height: 1.2;
    }
</style>
