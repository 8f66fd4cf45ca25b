<script lang="ts">
    import { scaleLinear } from 'd3-scale';
    import { line as curve } from 'd3-shape';
    import type { Schemas } from '../lib/api';
    import { measure, shown, type Units } from '../lib/units';
    import Bodies from '../views/Bodies.svelte';
    import { placeLabels } from '../views/labels';

    /** Lines of a drill at a moment: from the side, and from above where they lie to the side of her way. */
    let {
        motion,
        lines,
        bottom,
        units,
        seen,
    }: {
        motion: Schemas['InTime'];
        lines: { holder: string; frame: Schemas['LineFrame'] }[];
        bottom: number | null;
        units: Units;
        seen: 'side' | 'above';
    } = $props();

    const HEIGHT = 150;
    let width = $state(360);

    const frames = $derived(motion.lines.flatMap(({ frames }) => frames));
    const points = $derived(frames.flatMap(({ path, branches, front }) => [...path, ...branches.flat(), ...(front ?? [])]));
    const far = $derived(Math.max(12, ...points.map(([aft = 0]) => aft)) * 1.08);
    const x = $derived(
        scaleLinear()
            .domain([-4, far])
            .range([16, width - 92]),
    );
    const y = $derived.by(() => {
        if (seen === 'side') {
            const deep = Math.max(4, bottom ?? 0, ...points.map(([, , down = 0]) => down));
            return scaleLinear()
                .domain([-3, deep * 1.08])
                .range([12, HEIGHT - 4]);
        }
        const wide = Math.max(6, ...points.map(([, side = 0]) => Math.abs(side))) * 1.15;
        return scaleLinear()
            .domain([-wide, wide])
            .range([12, HEIGHT - 12]);
    });

    const across = $derived(seen === 'side' ? 2 : 1);
    const draw = $derived(
        curve<number[]>()
            .x(([aft = 0]) => x(aft))
            .y((place) => y(place[across] ?? 0)),
    );
    const labels = $derived(
        placeLabels(
            lines.map(({ holder, frame }) => ({
                id: holder,
                x: x(frame.aft),
                y: y(seen === 'side' ? frame.depth : frame.starboard),
                width: holder.length * 9 + 2,
                height: 16,
                prefers: 1 as const,
            })),
            { left: 2, right: width - 50, top: 4, bottom: HEIGHT },
        ),
    );
    const ticks = $derived.by(() => {
        const { toShown, toSi } = measure(units, 'depth');
        const [, deep = 0] = y.domain();
        return scaleLinear()
            .domain([0, toShown(deep)])
            .ticks(3)
            .filter((tick) => tick > 0)
            .map(toSi);
    });
</script>

<div bind:clientWidth={width} class="scene">
    <svg
        class="drawing"
        {width}
        height={HEIGHT}
        role="img"
        aria-label={seen === 'side' ? 'From the side: how deep each line runs' : 'From above: how each line lies'}
    >
        {#if seen === 'side'}
            <path d="M0 {y(0)}H{width}" class="surface" />
            {#each ticks as tick (tick)}
                <path d="M{x(0)} {y(tick)}H{width}" class="rule" />
                <text x={width - 4} y={y(tick) - 3} text-anchor="end" class="tick figure">{shown(units, 'depth', tick)}</text>
            {/each}
            {#if bottom !== null}<path d="M0 {y(bottom)}H{width}V{HEIGHT}H0Z" class="ground" />{/if}
            <path d="M{x(0)} {y(-1.2)}L{x(-3.6)} {y(-1.6)}L{x(-3)} {y(0.4)}L{x(0)} {y(0.5)}Z" class="hull" />
        {:else}
            <path d="M{x(0)} {y(-1.4)}L{x(-2)} {y(-1.4)}L{x(-4)} {y(0)}L{x(-2)} {y(1.4)}L{x(0)} {y(1.4)}Z" class="hull" />
        {/if}
        {#each lines as { holder, frame } (holder)}
            <g class="line">
                {#if frame.ball && seen === 'side'}
                    <path d="M{x(0)} {y(-1)}L{x(frame.ball.place[0] ?? 0)} {y(frame.ball.place[2] ?? 0)}" />
                {/if}
                {#if frame.front}<path d={draw(frame.front)} class="front" />{/if}
                <path d={draw(frame.path)} />
                {#each frame.branches as branch, i (i)}<path d={draw(branch)} />{/each}
                <Bodies line={frame} at={(place) => [x(place[0] ?? 0), y(place[across] ?? 0)]} />
                <circle cx={x(frame.aft)} cy={y(seen === 'side' ? frame.depth : frame.starboard)} r="4" class="lure" />
            </g>
        {/each}
        {#each labels as [holder, place] (holder)}
            <text x={place.left} y={place.top + 13} class="code">{holder}</text>
        {/each}
    </svg>
</div>

<style>
    .scene {
        width: 100%;
        background: var(--water-top);
        border: 1px solid var(--color-base-300);
    }
    .surface {
        fill: none;
        stroke: var(--line);
        stroke-width: 1.4;
    }
    .ground {
        fill: var(--color-base-300);
    }
    .code {
        paint-order: stroke;
        stroke: var(--water-top);
        stroke-width: 3.5px;
        stroke-linejoin: round;
        fill: var(--color-base-content);
    }
</style>
