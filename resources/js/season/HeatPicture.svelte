<script lang="ts">
    import type { Schemas } from '../lib/api';
    import { counted, hourWords } from '../lib/words';

    /**
     * Depth by hour: a square is as big as the line-hours fished there, and as full as it bit for them. Where nothing was fished there
     * is nothing.
     */
    let { cells }: { cells: Schemas['Season']['heat'] } = $props();

    type Cell = Schemas['Season']['heat'][number];

    /** px a square takes at least across, and takes down. */
    const LEAST = 20;
    const HIGH = 26;
    const LEFT = 76;

    const hours = $derived([...new Set(cells.map(({ hour }) => hour))].sort((a, b) => a - b));
    const first = $derived(hours[0] ?? 0);
    const last = $derived(hours.at(-1) ?? 0);
    const depths = $derived([...new Map(cells.map(({ depth, words }) => [depth, words])).entries()].sort(([a], [b]) => a - b));
    const most = $derived(Math.max(...cells.map((cell) => cell.hours), 1e-9));
    const best = $derived(Math.max(...cells.map(({ rate }) => rate), 1e-9));
    const least = $derived(Math.min(...cells.map(({ rate }) => rate)));
    /** How full it is drawn, from where it bit least to where it bit most. */
    const full = ({ rate }: Cell) => 0.06 + 0.94 * ((rate - least) / Math.max(best - least, 1e-9));
    let wide = $state(560);
    const across = $derived(Math.max(LEAST, (wide - LEFT) / (last - first + 1)));
    let over: Cell | null = $state.raw(null);

    const row = (cell: Cell) => depths.findIndex(([depth]) => depth === cell.depth);
    /** As big as it was fished, by area, and never too small to see. */
    const size = (cell: Cell) => Math.max(0.22, Math.sqrt(cell.hours / most));
    /** Where a column is narrow: without the space. */
    const narrowly = (hour: number) => hourWords(hour).replace(' AM', 'a').replace(' PM', 'p').replace(':00', '');
    const words = (cell: Cell) =>
        `${cell.words}, ${hourWords(cell.hour)}: ${counted(cell.bites, 'bite')} in ${cell.hours.toFixed(1)} line-hours`;
</script>

<div class="overflow-x-auto" bind:clientWidth={wide}>
    <svg
        width={LEFT + (last - first + 1) * across}
        height={depths.length * HIGH + 24}
        class="block"
        role="img"
        aria-label="Bites per line-hour by depth and hour"
    >
        {#each depths as [depth, text], i (depth)}
            <text x={LEFT - 8} y={i * HIGH + HIGH / 2 + 4} class="label" text-anchor="end">{text}</text>
            <line
                x1={LEFT}
                x2={LEFT + (last - first + 1) * across}
                y1={i * HIGH + HIGH / 2}
                y2={i * HIGH + HIGH / 2}
                class="rule"
            />
        {/each}
        {#each Array.from({ length: last - first + 1 }, (_, i) => first + i) as hour (hour)}
            <text x={LEFT + (hour - first) * across + across / 2} y={depths.length * HIGH + 18} class="label" text-anchor="middle"
                >{narrowly(hour)}</text
            >
        {/each}
        {#each cells as cell (`${cell.depth} ${cell.hour}`)}
            {@const w = (across - 4) * size(cell)}
            {@const h = (HIGH - 4) * size(cell)}
            <g
                transform="translate({LEFT + (cell.hour - first) * across + across / 2} {row(cell) * HIGH + HIGH / 2})"
                role="presentation"
                onpointerenter={() => (over = cell)}
                onpointerleave={() => (over = null)}
            >
                <rect x={-w / 2} y={-h / 2} width={w} height={h} class="fished" />
                <rect x={-w / 2} y={-h / 2} width={w} height={h} class="bit" style:opacity={full(cell)} />
                {#if cell.bites > 0 && size(cell) > 0.45}<text
                        y="4"
                        class="count"
                        class:full={full(cell) > 0.5}
                        text-anchor="middle">{cell.bites}</text
                    >{/if}
                <title>{words(cell)}</title>
            </g>
        {/each}
    </svg>
</div>
<p class="quiet min-h-5 text-sm">
    {over ? words(over) : 'As big as it was fished, as full as it bit for that; the figures are bites.'}
</p>

<style>
    .label {
        font-size: 12px;
        fill: var(--quiet);
    }
    .rule {
        stroke: var(--color-base-300);
    }
    .fished {
        fill: var(--color-base-100);
        stroke: var(--line);
        stroke-width: 1;
    }
    .bit {
        fill: var(--color-primary);
    }
    .count {
        font-size: 12px;
        font-weight: 700;
        fill: var(--color-base-content);
        pointer-events: none;
    }
    .count.full {
        fill: var(--color-primary-content);
    }
</style>
