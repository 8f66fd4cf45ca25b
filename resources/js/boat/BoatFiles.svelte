<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultsIn, type Boat, type Schemas } from '../lib/api';

    /** The boat and her locker out as a file, and one of another Admek's in: looked at first, then kept. */
    let { changed }: { changed: (boat: Boat) => void } = $props();

    let file: Schemas['BoatFile'] | null = $state.raw(null);
    let found: Schemas['BoatFileFound'] | null = $state.raw(null);
    let said = $state('');

    async function read(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const chosen = event.currentTarget.files?.[0];
        event.currentTarget.value = '';
        file = found = null;
        if (!chosen) {
            return;
        }
        try {
            file = JSON.parse(await chosen.text()) as Schemas['BoatFile'];
        } catch {
            said = `${chosen.name} is no JSON.`;
            return;
        }
        const answer = await ask(api.POST('/boat/file', { body: file }));
        const [fault] = faultsIn(answer);
        said = fault ? `${chosen.name}: ${fault.pointer} ${fault.detail}` : '';
        found = 'data' in answer ? answer.data : null;
    }

    async function keep(): Promise<void> {
        if (!file) {
            return;
        }
        const answer = await ask(api.PUT('/boat/file', { body: file }));
        const [fault] = faultsIn(answer);
        said = fault ? `${fault.pointer} ${fault.detail}` : 'Read and kept.';
        if ('data' in answer) {
            file = found = null;
            aboard.boat = answer.data;
            await aboard.readLocker();
            changed(answer.data);
        }
    }
</script>

<h2 class="pb-1 font-bold">Boat and locker as a file</h2>
<p class="flex flex-wrap items-center gap-2">
    <a class="btn btn-sm" href="/api/boat/file" download>Write it</a>
    <label class="btn btn-sm"
        >Read one…<input type="file" class="sr-only" accept=".json,application/json" onchange={read} /></label
    >
</p>
{#if found}
    <p class="pt-2 text-sm leading-snug" role="status">
        {found.name}: {found.holders} holders{found.added.length > 0
            ? `; new in the locker: ${found.added.join(', ')}`
            : ''}{found.changed.length > 0 ? `; changed: ${found.changed.join(', ')}` : ''}. Nothing is taken out of the locker.
    </p>
    {#each found.does as trip (trip.trip)}
        {#each trip.says as sentence, i (i)}<p class="pt-1 text-sm leading-snug font-semibold">{trip.date}: {sentence}</p>{/each}
    {/each}
    <p class="flex gap-2 pt-2">
        <button type="button" class="btn btn-sm btn-primary" onclick={() => void keep()}>Keep it</button>
        <button type="button" class="btn btn-sm" onclick={() => (found = file = null)}>Leave it</button>
    </p>
{/if}
{#if said}<p class="pt-2 text-sm font-semibold" class:text-error={said !== 'Read and kept.'} role="alert">{said}</p>{/if}
<h2 class="pt-5 pb-1 font-bold">All of it</h2>
<p class="pb-2 text-sm leading-snug">
    Boat, locker, trips, days, tracks, soundings and photographs as one file, which an Admek that has no boat yet takes in whole.
</p>
<p class="flex flex-wrap gap-2">
    <a class="btn btn-sm" href="/api/everything" download>Write everything</a>
    <a class="btn btn-sm" href="/api/days/file/csv" download>Every day’s log as CSV</a>
    <a class="btn btn-sm" href="/api/days/file/gpx" download>Every day’s track as GPX</a>
</p>
