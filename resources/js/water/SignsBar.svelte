<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import type { Schemas } from '../lib/api';
    import type { WaterDesk } from './water.svelte';

    /** What is seen of the water in one row of taps: clarity, sky, surface. A second tap takes it back: not known. */
    let { desk, signs }: { desk: WaterDesk; signs: Schemas['WaterSigns'] } = $props();

    const CHOICES = [
        { sign: 'clarity', title: 'Water' },
        { sign: 'sky', title: 'Sky' },
        { sign: 'surface', title: 'Surface' },
    ] as const;
</script>

<div class="flex flex-wrap items-center gap-x-5 gap-y-1">
    {#each CHOICES as { sign, title } (sign)}
        <span class="flex items-center gap-1.5" role="group" aria-label={title}>
            <span class="quiet text-sm">{title}</span>
            <span class="join">
                {#each kindsOf(sign) as { value, word } (value)}
                    <button
                        type="button"
                        class="btn btn-sm join-item"
                        class:btn-neutral={signs[sign] === value}
                        aria-pressed={signs[sign] === value}
                        onclick={() => void desk.note({ [sign]: signs[sign] === value ? null : value })}>{word}</button
                    >
                {/each}
            </span>
        </span>
    {/each}
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
