<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import type { Schemas } from '../lib/api';

    /** Clarity, sky and surface in taps. A second tap takes one back: not known. */
    let {
        signs,
        note,
        look = 'btn-sm',
    }: { signs: Schemas['WaterSigns']; note: (told: Schemas['WaterSigns'], word: string) => void; look?: string } = $props();

    const CHOICES = [
        { sign: 'clarity', title: 'Water' },
        { sign: 'sky', title: 'Sky' },
        { sign: 'surface', title: 'Surface' },
    ] as const;
</script>

{#each CHOICES as { sign, title } (sign)}
    <span class="flex flex-wrap items-center gap-1.5" role="group" aria-label={title}>
        <span class="quiet text-sm">{title}</span>
        <span class="join">
            {#each kindsOf(sign) as { value, word } (value)}
                <button
                    type="button"
                    class="btn join-item {look}"
                    class:btn-neutral={signs[sign] === value}
                    aria-pressed={signs[sign] === value}
                    onclick={() => note({ [sign]: signs[sign] === value ? null : value }, word)}>{word}</button
                >
            {/each}
        </span>
    </span>
{/each}
