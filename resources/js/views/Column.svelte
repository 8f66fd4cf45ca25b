<script lang="ts">
    import type { Scene } from './scene';

    /** The water both views stand in: surface, bands, grid, bottom. Drawn into an SVG of the parent. */
    let {
        scene,
        width,
        named,
        marks = [],
        bottomLine,
    }: {
        scene: Scene;
        width: number;
        named: boolean;
        /** Points (px) a band's name should not stand on. */
        marks?: { x: number; y: number }[];
        /** The bottom as a line (px) where it is not level. */
        bottomLine?: [number, number][];
    } = $props();

    const { y, height, bands, ticks, bottom, shoal } = $derived(scene);
    /** The band's name stands at its lower edge, or at its upper where a mark is in the way. */
    function nameAt(band: Scene['bands'][number]): number {
        const [top, bottom] = [y(band.top) + 15, y(band.bottom) - 6];
        const left = width - 12 - band.name.length * 7.5;
        const taken = (baseline: number) =>
            marks.some((mark) => mark.x > left - 24 && mark.y > baseline - 22 && mark.y < baseline + 10);
        return taken(bottom) && !taken(top) ? top : bottom;
    }

    const bottomEdge = $derived(
        bottomLine ? `M${bottomLine.map((place) => place.join(' ')).join('L')}` : bottom ? `M0 ${y(bottom)}H${width}` : '',
    );
    const bottomArea = $derived(bottomEdge && `${bottomEdge}V${height}H${bottomLine?.[0]?.[0] ?? 0}Z`);

    const id = $props.id();
</script>

<defs>
    <linearGradient id="{id}-water" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" style:stop-color="var(--water-top)" />
        <stop offset="1" style:stop-color="var(--water-deep)" />
    </linearGradient>
    <pattern id="{id}-hatch" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="9" style:stroke="var(--bottom)" stroke-width="1.4" />
    </pattern>
</defs>

<rect x="0" y={y(0)} {width} height={height - y(0)} fill="url(#{id}-water)" />
{#each bands as band, i (band.name)}
    <g>
        <rect
            x="0"
            y={y(band.top)}
            {width}
            height={y(band.bottom) - y(band.top)}
            style:fill="var(--band-{i % 2})"
            opacity="0.75"
        />
        <path d="M0 {y(band.top)}H{width}M0 {y(band.bottom)}H{width}" style:stroke="var(--band-edge-{i % 2})" stroke-width="1" />
        {#if named}
            <text x={width - 8} y={nameAt(band)} text-anchor="end" class="band-name">{band.name}</text>
        {/if}
    </g>
{/each}
{#each ticks as tick (tick)}
    <path
        d="M0 {y(tick)}H{width}"
        style:stroke="var(--line)"
        stroke-opacity={tick === 0 ? 1 : 0.14}
        stroke-width={tick === 0 ? 1.6 : 1}
    />
{/each}
{#if bottomArea}
    <path d={bottomArea} style:fill="var(--color-base-200)" opacity="0.6" />
    <path d={bottomArea} fill="url(#{id}-hatch)" opacity="0.5" />
    <path d={bottomEdge} fill="none" style:stroke="var(--bottom)" stroke-width="2.4" />
{/if}
{#if shoal !== null && !bottomLine}
    <path d="M0 {y(shoal)}H{width}" style:stroke="var(--bottom)" stroke-width="2" stroke-dasharray="8 5" />
    <text x="8" y={y(shoal) - 5} class="band-name">shallowest ahead</text>
{/if}

<style>
    .band-name {
        font: 600 13px var(--font-text);
        fill: var(--color-base-content);
        paint-order: stroke;
        stroke: var(--color-base-100);
        stroke-width: 3px;
        stroke-opacity: 0.55;
    }
</style>
