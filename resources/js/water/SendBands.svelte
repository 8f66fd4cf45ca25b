<script lang="ts">
    import { timeOfDay } from '../lib/words';
    import { wordOf } from '../lib/catalogue';
    import { push } from 'svelte-spa-router';
    import type { Schemas } from '../lib/api';
    import { figure, shown, type Units } from '../lib/units';

    /** The bands of the hour, and on to the planning table with them. */
    let {
        said,
        sent,
        slot,
        units,
        trip,
        planned,
        send,
    }: {
        said: string;
        sent: string;
        slot: Schemas['WaterReading']['schedule'][number] | undefined;
        units: Units;
        trip: number;
        /** Whether its spread has lines: they are kept, else one is drafted. */
        planned: boolean;
        send: () => Promise<boolean>;
    } = $props();
</script>

<div class="border-base-300 border-t px-4 py-2">
    {#if said}<p class="text-error pb-1 text-sm font-semibold" role="alert">{said}</p>{/if}
    <p class="pb-1.5 text-sm leading-tight" role="status">
        {#if sent}<b>{sent}</b>{:else if slot}At <b class="figure">{timeOfDay(slot.clock)}</b>:
            {slot.bands
                .map(
                    (band) =>
                        `${wordOf('species', band.species)} ${figure(units, 'depth', band.top)}–${shown(units, 'depth', band.bottom)}`,
                )
                .join(', ')}.{/if}
    </p>
    <p class="flex gap-2">
        <button
            type="button"
            class="btn btn-sm {planned ? '' : 'btn-primary flex-1'}"
            onclick={async () => (await send()) && void push(`/trips/${trip}/spread?task=draft`)}>Draft a spread</button
        >
        <button type="button" class="btn btn-sm flex-1 {planned ? 'btn-primary' : ''}" onclick={() => void send()}
            >Send to the planning table <kbd class="text-xs">s</kbd></button
        >
    </p>
</div>
