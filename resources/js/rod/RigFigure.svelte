<script lang="ts">
    import { faultOf, type Holder, type SpreadLine } from '../lib/api';
    import type { Field } from '../lib/catalogue';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import NumberField from '../fields/NumberField.svelte';

    /** One figure of a rig, in the boat's units, with its natural step. */
    let { desk, holder, line, at, field }: { desk: SpreadDesk; holder: Holder; line: SpreadLine; at: string; field: Field } =
        $props();

    const name = $derived(field.figure as keyof SpreadLine);
    const control = $derived(desk.feed.running.get(holder.code)?.control.figure);
    const value = $derived((line[name] as number | null | undefined) ?? (name === 'tip_height' ? holder.height : undefined));
    const steps = $derived(
        field.step === undefined || field.least === undefined || field.most === undefined
            ? undefined
            : {
                  least: field.least,
                  most: field.most,
                  by: (desk.boat.units === 'metric' ? field.metric_step : field.step) ?? field.step,
              },
    );

    /** The control carries with it what must go with it, as the server told. */
    function set(next: number | null): void {
        desk.change(line.holder_id, name === control && next !== null ? desk.setting(holder.code, next) : { [name]: next });
    }
</script>

<NumberField
    label={field.label}
    id={name === control ? 'let-out' : undefined}
    hideLabel={field.beside}
    before={field.before}
    {value}
    change={set}
    units={desk.boat.units}
    quantity={field.quantity}
    {steps}
    fault={faultOf(desk.feed.faults, `${at}/${name}`)}
/>
