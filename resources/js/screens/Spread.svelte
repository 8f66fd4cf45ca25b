<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask } from '../lib/api';
    import { SpreadDesk } from '../lib/spread-desk.svelte';
    import PlanningTable from '../parts/PlanningTable.svelte';

    let { params }: { params: { trip: string } } = $props();

    let desk: SpreadDesk | null = $state.raw(null);
    let said = $state('Reading…');

    $effect(() => {
        const trip = aboard.trips.find(({ id }) => id === Number(params.trip));
        const spread = trip?.spreads[0]?.id;
        let opened: SpreadDesk | null = null;
        let gone = false;
        if (trip && spread !== undefined && aboard.boat && aboard.locker) {
            const { boat, locker } = aboard;
            void ask(api.GET('/spreads/{spread}', { params: { path: { spread } } })).then((answer) => {
                if (gone) {
                    return;
                }
                if ('data' in answer) {
                    opened = new SpreadDesk(boat, locker, trip, answer.data);
                    desk = opened;
                } else {
                    said = 'problem' in answer ? answer.problem.detail : 'The server is not answering.';
                }
            });
        } else {
            said = 'There is no such trip.';
        }
        return () => {
            gone = true;
            opened?.close();
            desk = null;
        };
    });
</script>

{#if desk}
    <PlanningTable {desk} />
{:else}
    <main class="p-8"><p class="quiet">{said}</p></main>
{/if}
