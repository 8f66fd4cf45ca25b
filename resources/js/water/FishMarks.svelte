<script lang="ts">
    import type { Reading } from './water.svelte';
    import type { DepthScale } from '../views/scales';
    import { shown, type Units } from '../lib/units';

    /** Fish as marked, each its own, and how many at which depth; a tap on one takes it out. */
    let {
        reading,
        left,
        width,
        y,
        units,
        unmark,
    }: { reading: Reading; left: number; width: number; y: DepthScale; units: Units; unmark: (id: number) => void } = $props();

    const most = $derived(Math.max(1, ...reading.histogram.map(({ fish }) => fish)));
    const RADIUS = { small: 3.5, medium: 5, large: 7 };
</script>

<path d="M{left} {y(0)}V{y(reading.bottom ?? y.domain()[1] ?? 0)}" class="rule" />
<text x={left + 4} y={y(0) - 9} class="tick">marks</text>
{#each reading.histogram as { top, fish } (top)}
    <rect
        x={width - (fish / most) * 62}
        y={y(top) + 1}
        width={(fish / most) * 62}
        height={Math.max(2, y(top + reading.bar) - y(top) - 2)}
        class="bar"
    />
    {#if fish > 0}<text x={width - (fish / most) * 62 - 4} y={y(top + reading.bar / 2) + 5} text-anchor="end" class="tick figure"
            >{fish}</text
        >{/if}
{/each}
{#each reading.marks as seen, i (seen.id)}
    <g
        class="seen"
        role="button"
        tabindex="0"
        aria-label="{seen.count} fish at {shown(units, 'depth', seen.depth)}{reading.bottom === null
            ? ''
            : `, ${shown(units, 'depth', reading.bottom - seen.depth)} off bottom`}, {seen.tight
            ? 'bunched'
            : 'scattered'}, {seen.size}; take out"
        onclick={(event) => {
            event.stopPropagation();
            unmark(seen.id);
        }}
        onkeydown={(event) => (event.key === 'Enter' || event.key === 'Delete') && unmark(seen.id)}
    >
        <rect x={left + 2} y={y(seen.depth) - 11} width="42" height="22" fill="transparent" />
        {#each seen.tight ? [0, 6, 12] : [0, 14, 28] as x, j (j)}
            <ellipse
                cx={left + 10 + x + (i % 2) * 3}
                cy={y(seen.depth) + (seen.tight ? (j % 2) * 4 - 2 : (j % 2) * 6 - 3)}
                rx={RADIUS[seen.size]}
                ry={RADIUS[seen.size] * 0.6}
            />
        {/each}
    </g>
{/each}

<style>
    .bar {
        fill: var(--line);
        fill-opacity: 0.35;
    }
    .seen {
        cursor: pointer;
    }
    .seen ellipse {
        fill: var(--line);
    }
    .seen:hover ellipse,
    .seen:focus-visible ellipse {
        fill: var(--color-primary);
    }
</style>
