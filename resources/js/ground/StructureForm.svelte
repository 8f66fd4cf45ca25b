<script lang="ts">
    import PickField from '../fields/PickField.svelte';
    import TextField from '../fields/TextField.svelte';
    import { faultOf, type Fault, type Schemas } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import type { GroundDesk, Place } from './ground.svelte';

    /** Structure drawn of the places tapped: a spot of one, an edge of more. */
    let {
        desk,
        laid,
        lay,
        say,
    }: { desk: GroundDesk; laid: Place[]; lay: (places: Place[]) => void; say: (words: string) => void } = $props();

    let name = $state('');
    /** What can be drawn of so many places. */
    const kinds: Schemas['StructureKind'][] = $derived(theCatalogue().structures[laid.length > 1 ? 'several' : 'one']);
    let picked: Schemas['StructureKind'] | undefined = $state();
    const kind = $derived(picked && kinds.includes(picked) ? picked : kinds[0]);
    let faults: Fault[] = $state.raw([]);

    async function draw(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        if (!kind) {
            return;
        }
        faults = await desk.draw({ name, kind, places: laid });
        if (faults.length === 0) {
            say(`${name} is on the chart.`);
            lay([]);
            name = '';
        }
    }
</script>

<form class="flex flex-col gap-2" onsubmit={draw}>
    <TextField label="Name" bind:value={name} fault={faultOf(faults, '/name')?.detail} />
    <p class="text-sm">{laid.length} {laid.length === 1 ? 'place' : 'places'} tapped.</p>
    <PickField
        label="Kind"
        value={kind}
        options={kinds.map((each) => ({ value: each, text: each }))}
        change={(chosen) => (picked = chosen)}
    />
    {#if faultOf(faults, '/places')}<p class="text-error text-sm font-semibold">{faultOf(faults, '/places')?.detail}</p>{/if}
    <span class="flex gap-2">
        <button class="btn btn-primary btn-sm">Put it on the chart</button>
        {#if laid.length > 0}<button type="button" class="btn btn-sm" onclick={() => lay(laid.slice(0, -1))}>Take one back</button
            >{/if}
    </span>
</form>
