<script lang="ts">
    import { onMount } from 'svelte';
    import { push, router } from 'svelte-spa-router';
    import { aftScale, bottomUnder, courseBottom, deepestShown, depthScale, sidewaysScale } from '../views/scales';
    import type { SpreadDesk } from './spread-desk.svelte';
    import type { Scene } from '../views/scene';
    import { depthTicks, figure, measure, shown } from '../lib/units';
    import { dayWords, SPECIES, speciesList } from '../lib/words';
    import DepthTable from './DepthTable.svelte';
    import KeepingSign from '../frame/KeepingSign.svelte';
    import LongView from '../views/LongView.svelte';
    import PlanTasks from './PlanTasks.svelte';
    import Rail from './Rail.svelte';
    import RodPanel from '../rod/RodPanel.svelte';
    import SternView from '../views/SternView.svelte';
    import TemperatureRibbon from '../views/TemperatureRibbon.svelte';
    import ToLookAt from './ToLookAt.svelte';
    import WakeView from '../views/WakeView.svelte';
    import WhatIfStrip from './WhatIfStrip.svelte';

    let { desk }: { desk: SpreadDesk } = $props();

    const units = $derived(desk.boat.units);
    const trip = $derived(desk.trip);
    let width = $state(900);
    let height = $state(520);
    const RIBBON = 46;
    const GUTTER = 38;
    /** Height at the foot of the views that the bar of a what-if takes. */
    const WHAT_IF_BAR = 62;
    const sternWidth = $derived(Math.round((width - RIBBON - GUTTER) * 0.6));
    const longWidth = $derived(Math.max(60, width - RIBBON - GUTTER - sternWidth));

    const lines = $derived([...desk.feed.running.values()]);
    const profile = $derived(trip.profile ?? []);
    const gone = $derived(desk.whatIf.gone ?? 0);
    const bottom = $derived(profile.length > 0 ? bottomUnder(profile, gone) : trip.bottom);
    const shoal = $derived(
        profile.length > 0 ? Math.min(...profile.filter(({ along }) => along >= gone).map(({ depth }) => depth)) : Infinity,
    );
    const lowest = $derived(profile.length > 0 ? Math.max(...profile.map(({ depth }) => depth)) : trip.bottom);
    const deepest = $derived(deepestShown(lines, lowest, desk.isWhatIf ? WHAT_IF_BAR / height : 0));
    const y = $derived(depthScale(deepest, height));
    const sideways = $derived(sidewaysScale(lines, desk.holders, sternWidth));
    const aft = $derived(aftScale(lines, longWidth, profile.length > 0));
    const ticks = $derived(depthTicks(units, lowest ?? deepest, ((deepest + 3.4) * 40) / height));
    const scene: Scene = $derived({
        boat: desk.boat,
        units,
        lines: desk.holders.flatMap((holder) => {
            const line = desk.feed.running.get(holder.code);
            return line ? [{ holder, line }] : [];
        }),
        chosenId: desk.chosenId,
        choose: (id) => desk.choose(id),
        bands: trip.bands.map((band) => ({
            name: `${SPECIES[band.species]} ${figure(units, 'depth', band.top)}–${shown(units, 'depth', band.bottom)}`,
            top: band.top,
            bottom: band.bottom,
            stretches: desk.feed.coverage.find(({ species }) => species === band.species)?.stretches ?? [],
        })),
        planned: desk.comparing && desk.isWhatIf ? [...desk.planFeed.running.values()] : [],
        tangles: desk.feed.breaches.flatMap(({ kind, place }) => (kind === 'tangle' && place ? [place] : [])),
        ticks,
        bottom,
        shoal: Number.isFinite(shoal) ? shoal : null,
        profile: courseBottom(profile, gone, aft.domain()),
        y,
        height,
    });

    let strip: ReturnType<typeof WhatIfStrip>;
    let above = $state(false);
    let tasks: ReturnType<typeof PlanTasks>;

    const KEYS: Record<string, (event: KeyboardEvent) => void> = {
        ArrowLeft: () => desk.chooseNext(-1),
        ArrowRight: () => desk.chooseNext(1),
        ArrowUp: (event) => desk.step(event.shiftKey ? -5 : -1),
        ArrowDown: (event) => desk.step(event.shiftKey ? 5 : 1),
        '[': () => desk.stepSpeed(-1),
        ']': () => desk.stepSpeed(1),
        ',': () => strip.turnBy(-1),
        '.': () => strip.turnBy(1),
        '0': () => desk.try({ turn: null }),
        p: () => desk.backToPlan(),
        x: () => desk.mark(desk.chosenId),
        g: () => document.getElementById('run-at')?.focus(),
        '/': () => document.getElementById('lure_id')?.focus(),
        b: () => void push(`/trips/${trip.id}/log?rod=${desk.chosen?.code ?? ''}`),
        c: () => desk.compare(!desk.comparing),
        w: () => (above = !above),
        d: () => tasks.begin('draft'),
        o: () => tasks.begin('order'),
        '?': () => tasks.begin('keys'),
    };

    // Where another screen sends the captain here to do something, it is begun at once.
    onMount(() => {
        if (new URLSearchParams(router.querystring ?? '').get('task') === 'draft') {
            tasks.begin('draft');
            // Not by the router: it would open the desk anew.
            history.replaceState(null, '', `#/trips/${trip.id}/spread`);
        }
    });

    function keyed(event: KeyboardEvent): void {
        const command = event.ctrlKey || event.metaKey;
        if (command && event.key.toLowerCase() === 's') {
            event.preventDefault();
            (document.activeElement as HTMLElement | null)?.blur();
            void desk.keeper.keepNow();
            return;
        }
        const typing =
            event.target instanceof HTMLElement && event.target.closest('input:not([type=range]), select, textarea, dialog');
        if (typing) {
            return;
        }
        if (command && event.key.toLowerCase() === 'z') {
            event.preventDefault();
            if (event.shiftKey) {
                desk.redo();
            } else {
                desk.undo();
            }
            return;
        }
        const sliding = event.target instanceof HTMLInputElement && event.key.startsWith('Arrow');
        const act = KEYS[event.key];
        if (act && !command && !event.altKey && !sliding) {
            event.preventDefault();
            act(event);
        }
    }

    const announced = $derived.by(() => {
        const line = desk.chosen && desk.feed.running.get(desk.chosen.code);
        return desk.chosen && line
            ? `${desk.chosen.code} runs at ${figure(units, 'depth', line.depth)} ${measure(units, 'depth').spoken}`
            : '';
    });
</script>

<svelte:window onkeydown={keyed} />

<main class="table-grid" data-solved={desk.feed.solved} data-drawn={desk.feed.drawn}>
    <header class="border-base-300 bg-base-100 flex items-center gap-3.5 border-b px-4">
        <div class="min-w-0 leading-tight">
            <h1 class="truncate text-lg font-bold">{dayWords(trip.date)} off {trip.ground}</h1>
            <p class="quiet truncate text-sm">
                {desk.plan.lines.length}{trip.lines_allowed ? ` of ${trip.lines_allowed}` : ''} lines · {speciesList(
                    trip.species,
                )}
            </p>
        </div>
        <WhatIfStrip bind:this={strip} {desk} />
        <div class="ml-auto flex items-center gap-2">
            {#if !desk.feed.answering}
                <b class="text-error max-w-44 text-sm leading-tight" role="alert"
                    >No answer from the server: these depths are the last known.</b
                >
            {/if}
            <PlanTasks bind:this={tasks} {desk} />
            <ToLookAt {desk} />
            <KeepingSign {desk} />
            <button
                type="button"
                class="btn btn-sm btn-square text-lg"
                aria-label="Undo"
                aria-disabled={!desk.history.canUndo}
                onclick={() => desk.undo()}>↶</button
            >
            <button
                type="button"
                class="btn btn-sm btn-square text-lg"
                aria-label="Redo"
                aria-disabled={!desk.history.canRedo}
                onclick={() => desk.redo()}>↷</button
            >
            <button type="button" class="btn btn-sm btn-square" aria-label="Keys" onclick={() => tasks.begin('keys')}>?</button>
        </div>
    </header>

    <div class="views" bind:clientWidth={width} bind:clientHeight={height} class:tried={desk.isWhatIf}>
        <TemperatureRibbon temperatures={trip.temperatures} {y} width={RIBBON} {height} {units} {deepest} />
        {#if above}
            <WakeView {scene} width={sternWidth} turn={desk.whatIf.turn} />
        {:else}
            <SternView {scene} x={sideways} width={sternWidth} />
        {/if}
        <svg width={GUTTER} {height} aria-hidden="true">
            {#each ticks as tick (tick)}
                <text x={GUTTER / 2} y={y(tick) + 5} text-anchor="middle" class="depth-tick figure"
                    >{figure(units, 'depth', tick)}</text
                >
            {/each}
            <text x={GUTTER / 2} y={y(0) - 12} text-anchor="middle" class="depth-tick figure">{measure(units, 'depth').unit}</text
            >
        </svg>
        <LongView {scene} x={aft} width={longWidth} />
        <div class="caption" style:left="{RIBBON + 8}px" style:width="{sternWidth - 16}px">
            <span class="views-switch" role="group" aria-label="View">
                <button type="button" aria-pressed={!above} onclick={() => (above = false)}>From astern</button>
                <button type="button" aria-pressed={above} onclick={() => (above = true)}>From above</button>
            </span>
            <span class="note"
                >{above
                    ? `${measure(units, 'length').unit} back, bow up`
                    : `${measure(units, 'length').unit} to the side, stretched near the boat`}</span
            >
        </div>
        <div class="caption" style:left="{width - longWidth + 10}px" style:width="{longWidth - 16}px">
            <b>From the side</b>
            {#if profile.length > 0}
                <label class="note flex items-center gap-1.5"
                    >course
                    <input
                        type="range"
                        class="range range-xs h-3 w-24 text-(--line)"
                        min="0"
                        max={profile.at(-1)?.along ?? 0}
                        step="any"
                        value={gone}
                        oninput={(event) => desk.try({ gone: Number(event.currentTarget.value) })}
                        aria-label="How far along the course the boat is"
                        aria-valuetext={shown(units, 'length', gone)}
                    />
                    {shown(units, 'length', gone)}</label
                >
            {:else}
                <span class="note">{measure(units, 'length').unit} back</span>
            {/if}
        </div>
        {#if desk.isWhatIf}
            <div class="what-if">
                <b class="figure">what if</b>
                <button type="button" class="btn btn-sm" onclick={() => desk.backToPlan()}
                    >Back to plan <kbd class="quiet text-xs">p</kbd></button
                >
                <label class="flex items-center gap-1.5"
                    ><input
                        type="checkbox"
                        class="checkbox checkbox-sm bg-base-100"
                        checked={desk.comparing}
                        onchange={(event) => desk.compare(event.currentTarget.checked)}
                    />compare</label
                >
                {#if desk.whatIf.speed !== null}
                    <button type="button" class="btn btn-sm" onclick={() => desk.planTriedSpeed()}>Plan it</button>
                {/if}
                {#if desk.feed.caveat}<span class="max-w-44 text-[13px] leading-tight">{desk.feed.caveat}</span>{/if}
            </div>
        {/if}
    </div>

    <aside class="border-base-300 bg-base-100 border-l"><RodPanel {desk} /></aside>
    <div class="rail-place border-base-300 border-t"><Rail {desk} /></div>
    <DepthTable {desk} />
    <p class="sr-only" aria-live="polite">{announced}</p>
</main>

<style>
    /* Not disabled in the platform's sense: a focused button that went dead would swallow the keys. */
    [aria-disabled='true'] {
        opacity: 0.45;
        cursor: default;
    }
    .table-grid {
        display: grid;
        grid-template: 58px minmax(0, 1fr) auto / minmax(0, 1fr) 284px;
        height: 100%;
    }
    header,
    .rail-place {
        grid-column: 1 / -1;
    }
    .views {
        position: relative;
        display: flex;
        overflow: hidden;
    }
    .caption {
        position: absolute;
        top: 1px;
        display: flex;
        justify-content: space-between;
        gap: 1rem;
        overflow: hidden;
        font-size: 13px;
        font-weight: 600;
        white-space: nowrap;
    }
    .caption .note {
        font-weight: 400;
        color: var(--quiet);
    }
    .views-switch {
        display: flex;
        gap: 2px;
    }
    .views-switch button {
        min-height: 20px;
        padding: 0 6px;
        line-height: 18px;
        cursor: pointer;
        border-bottom: 2px solid transparent;
    }
    .views-switch button[aria-pressed='true'] {
        font-weight: 700;
        border-bottom-color: var(--color-primary);
    }
    .depth-tick {
        font-size: 15px;
        font-weight: 600;
        fill: var(--quiet);
    }
    .what-if {
        position: absolute;
        bottom: 8px;
        left: 56px;
        display: flex;
        gap: 10px;
        align-items: center;
        padding: 4px 8px;
        font-size: 15px;
        background: var(--color-base-100);
        border: 2px solid var(--color-primary);
        border-radius: 3px;
    }
    @media (max-width: 900px) {
        .table-grid {
            grid-template: auto minmax(420px, 60vh) auto auto / minmax(0, 1fr);
            height: auto;
        }
        header {
            flex-wrap: wrap;
            padding-block: 8px;
        }
    }
</style>
