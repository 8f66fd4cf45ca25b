<script lang="ts">
    import Dialog from '../frame/Dialog.svelte';
    import NumberField from '../fields/NumberField.svelte';
    import { faultOf, type Fault } from '../lib/api';
    import type { Units } from '../lib/units';
    import type { Rod, Watch } from './watch.svelte';

    /** More or less out on a line that fishes. */
    let { watch, rod, units, close }: { watch: Watch; rod: Rod; units: Units; close: () => void } = $props();

    // svelte-ignore state_referenced_locally
    const figure = rod.line.colours === null || rod.line.colours === undefined ? 'let_out' : 'colours';
    // svelte-ignore state_referenced_locally
    let out: number | null = $state(rod.line[figure] ?? null);
    let faults: Fault[] = $state.raw([]);

    async function tell(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        faults = await watch.tell(rod, 'let_out', { line: { ...rod.line, [figure]: out } });
        if (faults.length === 0) {
            close();
        }
    }
</script>

<Dialog title="{rod.holder}: out now" {close} look="max-w-sm">
    <form class="grid gap-4" onsubmit={tell}>
        <NumberField
            label={figure === 'colours' ? 'Colours' : 'Let out'}
            id="out-now"
            value={out}
            change={(value) => (out = value)}
            {units}
            quantity={figure === 'colours' ? 'colours' : 'length'}
            fault={faultOf(faults, `/line/${figure}`)}
        />
        {#if faults[0] && faults[0].pointer !== `/line/${figure}`}<p class="text-error" role="alert">{faults[0].detail}</p>{/if}
        <button type="submit" class="btn btn-primary h-16 text-xl" disabled={out === null}>It is so</button>
    </form>
</Dialog>
