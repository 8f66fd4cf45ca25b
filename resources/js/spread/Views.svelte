<script lang="ts">
    import { wordOf } from '../lib/catalogue';
    import { aftScale, bottomUnder, courseBottom, deepestShown, depthScale, sidewaysScale } from '../views/scales';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import type { Scene } from '../views/scene';
    import { depthTicks, figure, measure, shown } from '../lib/units';
    import LongView from '../views/LongView.svelte';
    import SternView from '../views/SternView.svelte';
    import TemperatureRibbon from '../views/TemperatureRibbon.svelte';
    import Player from '../views/Player.svelte';
    import WakeView from '../views/WakeView.svelte';

    /** The column of water with the spread in it, from astern or above and from the side, on one scale of depth. */
    let { desk }: { desk: SpreadDesk } = $props();

    type View = 'astern' | 'above' | 'side';
    const VIEWS: [View, string][] = [
        ['astern', 'From astern'],
        ['above', 'From above'],
        ['side', 'From the side'],
    ];
    let view = $state<View>('astern');
    const units = $derived(desk.boat.units);
    const trip = $derived(desk.trip);
    let width = $state(900);
    let height = $state(520);
    const [RIBBON, GUTTER] = [46, 38];
    /** Height at the foot of the views that the bar of a what-if takes. */
    const WHAT_IF_BAR = 62;
    const room = $derived(Math.max(120, width - RIBBON - GUTTER));
    const single = $derived(width < 640); // On a phone there is room for one view at a time.
    const sternWidth = $derived(single ? room : Math.round(room * 0.6));
    const longWidth = $derived(single ? room : room - sternWidth);
    const shownView = $derived(!single && view === 'side' ? 'astern' : view);

    /** What the scales hold: all of a manoeuvre, so that nothing but the lines moves. */
    const held = $derived(desk.inTime?.told ? desk.inTime.widest(desk.feed.running) : [...desk.feed.running.values()]);
    const profile = $derived(trip.profile ?? []);
    const gone = $derived(desk.inTime?.boat?.along ?? desk.whatIf.gone ?? 0);
    const bottom = $derived(profile.length > 0 ? bottomUnder(profile, gone) : trip.bottom);
    const shoal = $derived(
        profile.length > 0 ? Math.min(...profile.filter(({ along }) => along >= gone).map(({ depth }) => depth)) : Infinity,
    );
    const lowest = $derived(profile.length > 0 ? Math.max(...profile.map(({ depth }) => depth)) : trip.bottom);
    const deepest = $derived(deepestShown(held, lowest, desk.isWhatIf ? WHAT_IF_BAR / height : 0));
    const y = $derived(depthScale(deepest, height));
    const sideways = $derived(sidewaysScale(held, desk.holders, sternWidth));
    const aft = $derived(aftScale(held, longWidth, profile.length > 0));
    const ticks = $derived(depthTicks(units, lowest ?? deepest, ((deepest + 3.4) * 40) / height));
    const scene: Scene = $derived({
        boat: desk.boat,
        units,
        lines: desk.holders.flatMap((holder) => {
            const line = desk.shown.get(holder.code);
            return line ? [{ holder, line }] : [];
        }),
        chosenId: desk.chosenId,
        choose: (id) => desk.choose(id),
        bands: trip.bands.map((band) => ({
            name: `${wordOf('species', band.species)} ${figure(units, 'depth', band.top)}–${shown(units, 'depth', band.bottom)}`,
            top: band.top,
            bottom: band.bottom,
            stretches: desk.feed.coverage.find(({ species }) => species === band.species)?.stretches ?? [],
        })),
        planned: desk.comparing && desk.isWhatIf ? [...desk.planFeed.running.values()] : [],
        tangles: (desk.inTime ? desk.inTime.now : desk.feed.breaches).flatMap(({ kind, place }) =>
            kind === 'tangle' && place ? [place] : [],
        ),
        ticks,
        bottom,
        shoal: Number.isFinite(shoal) ? shoal : null,
        profile: courseBottom(profile, gone, aft.domain()),
        y,
        height,
    });

    /** By key: from astern and above, and where they take turns, from the side. */
    export function next(): void {
        const views = (single ? VIEWS : VIEWS.slice(0, 2)).map(([name]) => name);
        view = views[(views.indexOf(shownView) + 1) % views.length] ?? 'astern';
    }
</script>

{#snippet switches(names: [View, string][])}
    <span class="views-switch" role="group" aria-label="View">
        {#each names as [name, label] (name)}
            <button type="button" aria-pressed={shownView === name} onclick={() => (view = name)}>{label}</button>
        {/each}
    </span>
{/snippet}

{#snippet course()}
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
{/snippet}

<div class="place" class:single>
    {#if single}{@render switches(VIEWS)}{/if}
    <div class="views" bind:clientWidth={width} bind:clientHeight={height} class:tried={desk.isWhatIf}>
        <TemperatureRibbon temperatures={trip.temperatures} {y} width={RIBBON} {height} {units} {deepest} />
        {#if shownView === 'above'}
            <WakeView {scene} width={sternWidth} turn={desk.whatIf.turn} wake={desk.inTime?.wake} {held} />
        {:else if shownView === 'astern'}
            <SternView {scene} x={sideways} width={sternWidth} />
        {:else}
            <LongView {scene} x={aft} width={longWidth} />
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
        {#if !single}<LongView {scene} x={aft} width={longWidth} />{/if}
        {#if !single}
            <div class="caption" style:left="{RIBBON + 8}px" style:width="{sternWidth - 16}px">
                <span class="flex gap-3"
                    >{@render switches(VIEWS.slice(0, 2))}<span class="views-switch"
                        ><button
                            type="button"
                            aria-pressed={desk.inTime !== null}
                            onclick={() => desk.goThroughTime(!desk.inTime)}>In time</button
                        ></span
                    ></span
                >
                <span class="note"
                    >{shownView === 'above'
                        ? `${measure(units, 'length').unit} back, bow up`
                        : `${measure(units, 'length').unit} to the side, stretched near the boat`}</span
                >
            </div>
            <div class="caption" style:left="{width - longWidth + 10}px" style:width="{longWidth - 16}px">
                <b>From the side</b>
                {#if profile.length > 0}
                    {@render course()}
                {:else}
                    <span class="note">{measure(units, 'length').unit} back</span>
                {/if}
            </div>
        {/if}
        {#if desk.isWhatIf && !desk.inTime}
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
    {#if desk.inTime}<Player played={desk.inTime} {units} inSight />{:else if single && profile.length > 0}{@render course()}{/if}
</div>

<style>
    .place {
        display: grid;
        grid-template-rows: auto minmax(0, 1fr) auto;
        min-height: 0;
    }
    .single .views-switch button {
        min-height: 44px;
        padding: 0 12px;
        font-weight: 600;
    }
    .single > label {
        min-height: 44px;
        padding: 0 12px;
    }
    .views {
        grid-row: 2;
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
</style>
