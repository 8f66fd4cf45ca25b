<script lang="ts">
    import type { Schemas } from '../lib/api';
    import type { Place } from './ground.svelte';
    import { figure, measure, type Units } from '../lib/units';

    /** A plain chart: lines of equal depth, structures, the pass and what is being laid; north up. A tap gives its place. */
    let {
        chart,
        pass,
        laid,
        ground,
        width,
        height,
        units,
        tap,
    }: {
        chart: Schemas['Chart'];
        pass: readonly number[][];
        laid: readonly Place[];
        /** Where the trip means to fish, if it said so. */
        ground: Place | null;
        width: number;
        height: number;
        units: Units;
        tap: (place: Place) => void;
    } = $props();

    /** Times the chart is drawn larger than it needs to be seen whole, and about which place. */
    let zoom = $state(1);
    let middle: Place | null = $state(null);

    const bounds = $derived.by(() => {
        if (chart.bounds) {
            return chart.bounds;
        }
        const all = [...chart.structures.flatMap(({ places }) => places), ...(ground ? [ground] : [])];
        const [lats, lons] = [all.map(([lat = 0]) => lat), all.map(([, lon = 0]) => lon)];
        return all.length > 0
            ? {
                  south: Math.min(...lats) - 0.02,
                  north: Math.max(...lats) + 0.02,
                  west: Math.min(...lons) - 0.03,
                  east: Math.max(...lons) + 0.03,
              }
            : { south: -0.05, north: 0.05, west: -0.05, east: 0.05 };
    });
    /** On a plane about the middle of the chart: a degree of longitude is shorter by the cosine of latitude. */
    const squeeze = $derived(Math.cos((((bounds.south + bounds.north) / 2) * Math.PI) / 180));
    const scale = $derived(
        zoom * Math.min((width - 16) / ((bounds.east - bounds.west) * squeeze), (height - 16) / (bounds.north - bounds.south)),
    );
    const centre: Place = $derived(middle ?? [(bounds.south + bounds.north) / 2, (bounds.west + bounds.east) / 2]);
    const x = (lon: number) => width / 2 + (lon - centre[1]) * squeeze * scale;
    const y = (lat: number) => height / 2 - (lat - centre[0]) * scale;
    const path = (places: readonly number[][]) =>
        places.map(([lat = 0, lon = 0], i) => `${i ? 'L' : 'M'}${x(lon).toFixed(1)} ${y(lat).toFixed(1)}`).join('');

    const EVERY = 5;
    /** Every fifth line is named, once, at its longest. */
    const named = $derived(
        chart.contours
            .filter((_, i) => i > 0 && i % EVERY === 0)
            .flatMap(({ depth, lines }) => {
                const longest = [...lines].sort((a, b) => b.length - a.length)[0];
                const at = longest?.[Math.floor(longest.length * 0.3)];
                return at ? [{ depth, x: x(at[1] ?? 0), y: y(at[0] ?? 0) }] : [];
            })
            .filter((label) => label.x > 20 && label.x < width - 20 && label.y > 14 && label.y < height - 10),
    );

    const scaleBar = $derived.by(() => {
        const { toSi, unit } = measure(units, 'distance');
        const perMetre = scale / 111_195;
        const length = [0.1, 0.25, 0.5, 1, 2, 5, 10].find((each) => toSi(each) * perMetre > 70) ?? 10;
        return { width: toSi(length) * perMetre, text: `${length} ${unit}` };
    });

    let svg: SVGSVGElement;
    function tapped(event: MouseEvent): void {
        const box = svg.getBoundingClientRect();
        tap([
            centre[0] - (event.clientY - box.top - height / 2) / scale,
            centre[1] + (event.clientX - box.left - width / 2) / (squeeze * scale),
        ]);
    }

    function zoomBy(by: number): void {
        middle = middle ?? laid.at(-1) ?? (pass[0] as Place | undefined) ?? ground ?? centre;
        zoom = Math.max(1, Math.min(12, zoom * by));
        if (zoom === 1) {
            middle = null;
        }
    }

    function move(north: number, east: number): void {
        middle = [centre[0] + (north * height * 0.3) / scale, centre[1] + (east * width * 0.3) / (squeeze * scale)];
    }
</script>

<div class="relative" style:width="{width}px" style:height="{height}px">
    <!-- svelte-ignore a11y_click_events_have_key_events -->
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
    <svg
        bind:this={svg}
        {width}
        {height}
        role="img"
        aria-label="Chart of {chart.name ?? 'the ground'}: what stands on it is listed beside"
        onclick={tapped}
    >
        <rect {width} {height} style:fill="var(--water-top)" />
        {#each chart.land as [south = 0, west = 0, north = 0, east = 0], i (i)}
            <rect x={x(west)} y={y(north)} width={x(east) - x(west)} height={y(south) - y(north) + 0.5} class="land" />
        {/each}
        {#each chart.contours as { depth, lines }, i (depth)}
            {#each lines as line, j (j)}
                <path d={path(line)} class="contour" class:shore={i === 0} class:fifth={i > 0 && i % EVERY === 0} />
            {/each}
        {/each}
        {#each named as label (label.depth)}
            <text x={label.x} y={label.y + 4} text-anchor="middle" class="figure depth halo"
                >{figure(units, 'depth', label.depth)}</text
            >
        {/each}
        {#each chart.structures as { id, name, kind, places } (id)}
            {@const [lat = 0, lon = 0] = places[0] ?? []}
            {#if places.length > 1}
                <path d={path(places)} class="structure" class:track={kind === 'track'} />
                {@const mid = places[Math.floor(places.length / 2)]}
                <text x={x(mid?.[1] ?? 0) - 8} y={y(mid?.[0] ?? 0)} text-anchor="end" class="name halo">{name}</text>
            {:else}
                <path d="M{x(lon)} {y(lat) - 7}l6 11h-12z" class="spot" />
                <text x={x(lon) + 10} y={y(lat) + 5} class="name halo">{name}</text>
            {/if}
        {/each}
        {#if ground}
            <circle cx={x(ground[1])} cy={y(ground[0])} r="9" class="ground" />
        {/if}
        {#if pass.length > 1}
            <path d={path(pass)} class="pass" />
            <circle cx={x(pass[0]?.[1] ?? 0)} cy={y(pass[0]?.[0] ?? 0)} r="6" class="start" />
        {/if}
        {#if laid.length > 0}
            <path d={path(laid)} class="laid" />
            {#each laid as [lat, lon], i (i)}<circle cx={x(lon)} cy={y(lat)} r="4.5" class="laid-at" />{/each}
        {/if}
        <g transform="translate(16 {height - 18})">
            <path d="M0 -5v5h{scaleBar.width}v-5" class="bar" />
            <text x={scaleBar.width / 2} y="-6" text-anchor="middle" class="figure depth halo">{scaleBar.text}</text>
        </g>
    </svg>
    <div class="absolute top-2 right-2 flex flex-col gap-1" role="group" aria-label="Move the chart">
        <button type="button" class="btn btn-sm btn-square text-lg" aria-label="Closer" onclick={() => zoomBy(1.6)}>+</button>
        <button type="button" class="btn btn-sm btn-square text-lg" aria-label="Farther" onclick={() => zoomBy(1 / 1.6)}>−</button
        >
        <button type="button" class="btn btn-sm btn-square" aria-label="North" onclick={() => move(1, 0)}>↑</button>
        <button type="button" class="btn btn-sm btn-square" aria-label="South" onclick={() => move(-1, 0)}>↓</button>
        <button type="button" class="btn btn-sm btn-square" aria-label="West" onclick={() => move(0, -1)}>←</button>
        <button type="button" class="btn btn-sm btn-square" aria-label="East" onclick={() => move(0, 1)}>→</button>
    </div>
</div>

<style>
    svg {
        cursor: crosshair;
        touch-action: manipulation;
    }
    .land {
        fill: var(--color-base-300);
    }
    .contour {
        fill: none;
        stroke: var(--line);
        stroke-opacity: 0.28;
    }
    .contour.fifth {
        stroke-opacity: 0.65;
    }
    .contour.shore {
        stroke: var(--bottom);
        stroke-width: 3;
        stroke-opacity: 1;
    }
    .depth {
        font-size: 13px;
        font-weight: 600;
        fill: var(--quiet);
    }
    .name {
        font-size: 14px;
        font-weight: 600;
        fill: var(--color-base-content);
    }
    .structure {
        fill: none;
        stroke: var(--color-secondary);
        stroke-width: 3;
    }
    .structure.track {
        stroke-width: 1.5;
        stroke-dasharray: 4 3;
    }
    .spot {
        fill: var(--color-secondary);
    }
    .ground {
        fill: none;
        stroke: var(--color-secondary);
        stroke-width: 2;
        stroke-dasharray: 3 2;
    }
    .pass {
        fill: none;
        stroke: var(--color-primary);
        stroke-width: 3.5;
    }
    .start {
        fill: var(--color-base-100);
        stroke: var(--color-primary);
        stroke-width: 3;
    }
    .laid {
        fill: none;
        stroke: var(--color-primary);
        stroke-width: 2;
        stroke-dasharray: 6 4;
    }
    .laid-at {
        fill: var(--color-primary);
    }
    .bar {
        fill: none;
        stroke: var(--line);
        stroke-width: 1.5;
    }
</style>
