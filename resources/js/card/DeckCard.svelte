<script lang="ts">
    import { wordOf } from '../lib/catalogue';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas, type Spread } from '../lib/api';
    import { TripDay } from '../day/day.svelte';
    import CardRod from './CardRod.svelte';
    import CardTable from './CardTable.svelte';

    /** What the deck sets from: the whole sheet to print, or one rod at a time on a phone. */
    let { params }: { params: { trip: string } } = $props();

    let card = $state.raw<Schemas['DeckCard'] | null>(null);
    let spread: Spread | null = $state.raw(null);
    let said = $state('Reckoning…');
    let one = $state(matchMedia('(max-width: 640px)').matches);

    /** Whether it is told by the default figures, whatever soundings have taught. */
    let untrued = $state(false);
    const sounded = $derived(untrued || card?.rows.some(({ running }) => running.trued));

    const day = $derived(new TripDay(Number(params.trip)));
    $effect(() => void day.read());
    const trip = $derived(aboard.trips.find(({ id }) => id === Number(params.trip)));

    $effect(() => {
        const id = trip?.spreads[0]?.id;
        if (id === undefined) {
            said = 'There is no such trip.';
            return;
        }
        const at = { params: { path: { spread: id } } };
        const query = untrued ? { untrued: '1' as const } : {};
        void Promise.all([
            ask(api.GET('/spreads/{spread}', at)),
            ask(api.GET('/spreads/{spread}/deck-card', { params: { ...at.params, query } })),
        ]).then(([plan, answer]) => {
            if ('data' in plan && 'data' in answer) {
                spread = plan.data;
                card = answer.data;
            } else {
                said = 'problem' in answer ? answer.problem.detail : 'The server is not answering.';
            }
        });
    });
</script>

<main class="min-h-full p-4 sm:p-8 print:p-0">
    {#if card && spread && trip && aboard.boat && aboard.locker}
        <div class="mx-auto flex max-w-4xl flex-wrap items-center justify-between gap-x-4 gap-y-2 pb-4 print:hidden">
            <span class="quiet max-sm:hidden"
                >{spread.setting_order ? 'In the order you have put it.' : `In setting order, ${wordOf('schools', card.school)}.`} Retrieve
                in reverse.</span
            >
            <span class="join" role="group" aria-label="How it is shown">
                <button
                    type="button"
                    class="btn btn-sm join-item"
                    aria-pressed={one}
                    class:btn-neutral={one}
                    onclick={() => (one = true)}>One rod at a time</button
                >
                <button
                    type="button"
                    class="btn btn-sm join-item"
                    aria-pressed={!one}
                    class:btn-neutral={!one}
                    onclick={() => (one = false)}>The whole card</button
                >
            </span>
            {#if sounded}
                <button
                    type="button"
                    class="btn btn-sm"
                    class:btn-neutral={untrued}
                    aria-pressed={untrued}
                    onclick={() => (untrued = !untrued)}>untrued</button
                >
            {/if}
            <button type="button" class="btn btn-primary max-sm:hidden" onclick={() => window.print()}>Print</button>
        </div>
        {#if one}
            <div class="mx-auto max-w-md print:hidden">
                <CardRod {card} units={aboard.boat.units} locker={aboard.locker} {day} />
            </div>
        {/if}
        <div class:on-paper={one}>
            <CardTable {card} {trip} boat={aboard.boat} locker={aboard.locker} />
        </div>
    {:else}
        <p class="quiet">{said}</p>
    {/if}
</main>

<style>
    .on-paper {
        display: none;
    }
    @media print {
        .on-paper {
            display: block;
        }
    }
    @media screen and (max-width: 640px) {
        div:not(.on-paper) > :global(.sheet) {
            min-width: 46rem;
        }
        main {
            overflow-x: auto;
        }
    }
</style>
