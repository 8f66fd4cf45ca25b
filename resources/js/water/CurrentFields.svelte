<script lang="ts">
    import { faultOf, type Fault, type Schemas } from '../lib/api';
    import type { WaterDesk } from './water.svelte';
    import type { Units } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';

    /** Current at the surface and at the gear; empty is not known. */
    let { desk, signs, units }: { desk: WaterDesk; signs: Schemas['WaterSigns']; units: Units } = $props();

    let faults: Fault[] = $state.raw([]);

    async function note(body: Schemas['WaterSigns']): Promise<void> {
        faults = await desk.note(body);
    }
</script>

<span class="flex items-center gap-2">
    <span class="quiet text-sm">Current</span>
    <NumberField
        label="Current at the surface"
        hideLabel
        before="top"
        value={signs.current_surface}
        change={(current_surface) => void note({ current_surface })}
        clear={() => void note({ current_surface: null })}
        {units}
        quantity="speed"
        fault={faultOf(faults, '/current_surface')}
    />
    <NumberField
        label="Current deep"
        hideLabel
        before="deep"
        value={signs.current_deep}
        change={(current_deep) => void note({ current_deep })}
        clear={() => void note({ current_deep: null })}
        {units}
        quantity="speed"
        fault={faultOf(faults, '/current_deep')}
    />
</span>
