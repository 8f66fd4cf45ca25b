<script lang="ts">
    import type { Schemas } from '../lib/api';
    import { clock as told } from '../lib/words';

    /** One day's rods as rows along its hours. */
    type Line = Schemas['DayLine'];
    let {
        line,
        from,
        until,
        species,
    }: { line: Line; from: number; until: number; species: (name: Schemas['Species'] | null) => string } = $props();

    const WIDE = 960;
    const LEFT = 40;
    const ROW = 20;
    const TOP = 26;

    const x = (at: number) => LEFT + ((at - from) / Math.max(until - from, 1e-6)) * (WIDE - LEFT - 4);
    const high = $derived(TOP + (line.rods.length + (line.bands.length > 0 ? 1 : 0)) * ROW);
    const bandsAt = $derived(TOP + line.rods.length * ROW + ROW / 2);
    /** As much of the words as there is room for until the next. */
    const bands = $derived(
        line.bands.map(({ at, words }, i) => {
            const start = Math.max(at, from);
            const room = x(Math.min(line.bands[i + 1]?.at ?? until, until)) - x(start);
            const fit = Math.floor(room / 6.4);
            return { at: start, words, room, told: words.length <= fit ? words : fit > 6 ? `${words.slice(0, fit - 1)}…` : '' };
        }),
    );
    const hours = $derived(
        Array.from({ length: Math.max(0, Math.floor(until) - Math.ceil(from) + 1) }, (_, i) => Math.ceil(from) + i),
    );
    /** By this device's clock, as everywhere in the log. */
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

<svg viewBox="0 0 {WIDE} {high + 22}" class="block w-full" role="img" aria-label="Lines in the water and bites by the hour">
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
                class="bar"><title>{rod.holder}, {spell.lure ?? 'set'}: {clock(spell.from)} to {clock(spell.until)}</title></rect
            >
        {/each}
        {#each rod.bites as bite, i (i)}
            <circle cx={x(bite.at)} cy={y(rod.holder)} r="6.5" class="bite" class:landed={bite.outcome === 'landed'}
                ><title>{rod.holder}, {clock(bite.at)}: {species(bite.species)}, {bite.outcome}</title></circle
            >
        {/each}
    {/each}
    {#if bands.length > 0}<text x="0" y={bandsAt + 5}>bands</text>{/if}
    {#each bands as band, i (i)}
        {#if band.room > 0}
            <rect x={x(band.at)} width={Math.max(1, band.room - 2)} y={bandsAt - 8} height="16" class="wanted"
                ><title>{band.words}, from {clock(band.at)}</title></rect
            >
            <text x={x(band.at) + 4} y={bandsAt + 4} class="small">{band.told}</text>
        {/if}
    {/each}
    {#each line.marks as mark, i (i)}
        <path d="M{x(mark.at)} {y(mark.holder) - 8}v16" class="mark"
            ><title>{mark.holder ?? ''} {mark.words}, {clock(mark.at)}</title></path
        >
    {/each}
</svg>

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
    .small {
        font-size: 12px;
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
    @media (max-width: 700px) {
        text {
            font-size: 22px;
        }
    }
</style>
