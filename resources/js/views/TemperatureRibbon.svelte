<script lang="ts">
    import type { Trip } from '../lib/api';
    import type { DepthScale } from './scales';
    import { figure, measure, type Units } from '../lib/units';

    /** Water temperature down the edge of the stern view, warm to cool, with the readings it is drawn from. */
    let {
        temperatures,
        y,
        width,
        height,
        units,
        deepest,
    }: {
        temperatures: Trip['temperatures'];
        y: DepthScale;
        width: number;
        height: number;
        units: Units;
        deepest: number;
    } = $props();

    const WIDE = 12;
    const warmest = $derived(Math.max(...temperatures.map(({ celsius }) => celsius)));
    const coldest = $derived(Math.min(...temperatures.map(({ celsius }) => celsius)));
    const stops = $derived(
        temperatures.map(({ depth, celsius }) => ({
            at: depth / deepest,
            warm: Math.round((100 * (celsius - coldest)) / Math.max(warmest - coldest, 0.1)),
        })),
    );
    /** Readings far enough apart to be read. */
    const named = $derived.by(() => {
        const kept: Trip['temperatures'] = [];
        for (const reading of temperatures) {
            const last = kept.at(-1);
            if (!last || y(reading.depth) - y(last.depth) >= 17) {
                kept.push(reading);
            }
        }
        return kept;
    });
    const id = $props.id();
</script>

<svg {width} {height} role="img" aria-label="Water temperature by depth">
    {#if temperatures.length > 0}
        <linearGradient id="{id}-warmth" x1="0" y1={y(0)} x2="0" y2={y(deepest)} gradientUnits="userSpaceOnUse">
            {#each stops as stop (stop.at)}
                <stop offset={stop.at} style:stop-color="color-mix(in oklab, var(--warm) {stop.warm}%, var(--cool))" />
            {/each}
        </linearGradient>
        <rect x="0" y={y(0)} width={WIDE} height={y(deepest) - y(0)} fill="url(#{id}-warmth)" />
        {#each named as reading (reading.depth)}
            <text x={WIDE + 4} y={Math.max(y(0) + 12, y(reading.depth) + 5)} class="figure"
                >{figure(units, 'temperature', reading.celsius, 0)}°</text
            >
        {/each}
        <text x={WIDE + 4} y={y(0) - 8} class="figure">{measure(units, 'temperature').unit}</text>
    {/if}
</svg>

<style>
    text {
        font-size: 14px;
        font-weight: 600;
        fill: var(--quiet);
    }
</style>
