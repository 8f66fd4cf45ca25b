<script lang="ts">
    import { faultAt, faultOf } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import { aboard } from '../lib/aboard.svelte';
    import CounterCheck from '../fields/CounterCheck.svelte';
    import NumberField from '../fields/NumberField.svelte';
    import PickField from '../fields/PickField.svelte';
    import type { RailDesk, RailHolder } from './rail-desk.svelte';

    /** The chosen holder in figures: what the pictures show, typed. */
    let { desk }: { desk: RailDesk } = $props();

    const units = $derived(desk.units());
    const { aft, aside, height } = theCatalogue().hull;
    const fields = $derived([
        ['starboard', 'Tip to starboard of the middle', aside],
        ['aft', 'Tip aft of the transom', aft],
        ['height', 'Tip above the water', height],
    ] as const);
    const at = (field: string) => `/holders/${desk.chosen}/${field}`;
    const steps = ([least = 0, most = 0]: readonly number[]) => ({ least, most, by: desk.step });

    function set(figures: Partial<RailHolder>): void {
        desk.set(figures);
        void desk.look();
    }
</script>

{#if desk.holder}
    {@const holder = desk.holder}
    <!-- A figure is taken by Enter; the form it may stand in is not sent by it. -->
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
    <div
        class="grid gap-2"
        aria-label="The chosen holder"
        role="group"
        onkeydown={(event) => event.key === 'Enter' && event.target instanceof HTMLInputElement && event.preventDefault()}
    >
        <div class="flex flex-wrap items-end gap-2">
            <label class="flex flex-col">
                <span class="quiet text-sm">Rod</span>
                <input
                    class="input figure w-20 text-xl font-bold"
                    class:input-error={faultAt(desk.faults, at('code'))}
                    id="holder-code"
                    maxlength={theCatalogue().hull.code}
                    value={holder.code}
                    oninput={(event) => desk.set({ code: event.currentTarget.value.trim() })}
                    onchange={() => void desk.look()}
                />
            </label>
            <span class="w-32"
                ><PickField
                    label="Side"
                    id="holder-side"
                    value={holder.side}
                    options={[
                        { value: 'port', text: 'port' },
                        { value: 'centre', text: 'stern' },
                        { value: 'starboard', text: 'starboard' },
                    ]}
                    change={(side) => set({ side: side as RailHolder['side'] })}
                /></span
            >
            <span class="w-36"
                ><PickField
                    label="Kind of holder"
                    id="holder-kind"
                    value={holder.kind}
                    options={[
                        { value: 'rod', text: 'rod holder' },
                        { value: 'boom', text: 'rigger boom' },
                    ]}
                    change={(kind) => set({ kind: kind as RailHolder['kind'] })}
                /></span
            >
        </div>
        {#if faultAt(desk.faults, at('code'))}
            <p class="text-error text-sm font-semibold">{faultAt(desk.faults, at('code'))}</p>
        {/if}
        {#each fields as [field, label, range] (field)}
            <NumberField
                {label}
                id="holder-{field}"
                value={holder[field]}
                change={(value) => set({ [field]: value ?? 0 })}
                {units}
                quantity="leader"
                fault={faultOf(desk.faults, at(field))}
                steps={steps(range)}
            />
        {/each}
        <p class="quiet text-sm leading-tight">To port and forward of the transom are negative.</p>
        <div class="flex flex-wrap gap-2">
            <button
                type="button"
                class="btn btn-sm"
                disabled={desk.holders.length >= theCatalogue().hull.most_holders}
                onclick={() => desk.add()}>Add a holder beside it</button
            >
            <button type="button" class="btn btn-sm" disabled={desk.holders.length < 2} onclick={() => desk.take()}
                >Take {holder.code || 'it'} out</button
            >
        </div>
        {#if holder.kind === 'boom' && aboard.boat}
            {#key holder.code}
                <CounterCheck
                    checked={holder.counter_calibrated ?? false}
                    factor={holder.counter_factor ?? 1}
                    how="Set the rigger's counter to nought, let cable out along a tape, and read it. It is kept with the boat."
                    {units}
                    verb="Take it"
                    keep={(figures) => desk.checkCounter(figures)}
                />
            {/key}
        {/if}
    </div>
{/if}
