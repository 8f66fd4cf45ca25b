<script lang="ts">
    import type { Schemas } from '../lib/api';

    /** The shape of the day's course, north up, with bites on it; where it lies on the ground is not told by it. */
    let { course, clock }: { course: NonNullable<Schemas['DayLine']['course']>; clock: (at: number) => string } = $props();

    const SIZE = 300;
    const EDGE = 14;
    const at = ([right = 0, down = 0]: readonly number[]) => `${EDGE + right * SIZE},${EDGE + down * SIZE}`;
    const deep = $derived(Math.max(...course.line.map(([, down = 0]) => down)));
    const high = $derived(EDGE * 2 + Math.max(deep, 0.15) * SIZE);
</script>

<figure class="course">
    <svg viewBox="0 0 {SIZE + 2 * EDGE} {high}" role="img" aria-label="The course, north up">
        <polyline points={course.line.map(at).join(' ')} class="way" />
        {#each course.bites as bite, i (i)}
            {@const [x, y] = at(bite.place).split(',')}
            <circle cx={x} cy={y} r="5.5" class:landed={bite.outcome === 'landed'}
                ><title>{bite.holder}, {clock(bite.at)}: {bite.outcome}</title></circle
            >
            <text x={Number(x) + 8} y={Number(y) + 4} class="figure">{bite.holder}</text>
        {/each}
    </svg>
    <figcaption class="quiet text-sm">Her course, north up, {course.across} across</figcaption>
</figure>

<style>
    .course {
        flex: 0 1 20rem;
        min-width: 15rem;
        padding-top: 0.6rem;
    }
    .way {
        fill: none;
        stroke: var(--line);
        stroke-width: 1.8;
        stroke-linejoin: round;
    }
    circle {
        fill: var(--color-base-100);
        stroke: var(--color-primary);
        stroke-width: 2.5;
    }
    .landed {
        fill: var(--color-primary);
    }
    text {
        font-size: 13px;
        font-weight: 600;
        fill: var(--color-base-content);
    }
</style>
