<script lang="ts">
    import { untrack } from 'svelte';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask } from '../lib/api';
    import { saved } from '../desk/keeper.svelte';
    import { SpreadDesk } from '../desk/spread-desk.svelte';
    import PlanningTable from './PlanningTable.svelte';

    let { params }: { params: { trip: string } } = $props();

    let desk: SpreadDesk | null = $state.raw(null);
    let said = $state('Reading…');

    $effect(() => {
        // Read once: what the desk itself changes of trip and locker does not open another desk.
        const id = Number(params.trip);
        const { boat, locker, trip } = untrack(() => ({
            boat: aboard.boat,
            locker: aboard.locker,
            trip: aboard.trips.find((candidate) => candidate.id === id),
        }));
        const spread = trip?.spreads[0]?.id;
        let opened: SpreadDesk | null = null;
        let gone = false;
        if (trip && spread !== undefined && boat && locker) {
            const read = () => ask(api.GET('/spreads/{spread}', { params: { path: { spread } } }));
            void saved()
                .then(read)
                .then((answer) => {
                    if (gone) {
                        return;
                    }
                    if ('data' in answer) {
                        // As she was when the trip was fished.
                        opened = new SpreadDesk({ ...boat, ...answer.data.boat }, locker, trip, answer.data);
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
            void aboard.readTrips();
            desk = null;
        };
    });
</script>

{#if desk}
    <PlanningTable {desk} />
{:else}
    <main class="p-8"><p class="quiet">{said}</p></main>
{/if}
