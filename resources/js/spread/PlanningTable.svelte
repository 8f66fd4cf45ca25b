<script lang="ts">
    import { onMount } from 'svelte';
    import { push, router } from 'svelte-spa-router';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, measure, shown } from '../lib/units';
    import { speciesList, tripWords } from '../lib/words';
    import EmptyTable from './EmptyTable.svelte';
    import DepthTable from './DepthTable.svelte';
    import KeepingSign from '../frame/KeepingSign.svelte';
    import PlanTasks from './PlanTasks.svelte';
    import Rail from './Rail.svelte';
    import RodPanel from '../rod/RodPanel.svelte';
    import ToLookAt from './ToLookAt.svelte';
    import TryManoeuvre from './TryManoeuvre.svelte';
    import Views from './Views.svelte';
    import WhatIfStrip from './WhatIfStrip.svelte';

    let { desk }: { desk: SpreadDesk } = $props();

    const units = $derived(desk.boat.units);
    const trip = $derived(desk.trip);

    let strip: ReturnType<typeof WhatIfStrip>;
    let views: ReturnType<typeof Views>;
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
        w: () => views.next(),
        m: () => desk.goThroughTime(!desk.inTime),
        ' ': () => desk.inTime?.play(),
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
        const sliding =
            (event.target instanceof HTMLInputElement && event.key.startsWith('Arrow')) ||
            (event.target instanceof HTMLButtonElement && event.key === ' ');
        const act = KEYS[event.key];
        if (act && !command && !event.altKey && !sliding) {
            event.preventDefault();
            act(event);
        }
    }

    /** How fast Water says to start, where the plan has it otherwise: one tap plans it. */
    const wanted = $derived.by(() => {
        const at = desk.spread.water.pace?.at ?? null;
        return at !== null && figure(units, 'speed', at) !== figure(units, 'speed', desk.plan.speed) ? at : null;
    });

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
        <!-- As wide whatever stands beside it: the sliders do not move under the finger that draws them. -->
        <div class="min-w-0 basis-full leading-tight lg:shrink-0 lg:basis-[284px]">
            <h1 class="truncate text-lg font-bold">{tripWords(trip)}</h1>
            <p class="quiet truncate text-sm">
                {desk.plan.lines.length}{trip.lines_allowed ? ` of ${trip.lines_allowed}` : ''} lines · {speciesList(
                    trip.species,
                )}{#if wanted !== null}
                    · <button type="button" class="link" onclick={() => desk.edit({ ...desk.plan, speed: wanted })}
                        >Water: {shown(units, 'speed', wanted)}</button
                    >{/if}
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

    <div class="relative grid min-h-0">
        <Views bind:this={views} {desk} />
        {#if desk.plan.lines.length === 0}<EmptyTable {desk} begin={(task) => tasks.begin(task)} />{/if}
    </div>

    <aside class="border-base-300 bg-base-100 border-l">
        {#if desk.inTime}<TryManoeuvre {desk} inTime={desk.inTime} />{:else}<RodPanel {desk} />{/if}
    </aside>
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
    @media (max-width: 900px) {
        .table-grid {
            grid-template: auto minmax(420px, 60vh) auto auto / minmax(0, 1fr);
            height: auto;
        }
        header {
            flex-wrap: wrap;
            padding-block: 8px;
        }
        /* The rail stays under the thumb, whatever is read above it. */
        .rail-place {
            position: sticky;
            bottom: 0;
            z-index: 5;
            background: var(--color-base-200);
        }
    }
</style>
