<script lang="ts">
    import { scaleLinear } from 'd3-scale';
    import type { Schemas } from '../lib/api';
    import { figure, measure, type Units } from '../lib/units';
    import { clock as told } from '../lib/words';

    /** One day's rods as rows along its hours. */
    type Line = Schemas['DayLine'];
    let {
        line,
        from,
        until,
        species,
        units,
    }: {
        line: Line;
        from: number;
        until: number;
        species: (name: Schemas['Species'] | null) => string;
        units: Units;
    } = $props();

    const LEFT = 70;
    const ROW = 20;
    const TOP = 26;
    /** px a time of day takes, and a digit of a band's depths. */
    const [CLOCK, DIGIT] = [84, 7];

    let wide = $state(960);
    const x = $derived(
        scaleLinear()
            .domain([from, Math.max(until, from + 1e-6)])
            .range([LEFT, wide - 4]),
    );
    const high = $derived(TOP + line.rods.length * ROW + (line.bands.length > 0 ? ROW * (line.bands.length + 0.5) : 0));
    const bands = $derived(
        line.bands.map((one, row) => ({
            species: one.species,
            at: TOP + (line.rods.length + row + 1) * ROW,
            spans: one.spans
                .map((span) => ({ ...span, from: Math.max(span.from, from), until: Math.min(span.until ?? until, until) }))
                .filter((span) => span.until > span.from)
                .map((span) => ({ ...span, room: x(span.until) - x(span.from) })),
        })),
    );
    const depths = ({ top, bottom }: { top: number; bottom: number }) =>
        `${figure(units, 'depth', top)}–${figure(units, 'depth', bottom)}`;
    const hours = $derived.by(() => {
        const every = Math.max(1, Math.ceil((until - from) / Math.max(1, Math.floor((wide - LEFT) / CLOCK))));
        const first = Math.ceil(from / every) * every;
        return Array.from({ length: Math.max(0, Math.floor((until - first) / every) + 1) }, (_, i) => first + i * every);
    });
    /** By the port's clock, as everywhere. */
    const clock = (at: number) => told(new Date(Date.parse(line.midnight) + at * 3_600_000).toISOString());
    const y = (holder: string | null) => {
        const at = line.rods.findIndex((rod) => rod.holder === holder);
        return at < 0 ? TOP - 6 : TOP + at * ROW + ROW / 2;
    };
    const curve = $derived.by(() => {
        const read = line.speeds.map(({ speed }) => speed);
        const [least, most] = [Math.min(...read), Math.max(...read)];
        return line.speeds
            .map(({ at, speed }) => `${x(at)},${20 - (16 * (speed - least)) / Math.max(most - least, 0.05)}`)
            .join(' ');
    });
    const dark = $derived(
        line.sun
            ? [
                  [from, Math.min(until, line.sun.sunrise)],
                  [Math.max(from, line.sun.sunset), until],
              ].filter(([a = 0, b = 0]) => b > a)
            : [],
    );
</script>

<div bind:clientWidth={wide}>
    <svg width={wide} height={high + 22} class="block" role="img" aria-label="Lines in the water and bites by the hour">
        {#each dark as [a = 0, b = 0] (a)}<rect x={x(a)} width={x(b) - x(a)} y="0" height={high} class="dark" />{/each}
        {#each hours as at (at)}
            <line x1={x(at)} x2={x(at)} y1="0" y2={high} class="hour" />
            <text x={x(at)} y={high + 16} text-anchor="middle">{clock(at)}</text>
        {/each}
        {#if line.speeds.length > 1}<polyline points={curve} class="speed" />{/if}
        {#each line.rods as rod (rod.holder)}
            <text x="0" y={y(rod.holder) + 5} class="code">{rod.holder}</text>
            {#each rod.spells as spell, i (i)}
                <rect
                    x={x(spell.from)}
                    width={Math.max(1, x(spell.until) - x(spell.from) - 1)}
                    y={y(rod.holder) - 5}
                    height="10"
                    rx="2"
                    class="bar"
                    ><title>{rod.holder}, {spell.lure ?? 'set'}: {clock(spell.from)} to {clock(spell.until)}</title></rect
                >
            {/each}
            {#each rod.bites as bite, i (i)}
                <circle cx={x(bite.at)} cy={y(rod.holder)} r="6.5" class="bite" class:landed={bite.outcome === 'landed'}
                    ><title>{rod.holder}, {clock(bite.at)}: {species(bite.species)}, {bite.outcome}</title></circle
                >
            {/each}
        {/each}
        {#each bands as band (band.species)}
            <text x="0" y={band.at + 5}>{species(band.species)}</text>
            {#each band.spans as span (span.from)}
                <rect x={x(span.from)} width={Math.max(1, span.room - 2)} y={band.at - 8} height="16" class="wanted"
                    ><title
                        >{species(band.species)}
                        {depths(span)}
                        {measure(units, 'depth').short}, from {clock(span.from)} to {clock(span.until)}</title
                    ></rect
                >
                {#if span.room > DIGIT * depths(span).length}
                    <text x={x(span.from) + 3} y={band.at + 5} class="figure depths">{depths(span)}</text>
                {/if}
            {/each}
        {/each}
        {#each line.marks as mark, i (i)}
            <path d="M{x(mark.at)} {y(mark.holder) - 8}v16" class="mark"
                ><title>{mark.holder ?? ''} {mark.words}, {clock(mark.at)}</title></path
            >
        {/each}
    </svg>
</div>

<style>
    text {
        font-size: 13px;
        fill: var(--quiet);
    }
    .code {
        font-weight: 700;
        fill: var(--color-base-content);
    }
    .hour {
        stroke: var(--color-base-300);
    }
    .dark {
        fill: var(--color-base-content);
        opacity: 0.1;
    }
    .bar {
        fill: var(--line);
        opacity: 0.55;
    }
    .bite {
        fill: var(--color-base-100);
        stroke: var(--color-primary);
        stroke-width: 2.5;
    }
    .bite.landed {
        fill: var(--color-primary);
    }
    .wanted {
        fill: var(--color-base-content);
        opacity: 0.1;
    }
    .depths {
        font-size: 14px;
        fill: var(--color-base-content);
    }
    .mark {
        stroke: var(--color-base-content);
        stroke-width: 2;
    }
    .speed {
        fill: none;
        stroke: var(--line);
        stroke-width: 1.5;
    }
</style>
