<script lang="ts">
    import Dialog from '../frame/Dialog.svelte';
    import NumberField from '../fields/NumberField.svelte';
    import PickField from '../fields/PickField.svelte';
    import { faultOf, type Fault, type Schemas } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import type { Units } from '../lib/units';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** More or less out on a line that fishes, or how deep it was seen to run. */
    let { watch, rod, units, close }: { watch: Watch; rod: Rod; units: Units; close: () => void } = $props();

    // svelte-ignore state_referenced_locally
    const figure = rod.line.colours === null || rod.line.colours === undefined ? 'let_out' : 'colours';
    // svelte-ignore state_referenced_locally
    let out: number | null = $state(rod.line[figure] ?? null);
    let depth: number | null = $state(null);
    const methods = theCatalogue().kinds.soundings;
    let method = $state(String(methods[0]?.value));
    let faults: Fault[] = $state.raw([]);

    async function tell(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        await kept(watch.tell(rod, 'let_out', { line: { ...rod.line, [figure]: out } }));
    }
    async function sound(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        if (depth !== null) {
            await kept(watch.tell(rod, 'sounding', { depth, method: method as Schemas['SoundingMethod'] }));
        }
    }
    async function kept(telling: Promise<Fault[]>): Promise<void> {
        faults = await telling;
        if (faults.length === 0) {
            close();
        }
    }
    const own = $derived([`/line/${figure}`, '/depth']);
</script>

<Dialog title="{rod.holder}: out now, and how deep" {close} look="max-w-sm">
    <form class="deck grid gap-4" onsubmit={tell}>
        <NumberField
            label={figure === 'colours' ? 'Colours' : 'Let out'}
            id="out-now"
            value={out}
            change={(value) => (out = value)}
            {units}
            quantity={figure === 'colours' ? 'colours' : 'length'}
            fault={faultOf(faults, `/line/${figure}`)}
        />
        <button type="submit" class="btn btn-primary h-16 text-xl" disabled={out === null}>It is so</button>
    </form>
    {#if faults[0] && !own.includes(faults[0].pointer)}<p class="text-error" role="alert">{faults[0].detail}</p>{/if}
    <form class="deck border-base-300 mt-4 grid gap-4 border-t pt-4" onsubmit={sound}>
        <NumberField
            label="Seen to run at"
            id="sounded-at"
            value={depth}
            change={(value) => (depth = value)}
            clear={() => (depth = null)}
            {units}
            quantity="depth"
            fault={faultOf(faults, '/depth')}
        />
        <PickField
            label="How"
            value={method}
            options={methods.map(({ value, word }) => ({ value, text: word }))}
            change={(value) => (method = value)}
        />
        <button type="submit" class="btn border-base-content bg-base-100 h-16 text-xl">Sounded</button>
    </form>
</Dialog>

<style>
    /* Typed with wet hands on a moving deck. */
    .deck :global(label),
    .deck :global(span) {
        font-size: 20px;
    }
    .deck :global(:is(input, select)) {
        height: 56px;
        font-size: 24px;
    }
    .deck :global(input) {
        width: 6.5rem;
    }
    .deck :global(select) {
        font-size: 20px;
        line-height: 56px;
    }
</style>
