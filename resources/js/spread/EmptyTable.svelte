<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { wordOf } from '../lib/catalogue';
    import { figure, measure, shown } from '../lib/units';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';

    /** No line is planned: what is known for planning them, and the one next step. */
    let { desk, begin }: { desk: SpreadDesk; begin: (task: 'draft' | 'templates') => void } = $props();

    const units = $derived(desk.boat.units);
    const bands = $derived(desk.trip.bands.length > 0 ? desk.trip.bands : desk.spread.water.bands);
    const lines = $derived(desk.trip.lines_allowed ?? desk.trip.lines_presumed);
</script>

<div class="pointer-events-none absolute inset-0 grid place-items-center p-4">
    <section
        class="border-base-300 bg-base-100 rounded-box pointer-events-auto w-full max-w-md border p-5"
        aria-labelledby="empty-table"
    >
        <h2 id="empty-table" class="text-xl font-bold">No line is planned yet</h2>
        {#if bands.length > 0}
            <dl class="grid grid-cols-[auto_1fr] gap-x-4 py-2 leading-snug">
                {#each bands as band (band.species)}
                    <dt class="quiet">{wordOf('species', band.species)}</dt>
                    <dd class="figure font-semibold">
                        {figure(units, 'depth', band.top)}–{shown(units, 'depth', band.bottom)}
                    </dd>
                {/each}
                <dt class="quiet">speed</dt>
                <dd class="figure font-semibold">
                    {figure(units, 'speed', desk.plan.speed)}
                    {measure(units, 'speed')
                        .unit}{#if desk.spread.water.pace && desk.plan.speed === desk.spread.water.pace.at}<span
                            class="quiet font-normal"
                        >
                            from Water</span
                        >{/if}
                </dd>
                <dt class="quiet">lines</dt>
                <dd class="figure font-semibold">
                    up to {Math.min(lines, desk.holders.length)}
                    <span class="quiet pl-1 font-normal"
                        >{desk.trip.lines_allowed === null
                            ? `for ${desk.trip.anglers} anglers, no limit entered`
                            : 'by your limit'}</span
                    >
                </dd>
            </dl>
        {:else}
            <p class="quiet py-2">
                No depths are known to fish: <a class="link" href="#/trips/{desk.trip.id}/water">Water</a> reads them.
            </p>
        {/if}
        {#if aboard.may('plan')}
            <button type="button" class="btn btn-primary btn-lg w-full" onclick={() => begin('draft')}
                >Draft a spread <kbd class="text-sm">d</kbd></button
            >
        {/if}
        <p class="quiet pt-3 text-[15px]">
            Or <button type="button" class="link min-h-6 cursor-pointer" onclick={() => begin('templates')}
                >start from a kept spread</button
            >, or choose a rod below and rig it.
        </p>
    </section>
</div>
