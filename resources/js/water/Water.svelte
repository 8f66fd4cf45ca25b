<script lang="ts">
    import { theCatalogue } from '../lib/catalogue';
    import { aboard } from '../lib/aboard.svelte';
    import type { Schemas } from '../lib/api';
    import { depthScale } from '../views/scales';
    import { WaterDesk } from './water.svelte';
    import { depthTicks } from '../lib/units';
    import { shortDay, timeOfDay, tripWords } from '../lib/words';
    import Popover from '../frame/Popover.svelte';
    import RuleBookDialog, { type BookName } from '../boat/RuleBookDialog.svelte';
    import AdviceList from './AdviceList.svelte';
    import BandList from './BandList.svelte';
    import CurrentFields from './CurrentFields.svelte';
    import ClockBands from './ClockBands.svelte';
    import MarkBar from './MarkBar.svelte';
    import NothingRead from './NothingRead.svelte';
    import SignsBar from './SignsBar.svelte';
    import SendBands from './SendBands.svelte';
    import TemperaturesDialog from './TemperaturesDialog.svelte';
    import WaterColumn from './WaterColumn.svelte';
    import WaterTables from './WaterTables.svelte';

    /** First light: what is known of the water, and the depths, speed and gear it asks for, by the clock. */
    let { params }: { params: { trip: string } } = $props();

    const trip = $derived(aboard.trips.find(({ id }) => id === Number(params.trip)));
    const units = $derived(aboard.boat?.units ?? 'us');
    let desk = $state.raw<WaterDesk | null>(null);
    $effect(() => {
        desk = new WaterDesk(Number(params.trip));
    });
    const reading = $derived(desk?.data ?? null);

    let width = $state(760);
    let height = $state(480);
    /** On a phone the column has the width, and the clock's bands stand under it. */
    const single = $derived(width < 640);
    const columnWidth = $derived(single ? width : Math.round(width * 0.58));
    const tall = $derived(single ? height / 2 : height);
    const deepest = $derived(
        Math.max(
            8,
            (reading?.bottom ?? 0) * 1.06,
            ...(reading?.temperatures ?? []).map(({ depth }) => depth * 1.04),
            ...(reading?.marks ?? []).map(({ depth }) => depth * 1.08),
            ...(reading?.bands ?? []).map(({ bottom }) => bottom * 1.06),
        ),
    );
    const FOOT = 30;
    const y = $derived(
        depthScale(deepest, tall - FOOT)
            .range([64, tall - FOOT])
            .domain([0, deepest]),
    );
    const ticks = $derived(depthTicks(units, reading?.bottom ?? deepest, (deepest * 34) / tall));

    const hour = $derived(Math.min(desk?.hour ?? 0, Math.max(0, (reading?.schedule.length ?? 1) - 1)));
    const slot = $derived(reading?.schedule[hour]);

    const first = theCatalogue().marks.first;
    let count = $state(first.count);
    let tight = $state(first.tight);
    let size: Schemas['MarkSize'] = $state(first.size);
    let typing = $state(false);
    let ruling = $state(false);
    let book: BookName | null = $state(null);
    let sent = $state('');

    async function mark(depth: number): Promise<string> {
        const faults = (await desk?.mark({ depth, count, tight, size })) ?? [];
        return faults[0]?.detail ?? '';
    }

    async function send(): Promise<boolean> {
        const done = (await desk?.send()) ?? false;
        sent = done && slot ? `The ${timeOfDay(slot.clock)} bands are on the planning table.` : (desk?.said ?? '');
        return done;
    }

    function keyed(event: KeyboardEvent): void {
        const typingNow = event.target instanceof HTMLElement && event.target.closest('input, select, textarea, dialog');
        if (typingNow || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        if (event.key === 's') {
            event.preventDefault();
            void send();
        } else if (event.key === 't') {
            event.preventDefault();
            typing = true;
        }
    }

    const PLACES = Object.entries({ lures: 'Lure box', ground: 'The ground' });
</script>

<svelte:window onkeydown={keyed} />

{#if !trip}
    <main class="grid h-full place-items-center"><p>There is no such trip.</p></main>
{:else}
    <main class="water">
        <header class="border-base-300 bg-base-100 flex items-center gap-5 border-b px-4 max-[1000px]:flex-wrap">
            <div class="min-w-0 leading-tight">
                <h1 class="truncate text-lg font-bold">{tripWords(trip)}</h1>
                <p class="quiet truncate text-sm">
                    {#if reading?.sun}light {timeOfDay(reading.sun.first_light)} · sun {timeOfDay(
                            reading.sun.sunrise,
                        )}–{timeOfDay(reading.sun.sunset)}{:else if aboard.may('plan')}<a
                            class="link"
                            href="#/trips/{trip.id}/prepare?task=trip">Where is the ground?</a
                        > Then the sun is told.{/if}
                </p>
            </div>
            {#if desk && reading}
                <button class="btn btn-sm btn-neutral" onclick={() => (typing = true)}
                    >Temperatures… <kbd class="text-xs">t</kbd></button
                >
                <label class="flex items-center gap-1.5 text-sm">
                    <span class="quiet">against</span>
                    <select
                        class="select select-sm w-28"
                        aria-label="Compare with an earlier day"
                        onchange={(event) => void desk?.read(reading?.earlier[event.currentTarget.selectedIndex]?.trip)}
                    >
                        {#each reading.earlier as earlier (earlier.trip)}
                            <option selected={earlier.trip === reading.against?.trip}>{shortDay(earlier.date)}</option>
                        {:else}<option>no day</option>{/each}
                    </select>
                </label>
                <CurrentFields {desk} signs={reading.signs} {units} />
            {/if}
            <span class="ml-auto flex gap-2">
                {#each PLACES as [to, name] (to)}<a class="btn btn-sm" href="#/trips/{trip.id}/{to}">{name}</a>{/each}
                <Popover id="water-rules" bind:open={ruling} pane="right-0 w-72 py-1">
                    {#snippet face()}Rules…{/snippet}
                    {#each ['habits', 'reading', 'care'] as const as name (name)}
                        <button
                            type="button"
                            class="hover:bg-base-200 min-h-11 w-full cursor-pointer px-4 text-left"
                            onclick={() => {
                                ruling = false;
                                book = name;
                            }}>{theCatalogue().books[name]}</button
                        >
                    {/each}
                </Popover>
            </span>
        </header>
        {#if desk && reading}
            <div class="views" class:single bind:clientWidth={width} bind:clientHeight={height}>
                <WaterColumn
                    {reading}
                    bands={slot?.bands ?? []}
                    {y}
                    {ticks}
                    width={columnWidth}
                    height={tall}
                    {units}
                    mark={(depth) => void mark(depth)}
                    unmark={(id) => void desk?.unmark(id)}
                />
                {#if reading.temperatures.length === 0}<NothingRead begin={() => (typing = true)} />{/if}
                <ClockBands
                    {reading}
                    {hour}
                    choose={(chosen) => {
                        if (desk) {
                            desk.hour = chosen;
                        }
                        sent = '';
                    }}
                    {y}
                    {ticks}
                    width={single ? width : width - columnWidth}
                    height={tall}
                />
            </div>
            <aside class="border-base-300 bg-base-100 flex min-h-0 flex-col border-l">
                <div class="relative min-h-0 flex-1 overflow-y-auto px-4 py-2">
                    <BandList {desk} bands={reading.bands} {units} />
                    <AdviceList {desk} advice={reading.advice} />
                </div>
                <SendBands
                    said={desk.said}
                    {sent}
                    {slot}
                    {units}
                    trip={trip.id}
                    planned={(trip.spreads[0]?.line_count ?? 0) > 0}
                    {send}
                />
            </aside>
            <footer class="border-base-300 flex flex-col gap-1.5 border-t px-4 py-2">
                <SignsBar {desk} signs={reading.signs} />
                <MarkBar bind:count bind:tight bind:size {mark} {units} />
            </footer>
            <WaterTables {reading} {units} />
        {:else}
            <p class="quiet p-4" role="status">{desk?.said}</p>
        {/if}
    </main>

    {#if typing && desk}
        <TemperaturesDialog {desk} {units} close={() => (typing = false)} />
    {:else if book}
        <RuleBookDialog {book} changed={() => void desk?.read()} close={() => (book = null)} />
    {/if}
{/if}

<style>
    .water {
        position: relative;
        display: grid;
        grid-template: 58px minmax(0, 1fr) auto / minmax(0, 1fr) 380px;
        height: 100%;
    }
    header {
        grid-column: 1 / -1;
    }
    aside {
        grid-row: 2 / 4;
        grid-column: 2;
    }
    .views {
        position: relative;
        display: flex;
        min-height: 0;
        overflow: hidden;
    }
    .views.single {
        flex-direction: column;
    }
    @media (max-width: 1000px) {
        .water {
            grid-template: auto minmax(420px, 60vh) auto auto / minmax(0, 1fr);
            height: auto;
        }
        aside {
            grid-row: auto;
            grid-column: 1;
        }
        header {
            padding-block: 8px;
        }
    }
    @media (max-width: 640px) {
        .water {
            grid-template-rows: auto 840px auto auto;
        }
    }
</style>
