<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import type { Schemas } from '../lib/api';

    /** How cut bait is made ready. */
    let { cure = $bindable(), strips = $bindable() }: { cure: Schemas['BaitCure']; strips: boolean } = $props();
</script>

<fieldset class="flex flex-wrap items-center gap-x-4 sm:col-span-4">
    <legend class="quiet text-sm">Cut bait, if any rod fishes it</legend>
    {#each kindsOf('cures') as { value, word } (value)}
        <label class="flex min-h-9 cursor-pointer items-center gap-2"
            ><input
                type="radio"
                class="radio radio-sm"
                name="cure"
                checked={cure === value}
                onchange={() => (cure = value)}
            />{word}</label
        >
    {/each}
    <label class="flex min-h-9 cursor-pointer items-center gap-2 border-l pl-4"
        ><input type="checkbox" class="checkbox checkbox-sm border-current" bind:checked={strips} />cut into strips, not fished
        whole</label
    >
</fieldset>
