<script lang="ts">
    import { wordOf } from '../lib/catalogue';
    import { faultOf, type Fault, type Schemas } from '../lib/api';
    import type { Reading, WaterDesk } from './water.svelte';
    import { figure, shown, type Units } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';

    /** The bands, whole: from where to where, why, how much they weigh; the captain's own in place of any. */
    let { desk, bands, units }: { desk: WaterDesk; bands: Reading['bands']; units: Units } = $props();

    let opened = $state('');
    let faults: Fault[] = $state.raw([]);

    async function own(
        species: Schemas['Species'],
        figures: { top: number | null; bottom: number | null; weight: number | null },
    ): Promise<void> {
        faults = await desk.choose({ band: { species, ...figures } });
    }
</script>

<ul aria-label="Bands wanted">
    {#each bands as band, i (band.species)}
        <li class="py-1" data-water-band={band.species}>
            <button
                type="button"
                class="row"
                aria-expanded={opened === band.species}
                onclick={() => (opened = opened === band.species ? '' : band.species)}
            >
                <span class="swatch" style:background="var(--band-{i % 2})" style:border-color="var(--band-edge-{i % 2})"></span>
                <span class="min-w-0 leading-tight">
                    <b>{wordOf('species', band.species)}</b>
                    <b class="figure text-lg">{figure(units, 'depth', band.top)}–{shown(units, 'depth', band.bottom)}</b>
                    <span class="quiet text-sm"
                        >weight <span class="figure">{band.weight.toFixed(1)}</span>{band.own ? ', yours' : ''}</span
                    >
                    {#if desk.was.has(band.species)}<span class="changed">changed</span>{/if}
                    <span class="why quiet"
                        >{#if band.own}Reckoned {figure(units, 'depth', band.reckoned.top)}–{shown(
                                units,
                                'depth',
                                band.reckoned.bottom,
                            )}:
                        {/if}{band.why}</span
                    >
                </span>
            </button>
            {#if opened === band.species}
                <div class="flex flex-wrap items-center gap-2 pt-1 pl-6">
                    <NumberField
                        label="Top of the {wordOf('species', band.species)} band"
                        hideLabel
                        value={band.top}
                        change={(top) => void own(band.species, { top, bottom: band.bottom, weight: band.weight })}
                        {units}
                        quantity="depth"
                        fault={faultOf(faults, '/band/top')}
                    />
                    <NumberField
                        label="Foot of the {wordOf('species', band.species)} band"
                        hideLabel
                        before="to"
                        value={band.bottom}
                        change={(bottom) => void own(band.species, { top: band.top, bottom, weight: band.weight })}
                        {units}
                        quantity="depth"
                        fault={faultOf(faults, '/band/bottom')}
                    />
                    <NumberField
                        label="Weight of the {wordOf('species', band.species)} band"
                        hideLabel
                        before="weight"
                        value={band.weight}
                        change={(weight) => void own(band.species, { top: band.top, bottom: band.bottom, weight })}
                        {units}
                        unit=""
                        decimals={1}
                        fault={faultOf(faults, '/band/weight')}
                    />
                    {#if band.own}
                        <button
                            type="button"
                            class="btn btn-xs"
                            onclick={() => void own(band.species, { top: null, bottom: null, weight: null })}>As reckoned</button
                        >
                    {/if}
                </div>
            {/if}
        </li>
    {:else}
        <li class="quiet py-1">No band yet: enter temperatures, marks, or at least the bottom.</li>
    {/each}
</ul>

<style>
    .row {
        display: grid;
        grid-template-columns: 14px 1fr;
        gap: 8px;
        width: 100%;
        text-align: left;
        cursor: pointer;
    }
    .swatch {
        height: 34px;
        margin-top: 3px;
        border: 1.5px solid;
    }
    .why {
        display: block;
        font-size: 13px;
    }
    .changed {
        padding: 0 5px;
        font-size: 12.5px;
        font-weight: 600;
        color: var(--color-primary);
        border: 1.5px solid currentColor;
        border-radius: 3px;
    }
</style>
