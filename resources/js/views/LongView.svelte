<script lang="ts">
    import type { ScaleLinear } from 'd3-scale';
    import { line as curve } from 'd3-shape';
    import { thinned } from './scales';
    import type { Scene } from './scene';
    import { measure } from '../lib/units';
    import Column from './Column.svelte';
    import Bodies from './Bodies.svelte';
    import ViewLabels from './ViewLabels.svelte';

    /** How far back and how deep, on the stern view's own depth scale. */
    let { scene, x, width }: { scene: Scene; x: ScaleLinear<number, number>; width: number } = $props();

    const { y, units, height, chosenId, lines } = $derived(scene);

    const draw = $derived(
        curve<number[]>()
            .x(([aft = 0]) => x(aft))
            .y(([, , down = 0]) => y(down)),
    );

    /** The bottom under and astern of the boat, and what is coming: ahead of her it has no room here, see the slider. */
    const bottomLine = $derived(
        scene.profile.length > 0 ? scene.profile.map(({ aft, depth }) => [x(aft), y(depth)] as [number, number]) : undefined,
    );

    const labels = $derived(
        lines.map(({ holder, line }) => ({
            id: holder.code,
            x: x(line.aft),
            y: y(line.depth),
            width: holder.code.length * 9 + 2,
            height: 16,
            prefers: 1 as const,
        })),
    );

    const aftTicks = $derived.by(() => {
        const { toSi, toShown } = measure(units, 'length');
        const most = toShown(x.domain()[1] ?? 0);
        const step = [10, 20, 25, 50, 100, 200].find((size) => most / size <= 5) ?? 500;
        const ticks = Array.from({ length: Math.floor(most / step) }, (_, i) => ({
            at: x(toSi((i + 1) * step)),
            text: (i + 1) * step,
        }));
        return thinned(ticks, 34);
    });
</script>

<svg class="drawing" {width} {height} role="img" aria-label="Long view: each line's depth and distance behind the boat">
    <Column {scene} {width} named={true} marks={labels} {bottomLine} />
    {#each aftTicks as tick (tick.at)}
        <text x={tick.at} y="33" text-anchor="middle" class="tick figure">{tick.text}</text>
        <path d="M{tick.at} 37v5" style:stroke="var(--line)" stroke-opacity="0.5" />
    {/each}

    {#each lines as { holder, line } (holder.id)}
        <g class:chosen={holder.id === chosenId} class="line">
            <path d={draw(line.path)} />
            {#if line.mast_line && line.front}<path d={draw(line.front)} class="front" />{/if}
            {#each line.branches as branch, i (i)}
                <path d={draw(branch)} />
            {/each}
            <Bodies {line} at={([aft = 0, , down = 0]) => [x(aft), y(down)]} />
            <circle cx={x(line.aft)} cy={y(line.depth)} r="4" class="lure" />
        </g>
    {/each}
    {#each scene.planned as line (line.holder)}
        <path d={draw(line.path)} class="ghost" />
        <circle cx={x(line.aft)} cy={y(line.depth)} r="3.5" class="ghost" />
    {/each}
    {#each scene.tangles as place, i (i)}
        <circle cx={x(place[0] ?? 0)} cy={y(place[2] ?? 0)} r="9" class="tangle" />
    {/each}
    <ViewLabels {scene} {labels} {width} right={2}>
        {#snippet text(code)}<tspan class="code">{code}</tspan>{/snippet}
    </ViewLabels>
</svg>
