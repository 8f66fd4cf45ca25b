<script lang="ts">
    import type { Fault, Schemas } from '../lib/api';
    import type { Units } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';

    /** So much of one of the stores, in what it is counted in. */
    let {
        item,
        label,
        value,
        change,
        units,
        fault,
    }: {
        item: Pick<Schemas['StoreItem'], 'counted'>;
        label: string;
        value: number | null;
        change: (amount: number | null) => void;
        units: Units;
        fault?: Fault;
    } = $props();

    const weighed = $derived(item.counted === 'mass');
</script>

<NumberField
    {label}
    hideLabel
    {value}
    {change}
    {units}
    quantity={weighed ? 'mass' : undefined}
    unit={weighed ? undefined : ''}
    decimals={weighed ? undefined : 0}
    {fault}
/>
