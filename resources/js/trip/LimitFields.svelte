<script lang="ts">
    import { wordOf } from '../lib/catalogue';
    import { faultAt, faultOf, type Fault } from '../lib/api';
    import { allowed, measure } from '../lib/units';
    import TextField from '../fields/TextField.svelte';
    import type { TripEntry } from './trip-entry.svelte';

    /** Limits as the captain looked them up, with where and when. */
    let { entry, faults }: { entry: TripEntry; faults: Fault[] } = $props();
</script>

<TextField
    label="Lines an angler"
    bind:value={entry.perAngler}
    inputmode="numeric"
    fault={faultAt(faults, '/lines_per_angler')}
/>
<TextField label="Most lines allowed" bind:value={entry.limit} inputmode="numeric" fault={faultAt(faults, '/line_limit')} />
<TextField
    label="Where you looked limits up"
    bind:value={entry.limitSource}
    fault={faultAt(faults, '/limit_source')}
    hint="Check the current rules."
/>
<TextField label="and when" type="date" bind:value={entry.lookedUp} fault={faultAt(faults, '/limits_looked_up')} />
{#each entry.species as name (name)}
    {@const i = entry.limited.indexOf(name)}
    <TextField
        label="Bag of {wordOf('species', name)}"
        bind:value={() => entry.bags[name] ?? '', (text) => (entry.bags[name] = text)}
        inputmode="numeric"
        fault={faultAt(faults, `/catch_limits/${i}/bag`)}
    />
    <TextField
        label="Least length of {wordOf('species', name)}, {measure(entry.units, 'fish').unit}"
        bind:value={() => entry.sizes[name] ?? '', (text) => (entry.sizes[name] = text)}
        inputmode="decimal"
        fault={allowed(faultOf(faults, `/catch_limits/${i}/least_length`), entry.units, 'fish')}
    />
{/each}
