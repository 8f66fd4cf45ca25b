<script lang="ts">
    import { line as curve } from 'd3-shape';
    import { thinned, type SidewaysScale } from './scales';
    import { underWater, type Scene } from './scene';
    import { figure, measure } from '../lib/units';
    import Column from './Column.svelte';
    import ViewLabels from './ViewLabels.svelte';

    /** Across and down, as seen from astern, so that port lies to the left as on the rail below it. */
    let { scene, x, width }: { scene: Scene; x: SidewaysScale; width: number } = $props();

    const { y, units, height, chosenId } = $derived(scene);
    const LABEL_HEIGHT = 24;

    const lines = $derived(scene.lines.map((shown) => ({ ...shown, depth: figure(units, 'depth', shown.line.depth) })));

    const draw = $derived(
        curve<number[]>()
            .x(([, side = 0]) => x(side))
            .y(([, , down = 0]) => y(down)),
    );

    /** What is straight over the water is curved on a stretched scale: it is drawn in parts. */
    const straight = (ends: number[][]): number[][] =>
        Array.from({ length: 13 }, (_, i) =>
            [0, 1, 2].map((axis) => {
                const from = ends[0]?.[axis] ?? 0;
                return from + (((ends[1]?.[axis] ?? 0) - from) * i) / 12;
            }),
        );

    const labels = $derived(
        lines.map(({ holder, line, depth }) => ({
            id: holder.code,
            x: x(line.starboard),
            y: y(line.depth),
            width: depth.length * 12.5 + holder.code.length * 9 + 8,
            height: LABEL_HEIGHT,
            prefers: (holder.side === 'starboard' ? 1 : -1) as 1 | -1,
        })),
    );

    const sideTicks = $derived.by(() => {
        const { toSi, toShown } = measure(units, 'length');
        const most = toShown(Math.abs(x.domain()[0] ?? 0));
        const steps = units === 'us' ? [10, 25, 50, 100, 150, 200] : [3, 10, 20, 30, 50];
        const ticks = [...steps, ...steps.map((step) => -step)]
            .filter((step) => Math.abs(step) <= most)
            .map((step) => ({ at: x(toSi(step)), text: Math.abs(step) }));
        return thinned(ticks, 28);
    });

    const hull = $derived.by(() => {
        const [left, right] = [x(-scene.boat.beam / 2), x(scene.boat.beam / 2)];
        const chine = (right - left) * 0.1;
        return `M${left} ${y(-1.5)}L${left + chine} ${y(0.15)}Q${(left + right) / 2} ${y(1.4)} ${right - chine} ${y(0.15)}L${right} ${y(-1.5)}Z`;
    });
</script>

<svg
    class="drawing"
    {width}
    {height}
    role="img"
    aria-label="Stern view: each line's depth and distance to the side; the same figures stand on the rail"
>
    <Column {scene} {width} named={false} />

    {#each sideTicks as tick (tick.at)}
        <text x={tick.at} y="33" text-anchor="middle" class="tick figure">{tick.text}</text>
        <path d="M{tick.at} 37v5" style:stroke="var(--line)" stroke-opacity="0.5" />
    {/each}

    {#each lines as { holder, line } (holder.id)}
        <g class:chosen={holder.id === chosenId} class="line">
            {#if line.front}<path d={draw(straight(line.front))} class="front" />{/if}
            {#if line.mast_line}<path d={draw(straight(line.mast_line))} class="front" />{/if}
            <path d={draw(underWater(line))} />
            {#each line.branches as branch, i (i)}
                <path d={draw(branch)} />
            {/each}
        </g>
    {/each}

    {#each scene.planned as line (line.holder)}
        <path d={draw(underWater(line))} class="ghost" />
        <circle cx={x(line.starboard)} cy={y(line.depth)} r="4" class="ghost" />
    {/each}

    <path d={hull} class="hull" />

    {#each lines as { holder, line } (holder.id)}
        <g class:chosen={holder.id === chosenId} class="marks">
            {#if line.board}
                <rect x={x(line.board.place[1] ?? 0) - 8} y={y(0) - 7} width="16" height="6" class="solid" rx="1" />
            {/if}
            {#if line.mast_line && line.front}
                <rect x={x(line.front[0]?.[1] ?? 0) - 3} y={y(0) - 5} width="6" height="5" class="solid" />
            {/if}
            {#if line.weight}
                <circle cx={x(line.weight[1] ?? 0)} cy={y(line.weight[2] ?? 0)} r="3.5" class="solid" />
            {/if}
            {#if line.ball}
                <circle cx={x(line.ball.place[1] ?? 0)} cy={y(line.ball.place[2] ?? 0)} r="5.5" class="solid" />
            {/if}
            {#if line.diver}
                <path
                    d="M{x(line.diver[1] ?? 0) - 6} {y(line.diver[2] ?? 0) - 5}h12l-6 10z"
                    class="solid"
                    transform="translate(0 -2)"
                />
            {/if}
            {#if line.doubt !== null}
                <path
                    d="M{x(line.starboard)} {y(Math.max(0, line.depth - line.doubt.shallower))}V{y(
                        line.depth + line.doubt.deeper,
                    )}"
                    class="whisker"
                />
            {/if}
            <circle cx={x(line.starboard)} cy={y(line.depth)} r="5" class="lure" />
        </g>
    {/each}

    {#each scene.tangles as place, i (i)}
        <circle cx={x(place[1] ?? 0)} cy={y(place[2] ?? 0)} r="11" class="tangle" />
    {/each}

    <ViewLabels {scene} {labels} {width} right={14}>
        {#snippet text(code)}
            <tspan class="depth">{lines.find(({ holder }) => holder.code === code)?.depth}</tspan><tspan class="code" dx="4"
                >{code}</tspan
            >
        {/snippet}
    </ViewLabels>

    {#each scene.bands as band (band.name)}
        {#each band.stretches as stretch (stretch.top)}
            <rect
                x={width - 9}
                y={y(stretch.top) + 0.5}
                width={stretch.lures > 1 ? 9 : 5}
                height={Math.max(1, y(stretch.bottom) - y(stretch.top) - 1)}
                class:bare={stretch.lures === 0}
                class="cover"
            >
                <title
                    >{figure(units, 'depth', stretch.top)}–{figure(units, 'depth', stretch.bottom)}: {stretch.lures === 0
                        ? 'bare'
                        : stretch.lures === 1
                          ? 'one lure'
                          : `${stretch.lures} lures`}</title
                >
            </rect>
            {#if stretch.lures === 0 && y(stretch.bottom) - y(stretch.top) > 13}
                <text x={width - 13} y={y((stretch.top + stretch.bottom) / 2) + 4} text-anchor="end" class="bare-word">bare</text>
            {/if}
        {/each}
    {/each}
</svg>

<style>
    .whisker {
        stroke: var(--whisker);
        stroke-width: 7;
    }
    .depth {
        font-size: 24px;
        font-weight: 700;
    }
    .cover {
        fill: var(--color-base-content);
    }
    .bare-word {
        font: 600 13px var(--font-text);
        fill: var(--color-primary);
    }
    .cover.bare {
        fill: none;
        stroke: var(--color-primary);
        stroke-width: 1.4;
        stroke-dasharray: 3 2;
    }
</style>
