<script lang="ts">
    import type { Schemas, SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../lib/spread-desk.svelte';
    import { shown } from '../lib/units';

    /** How a weight on bottom stands: it should tick, not drag. */
    let { bottom, desk, line }: { bottom: NonNullable<Schemas['RodReport']['bottom_rig']>; desk: SpreadDesk; line: SpreadLine } =
        $props();

    const units = $derived(desk.boat.units);
    const steep = $derived(bottom.angle >= bottom.steep_enough);
    const set = $derived(Math.abs((line.weight_mass ?? 0) - (bottom.lightest ?? 0)) < 1e-4);
</script>

<p class="border-base-300 border-b pb-1 text-[15px] leading-snug">
    Line at the weight <b class="figure">{bottom.angle.toFixed(0)}°</b> down, scope
    <b class="figure">{bottom.scope.toFixed(1)} to 1</b>.
    {#if bottom.lightest === null}
        <span class="text-error font-semibold">No stock weight holds it steeper than {bottom.steep_enough}° at this speed.</span>
    {:else if set}
        The lightest weight that keeps {bottom.steep_enough}°.
    {:else}
        {steep ? `${shown(units, 'clipMass', bottom.lightest)} would be enough for` : 'Too flat: it drags. To keep'}
        {bottom.steep_enough}°
        <button
            type="button"
            class="btn btn-xs btn-neutral"
            onclick={() => desk.change(line.holder_id, { weight_mass: bottom.lightest })}
            >Use {shown(units, 'clipMass', bottom.lightest)}</button
        >
    {/if}
</p>
