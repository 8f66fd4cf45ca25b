<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { Schemas } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import { GroundDesk, type Place } from './ground.svelte';
    import { dayWords } from '../lib/words';
    import NumberField from '../fields/NumberField.svelte';
    import TextField from '../fields/TextField.svelte';
    import GroundChart from './GroundChart.svelte';
    import OnTheGround from './OnTheGround.svelte';
    import PassPanel from './PassPanel.svelte';
    import PlaceField from './PlaceField.svelte';
    import StructureForm from './StructureForm.svelte';

    /** Where on the ground: structure drawn or read in, an edge followed at a depth, the pass the planning table then looks at. */
    let { params }: { params: { trip: string } } = $props();

    const trip = $derived(aboard.trips.find(({ id }) => id === Number(params.trip)));
    const units = $derived(aboard.boat?.units ?? 'us');
    let desk = $state.raw<GroundDesk | null>(null);
    $effect(() => {
        desk = new GroundDesk(Number(params.trip));
    });
    let width = $state(760);
    let height = $state(640);

    type Tool = 'follow' | 'pass' | 'structure';
    const TOOLS: [Tool, string, string][] = [
        ['follow', 'Follow a depth', 'Tap near the edge to follow.'],
        ['pass', 'Lay a pass', 'Tap its places one after another.'],
        ['structure', 'Draw structure', 'Tap one place for a spot, more for an edge.'],
    ];
    let tool: Tool = $state('follow');
    let laid: Place[] = $state.raw([]);
    let near: Place | null = $state.raw(null);
    let depth = $state(theCatalogue().follow.depth);
    let longest = $state(theCatalogue().follow.longest);
    let speed = $state(theCatalogue().speed.first);
    let drift: number | null = $state(null);
    let set: number | null = $state(null);
    let name = $state('');
    let said = $state('');

    const ground: Place | null = $derived(
        trip && trip.latitude !== null && trip.longitude !== null ? [trip.latitude, trip.longitude] : null,
    );
    const question: Schemas['PassQuestion'] | null = $derived.by(() => {
        const current = drift !== null && set !== null ? { set, drift } : null;
        if (tool === 'follow' && near) {
            return { speed, current, follow: { depth, near, longest } };
        }
        return tool === 'pass' && laid.length > 1 ? { speed, current, places: laid } : null;
    });
    $effect(() => {
        if (question) {
            void desk?.look(question);
        } else {
            desk?.leave();
        }
    });

    function tap(place: Place): void {
        said = '';
        if (tool === 'follow') {
            near = place;
        } else {
            laid = [...laid, place];
        }
    }

    function begin(picked: Tool): void {
        tool = picked;
        laid = [];
        near = null;
        said = '';
    }

    async function take(): Promise<void> {
        if (question && (await desk?.takePass({ ...question, name: name || null }))) {
            said = 'The planning table looks at the bottom of this pass from now on.';
        }
    }
</script>

{#if !trip}
    <main class="grid h-full place-items-center"><p>There is no such trip.</p></main>
{:else}
    <main class="ground">
        <header class="border-base-300 bg-base-100 flex items-center gap-5 border-b px-4 max-[1000px]:flex-wrap">
            <div class="min-w-0 leading-tight">
                <h1 class="truncate text-lg font-bold">{dayWords(trip.date)} off {trip.ground}</h1>
                <p class="quiet truncate text-sm">
                    {desk?.chart?.name ?? 'No chart yet'}{desk?.chart?.source ? ` (${desk.chart.source})` : ''}. No chart to steer
                    by.
                </p>
            </div>
            <span class="join" role="group" aria-label="What a tap does">
                {#each TOOLS as [key, title] (key)}
                    <button
                        type="button"
                        class="btn btn-sm join-item"
                        class:btn-neutral={tool === key}
                        aria-pressed={tool === key}
                        onclick={() => begin(key)}>{title}</button
                    >
                {/each}
            </span>
            <span class="quiet text-sm">{TOOLS.find(([key]) => key === tool)?.[2]}</span>
            <a class="btn btn-sm ml-auto" href="#/trips/{trip.id}/water">The column</a>
        </header>
        {#if desk?.chart}
            <div class="chart" bind:clientWidth={width} bind:clientHeight={height}>
                <GroundChart
                    chart={desk.chart}
                    pass={desk.pass?.places ?? (question ? [] : (trip.pass ?? []))}
                    laid={tool === 'follow' ? (near ? [near] : []) : laid}
                    {ground}
                    {width}
                    {height}
                    {units}
                    {tap}
                />
            </div>
            <aside class="border-base-300 bg-base-100 relative flex flex-col gap-2 overflow-y-auto border-l px-4 py-3">
                {#if tool === 'follow'}
                    <NumberField
                        label="Bottom to follow"
                        value={depth}
                        change={(v) => (depth = v ?? depth)}
                        {units}
                        quantity="depth"
                    />
                    <NumberField
                        label="At most so long"
                        value={longest}
                        change={(v) => (longest = v ?? longest)}
                        {units}
                        quantity="distance"
                    />
                {/if}
                {#if tool !== 'structure'}
                    <NumberField
                        label="Speed through the water"
                        value={speed}
                        change={(v) => (speed = v ?? speed)}
                        {units}
                        quantity="speed"
                    />
                    <NumberField
                        label="Current, drift"
                        value={drift}
                        change={(v) => (drift = v)}
                        clear={() => (drift = null)}
                        {units}
                        quantity="speed"
                    />
                    <NumberField
                        label="Current sets toward"
                        value={set}
                        change={(v) => (set = v)}
                        clear={() => (set = null)}
                        {units}
                        unit="°"
                        decimals={0}
                    />
                    {#if laid.length > 0}
                        <button type="button" class="btn btn-xs self-start" onclick={() => (laid = laid.slice(0, -1))}
                            >Take the last place back</button
                        >
                    {/if}
                    {#if desk.pass}
                        <PassPanel pass={desk.pass} {units} reckon={() => question && void desk?.look(question)} />
                        <TextField label="Name of the pass" bind:value={name} />
                        <button type="button" class="btn btn-primary btn-sm" onclick={() => void take()}>Plan on this pass</button
                        >
                    {:else}
                        <p class="quiet text-sm">
                            {trip.pass ? `${trip.profile_name} is planned on. ` : ''}{TOOLS.find(([key]) => key === tool)?.[2]}
                        </p>
                    {/if}
                {:else}
                    <StructureForm {desk} {laid} lay={(places) => (laid = places)} say={(words) => (said = words)} />
                {/if}
                <PlaceField {tap} />
                <p class="text-sm font-semibold" role="status">{said || (desk.pass ? '' : desk.said)}</p>
                {#if desk.reading}
                    {@const { name, part, giveUp } = desk.reading}
                    <div class="flex items-center gap-3 py-1" data-testid="reading">
                        <span class="min-w-0 flex-1 text-sm leading-tight"
                            >{part === null ? 'Sending' : 'Reading'} <b class="break-words">{name}</b>
                            {part === null ? '…' : `${Math.round(100 * part)} %`}
                            <progress class="progress block w-full" value={part ?? undefined} max="1"></progress></span
                        >
                        <button type="button" class="btn btn-sm" onclick={() => void giveUp()}>Give up</button>
                    </div>
                {/if}
                <OnTheGround {desk} structures={desk.chart.structures} say={(words) => (said = words)} />
            </aside>
        {:else}
            <p class="quiet p-4" role="status">{desk?.said}</p>
        {/if}
    </main>
{/if}

<style>
    .ground {
        display: grid;
        grid-template: 58px minmax(0, 1fr) / minmax(0, 1fr) 380px;
        height: 100%;
    }
    header {
        grid-column: 1 / -1;
    }
    .chart {
        min-height: 0;
        overflow: hidden;
    }
    @media (max-width: 1000px) {
        .ground {
            grid-template: auto minmax(420px, 60vh) auto / minmax(0, 1fr);
            height: auto;
        }
        header {
            padding-block: 8px;
        }
    }
</style>
