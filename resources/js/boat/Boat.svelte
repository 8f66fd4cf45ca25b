<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultsIn, type Boat, type Schemas } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import { tripWords } from '../lib/words';
    import Dialog from '../frame/Dialog.svelte';

    import BoatFiles from './BoatFiles.svelte';
    import BoatFigures, { type Entered } from './BoatFigures.svelte';
    import RailEditor from './RailEditor.svelte';
    import { RailDesk } from './rail-desk.svelte';
    import RuleBookDialog, { type BookName } from './RuleBookDialog.svelte';

    /** The boat as she is: all that first-run asked, and what she is judged by. What a change does is said before it is kept. */
    const BOOKS = Object.entries(theCatalogue().books) as [BookName, string][];

    let boat: Boat | null = $state.raw(aboard.boat);
    const entered: Entered = $state({
        name: '',
        units: 'us',
        face: '12',
        each: 0,
        crew: 0,
        log: 1,
        mastAft: 0,
        mastHeight: 0,
        zone: '',
    });
    let rail = $state.raw<RailDesk | null>(null);
    let does: Schemas['BoatChangeDoes']['trips'] | null = $state.raw(null);
    let book: BookName | null = $state(null);
    let touched = $state(false);
    let said = $state('');

    const tripNamed = (id: number): string => {
        const trip = aboard.trips.find((one) => one.id === id);
        return trip ? tripWords(trip) : '';
    };
    const changed = $derived(touched || (rail?.changed ?? false));

    function open(as: Boat): void {
        boat = as;
        Object.assign(entered, {
            name: as.name,
            units: as.units,
            face: as.clock_face,
            each: as.lines_per_angler,
            crew: as.crew,
            log: as.log_factor,
            mastAft: as.mast_aft,
            mastHeight: as.mast_height,
            zone: as.timezone,
        });
        rail = new RailDesk(as, () => entered.units);
        touched = false;
        void rail.look();
    }
    if (aboard.boat) {
        open(aboard.boat);
    }

    const body = (desk: RailDesk, version: number): Schemas['BoatChange'] => ({
        version,
        name: entered.name,
        length: desk.length,
        beam: desk.beam,
        mast_aft: entered.mastAft,
        mast_height: entered.mastHeight,
        units: entered.units,
        clock_face: entered.face,
        lines_per_angler: entered.each,
        timezone: entered.zone,
        crew: entered.crew,
        log_factor: entered.log,
        holders: desk.holders,
    });

    /** Says what it does first, where it does anything. */
    /** The tap that keeps it takes what was typed last: till then nothing may have changed. */
    async function keep(): Promise<void> {
        if (!rail || !boat || !changed) {
            return;
        }
        const answer = await ask(api.POST('/boat/change', { body: body(rail, boat.version) }));
        rail.faults = faultsIn(answer);
        said = rail.faults[0]?.detail ?? '';
        if ('data' in answer) {
            if (answer.data.trips.length > 0) {
                does = answer.data.trips;
            } else {
                await keepNow();
            }
        }
    }

    async function keepNow(): Promise<void> {
        if (!rail || !boat) {
            return;
        }
        does = null;
        const answer = await ask(api.PUT('/boat', { body: body(rail, boat.version) }));
        rail.faults = faultsIn(answer);
        if ('data' in answer) {
            aboard.boat = answer.data;
            await aboard.readTrips();
            open(answer.data);
            said = 'Kept.';
        } else {
            said = rail.faults[0]?.detail ?? '';
        }
    }

    function enter(figures: Partial<Entered>): void {
        Object.assign(entered, figures);
        touched = true;
        said = '';
    }
</script>

<main class="boat" data-changed={changed}>
    <header class="border-base-300 bg-base-100 flex flex-wrap items-center gap-x-5 gap-y-1 border-b px-4 py-2">
        <h1 class="text-lg font-bold">{entered.name || 'The boat'}</h1>
        <p class="min-w-0 text-sm leading-tight max-sm:order-last max-sm:basis-full sm:flex-1" role="status">
            {#if said}<b class:text-error={said !== 'Kept.'}>{said}</b>
            {:else if changed}<b>Changed, not kept yet.</b>
            {:else}<span class="quiet">What you change is kept when you say so; trips gone by keep her as she was.</span>{/if}
        </p>
        <button type="button" class="btn btn-sm" disabled={!changed} onclick={() => boat && open(boat)}>Back to as she was</button
        >
        <button type="button" class="btn btn-sm btn-primary" onclick={() => void keep()}>Keep the boat</button>
    </header>
    {#if rail && boat}
        {@const desk = rail}
        <section class="rail" aria-labelledby="rods">
            <h2 id="rods" class="pb-1 text-lg font-bold">Where the rods stand</h2>
            <RailEditor {desk} />
            <div class="grid gap-x-8 gap-y-4 pt-3 md:grid-cols-[minmax(0,1fr)_17rem]">
                <div>
                    <h2 class="pb-1 font-bold">What she is judged by</h2>
                    <ul class="grid gap-x-3 sm:grid-cols-3">
                        {#each BOOKS as [name, title] (name)}
                            <li>
                                <button type="button" class="link min-h-8 text-left text-[15px]" onclick={() => (book = name)}
                                    >{title}…</button
                                >
                            </li>
                        {/each}
                    </ul>
                </div>
                <div><BoatFiles changed={(as) => open(as)} /></div>
            </div>
        </section>
        <aside class="border-base-300 bg-base-100"><BoatFigures {desk} {entered} {enter} /></aside>
    {/if}
</main>

{#if does}
    <Dialog title="What this does to spreads already planned" close={() => (does = null)} look="max-w-xl">
        {#each does as trip (trip.trip)}
            <h3 class="pt-1 font-bold">{tripNamed(trip.trip)}</h3>
            <ul class="list-disc pb-2 pl-5 leading-snug">
                {#each trip.says as sentence, i (i)}<li>{sentence}</li>{/each}
            </ul>
        {/each}
        <p class="quiet pb-3 text-sm">Trips gone by keep the boat they were fished with.</p>
        <p class="flex gap-3">
            <button type="button" class="btn btn-primary" onclick={() => void keepNow()}>Keep her so</button>
            <button type="button" class="btn" onclick={() => (does = null)}>Not yet</button>
        </p>
    </Dialog>
{/if}
{#if book}
    <RuleBookDialog {book} changed={() => {}} close={() => (book = null)} />
{/if}

<style>
    .boat {
        display: grid;
        grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 330px;
        height: 100%;
    }
    header {
        grid-column: 1 / -1;
    }
    .rail,
    aside {
        position: relative;
        min-height: 0;
        padding: 0.5rem 1rem 1rem;
        overflow-y: auto;
    }
    aside {
        border-left-width: 1px;
    }
    @media (max-width: 1000px) {
        .boat {
            display: block;
            height: auto;
        }
        aside {
            border-width: 1px 0 0;
        }
    }
</style>
