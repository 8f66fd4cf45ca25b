<script lang="ts">
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, measure, plusMinus } from '../lib/units';
    import { lineWords } from '../lib/catalogue';

    /** The views' figures as a table, for those who do not see pictures. */
    let { desk }: { desk: SpreadDesk } = $props();

    const units = $derived(desk.boat.units);
    const unit = $derived(measure(units, 'depth').unit);
</script>

<table class="sr-only">
    <caption>Each line at {figure(units, 'speed', desk.speed)} {measure(units, 'speed').unit}, in {unit}</caption>
    <thead>
        <tr><th>Rod</th><th>Line</th><th>Depth</th><th>±</th><th>Back</th><th>Aside</th></tr>
    </thead>
    <tbody>
        {#each desk.holders as holder (holder.id)}
            {@const running = desk.feed.running.get(holder.code)}
            {@const line = desk.lineAt(holder.id)}
            {#if running && line}
                <tr>
                    <th scope="row">{holder.code}</th>
                    <td>{lineWords(line, units)}</td>
                    <td>{figure(units, 'depth', running.depth)}</td>
                    <td>{plusMinus(units, running.doubt)}</td>
                    <td>{figure(units, 'length', running.aft)}</td>
                    <td>{figure(units, 'length', Math.abs(running.starboard))} {running.starboard < 0 ? 'port' : 'starboard'}</td>
                </tr>
            {/if}
        {/each}
    </tbody>
</table>
