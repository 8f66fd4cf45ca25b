<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import Dialog from '../frame/Dialog.svelte';
    import NumberField from '../fields/NumberField.svelte';
    import { faultOf, type Fault, type SpreadLine } from '../lib/api';
    import type { Field } from '../lib/catalogue';
    import { settingOf } from '../desk/steps';
    import { shown, type Units } from '../lib/units';
    import { partsOf } from '../rod/rigging';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** More or less out, or another dial, weight or lead: the figures of that rig, as the planning table has them. */
    let { watch, rod, units, close }: { watch: Watch; rod: Rod; units: Units; close: () => void } = $props();

    // svelte-ignore state_referenced_locally
    let line: SpreadLine = $state.raw({ ...rod.line, aim: null });
    let faults: Fault[] = $state.raw([]);

    const control = $derived(rod.control?.figure);
    const figures = $derived(
        aboard.locker
            ? partsOf(rod.line, aboard.locker)
                  .flatMap(({ fields }) => fields)
                  .filter(({ figure }) => figure && valueOf(figure) !== null)
            : [],
    );
    const first = $derived(figures.filter(({ figure }) => figure === control || figure === rod.control?.emptied));
    const rest = $derived(figures.filter((field) => !first.includes(field)));
    const counted = $derived(rod.counter_factor === null || !control ? null : (valueOf(control) ?? 0) * rod.counter_factor);
    const changed = $derived(figures.some(({ figure }) => valueOf(figure) !== (rod.line[figure as keyof SpreadLine] ?? null)));

    function valueOf(figure: Field['figure']): number | null {
        const value = line[figure as keyof SpreadLine];
        return typeof value === 'number' ? value : null;
    }
    function change(figure: Field['figure'], value: number | null): void {
        const carried = rod.control && figure === control && value !== null ? settingOf(rod.control, value) : {};
        line = { ...line, [figure as string]: value, ...carried };
    }

    async function tell(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        // The tap that tells it takes what was typed last: till then nothing may have changed.
        faults = changed ? await watch.tellTyped(rod, 'let_out', { line }) : [];
        if (faults.length === 0) {
            close();
        }
    }
    const own = $derived(figures.map(({ figure }) => `/line/${figure}`));
</script>

{#snippet number({ figure, label, quantity }: Field)}
    <NumberField
        {label}
        id={figure === control ? 'out-now' : undefined}
        value={valueOf(figure)}
        change={(value) => change(figure, value)}
        {units}
        {quantity}
        fault={faultOf(faults, `/line/${figure}`)}
    />
{/snippet}

<Dialog title="{rod.holder}: out now" {close} look="max-w-sm">
    <form class="deck grid gap-3" onsubmit={tell}>
        {#each first as field (field.figure)}{@render number(field)}{/each}
        {#if counted !== null}<p data-counter>
                The counter then shows <b class="figure">{shown(units, 'length', counted)}</b>.
            </p>{/if}
        {#if rest.length > 0}
            <details>
                <summary class="flex min-h-12 cursor-pointer items-center font-semibold underline">The rest of its rig</summary>
                <div class="grid gap-3 pt-2">
                    {#each rest as field (field.figure)}{@render number(field)}{/each}
                </div>
            </details>
        {/if}
        {#if faults[0] && !own.includes(faults[0].pointer)}<p class="text-error" role="alert">{faults[0].detail}</p>{/if}
        <button type="submit" class="btn btn-primary h-16 text-xl">It is so</button>
    </form>
</Dialog>
