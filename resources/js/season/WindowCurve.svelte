<script lang="ts">
    import { hourWords } from '../lib/words';
    import type { Schemas } from '../lib/api';

    /** Bites an hour of one line along the day, as a curve within its interval; beneath, the line-hours it rests on. */
    let { window, along }: { window: Schemas['BiteWindow']; along: 'clock' | 'sun' } = $props();

    const { bins, best } = $derived(window);

    let wide = $state(480);
    const HIGH = 190;
    const LEFT = 34;
    const FOOT = 46;
    /** px the words of a tick take. */
    const TICK = 56;

    const from = $derived(bins[0]?.from ?? 0);
    const to = $derived(bins.at(-1)?.to ?? 1);
    const top = $derived(Math.max(...bins.map(({ high, rate, hours }) => (hours > 0 ? Math.min(high, 4 * rate) : rate)), 1e-9));
    const most = $derived(Math.max(...bins.map(({ hours }) => hours), 1e-9));
    const x = (at: number) => LEFT + ((at - from) / (to - from)) * (wide - LEFT - 6);
    const y = (rate: number) => 8 + (1 - Math.min(1, rate / top)) * (HIGH - 8);
    const middle = ({ from: a, to: b }: Schemas['WindowBin']) => x((a + b) / 2);
    const line = $derived(bins.map((bin) => `${middle(bin)},${y(bin.rate)}`).join(' '));
    const band = $derived(
        [
            ...bins.map((bin) => `${middle(bin)},${y(bin.high)}`),
            ...bins.toReversed().map((bin) => `${middle(bin)},${y(bin.low)}`),
        ].join(' '),
    );
    const ticks = $derived.by(() => {
        const room = Math.max(1, Math.floor((wide - LEFT) / TICK));
        const whole = along === 'clock' ? 1 : 10;
        const step = whole * Math.max(1, Math.ceil((to - from) / whole / room));
        const first = Math.ceil(from / step) * step;
        return Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => first + i * step);
    });
    const words = (at: number) => (along === 'clock' ? hourWords(at) : `${at}°`);
    const spoken = ({ from: a, to: b }: Schemas['WindowBin']) =>
        along === 'clock' ? `${hourWords(a)} to ${hourWords(b)}` : `with the sun ${a}° to ${b}° up`;
</script>

{#if bins.length === 0}
    <p class="quiet py-4">
        Nothing has bitten yet{along === 'sun' ? ' where the sun is known: enter where the ground lies' : ''}.
    </p>
{:else}
    <div bind:clientWidth={wide}>
        <svg width={wide} height={HIGH + FOOT} class="block" role="img" aria-label="Bites an hour of one line along the day">
            {#each [0, 0.5, 1] as share (share)}
                <line x1={LEFT} x2={wide - 6} y1={y(share * top)} y2={y(share * top)} class="rule" />
                <text x={LEFT - 4} y={y(share * top) + 4} class="label" text-anchor="end">{(share * top).toFixed(2)}</text>
            {/each}
            <polygon points={band} class="band" />
            <polyline points={line} class="curve" />
            {#each bins as bin (bin.from)}
                {#if bin.hours > 0}
                    <rect
                        x={x(bin.from) + 1}
                        width={Math.max(1, x(bin.to) - x(bin.from) - 2)}
                        y={HIGH + 4}
                        height={Math.max(1, (bin.hours / most) * 20)}
                        class="hours"><title>{bin.hours.toFixed(1)} line-hours, {bin.bites} bites</title></rect
                    >
                {/if}
            {/each}
            {#each ticks as at (at)}
                <text x={x(at)} y={HIGH + FOOT - 6} class="label" text-anchor="middle">{words(at)}</text>
            {/each}
        </svg>
    </div>
    <p class="quiet text-sm">
        {best
            ? `Surest ${spoken(best)}: ${best.rate.toFixed(2)} an hour of one line (${best.low.toFixed(2)}–${best.high.toFixed(2)}). `
            : ''}Bars are line-hours; where there are none no lines were in the water.
    </p>
{/if}

<style>
    .rule {
        stroke: var(--color-base-300);
    }
    .label {
        font-size: 12px;
        fill: var(--quiet);
    }
    .band {
        fill: var(--color-primary);
        opacity: 0.2;
    }
    .curve {
        fill: none;
        stroke: var(--color-primary);
        stroke-width: 2.5;
    }
    .hours {
        fill: var(--line);
    }
</style>
