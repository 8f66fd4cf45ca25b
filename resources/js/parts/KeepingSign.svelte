<script lang="ts">
    import type { SpreadDesk } from '../lib/spread-desk.svelte';

    /** Whether what is on the screen is kept, in words; a conflict asks who is right. */
    let { desk }: { desk: SpreadDesk } = $props();

    const words = $derived(
        {
            kept: 'Saved',
            changed: 'Save',
            keeping: 'Saving…',
            waiting: 'Not saved: the server is not answering. Trying again.',
            conflict: 'Saved on another device meanwhile.',
            refused: 'Not saved.',
        }[desk.keeping],
    );
</script>

<div class="flex items-center gap-2 text-sm" role="status" data-keeping={desk.keeping}>
    {#if desk.keeping === 'changed'}
        <button type="button" class="btn btn-sm btn-primary" onclick={() => desk.keepNow()}>Save</button>
    {:else if desk.keeping === 'conflict'}
        <b class="text-error">{words}</b>
        <button type="button" class="btn btn-sm" onclick={() => desk.takeTheirs()}>Take theirs</button>
        <button type="button" class="btn btn-sm" onclick={() => desk.keepMine()}>Keep mine</button>
    {:else if desk.keeping === 'waiting' || desk.keeping === 'refused'}
        <b class="text-error max-w-56 leading-tight">{words} {desk.keeping === 'refused' ? desk.refusal : ''}</b>
    {:else}
        <span class="quiet">{words}</span>
    {/if}
</div>
