<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import { faultAt, faultOf, type Fault } from '../lib/api';
    import { allowed, measure } from '../lib/units';
    import TextField from '../fields/TextField.svelte';
    import type { TripEntry } from './trip-entry.svelte';

    /** Where the trip goes, and its water. */
    let { entry, faults }: { entry: TripEntry; faults: Fault[] } = $props();

    const units = $derived(entry.units);
</script>

<TextField label="Ground" bind:value={entry.ground} fault={faultAt(faults, '/ground')} />
<TextField label="Port" bind:value={entry.port} fault={faultAt(faults, '/port')} />
<TextField
    label="Run to it, {measure(units, 'distance').unit}"
    bind:value={entry.run}
    inputmode="decimal"
    fault={allowed(faultOf(faults, '/run'), units, 'distance')}
/>
<div class="grid grid-cols-2 gap-2">
    <TextField
        label="Latitude, °N"
        bind:value={entry.latitude}
        hint="44.875, or 44 52.5 N"
        fault={faultAt(faults, '/latitude')}
    />
    <TextField
        label="Longitude, °E"
        bind:value={entry.longitude}
        hint="-38.4, or 38 24 W"
        fault={faultAt(faults, '/longitude')}
    />
    {#if faultAt(faults, '/place_sure')}
        <label class="col-span-2 flex min-h-11 items-center gap-3">
            <input type="checkbox" class="checkbox border-current" bind:checked={entry.placeSure} />
            <span class="text-error font-semibold">{faultAt(faults, '/place_sure')}</span>
        </label>
    {/if}
</div>
<div>
    <label for="water-kind" class="quiet text-sm">Water</label>
    <select id="water-kind" class="select w-full text-base" bind:value={entry.water}>
        {#each kindsOf('waters') as { value, word } (value)}<option {value}>{word}</option>{/each}
    </select>
    {#if faultAt(faults, '/water')}<p class="text-error text-sm font-semibold">{faultAt(faults, '/water')}</p>{/if}
</div>
<TextField
    label="Surface, {measure(units, 'temperature').unit}"
    bind:value={entry.temperature}
    inputmode="decimal"
    fault={faultAt(faults, '/water_temperature')}
/>
{#if entry.water !== 'fresh'}
    <TextField
        label="Salinity, if you know it"
        bind:value={entry.salinity}
        inputmode="decimal"
        fault={faultAt(faults, '/salinity')}
    />
{/if}
