<script lang="ts">
    import type { InTime } from '../desk/in-time.svelte';
    import { shown, type Units } from '../lib/units';

    /** The moment of a manoeuvre that the views show: played, or drawn by hand. */
    let { inTime, units }: { inTime: InTime; units: Units } = $props();

    const PACES = [1, 5, 20];

    const boat = $derived(inTime.boat);
    const heading = $derived(boat ? ((Math.round(boat.heading) % 360) + 360) % 360 : 0);
</script>

<div
    class="player"
    role="group"
    aria-label="Player"
    data-at={inTime.at.toFixed(1)}
    {@attach (player) => player.scrollIntoView({ block: 'nearest' })}
>
    <button type="button" class="btn btn-sm btn-primary w-18" onclick={() => inTime.play()} disabled={!inTime.told}
        >{inTime.playing ? 'Pause' : 'Play'}</button
    >
    <input
        type="range"
        class="range range-sm text-(--line)"
        min="0"
        max={inTime.lasts}
        step="0.5"
        value={inTime.at}
        oninput={(event) => inTime.scrub(Number(event.currentTarget.value))}
        aria-label="Moment"
        aria-valuetext={shown(units, 'seconds', inTime.at)}
    />
    <output class="figure moment"
        ><b>{Math.round(inTime.at)}</b> of {shown(units, 'seconds', inTime.lasts)}
        {#if boat}<span class="quiet">{String(heading).padStart(3, '0')}° {shown(units, 'speed', boat.speed)}</span>{/if}</output
    >
    <span class="join" role="group" aria-label="Pace">
        {#each PACES as pace (pace)}
            <button
                type="button"
                class="btn btn-sm join-item px-2"
                class:btn-neutral={inTime.pace === pace}
                aria-pressed={inTime.pace === pace}
                onclick={() => (inTime.pace = pace)}>×{pace}</button
            >
        {/each}
    </span>
</div>

<style>
    .player {
        display: flex;
        grid-row: 3;
        /* Brought into sight it is clear of the rail under the thumb. */
        scroll-margin-bottom: 13rem;
        flex-wrap: wrap;
        gap: 6px 12px;
        align-items: center;
        padding: 6px 10px;
        background: var(--color-base-100);
        border-top: 1px solid var(--color-base-300);
    }
    input {
        flex: 1;
        min-width: 8rem;
    }
    .moment {
        min-width: 11.5rem;
        font-size: 16px;
        white-space: nowrap;
    }
    .moment b {
        display: inline-block;
        min-width: 2.4rem;
        font-size: 24px;
        line-height: 1;
        text-align: right;
    }
    @media (max-width: 640px) {
        .player {
            justify-content: space-between;
        }
        .moment {
            flex: 1;
            min-width: 0;
            text-align: right;
        }
        .moment .quiet {
            display: none;
        }
        input {
            order: -1;
            flex-basis: 100%;
            min-height: 32px;
        }
        .player :global(button) {
            min-height: 44px;
        }
    }
</style>
