<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { Trip } from '../lib/api';
    import { sendFile } from '../lib/files';

    /** A day out as files, and back in. */
    let { trip, told, empty }: { trip: Trip; told: () => void; empty: boolean } = $props();

    let said = $state('');
    const counted = (number: number, what: string) => `${number} ${what}${number === 1 ? '' : 's'}`;

    async function read(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const [file] = event.currentTarget.files ?? [];
        event.currentTarget.value = '';
        if (!file) {
            return;
        }
        said = 'Reading…';
        try {
            const taken = await sendFile(`/api/days/file?trip=${trip.id}`, file);
            if ('said' in taken) {
                said = taken.said;
                return;
            }
            const { events, points } = taken.answer as { events: number; points: number };
            said = `Read: ${counted(events, 'event')} and ${counted(points, 'point')} of track. What was there already stays as it was.`;
            told();
        } catch {
            said = 'The server is not answering.';
        }
    }
</script>

<p class="flex flex-wrap gap-2 pt-4">
    {#if !empty}
        <a class="btn btn-sm" href="/api/trips/{trip.id}/day/file/gpx" download>Track, bites and markers as GPX</a>
        <a class="btn btn-sm" href="/api/trips/{trip.id}/day/file/csv" download>Log as CSV</a>
        <a class="btn btn-sm" href="/api/trips/{trip.id}/day/file/json" download>All of it</a>
    {/if}
    {#if aboard.may('plan')}
        <label class="btn btn-sm focus-within:outline-2"
            >Read a day in…<input
                type="file"
                class="sr-only"
                accept=".json,.csv,.gpx,application/json,text/csv,application/gpx+xml"
                onchange={read}
            /></label
        >
    {/if}
</p>
{#if said}<p role="status">{said}</p>{/if}
