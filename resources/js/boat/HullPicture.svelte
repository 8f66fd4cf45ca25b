<script lang="ts">
    import { figure, measure } from '../lib/units';
    import { hullPath } from '../views/hull';
    import type { RailDesk, RailHolder } from './rail-desk.svelte';

    /** The boat with her rod tips, from above (bow up) or from the side (bow left): each is dragged to where it stands. */
    let { desk, from, width, height }: { desk: RailDesk; from: 'above' | 'side'; width: number; height: number } = $props();

    const above = $derived(from === 'above');
    const units = $derived(desk.units());
    const MARGIN = 34;
    /** m of water and air around her. */
    const AROUND = 0.8;

    const box = $derived.by(() => {
        const { length, beam, holders } = desk;
        const aft = [-length, 0.6, ...holders.map((holder) => holder.aft)];
        const side = [-beam / 2, beam / 2, ...holders.map(({ starboard }) => starboard)];
        const up = [2.4, ...holders.map((holder) => holder.height)];
        return above
            ? {
                  x: [Math.min(...side) - AROUND, Math.max(...side) + AROUND],
                  y: [Math.min(...aft) - 0.4, Math.max(...aft) + AROUND],
              }
            : { x: [Math.min(...aft) - 0.4, Math.max(...aft) + AROUND], y: [-0.7, Math.max(...up) + 0.5] };
    });
    const scale = $derived.by(() => {
        const [x0 = 0, x1 = 1] = box.x;
        const [y0 = 0, y1 = 1] = box.y;
        const metre = Math.min((width - 2 * MARGIN) / (x1 - x0), (height - 2 * MARGIN) / (y1 - y0));
        return {
            metre,
            x: (width - metre * (x0 + x1)) / 2,
            y: above ? (height - metre * (y0 + y1)) / 2 : height - MARGIN + metre * y0,
        };
    });
    const px = (across: number) => scale.x + scale.metre * across;
    const py = (down: number) => (above ? scale.y + scale.metre * down : scale.y - scale.metre * down);

    const at = (holder: RailHolder): [number, number] =>
        above ? [px(holder.starboard), py(holder.aft)] : [px(holder.aft), py(holder.height)];
    /** Where a rod or boom is held: on the gunwale beside or before its tip. */
    const foot = (holder: RailHolder): [number, number] => {
        const half = desk.beam / 2;
        const side = Math.max(-half, Math.min(half, holder.starboard));
        const aft = Math.max(-desk.length * 0.5, Math.min(-0.1, holder.aft));
        return above ? [px(side * 0.94), py(aft)] : [px(aft), py(0.9)];
    };
    const hull = $derived.by(() => {
        const { length, beam } = desk;
        const to = (aft: number, up: number) => `${px(aft)} ${py(up)}`;
        return above
            ? hullPath(length, beam, (aft, side) => `${px(side)} ${py(aft)}`)
            : `M${to(0, -0.35)}L${to(0, 0.95)}L${to(-length * 0.6, 1.1)}L${to(-length, 1.6)}L${to(-length * 0.86, -0.35)}Z`;
    });

    const cabin = $derived(
        above
            ? ''
            : `M${px(-desk.length * 0.32)} ${py(1)}V${py(2.3)}H${px(-desk.length * 0.6)}L${px(-desk.length * 0.7)} ${py(1.15)}`,
    );

    /** Amidships a name stands under its tip. */
    const beside = (holder: RailHolder) => above && holder.side !== 'centre';
    /** From the side those of the other side are behind. */
    const dim = (holder: RailHolder) => !above && desk.holder !== undefined && holder.side !== desk.holder.side;
    const order = $derived(
        desk.holders.map((_, i) => i).sort((a, b) => Number(a === desk.chosen) - Number(b === desk.chosen) || a - b),
    );

    let svg: SVGSVGElement;
    let held: { index: number; dx: number; dy: number } | null = null;

    function grab(event: PointerEvent, index: number): void {
        const holder = desk.holders[index];
        if (!holder) {
            return;
        }
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
        desk.grab(index);
        const [x, y] = at(holder);
        const { left, top } = svg.getBoundingClientRect();
        held = { index, dx: event.clientX - left - x, dy: event.clientY - top - y };
    }

    function drag(event: PointerEvent): void {
        if (!held) {
            return;
        }
        const { left, top } = svg.getBoundingClientRect();
        const across = (event.clientX - left - held.dx - scale.x) / scale.metre;
        const down = (above ? 1 : -1) * ((event.clientY - top - held.dy - scale.y) / scale.metre);
        desk.dragged(
            above
                ? { starboard: desk.whole(across, 'starboard'), aft: desk.whole(down, 'aft') }
                : { height: desk.whole(down, 'height') },
            held.index,
        );
    }

    function drop(): void {
        if (held) {
            held = null;
            void desk.look();
        }
    }

    function keyed(event: KeyboardEvent, index: number): void {
        const holder = desk.holders[index];
        const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        const takes = event.key === 'Enter' || event.key === ' ';
        if (!holder || (!way && !takes)) {
            return;
        }
        event.preventDefault();
        desk.chosen = index;
        if (!way) {
            return;
        }
        const by = desk.step * (event.shiftKey ? 5 : 1);
        const [x = 0, y = 0] = way;
        desk.set(
            above
                ? { starboard: desk.whole(holder.starboard + by * x, 'starboard'), aft: desk.whole(holder.aft + by * y, 'aft') }
                : { height: desk.whole(holder.height - by * y, 'height') },
            index,
        );
    }

    const said = (holder: RailHolder) =>
        above
            ? `${holder.code}, ${figure(units, 'leader', holder.starboard)} aside, ${figure(units, 'leader', holder.aft)} aft`
            : `${holder.code}, tip ${figure(units, 'leader', holder.height)} ${measure(units, 'leader').spoken} up`;
</script>

<svg
    class="drawing"
    bind:this={svg}
    {width}
    {height}
    role="group"
    aria-label={above
        ? 'The boat from above, bow up: drag a rod tip, or move it by the arrow keys'
        : 'The boat from the side, bow left: drag a rod tip up or down, or move it by the arrow keys'}
>
    {#if above}
        <rect x="0" y="0" {width} {height} style:fill="var(--water-top)" />
    {:else}
        <rect x="0" y={py(0)} {width} height={height - py(0)} style:fill="var(--water-top)" />
        <path d="M0 {py(0)}H{width}" class="water" />
        <path d={cabin} class="cabin" />
    {/if}
    <path d={hull} class="hull" />
    {#each order as i (i)}
        {@const holder = desk.holders[i]}
        {#if holder}
            {@const [x, y] = at(holder)}
            {@const [fx, fy] = foot(holder)}
            {@const chosen = i === desk.chosen}
            <g class="rod" class:chosen class:dim={dim(holder)}>
                <path d="M{fx} {fy}L{x} {y}" class:boom={holder.kind === 'boom'} />
                {#if chosen && !above}<path d="M{x} {y}V{py(0)}" class="plumb" />{/if}
                <g
                    role="slider"
                    tabindex={above || chosen ? 0 : -1}
                    aria-label={said(holder)}
                    aria-valuenow={above ? holder.aft : holder.height}
                    aria-valuetext={said(holder)}
                    data-tip={holder.code}
                    onpointerdown={(event) => grab(event, i)}
                    onpointermove={drag}
                    onpointerup={drop}
                    onpointercancel={drop}
                    onkeydown={(event) => keyed(event, i)}
                    onkeyup={(event) => event.key.startsWith('Arrow') && void desk.look()}
                >
                    <circle cx={x} cy={y} r="22" class="reach" />
                    <circle cx={x} cy={y} r={chosen ? 9 : 7} class="tip" />
                    {#if above || !dim(holder)}
                        <text
                            x={beside(holder) ? x + (holder.starboard < 0 ? -13 : 13) : x}
                            y={beside(holder) ? y + 6 : above ? y + 26 : y - 14}
                            text-anchor={beside(holder) ? (holder.starboard < 0 ? 'end' : 'start') : 'middle'}
                            class="figure name">{holder.code || 'new'}</text
                        >
                    {/if}
                </g>
            </g>
        {/if}
    {/each}
</svg>

<style>
    .hull {
        stroke-width: 2;
    }
    .cabin,
    .water {
        fill: none;
        stroke: var(--line);
        stroke-width: 1.4;
    }
    .rod path {
        fill: none;
        stroke: var(--line);
        stroke-width: 1.6;
    }
    .rod .boom {
        stroke-width: 4;
    }
    .rod .plumb {
        stroke-width: 1;
        stroke-dasharray: 3 3;
    }
    .reach {
        fill: transparent;
    }
    .tip {
        fill: var(--color-base-100);
        stroke: var(--line);
        stroke-width: 2.2;
    }
    .chosen .tip {
        fill: var(--color-primary);
        stroke: var(--color-primary);
    }
    .chosen path {
        stroke: var(--color-primary);
    }
    .dim {
        opacity: 0.35;
    }
    .name {
        font-size: 17px;
        font-weight: 700;
        fill: var(--color-base-content);
    }
    [role='slider'] {
        cursor: grab;
        touch-action: none;
    }
    [role='slider']:focus-visible {
        outline: none;
    }
    [role='slider']:focus-visible .reach {
        stroke: var(--color-primary);
        stroke-width: 2.5;
    }
</style>
