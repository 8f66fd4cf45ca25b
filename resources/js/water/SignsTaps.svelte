<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import type { Schemas } from '../lib/api';

    /** Clarity, sky and surface in taps. A second tap takes one back: not known. */
    let {
        signs,
        note,
        large = false,
    }: { signs: Schemas['WaterSigns']; note: (told: Schemas['WaterSigns'], word: string) => void; large?: boolean } = $props();

    const CHOICES = [
        { sign: 'clarity', title: 'Water' },
        { sign: 'sky', title: 'Sky' },
        { sign: 'surface', title: 'Surface' },
    ] as const;
</script>

{#each CHOICES as { sign, title } (sign)}
    <span class={large ? 'grid gap-1' : 'flex items-center gap-1.5'} role="group" aria-label={title}>
        <span class="quiet {large ? 'text-lg' : 'text-sm'}">{title}</span>
        <span class={large ? 'grid grid-cols-3 gap-2' : 'join'}>
            {#each kindsOf(sign) as { value, word } (value)}
                <button
                    type="button"
                    class="btn {large ? 'border-base-content h-16 px-1 text-lg' : 'btn-sm join-item'}"
                    class:btn-neutral={signs[sign] === value}
                    aria-pressed={signs[sign] === value}
                    onclick={() => note({ [sign]: signs[sign] === value ? null : value }, word)}>{word}</button
                >
            {/each}
        </span>
    </span>
{/each}
