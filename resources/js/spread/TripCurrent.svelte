<script lang="ts">
    import { faultOf } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import type { WhatIf } from '../desk/plan';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, shown } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';
    import Popover from '../frame/Popover.svelte';

    /** The trip's current, told once for every screen: at the surface, where the speed is read, and at the gear. */
    let { desk }: { desk: SpreadDesk } = $props();

    type Current = NonNullable<WhatIf['current']>;

    const units = $derived(desk.boat.units);
    /** What the fields show: as it is tried, else as it was told of the trip's water. */
    const { gear_depth, metric_gear_depth } = theCatalogue().tries;
    const STILL: Current = {
        heading: 0,
        surface: { set: 0, drift: 0 },
        // svelte-ignore state_referenced_locally
        deep: { depth: desk.boat.units === 'us' ? gear_depth : metric_gear_depth, set: 0, drift: 0 },
    };
    const told = $derived(desk.current);
    const current: Current = $derived(desk.whatIf.current ?? told ?? STILL);

    const deep = $derived(desk.feed.flow.at(-1));
    const words = $derived(
        deep && desk.feed.flow.length > 1
            ? `${figure(units, 'speed', Math.hypot(deep.aft, deep.starboard))} at ${shown(units, 'depth', deep.depth)}`
            : told
              ? 'alike at all depths'
              : 'still water',
    );
    const fault = (field: string) => faultOf(desk.feed.faults, `/what_if/current/${field}`);

    function change(figures: Partial<Current>): void {
        void desk.tellCurrent({ ...current, ...figures });
    }
</script>

<Popover id="current" look="h-10 flex-col gap-0 leading-tight" pane="left-0 flex w-70 flex-col gap-1 px-4 py-3">
    {#snippet face()}
        <span class="quiet text-xs font-normal">current</span>
        <span class="text-sm whitespace-nowrap" data-testid="current">{words}</span>
    {/snippet}
    <NumberField
        label="Boat’s heading"
        value={current.heading}
        change={(v) => change({ heading: v ?? 0 })}
        {units}
        unit="°"
        decimals={0}
        fault={fault('heading')}
    />
    <p class="pt-1.5 font-semibold">At the surface</p>
    <NumberField
        label="sets toward"
        value={current.surface.set}
        change={(v) => change({ surface: { ...current.surface, set: v ?? 0 } })}
        {units}
        unit="°"
        decimals={0}
        fault={fault('surface/set')}
    />
    <NumberField
        label="drift"
        value={current.surface.drift}
        change={(v) => change({ surface: { ...current.surface, drift: v ?? 0 } })}
        {units}
        quantity="speed"
        fault={fault('surface/drift')}
    />
    <p class="pt-1.5 font-semibold">At the gear</p>
    <NumberField
        label="depth"
        value={current.deep.depth}
        change={(v) => change({ deep: { ...current.deep, depth: v ?? 0 } })}
        {units}
        quantity="depth"
        fault={fault('deep/depth')}
    />
    <NumberField
        label="sets toward"
        value={current.deep.set}
        change={(v) => change({ deep: { ...current.deep, set: v ?? 0 } })}
        {units}
        unit="°"
        decimals={0}
        fault={fault('deep/set')}
    />
    <NumberField
        label="drift"
        value={current.deep.drift}
        change={(v) => change({ deep: { ...current.deep, drift: v ?? 0 } })}
        {units}
        quantity="speed"
        fault={fault('deep/drift')}
    />
    <p class="quiet pt-1.5 text-sm">
        The boat’s speed is read at the surface; the gear feels what the water below does differently.
    </p>
    <p class="pt-1 text-sm font-semibold" role="status">
        {#if desk.whatIf.current && desk.feed.faults.length === 0}Tried only: the captain tells it.{:else if told && !desk.whatIf.current}The
            trip’s own, on every screen.{/if}
    </p>
    {#if told || desk.whatIf.current}
        <button type="button" class="btn btn-sm mt-2" onclick={() => void desk.tellCurrent(null)}>Still water</button>
    {/if}
</Popover>
