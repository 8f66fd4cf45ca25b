<script lang="ts">
    import type { Played } from '../desk/played.svelte';
    import { shown, type Units } from '../lib/units';

    /** The moment of a manoeuvre that the views show: played, or drawn by hand. Opened over a rail it is brought into sight. */
    let { played, units, inSight = false }: { played: Played; units: Units; inSight?: boolean } = $props();

    const PACES = [1, 5, 20];

    const boat = $derived(played.boat);
    const heading = $derived(boat ? ((Math.round(boat.heading) % 360) + 360) % 360 : 0);
</script>

<div
    class="player"
    role="group"
    aria-label="Player"
    data-at={played.at.toFixed(1)}
    {@attach (player) => {
        if (inSight) {
            player.scrollIntoView({ block: 'nearest' });
        }
    }}
>
    <button type="button" class="btn btn-sm btn-primary w-18" onclick={() => played.play()} disabled={played.lasts === 0}
        >{played.playing ? 'Pause' : 'Play'}</button
    >
    <input
        type="range"
        class="range range-sm text-(--line)"
        min="0"
        max={played.lasts}
        step="0.5"
        value={played.at}
        oninput={(event) => played.scrub(Number(event.currentTarget.value))}
        aria-label="Moment"
        aria-valuetext={shown(units, 'seconds', played.at)}
    />
    <output class="figure moment"
        ><b>{Math.round(played.at)}</b> of {shown(units, 'seconds', played.lasts)}
        {#if boat}<span class="quiet">{String(heading).padStart(3, '0')}° {shown(units, 'speed', boat.speed)}</span>{/if}</output
    >
    <span class="join" role="group" aria-label="Pace">
        {#each PACES as pace (pace)}
            <button
                type="button"
                class="btn btn-sm join-item px-2"
                class:btn-neutral={played.pace === pace}
                aria-pressed={played.pace === pace}
                onclick={() => (played.pace = pace)}>×{pace}</button
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
            --range-thumb-size: 32px;
        }
        .player :global(button) {
            min-height: 44px;
        }
    }
</style>
