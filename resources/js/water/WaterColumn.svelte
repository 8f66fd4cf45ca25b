<script lang="ts">
    import { wordOf } from '../lib/catalogue';
    import { scaleLinear } from 'd3-scale';
    import { line as curve } from 'd3-shape';
    import type { Schemas } from '../lib/api';
    import { thinned, type DepthScale } from '../views/scales';
    import { temperatureAt, type Reading } from './water.svelte';
    import { figure, measure, shown, type Units } from '../lib/units';
    import { shortDay } from '../lib/words';
    import FishMarks from './FishMarks.svelte';

    /** The column of water: temperature by depth, what cools fast, the bands of the hour, fish as marked. A tap marks fish at its depth. */
    let {
        reading,
        bands,
        y,
        ticks,
        width,
        height,
        units,
        mark,
        unmark,
    }: {
        reading: Reading;
        bands: Schemas['WaterBand'][];
        y: DepthScale;
        ticks: number[];
        width: number;
        height: number;
        units: Units;
        mark: (depth: number) => void;
        unmark: (id: number) => void;
    } = $props();

    const LEFT = 44;
    const LANE = 128;
    const right = $derived(width - LANE);

    type Temperature = Schemas['Temperature'];
    const floor = $derived(y.domain()[1] ?? 0);
    /** To the surface and the foot of the picture, as the nearest reading: it is drawn lighter where nobody measured. */
    const readings = $derived(reading.temperatures);
    const warm = $derived.by(() => {
        const all = [...readings, ...(reading.against?.temperatures ?? [])].map(({ celsius }) => celsius);
        const [least, most] = all.length > 0 ? [Math.min(...all), Math.max(...all)] : [4, 20];
        return scaleLinear()
            .domain([least - 1, most + 1])
            .range([LEFT + 10, right - 12]);
    });
    const drawn = $derived(
        curve<Temperature>()
            .x(({ celsius }) => warm(celsius))
            .y(({ depth }) => y(depth)),
    );
    const warmTicks = $derived.by(() => {
        const { toSi, toShown } = measure(units, 'temperature');
        const [least = 0, most = 0] = warm.domain();
        const step = units === 'us' ? 5 : 2;
        const count = Math.floor((toShown(most) - toShown(least)) / step) + 2;
        const ticks = Array.from({ length: count }, (_, i) => (Math.ceil(toShown(least) / step) + i) * step)
            .filter((shownAt) => toSi(shownAt) >= least && toSi(shownAt) <= most)
            .map((shownAt) => ({ at: warm(toSi(shownAt)), text: String(shownAt) }));
        return thinned(ticks, 30);
    });

    /** Bands overlap: their names stand under one another. */
    const named = $derived.by(() => {
        let last = -Infinity;
        return [...bands]
            .sort((a, b) => a.top - b.top)
            .map((band) => {
                last = Math.max(y(band.top) + 18, last + 23);
                return { band, at: last };
            });
    });

    let pointed: number | null = $state(null);
    /** Depth, temperature there, and how far off bottom. */
    function pointedWords(depth: number): string {
        const celsius = temperatureAt(readings, depth);
        return [
            shown(units, 'depth', depth),
            ...(celsius === null ? [] : [`${figure(units, 'temperature', celsius)}°`]),
            ...(reading.bottom === null ? [] : [`${shown(units, 'depth', reading.bottom - depth)} off bottom`]),
        ].join(', ');
    }

    let svg: SVGSVGElement;
    const depthAt = (event: PointerEvent | MouseEvent): number =>
        Math.max(0, Math.min(reading.bottom ?? floor, y.invert(event.clientY - svg.getBoundingClientRect().top)));
</script>

<!-- svelte-ignore a11y_click_events_have_key_events -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<svg
    class="drawing"
    bind:this={svg}
    {width}
    {height}
    role="group"
    aria-label="Temperature by depth with the bands wanted and fish as marked; a tap marks fish. The same stands in the tables beside it."
    onpointermove={(event) => (pointed = depthAt(event))}
    onpointerleave={() => (pointed = null)}
    onclick={(event) => mark(depthAt(event))}
>
    <defs>
        <linearGradient id="water-body" x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" style:stop-color="var(--water-top)" />
            <stop offset="1" style:stop-color="var(--water-deep)" />
        </linearGradient>
        <pattern id="ground-hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0v8" stroke="var(--bottom)" stroke-width="1.4" stroke-opacity="0.5" />
        </pattern>
    </defs>
    <rect x={LEFT} y={y(0)} width={width - LEFT} height={y(floor) - y(0)} fill="url(#water-body)" />
    {#each bands as band, i (band.species)}
        <rect
            x={LEFT}
            y={y(band.top)}
            width={width - LEFT}
            height={y(band.bottom) - y(band.top)}
            style:fill="var(--band-{i % 2})"
            style:stroke="var(--band-edge-{i % 2})"
        />
    {/each}
    {#each ticks as tick (tick)}
        <path d="M{LEFT} {y(tick)}H{width}" class="rule" />
        <text x={LEFT - 6} y={y(tick) + 5} text-anchor="end" class="tick figure">{figure(units, 'depth', tick)}</text>
    {/each}
    <text x={LEFT - 6} y={y(0) - 10} text-anchor="end" class="tick figure">{measure(units, 'depth').unit}</text>
    {#if reading.bottom !== null}
        <rect
            x={LEFT}
            y={y(reading.bottom)}
            width={width - LEFT}
            height={y(floor) - y(reading.bottom)}
            fill="url(#ground-hatch)"
        />
        <path d="M{LEFT} {y(reading.bottom)}H{width}" stroke="var(--bottom)" stroke-width="2" />
    {/if}
    {#each reading.layers as { top, bottom } (top)}
        <path d="M{LEFT + 3} {y(top)}V{y(bottom)}" class="cline break" />
    {/each}
    {#if reading.thermocline}
        {@const { top, bottom } = reading.thermocline}
        <path d="M{LEFT + 3} {y(top)}V{y(bottom)}" class="cline" />
        <text x={LEFT + 10} y={y((top + bottom) / 2) + 5} class="word halo"
            >thermocline {figure(units, 'depth', top)}–{figure(units, 'depth', bottom)}</text
        >
    {/if}
    {#each readings.length > 0 || reading.against ? warmTicks : [] as { at: x, text } (text)}
        <path d="M{x} {y(0) - 5}v5" class="rule" />
        <text {x} y={y(0) - 9} text-anchor="middle" class="tick figure">{text}°</text>
    {/each}
    {#if reading.against}
        <path d={drawn(reading.against.temperatures)} class="earlier" />
        {@const last = reading.against.temperatures.at(-1)}
        {#if last}<text x={warm(last.celsius) + 6} y={Math.min(y(last.depth) - 6, height - 20)} class="earlier-word"
                >{shortDay(reading.against.date)}</text
            >{/if}
    {/if}
    {#if readings.length > 0}
        <path d={drawn(readings)} class="now" />
        {#each readings.length <= 24 ? readings : [] as { depth, celsius } (depth)}
            <circle cx={warm(celsius)} cy={y(depth)} r="3.5" class="read" />
        {/each}
    {/if}
    {#each named as { band, at: labelY } (band.species)}
        <text x={right - 6} y={labelY} text-anchor="end" class="band halo"
            >{wordOf('species', band.species)}
            <tspan class="figure big">{figure(units, 'depth', band.top)}–{shown(units, 'depth', band.bottom)}</tspan></text
        >
    {/each}
    <FishMarks {reading} left={right} {width} {y} {units} {unmark} />
    {#if pointed !== null}
        <g pointer-events="none">
            <path d="M{LEFT} {y(pointed)}H{width}" class="pointed" />
            <text x={LEFT + 8} y={y(pointed) - 5} class="word halo figure big">{pointedWords(pointed)}</text>
        </g>
    {/if}
</svg>

<style>
    svg {
        cursor: crosshair;
        touch-action: manipulation;
    }
    .now {
        fill: none;
        stroke: var(--color-primary);
        stroke-width: 3;
    }
    .read {
        fill: var(--color-base-100);
        stroke: var(--color-primary);
        stroke-width: 2;
    }
    .earlier {
        fill: none;
        stroke: var(--line);
        stroke-width: 1.6;
        stroke-dasharray: 2 4;
    }
    .earlier-word {
        font-size: 13px;
        fill: var(--quiet);
    }
    .cline {
        stroke: var(--color-secondary);
        stroke-width: 6;
    }
    .cline.break {
        stroke-width: 2;
    }
    .word {
        font-size: 14px;
        font-weight: 600;
        fill: var(--color-base-content);
    }
    .band {
        font-size: 15px;
        font-weight: 600;
        fill: var(--color-base-content);
    }
    .big {
        font-size: 20px;
        font-weight: 700;
    }
    .pointed {
        stroke: var(--color-primary);
        stroke-dasharray: 4 3;
    }
</style>
