<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas } from '../lib/api';
    import { shown } from '../lib/units';
    import { dayWords, speciesList } from '../lib/words';
    import { push } from 'svelte-spa-router';
    import TripForm from './TripForm.svelte';

    /** The season, the next trip on top with what it still lacks. */
    const next = $derived(aboard.nextTrip);
    const others = $derived(aboard.trips.filter((trip) => trip !== next));
    let planning: Schemas['FreshTrip'] | null = $state(null);
    let said = $state('');
    let leaving = $state(false);

    async function plan(): Promise<void> {
        const answer = await ask(api.GET('/trips/new'));
        planning = 'data' in answer ? answer.data : null;
        said = planning ? '' : 'The server is not answering: no new trip can be begun yet.';
    }

    const units = $derived(aboard.boat?.units ?? 'us');

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
            <p class="quiet">{next.ground ? dayWords(next.date) : 'The next trip'}</p>
            <h2 id="next" class="text-3xl font-bold">{next.ground || dayWords(next.date)}</h2>
            <dl class="facts">
                <div>
                    <dt>lines in</dt>
                    <dd class="figure">{next.lines_in}</dd>
                </div>
                <div>
                    <dt>back by</dt>
                    <dd class="figure">{next.back_by}</dd>
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
                    <dd class="figure">{next.bottom === null ? '—' : shown(units, 'depth', next.bottom)}</dd>
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
                        class="w-40"><span class="sr-only">Open</span></th
                    >
                </tr>
            </thead>
            <tbody>
                {#each others as trip (trip.id)}
                    <tr class="border-base-300 border-b">
                        <td class="py-2.5">{dayWords(trip.date)}</td>
                        <td>{trip.ground}</td>
                        <td class="hidden sm:table-cell">{speciesList(trip.species)}</td>
                        <td class="figure text-right font-semibold">{trip.spreads[0]?.line_count ?? 0}</td>
                        <td class="figure text-right font-semibold">{trip.bite_count}</td>
                        <td class="text-right">
                            {#if aboard.shows('spread')}
                                <a class="link mr-3" href="#/trips/{trip.id}/spread" aria-label="Spread of {dayWords(trip.date)}"
                                    >Spread</a
                                >
                            {/if}
                            <a class="link" href="#/trips/{trip.id}/log" aria-label="Log of {dayWords(trip.date)}">Log</a>
                        </td>
                    </tr>
                {/each}
            </tbody>
        </table>
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
