<script lang="ts">
    import { onMount } from 'svelte';
    import { aboard } from '../lib/aboard.svelte';
    import { PreparationDesk } from './preparation.svelte';
    import { router } from 'svelte-spa-router';
    import { shown } from '../lib/units';
    import { shortDay, speciesList, timeOfDay, tripWords } from '../lib/words';
    import Dialog from '../frame/Dialog.svelte';
    import GoPanel from './GoPanel.svelte';
    import StoresTable from './StoresTable.svelte';
    import Timeline from './Timeline.svelte';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import TripForm from './TripForm.svelte';

    /** The evening before: is it fit to go, what must be ready by when, what is aboard. */
    let { params }: { params: { trip: string } } = $props();

    const DEVICE_CLOCK = Intl.DateTimeFormat().resolvedOptions().timeZone;

    const trip = $derived(aboard.trips.find(({ id }) => id === Number(params.trip)));
    const units = $derived(aboard.boat?.units ?? 'us');
    let desk: PreparationDesk | null = $state.raw(null);
    $effect(() => {
        const opened = new PreparationDesk(Number(params.trip));
        desk = opened;
        return () => opened.close();
    });
    /** Limits as they were entered, and from where and when. */
    const limits = $derived.by(() => {
        if (!trip || trip.lines_allowed === null) {
            return 'No limit is entered.';
        }
        const from = trip.limit_source ? ` from “${trip.limit_source}”` : '';
        const when = trip.limits_looked_up ? `, ${shortDay(trip.limits_looked_up)}` : '';
        const bags = (trip.catch_limits ?? []).map(({ species, bag, least_length }) =>
            [
                speciesList([species]),
                ...(bag === null || bag === undefined ? [] : [`${bag} each`]),
                ...(least_length ? [`from ${shown(units, 'fish', least_length)}`] : []),
            ].join(' '),
        );
        return `${trip.lines_allowed} lines${bags.length > 0 ? `; ${bags.join(', ')}` : ''}: entered by you${from}${when}.`;
    });
    let opened: 'trip' | 'chores' | null = $state(null);
    // Where another screen sends the captain here to put the trip right, that is begun at once.
    onMount(() => {
        if (new URLSearchParams(router.querystring ?? '').get('task') === 'trip' && aboard.may('plan')) {
            opened = 'trip';
            history.replaceState(null, '', `#/trips/${params.trip}/prepare`);
        }
    });
</script>

{#if !trip}
    <main class="grid h-full place-items-center"><p>There is no such trip.</p></main>
{:else}
    <main class="prepare">
        <header class="border-base-300 bg-base-100 flex items-center gap-x-6 gap-y-1 flex-wrap border-b px-4 py-1.5">
            <div class="max-w-72 min-w-0 leading-tight">
                <h1 class="text-lg font-bold">{tripWords(trip)}</h1>
                <p class="quiet text-sm">
                    {trip.anglers} anglers{trip.guests?.length ? ` (${trip.guests.join(', ')})` : ''}, {trip.crew} crew · {speciesList(
                        trip.species,
                    )}
                </p>
            </div>
            {#if desk?.data}
                {@const clock = desk.data.clock}
                <dl class="facts figure">
                    <div>
                        <dt>lines off</dt>
                        <dd>{timeOfDay(clock.cast_off)}</dd>
                    </div>
                    <div>
                        <dt>lines in</dt>
                        <dd class="text-primary">{timeOfDay(clock.lines_in)}</dd>
                    </div>
                    <div>
                        <dt>leave the ground</dt>
                        <dd>{timeOfDay(clock.leave)}</dd>
                    </div>
                    <div>
                        <dt>back by</dt>
                        <dd>{timeOfDay(clock.back_by)}</dd>
                    </div>
                </dl>
            {/if}
            <p
                class="text-[13px] leading-tight max-[1000px]:basis-full min-[1001px]:max-w-80 min-[1001px]:min-w-48 min-[1001px]:flex-1"
            >
                {limits}
                <b>Check the current rules.</b>
            </p>
            {#if desk?.data && desk.said}<b class="text-error max-w-48 text-sm leading-tight" role="alert">{desk.said}</b>{/if}
            <span class="ml-auto flex gap-2">
                <button type="button" class="btn btn-sm" onclick={() => (opened = 'chores')}>Times…</button>
                {#if aboard.may('plan')}
                    <button type="button" class="btn btn-sm btn-neutral" onclick={() => (opened = 'trip')}>Trip…</button>
                {/if}
            </span>
        </header>
        {#if desk?.data}
            <div class="timeline border-base-300 px-4 py-2">
                <Timeline {desk} chores={desk.data.timeline} dropped={desk.data.dropped} />
            </div>
            <div class="go border-base-300 px-4 py-2"><GoPanel {desk} go={desk.data.go} clock={desk.data.clock} /></div>
            <div class="stores border-base-300 px-4 py-2">
                <StoresTable {desk} stores={desk.data.stores} hours={desk.data.hours_fished} {units} />
            </div>
        {:else}
            <p class="quiet p-4" role="status">{desk?.said}</p>
        {/if}
    </main>

    {#if opened === 'trip'}
        <Dialog title="The trip" close={() => (opened = null)} look="max-w-4xl w-[58rem]">
            <TripForm
                {trip}
                begun={trip}
                done={() => {
                    opened = null;
                    void desk?.tripChanged();
                }}
                close={() => (opened = null)}
            />
        </Dialog>
    {:else if opened === 'chores'}
        <RuleBookDialog book="chores" changed={() => void desk?.read()} close={() => (opened = null)}>
            Chores are counted back from lines-in by these. The port’s clock is
            <b>{aboard.boat?.timezone}</b>{#if aboard.boat?.timezone !== DEVICE_CLOCK && aboard.may('plan')}
                <button type="button" class="btn btn-xs" onclick={() => void aboard.setClock(DEVICE_CLOCK)}
                    >take this device’s, {DEVICE_CLOCK}</button
                >{/if}.
        </RuleBookDialog>
    {/if}
{/if}

<style>
    .prepare {
        display: grid;
        grid-template: auto minmax(0, auto) minmax(0, 1fr) / minmax(0, 1.05fr) minmax(0, 1fr);
        height: 100%;
    }
    header {
        grid-column: 1 / -1;
    }
    .timeline {
        display: flex;
        flex-direction: column;
        grid-row: 2 / 4;
        min-height: 0;
        border-right-width: 1px;
    }
    .stores {
        display: flex;
        flex-direction: column;
        min-height: 0;
        border-top-width: 1px;
    }
    .facts {
        display: flex;
        gap: 1.1rem;
    }
    .facts dt {
        font-size: 13px;
        line-height: 1.1;
        color: var(--quiet);
    }
    .facts dd {
        font-size: 1.35rem;
        font-weight: 700;
        line-height: 1.1;
    }
    @media (max-width: 1000px) {
        .prepare {
            display: block;
            height: auto;
        }
        .timeline,
        .stores,
        .go {
            border-width: 1px 0 0;
        }
    }
</style>
