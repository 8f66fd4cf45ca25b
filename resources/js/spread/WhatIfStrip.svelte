<script lang="ts">
    import TripCurrent from './TripCurrent.svelte';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { speedStep } from '../desk/steps';
    import { theCatalogue } from '../lib/catalogue';
    import { figure, logShows, measure, shown } from '../lib/units';

    /** What the views show if the boat went faster, slower or round: tried here, never written into the plan. */
    let { desk }: { desk: SpreadDesk } = $props();

    const units = $derived(desk.boat.units);

    /** Slider notches either way of straight, as radii in metres: wide first, tight last. */
    const { radii: RADII, faster } = theCatalogue().tries;

    const notch = $derived.by(() => {
        const turn = desk.whatIf.turn;
        if (!turn) {
            return 0;
        }
        const i = RADII.findIndex((radius) => radius <= turn.radius + 0.5);
        return (i < 0 ? RADII.length : i + 1) * (turn.side === 'port' ? -1 : 1);
    });

    export function turnBy(by: number): void {
        turnTo(Math.max(-RADII.length, Math.min(RADII.length, notch + by)));
    }

    function turnTo(next: number): void {
        const radius = RADII[Math.abs(next) - 1];
        desk.try({ turn: radius === undefined ? null : { radius, side: next < 0 ? 'port' : 'starboard' } });
    }

    const fastest = $derived(Math.max(desk.plan.speed * faster, desk.speed));

    const slowText = $derived.by(() => {
        const slowest = desk.ahead.safe?.slowest;
        if (!slowest?.first || slowest.speed === null) {
            return 'through water';
        }
        return `safe down to ${figure(units, 'speed', slowest.speed)}`;
    });

    /** The tightest safe turns, port and starboard. */
    const safeText = $derived.by(() => {
        const { port, starboard } = desk.ahead.safe ?? {};
        if (!port || !starboard) {
            return '';
        }
        const told = ({ radius }: NonNullable<typeof port>) => (radius === null ? 'none' : figure(units, 'length', radius));
        return `safe to ${told(port)} | ${told(starboard)} ${measure(units, 'length').unit}`;
    });

    const turnText = $derived(
        desk.whatIf.turn ? `${shown(units, 'length', desk.whatIf.turn.radius)} radius to ${desk.whatIf.turn.side}` : 'straight',
    );
</script>

<div class="flex items-center gap-2.5 max-sm:flex-wrap" role="group" aria-label="What if">
    <div class="flex items-center gap-1.5">
        <button type="button" class="btn btn-sm btn-square text-lg" aria-label="Slower" onclick={() => desk.stepSpeed(-1)}
            >−</button
        >
        <div class="w-26 text-center leading-none">
            <output aria-label="Speed through the water">
                <b class="figure text-2xl leading-[22px]" data-testid="speed">{figure(units, 'speed', desk.speed)}</b>
                <span class="quiet text-sm"
                    >{measure(units, 'speed').unit} <b>{logShows(units, desk.speed, desk.boat.log_factor)}</b></span
                >
            </output>
            <input
                type="range"
                class="range range-xs mx-auto block h-3 w-24 text-(--line)"
                min={speedStep(units)}
                max={fastest}
                step={speedStep(units)}
                value={desk.speed}
                oninput={(event) => desk.try({ speed: Number(event.currentTarget.value) })}
                aria-label="Try another speed"
                aria-valuetext={shown(units, 'speed', desk.speed)}
            />
            <span class="quiet text-xs whitespace-nowrap">{slowText}</span>
        </div>
        <button type="button" class="btn btn-sm btn-square text-lg" aria-label="Faster" onclick={() => desk.stepSpeed(1)}
            >+</button
        >
    </div>
    <label class="turn">
        <span class="quiet">port</span>
        <input
            type="range"
            class="range range-xs w-24 text-(--line)"
            min={-RADII.length}
            max={RADII.length}
            step="1"
            value={notch}
            oninput={(event) => turnTo(Number(event.currentTarget.value))}
            aria-label="Turn"
            aria-valuetext={turnText}
        />
        <span class="quiet">starboard</span>
        <b>{turnText}</b>
        <span class="quiet safe" data-testid="safe-turns">{safeText}</span>
    </label>
    <TripCurrent {desk} />
    {#if desk.isSounded}
        <button
            type="button"
            class="btn btn-sm leading-tight"
            class:btn-neutral={desk.whatIf.untrued}
            aria-pressed={desk.whatIf.untrued}
            title="Every depth by the default figures, as if nothing had been sounded"
            onclick={() => desk.try({ untrued: !desk.whatIf.untrued })}>untrued</button
        >
    {/if}
</div>

<style>
    .turn {
        display: grid;
        grid-template-columns: auto 6rem auto;
        column-gap: 0.5rem;
        align-items: center;
        justify-content: center;
        /* However long what it says: nothing moves the slider under the finger that draws it. */
        width: 12.6rem;
        font-size: 14px;
        line-height: 1.2;
    }
    .turn b,
    .safe {
        grid-column: 1 / -1;
        min-height: 1.2em;
        font-weight: 600;
        text-align: center;
        white-space: nowrap;
    }
    .safe {
        font-size: 12px;
        font-weight: 400;
    }
</style>
