<script lang="ts">
    import Dialog from '../frame/Dialog.svelte';
    import SignsTaps from '../water/SignsTaps.svelte';
    import type { Watch } from './watch.svelte';

    /** What is seen of the water, told as it changes. */
    let { watch, close }: { watch: Watch; close: () => void } = $props();
</script>

<Dialog title="What is seen of the water" {close} look="max-w-lg">
    <div class="grid gap-4">
        <SignsTaps
            signs={watch.signs}
            note={(told, word) => void watch.say(`the water: ${word}`, { kind: 'signs', ...told })}
            large
        />
    </div>
    {#if watch.said}<p class="text-error mt-3" role="alert">{watch.said}</p>{/if}
</Dialog>
