<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import type { Schemas } from '../lib/api';
    import SignsTaps from './SignsTaps.svelte';
    import type { WaterDesk } from './water.svelte';

    /** What is seen of the water in one row: clarity, sky, surface and the bait that is about. */
    let { desk, signs }: { desk: WaterDesk; signs: Schemas['WaterSigns'] } = $props();
</script>

<div class="flex flex-wrap items-center gap-x-5 gap-y-1">
    <SignsTaps {signs} note={(told) => void desk.note(told)} />
    <label class="flex items-center gap-1.5">
        <span class="quiet text-sm">Bait</span>
        <select
            class="select select-sm w-40"
            aria-label="Bait that is about"
            value={signs.forage ?? ''}
            onchange={(event) =>
                void desk.note({ forage: (event.currentTarget.value || null) as Schemas['WaterSigns']['forage'] })}
        >
            <option value="">not known</option>
            {#each kindsOf('forage') as { value, word } (value)}<option {value}>{word}</option>{/each}
        </select>
    </label>
</div>
