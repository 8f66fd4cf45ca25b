<script lang="ts">
    import { kindsOf, theCatalogue } from '../lib/catalogue';
    import { faultOf, type Fault, type Schemas } from '../lib/api';
    import type { Units } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';
    import PickField from '../fields/PickField.svelte';

    /** The water wanted: species, from where to where, and how much it matters beside the rest. */
    let {
        bands,
        change,
        units,
        faults,
    }: {
        bands: Schemas['BandWanted'][];
        change: (bands: Schemas['BandWanted'][]) => void;
        units: Units;
        faults: readonly Fault[];
    } = $props();

    const free = $derived(kindsOf('species').filter(({ value }) => !bands.some((band) => band.species === value)));
    const set = (i: number, figures: Partial<Schemas['BandWanted']>) =>
        change(bands.map((band, j) => (j === i ? { ...band, ...figures } : band)));

    function add(): void {
        const species = free[0]?.value;
        if (species) {
            change([...bands, { species, ...theCatalogue().band }]);
        }
    }
</script>

<div class="flex flex-col gap-1.5">
    {#each bands as band, i (band.species)}
        <div class="flex flex-wrap items-center gap-x-2 gap-y-1">
            <span class="w-32"
                ><PickField
                    label="Species of band {i + 1}"
                    value={band.species}
                    options={kindsOf('species')
                        .filter(({ value }) => value === band.species || free.some((other) => other.value === value))
                        .map(({ value, word }) => ({ value, text: word }))}
                    change={(species) => set(i, { species })}
                    fault={faultOf(faults, `/bands/${i}/species`)?.detail}
                /></span
            >
            <NumberField
                label="From, band {i + 1}"
                hideLabel
                value={band.top}
                change={(v) => set(i, { top: v ?? 0 })}
                {units}
                quantity="depth"
                fault={faultOf(faults, `/bands/${i}/top`)}
            />
            <NumberField
                label="To, band {i + 1}"
                hideLabel
                before="to"
                value={band.bottom}
                change={(v) => set(i, { bottom: v ?? 0 })}
                {units}
                quantity="depth"
                fault={faultOf(faults, `/bands/${i}/bottom`)}
            />
            <NumberField
                label="Weight of band {i + 1}"
                hideLabel
                before="weight"
                value={band.weight}
                change={(v) => set(i, { weight: v ?? theCatalogue().band.weight })}
                {units}
                unit=""
                decimals={1}
                fault={faultOf(faults, `/bands/${i}/weight`)}
            />
            <button
                type="button"
                class="btn btn-ghost btn-sm btn-square"
                aria-label="Drop band {i + 1}"
                onclick={() => change(bands.filter((_, j) => j !== i))}>✕</button
            >
        </div>
    {:else}
        <p class="quiet">No depths are wanted yet. Add the band you mean to fish.</p>
    {/each}
    {#if free.length > 0}
        <button type="button" class="btn btn-sm self-start" onclick={add}>Add a band</button>
    {/if}
</div>
