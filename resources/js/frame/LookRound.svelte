<script lang="ts">
    import { push } from 'svelte-spa-router';
    import { aboard } from '../lib/aboard.svelte';

    /** A short look round the demo, five stops, on the screens themselves: skipped at any of them, and never shown twice. */
    const SEEN = 'admek.looked-round';

    const trip = aboard.nextTrip?.id ?? 0;
    const STOPS: [string, string, string][] = [
        ['/', 'Trips', 'The next trip stands on top: what it still lacks, and the one step to take next.'],
        [
            `/trips/${trip}/water`,
            'Water',
            'Temperature, fish as marked, what is seen: from them the depths to fish by the clock, and why. Tap the column to mark fish.',
        ],
        [
            `/trips/${trip}/spread`,
            'Spread',
            'Every line where it truly runs, with its doubt. Drag the speed, or the turn, and watch them rise and sink; p goes back to the plan.',
        ],
        [
            `/trips/${trip}/deck-card`,
            'Deck card',
            'What the mate sets, in order, for three speeds. It prints on one page, and on a phone it is one rod at a time.',
        ],
        [
            `/trips/${trip}/log`,
            'Log',
            'A bite is a tap on its rod: every line’s depth is kept with it. That is the round; ./admek serve begins your own boat.',
        ],
    ];

    let at = $state(localStorage.getItem(SEEN) ? -1 : 0);
    const stop = $derived(STOPS[at]);

    function go(to: number): void {
        at = to < STOPS.length ? to : -1;
        const next = STOPS[at];
        if (next) {
            void push(next[0]);
        } else {
            localStorage.setItem(SEEN, new Date().toISOString());
        }
    }
</script>

{#if stop}
    <section class="round bg-base-100" aria-labelledby="look-round" data-stop={at + 1}>
        <p class="quiet text-sm">Look round, {at + 1} of {STOPS.length}</p>
        <h2 id="look-round" class="text-lg font-bold">{stop[1]}</h2>
        <p class="leading-snug">{stop[2]}</p>
        <p class="flex gap-2 pt-2">
            <button type="button" class="btn btn-sm btn-primary" onclick={() => go(at + 1)}
                >{at + 1 < STOPS.length ? 'Next' : 'Done'}</button
            >
            {#if at + 1 < STOPS.length}<button type="button" class="btn btn-sm" onclick={() => go(STOPS.length)}>Skip</button
                >{/if}
        </p>
    </section>
{/if}

<style>
    .round {
        position: fixed;
        right: 14px;
        bottom: 14px;
        z-index: 25;
        width: min(23rem, calc(100vw - 28px));
        padding: 12px 16px 14px;
        border: 2px solid var(--color-primary);
        border-radius: 6px;
        box-shadow: 0 8px 24px rgb(0 0 0 / 0.25);
    }
    @media (max-width: 640px) {
        .round {
            bottom: 60px;
        }
    }
    @media print {
        .round {
            display: none;
        }
    }
</style>
