<script lang="ts">
    import { wordOf } from '../lib/catalogue';
    import { router } from 'svelte-spa-router';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Bite, type Fault, type Schemas } from '../lib/api';
    import { TripDay } from '../day/day.svelte';
    import FishForm, { type Fish } from '../day/FishForm.svelte';
    import { queue, type NewEvent } from '../day/queue.svelte';
    import type { Waiting } from '../day/shelf';
    import Dialog from '../frame/Dialog.svelte';
    import { figure, measure, plusMinus, shown } from '../lib/units';
    import { clock, tripWords } from '../lib/words';
    import BiteForm from './BiteForm.svelte';
    import DayFiles from './DayFiles.svelte';
    import DayLine from './DayLine.svelte';
    import DayLog from './DayLog.svelte';
    import FishPhoto from './FishPhoto.svelte';
    import LoggerDialog from './LoggerDialog.svelte';
    import PutRight from './PutRight.svelte';
    import { isHeldBack, rodOf, wordsOf } from './refused';

    /** A bite is one tap on its rod; the rest can be filled in after. Beneath, what the trip has brought. */
    let { params }: { params: { trip: string } } = $props();

    let bites: Bite[] = $state.raw([]);
    let rods: Schemas['Watch']['rods'] | null = $state.raw(null);
    let said = $state('Reading…');
    /** The bite that more is told of. */
    let telling: Bite | null = $state.raw(null);
    let read = $state(false);
    /** The refused event that is put right. */
    let mending: Waiting | null = $state.raw(null);

    const trip = $derived(aboard.trips.find(({ id }) => id === Number(params.trip)));
    const units = $derived(aboard.boat?.units ?? 'us');
    const asked = $derived(new URLSearchParams(router.querystring ?? '').get('rod') ?? '');
    let logging = $state(false);
    /** Whether the guests' page tells where it was. */
    let showing = $state(false);
    let photographs: ReadonlySet<string> = $state.raw(new Set());
    async function readPhotographs(): Promise<void> {
        const answer = await ask(api.GET('/trips/{trip}/photographs', { params: { path: { trip: Number(params.trip) } } }));
        photographs = new Set('data' in answer ? answer.data : []);
    }
    $effect(() => void readPhotographs());
    const waiting = $derived(queue.waiting.filter((item) => item.trip === trip?.id));
    const day = $derived(new TripDay(Number(params.trip)));

    async function readBites(id: number): Promise<void> {
        const answer = await ask(api.GET('/trips/{trip}/bites', { params: { path: { trip: id } } }));
        if ('data' in answer) {
            bites = answer.data;
            read = true;
            void aboard.readTrips();
        }
    }

    /** The rods as they stand, with what was told of them. */
    async function readRods(id: number): Promise<void> {
        const answer = await ask(api.GET('/trips/{trip}/watch', { params: { path: { trip: id } } }));
        if ('data' in answer) {
            rods = answer.data.rods;
        } else {
            said = 'problem' in answer ? answer.problem.detail : 'The server is not answering.';
        }
    }

    // Numbers, not the rows they are of: those are new with every reading.
    const tripId = $derived(trip?.id);
    const waits = $derived(waiting.length);
    // Read again whenever a waiting bite has gone: it is in the list then; and once somebody serves again.
    $effect(() => {
        void [waits, aboard.unserved];
        if (tripId === undefined) {
            said = 'There is no such trip.';
        } else {
            void readBites(tripId);
            void readRods(tripId);
            void day.read();
        }
    });

    async function tellMore(kind: NewEvent['kind'], fish: Fish): Promise<Fault[]> {
        const faults = telling ? await day.tellTyped(queue.event({ kind, of: telling.uuid, ...fish })) : [];
        telling = faults.length > 0 ? telling : null;
        return faults;
    }

    const at = (bite: Bite) => bite.snapshot.lines.find(({ holder }) => holder === bite.holder);
</script>

<main class="mx-auto max-w-5xl px-4 py-5 sm:px-8">
    {#if trip && rods && aboard.boat}
        <h1 class="text-2xl font-bold">{tripWords(trip)}</h1>
        {#if aboard.may('log')}<BiteForm {trip} {rods} boat={aboard.boat} rod={asked} />{/if}

        <h2 class="pt-7 pb-1 text-lg font-bold">
            Bites {#if read}<span class="quiet font-normal">{bites.length}</span>{/if}
        </h2>
        <ul data-testid="bites">
            {#each waiting as one (one.event.uuid)}
                <li class="border-base-300 border-t py-2 font-semibold">
                    {rodOf(one.event, waiting, aboard.boat)}
                    {wordOf('events', one.event.kind)} at {clock(one.event.at)}:
                    {#if one.refused && isHeldBack(one)}waits for what was told with it
                    {:else if one.refused?.[0]}
                        <span class="text-error">not taken. {wordsOf(one.refused[0], aboard.boat)}</span>
                        <span class="flex flex-wrap gap-2 pt-1">
                            <button type="button" class="btn border-base-content" onclick={() => (mending = one)}
                                >Put right…</button
                            >
                            <button type="button" class="btn border-base-content" onclick={() => void queue.sendAgain(one)}
                                >Send again</button
                            >
                            <button type="button" class="btn border-base-content" onclick={() => void queue.forget(one)}
                                >Throw it away</button
                            >
                        </span>
                    {:else}waiting to be sent, kept on this device{/if}
                </li>
            {/each}
            {#each bites as bite (bite.id)}
                {@const line = at(bite)}
                {@const estimate = day.day?.bites.find(({ uuid }) => uuid === bite.uuid)?.estimate}
                <li class="bite border-base-300 border-t">
                    <span class="figure text-lg font-semibold">{clock(bite.bitten_at)}</span>
                    <span class="figure text-xl font-bold">{bite.holder}</span>
                    <span class="figure whitespace-nowrap"
                        >{#if line}<b class="text-[28px] leading-none"
                                >{line.depth === null ? '—' : figure(units, 'depth', line.depth)}</b
                            >
                            {plusMinus(units, line.doubt)}
                            {measure(units, 'depth').unit}{/if}</span
                    >
                    <span
                        ><b>{bite.species ? wordOf('species', bite.species) : 'unknown fish'}</b>, {wordOf(
                            'outcomes',
                            bite.outcome,
                        )}{bite.length === null ? '' : `, ${shown(units, 'fish', bite.length)}`}{bite.weight === null
                            ? ''
                            : `, ${shown(units, 'mass', bite.weight)}`}
                        {#if estimate}<br /><span class="quiet"
                                >≈ {shown(units, 'mass', estimate.weight)} ±{shown(units, 'mass', estimate.error)} by {estimate.by}</span
                            >{/if}
                        {#if bite.note}<br /><span class="quiet">{bite.note}</span>{/if}</span
                    >
                    <span class="quiet"
                        >{line ? `${line.lure}, ${line.finish}` : ''} at {shown(units, 'speed', bite.snapshot.speed)}{bite
                            .snapshot.turned
                            ? `; in the turn ${figure(units, 'depth', bite.snapshot.turned.top)}–${shown(units, 'depth', bite.snapshot.turned.bottom)} at ${figure(units, 'speed', bite.snapshot.turned.slowest)}–${shown(units, 'speed', bite.snapshot.turned.fastest)}`
                            : ''}</span
                    >
                    {#if aboard.may('log')}
                        <button
                            type="button"
                            class="btn btn-sm"
                            aria-label="Tell more of {bite.holder} at {clock(bite.bitten_at)}"
                            onclick={() => (telling = bite)}>Tell more</button
                        >
                    {/if}
                    {#if bite.outcome === 'landed'}
                        <FishPhoto
                            trip={trip.id}
                            {bite}
                            has={photographs.has(bite.uuid)}
                            changed={() => void readPhotographs()}
                        />
                    {/if}
                </li>
            {:else}
                {#if read && waiting.length === 0}
                    <li class="border-base-300 quiet border-t py-3">
                        None yet. {#if aboard.may('log')}Tap the rod that was bitten: its depth, speed and every other line are
                            kept with it.{/if}
                    </li>
                {/if}
            {/each}
        </ul>
        {#if aboard.may('log') && day.day && bites.length > 0}
            <p class="flex flex-wrap items-center gap-3 pt-4">
                <a class="btn btn-sm btn-neutral" href="/api/trips/{trip.id}/guests-page{showing ? '?places=1' : ''}" download
                    >The guests’ page</a
                >
                {#if aboard.may('places')}
                    <label class="flex min-h-11 cursor-pointer items-center gap-2 text-[15px]"
                        ><input type="checkbox" class="checkbox checkbox-sm border-current" bind:checked={showing} />with where it
                        was</label
                    >
                {/if}
                <span class="quiet text-sm">One file to send or print: their fish, their day. It asks nothing of any server.</span
                >
            </p>
        {/if}
        {#if day.day}<DayLine {trip} version={day.day.version} />{/if}
        <DayLog {day} {trip} />
        {#if aboard.may('places') && day.day}
            <DayFiles {trip} empty={day.day.log.length === 0} told={() => void Promise.all([readBites(trip.id), day.read()])} />
        {/if}
        {#if aboard.may('lines') && day.day && day.day.lines.length > 0}
            <p class="pt-2"><button type="button" class="btn btn-sm" onclick={() => (logging = true)}>Depth logger…</button></p>
        {/if}
        {#if logging && day.day}
            <LoggerDialog
                {trip}
                boat={aboard.boat}
                rods={day.day.lines.map(({ holder }) => holder)}
                close={() => (logging = false)}
            />
        {/if}
        {#if mending}
            <PutRight one={mending} {trip} boat={aboard.boat} close={() => (mending = null)} />
        {/if}
        {#if telling}
            <Dialog title="What came of it" close={() => (telling = null)}>
                <FishForm
                    title="{telling.holder} at {clock(telling.bitten_at)}"
                    {trip}
                    {units}
                    fish={telling}
                    others={['lost', 'missed']}
                    tell={tellMore}
                    later={() => (telling = null)}
                />
            </Dialog>
        {/if}
    {:else}
        <p class="quiet">{said}</p>
    {/if}
</main>

<style>
    .bite {
        display: grid;
        grid-template-columns: 5.5rem 3rem 8rem minmax(0, 1.2fr) minmax(0, 1fr) auto;
        gap: 0.15rem 1rem;
        align-items: baseline;
        padding: 0.5rem 0;
    }
    @media (max-width: 700px) {
        .bite {
            grid-template-columns: 5rem 2.5rem 1fr;
        }
        .bite > :nth-child(n + 4) {
            grid-column: 1 / -1;
        }
    }
</style>
