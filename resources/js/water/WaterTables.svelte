<script lang="ts">
    import { timeOfDay } from '../lib/words';
    import { wordOf } from '../lib/catalogue';
    import { figure, measure, shown, type Units } from '../lib/units';
    import type { Reading } from './water.svelte';

    /** What the pictures of the water show, for who does not see them. */
    let { reading, units }: { reading: Reading; units: Units } = $props();
</script>

<table class="sr-only">
    <caption>Bands by the clock, {measure(units, 'depth').spoken}</caption>
    <tbody>
        {#each reading.schedule as row (row.clock)}
            <tr
                ><th scope="row">{timeOfDay(row.clock)}</th>{#each row.bands as band (band.species)}<td
                        >{wordOf('species', band.species)}
                        {figure(units, 'depth', band.top)} to {figure(units, 'depth', band.bottom)}</td
                    >{/each}</tr
            >
        {/each}
    </tbody>
</table>
<table class="sr-only">
    <caption>Temperature by depth</caption>
    <tbody>
        {#each reading.temperatures as { depth, celsius } (depth)}
            <tr><th scope="row">{shown(units, 'depth', depth)}</th><td>{shown(units, 'temperature', celsius)}</td></tr>
        {/each}
    </tbody>
</table>
