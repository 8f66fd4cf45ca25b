<script lang="ts">
    import { shortTime } from '../lib/words';
    import type { DepthScale } from '../views/scales';
    import type { Reading } from './water.svelte';

    /** The bands by clock: where they lie at each hour as the sun rises, at the same depth scale as the column beside it. */
    let {
        reading,
        hour,
        choose,
        y,
        ticks,
        width,
        height,
    }: {
        reading: Reading;
        hour: number;
        choose: (hour: number) => void;
        y: DepthScale;
        ticks: number[];
        width: number;
        height: number;
    } = $props();

    const wide = $derived((width - 8) / Math.max(1, reading.schedule.length));
    const x = (row: number) => 4 + row * wide;
    const floor = $derived(y.domain()[1] ?? 0);
    const names = $derived(reading.bands.map(({ species }) => species));
    /** The sun over the horizon in the strip above the water, thirty-five degrees at its top. */
    const sunY = (elevation: number) => y(0) - 30 - Math.max(-4, Math.min(40, elevation)) * 0.6;
</script>

<div class="relative" style:width="{width}px" style:height="{height}px">
    <svg class="drawing" {width} {height} aria-hidden="true">
        <rect x="4" y={y(0)} width={width - 8} height={y(floor) - y(0)} fill="url(#water-body)" />
        {#each names as species, i (species)}
            {#each reading.schedule as row, j (row.clock)}
                {@const band = row.bands.find((each) => each.species === species)}
                {#if band}
                    <rect
                        x={x(j) + 1}
                        y={y(band.top)}
                        width={wide - 2}
                        height={y(band.bottom) - y(band.top)}
                        style:fill="var(--band-{i % 2})"
                        style:stroke="var(--band-edge-{i % 2})"
                        stroke-width={j === hour ? 2.5 : 1}
                    />
                {/if}
            {/each}
        {/each}
        {#each ticks as tick (tick)}<path d="M4 {y(tick)}H{width - 4}" class="rule" />{/each}
        {#if reading.bottom !== null}
            <rect x="4" y={y(reading.bottom)} width={width - 8} height={y(floor) - y(reading.bottom)} fill="url(#ground-hatch)" />
            <path d="M4 {y(reading.bottom)}H{width - 4}" stroke="var(--bottom)" stroke-width="2" />
        {/if}
        {#each reading.schedule as row, j (row.clock)}
            {#if row.elevation !== null}
                <circle
                    cx={x(j) + wide / 2}
                    cy={sunY(row.elevation)}
                    r={j === hour ? 6 : 4}
                    class="sun"
                    class:down={row.elevation <= 0}
                />
                <text x={x(j) + wide / 2} y={y(0) - 6} text-anchor="middle" class="figure small"
                    >{row.elevation.toFixed(0)}°{row.sun_from ? ` ${row.sun_from}` : ''}</text
                >
            {/if}
        {/each}
    </svg>
    <div class="hours" role="radiogroup" aria-label="Hour of the bands">
        {#each reading.schedule as row, j (row.clock)}
            <button
                type="button"
                role="radio"
                aria-checked={j === hour}
                tabindex={j === hour ? 0 : -1}
                class="figure"
                onclick={() => choose(j)}
                onkeydown={(event) => {
                    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
                    const next = j + (by ?? 0);
                    if (by && next >= 0 && next < reading.schedule.length) {
                        event.preventDefault();
                        choose(next);
                        const group = event.currentTarget.parentElement;
                        (group?.children[next] as HTMLElement | undefined)?.focus();
                    }
                }}><span>{shortTime(row.clock)}</span></button
            >
        {/each}
    </div>
</div>

<style>
    .sun {
        fill: var(--warm);
    }
    .sun.down {
        fill: none;
        stroke: var(--warm);
        stroke-width: 1.5;
    }
    .small {
        font-size: 12.5px;
        font-weight: 600;
        fill: var(--quiet);
    }
    .hours {
        position: absolute;
        inset: 0 4px;
        display: flex;
    }
    .hours button {
        display: flex;
        flex: 1;
        align-items: flex-end;
        justify-content: center;
        font-size: 15px;
        font-weight: 600;
        cursor: pointer;
    }
    .hours span {
        width: calc(100% - 2px);
        padding: 3px 0;
        text-align: center;
        background: var(--color-base-100);
        border: 1px solid var(--color-base-300);
    }
    .hours [aria-checked='true'] span {
        font-weight: 700;
        color: var(--color-neutral-content);
        background: var(--color-neutral);
    }
</style>
