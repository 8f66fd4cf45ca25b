<script lang="ts">
    import type { Schemas, SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { shown } from '../lib/units';

    /** How a weight on bottom stands: it should tick, not drag. */
    let { bottom, desk, line }: { bottom: NonNullable<Schemas['RodReport']['bottom_rig']>; desk: SpreadDesk; line: SpreadLine } =
        $props();

    const units = $derived(desk.boat.units);
</script>

<p class="border-base-300 border-b pb-1 text-[15px] leading-snug">
    Line <b class="figure">{bottom.angle.toFixed(0)}°</b> down at the weight,
    <b class="figure">{bottom.water_angle.toFixed(0)}°</b> at the water, scope
    <b class="figure">{bottom.scope.toFixed(1)} to 1</b>.
    <span class={bottom.heavy_enough ? '' : 'text-error font-semibold'}>{bottom.advice}</span>
    {#if bottom.lightest !== null && !bottom.is_lightest}
        <button
            type="button"
            class="btn btn-xs btn-neutral"
            onclick={() => desk.change(line.holder_id, { weight_mass: bottom.lightest })}
            >Use {shown(units, 'small_mass', bottom.lightest)}</button
        >
    {/if}
</p>
