<script lang="ts">
    import { figure, measure, type Units } from '../lib/units';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** The bottom coming up along her course, with every lure in the water where it trails and as deep as it runs. */
    let { watch, units }: { watch: Watch; units: Units } = $props();

    const WIDE = 1000;
    const HIGH = 100;
    const MINUTES = 60;

    const ahead = $derived(watch.now?.ahead ?? null);
    const lures = $derived(
        watch.rods.filter(({ state, depth, lag }: Rod) => state !== 'in_boat' && depth !== null && lag !== null),
    );
    const from = $derived(ahead?.profile[0]?.along ?? 0);
    const to = $derived(ahead?.profile.at(-1)?.along ?? 1);
    const deepest = $derived(
        1.08 * Math.max(1, ...(ahead?.profile ?? []).map(({ depth }) => depth), ...lures.map(({ depth }) => depth ?? 0)),
    );
    const x = (along: number): number => ((along - from) / (to - from)) * WIDE;
    const y = (depth: number): number => (depth / deepest) * HIGH;
    const ground = $derived((ahead?.profile ?? []).map(({ along, depth }) => `${x(along).toFixed(1)},${y(depth).toFixed(1)}`));
    /** Every so many minutes ahead. */
    const ticks = $derived.by(() => {
        const each = MINUTES * (ahead?.ground ?? 0);
        const step = to / each > 12 ? 5 : 2;
        return each <= 0 ? [] : [1, 2, 3].map((n) => n * step).filter((minutes) => minutes * each < to);
    });
</script>

{#if ahead}
    <section class="ahead border-base-300" aria-label="Bottom ahead">
        <p class="title">
            bottom, {ahead.by}:
            <b class="figure">{figure(units, 'depth', ahead.least)}</b>
            {measure(units, 'depth').unit} at least
        </p>
        <svg viewBox="0 0 {WIDE} {HIGH}" preserveAspectRatio="none" aria-hidden="true">
            <polygon class="ground" points="0,{HIGH} {ground.join(' ')} {WIDE},{HIGH}" />
            <polyline class="bottom" points={ground.join(' ')} />
            <line class="here" x1={x(0)} x2={x(0)} y1="0" y2={HIGH} />
            {#each ticks as minutes (minutes)}
                {@const at = x(minutes * MINUTES * ahead.ground)}
                <line class="tick" x1={at} x2={at} y1="0" y2="8" />
            {/each}
        </svg>
        {#each lures as { holder, depth, lag } (holder)}
            <i
                class="lure"
                class:touches={ahead.contacts.some((contact) => contact.holder === holder && contact.seconds !== null)}
                style="left: {(x(-(lag ?? 0)) / WIDE) * 100}%; --down: {y(depth ?? 0) / HIGH}"
            ></i>
        {/each}
        {#each ticks as minutes (minutes)}
            <span class="minutes figure" style="left: min({(x(minutes * MINUTES * ahead.ground) / WIDE) * 100}%, 100% - 1.7rem)"
                >{minutes} min</span
            >
        {/each}
    </section>
{/if}

<style>
    .ahead {
        position: relative;
        min-height: 96px;
        overflow: hidden;
        border-width: 1px;
        border-radius: 7px;
    }
    .title {
        position: absolute;
        left: 0.7rem;
        font-size: 16px;
        white-space: nowrap;
    }
    svg {
        position: absolute;
        inset: 26px 0 0;
        width: 100%;
        height: calc(100% - 26px);
    }
    .ground {
        fill: var(--color-base-300);
    }
    polyline,
    line {
        fill: none;
        stroke: var(--color-base-content);
        vector-effect: non-scaling-stroke;
    }
    .bottom {
        stroke-width: 2.5;
    }
    .here {
        stroke-dasharray: 4 3;
    }
    .lure {
        position: absolute;
        top: calc(26px + (100% - 26px) * var(--down));
        width: 7px;
        height: 7px;
        margin: -3.5px;
        background: var(--color-base-content);
        border-radius: 50%;
    }
    .touches {
        width: 13px;
        height: 13px;
        margin: -6.5px;
        background: var(--color-base-100);
        border: 3px solid var(--color-primary);
    }
    .minutes {
        position: absolute;
        top: 33px;
        font-size: 14px;
        line-height: 1;
        white-space: nowrap;
        transform: translateX(-50%);
    }
    @media (max-width: 700px) {
        .ahead {
            display: none;
        }
    }
</style>
