<script lang="ts">
    import { line as curve } from 'd3-shape';
    import type { RunningLine } from '../lib/api';
    import { hullPath } from './hull';
    import { underWater, type Scene } from './scene';
    import { wakeScale } from './scales';
    import { figure, measure } from '../lib/units';
    import ViewLabels from './ViewLabels.svelte';

    /** From above, the bow up: how lines and boards lie on the water, and how a turn bends them. */
    let {
        scene,
        width,
        turn,
        wake,
        held,
    }: {
        scene: Scene;
        width: number;
        turn: { radius: number; side: 'port' | 'starboard' } | null;
        /** Her way up to now, m aft and to starboard, where she does not hold a course. */
        wake: number[][] | undefined;
        /** Lines the scale holds. */
        held: readonly RunningLine[];
    } = $props();

    const { units, height, chosenId } = $derived(scene);

    interface Lying {
        path: number[][];
        branches: number[][][];
        front: number[][];
        mast_line: number[][];
        lure: number[];
    }

    const lying = (line: RunningLine): Lying => ({
        path: underWater(line),
        branches: line.branches,
        front: line.front ?? [],
        mast_line: line.mast_line ?? [],
        lure: [line.aft, line.starboard, line.depth],
    });

    const lines = $derived(scene.lines.map(({ holder, line }) => ({ holder, line, on: lying(line) })));
    const scale = $derived(
        wakeScale(
            held.map(lying).flatMap((on) => [on.lure, ...on.path, ...on.front, ...on.branches.flat()]),
            width,
            height,
        ),
    );
    const px = ([aft = 0, side = 0]: number[]) => [scale.x(side), scale.y(aft)] as const;
    const draw = $derived(
        curve<number[]>()
            .x((place) => px(place)[0])
            .y((place) => px(place)[1]),
    );

    const hull = $derived(hullPath(scene.boat.length, scene.boat.beam, (aft, side) => px([aft, side]).join(' ')));

    /** The boat's own track: the circle she turns on, or straight astern. */
    const track = $derived.by(() => {
        const far = scale.far;
        if (wake) {
            return draw(wake);
        }
        if (!turn) {
            return draw([
                [0, 0],
                [far, 0],
            ]);
        }
        const to = turn.side === 'starboard' ? 1 : -1;
        const swept = Math.min(far / turn.radius, 2.4);
        return draw(
            Array.from({ length: 30 }, (_, i) => {
                const angle = (swept * i) / 29;
                return [turn.radius * Math.sin(angle), to * turn.radius * (1 - Math.cos(angle))];
            }),
        );
    });

    const rings = $derived.by(() => {
        const { toSi, toShown } = measure(units, 'length');
        const step = [10, 20, 25, 50, 100, 200].find((size) => toShown(scale.far) / size <= 6) ?? 500;
        return Array.from({ length: Math.floor(toShown(scale.far) / step) }, (_, i) => ({
            at: scale.y(toSi((i + 1) * step)),
            text: (i + 1) * step,
        }));
    });

    const labels = $derived(
        lines.map(({ holder, line, on }) => {
            const [x, y] = px(on.lure);
            const depth = figure(units, 'depth', line.depth);
            return {
                id: holder.code,
                x,
                y,
                width: depth.length * 10.5 + holder.code.length * 9 + 8,
                height: 20,
                prefers: (holder.side === 'starboard' ? 1 : -1) as 1 | -1,
            };
        }),
    );
    const depthOf = (code: string) => lines.find(({ holder }) => holder.code === code)?.line.depth ?? 0;
</script>

<svg class="drawing" {width} {height} role="img" aria-label="Seen from above: how the lines lie behind the boat, bow up">
    <rect x="0" y="0" {width} {height} style:fill="var(--water-top)" />
    {#each rings as ring (ring.at)}
        <path d="M0 {ring.at}H{width}" style:stroke="var(--line)" stroke-opacity="0.14" />
        <text x={width - 6} y={ring.at - 4} text-anchor="end" class="tick figure">{ring.text}</text>
    {/each}
    <path d={track} class="track" />
    {#each lines as { holder, on } (holder.id)}
        <g class:chosen={holder.id === chosenId} class="line">
            {#if on.front.length > 0}<path d={draw(on.front)} class="front" />{/if}
            {#if on.mast_line.length > 0}<path d={draw(on.mast_line)} class="front" />{/if}
            <path d={draw(on.path)} />
            {#each on.branches as branch, i (i)}<path d={draw(branch)} />{/each}
        </g>
    {/each}
    <path d={hull} class="hull" />
    {#each lines as { holder, line, on } (holder.id)}
        <g class:chosen={holder.id === chosenId} class="marks">
            {#if line.front}
                {@const [x, y] = px(on.front[0] ?? [])}
                <rect x={x - 4} y={y - 4} width="8" height="8" class="solid" />
            {/if}
            <circle cx={px(on.lure)[0]} cy={px(on.lure)[1]} r="5" class="lure" />
        </g>
    {/each}
    {#each scene.tangles as place, i (i)}
        <circle cx={px(place)[0]} cy={px(place)[1]} r="11" class="tangle" />
    {/each}
    <ViewLabels {scene} {labels} {width} right={30} top={34}>
        {#snippet text(code)}
            <tspan class="depth">{figure(units, 'depth', depthOf(code))}</tspan><tspan class="code" dx="4">{code}</tspan>
        {/snippet}
    </ViewLabels>
</svg>

<style>
    .track {
        fill: none;
        stroke: var(--color-base-100);
        stroke-width: 9;
        stroke-opacity: 0.7;
    }
    .depth {
        font-size: 20px;
        font-weight: 700;
    }
</style>
