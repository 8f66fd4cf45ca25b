<script lang="ts">
    import type { SpreadDesk } from '../desk/spread-desk.svelte';

    /** Whether what is on the screen is kept, in words; a conflict asks who is right. */
    let { desk }: { desk: SpreadDesk } = $props();

    const words = $derived(
        {
            kept: 'Saved',
            changed: 'Save',
            keeping: 'Saving…',
            waiting: `Not saved: ${desk.keeper.refusal.toLowerCase() || 'the server is not answering'}. Trying again.`,
            conflict: 'Saved on another device meanwhile.',
            refused: 'Not saved.',
        }[desk.keeper.keeping],
    );
</script>

<div class="flex items-center gap-2 text-sm" role="status" data-keeping={desk.keeper.keeping}>
    {#if desk.keeper.keeping === 'changed'}
        <button type="button" class="btn btn-sm btn-primary" onclick={() => desk.keeper.keepNow()}>Save</button>
    {:else if desk.keeper.keeping === 'conflict' || desk.keeper.keeping === 'waiting' || desk.keeper.keeping === 'refused'}
        <b class="text-error" aria-hidden="true">Not saved</b>
        <div class="why">
            <b class="text-error">{words} {desk.keeper.keeping === 'refused' ? desk.keeper.refusal : ''}</b>
            {#if desk.keeper.keeping === 'conflict'}
                <button type="button" class="btn btn-sm" onclick={() => desk.takeTheirs()}>Take theirs</button>
                <button type="button" class="btn btn-sm" onclick={() => desk.keeper.keepMine()}>Keep mine</button>
            {/if}
        </div>
    {:else}
        <span class="quiet">{words}</span>
    {/if}
</div>

<style>
    /* Under the header, where it has the room to say all of it. */
    .why {
        position: fixed;
        z-index: 15;
        top: 64px;
        right: 300px;
        display: flex;
        gap: 0.5rem;
        align-items: center;
        max-width: 36rem;
        padding: 0.4rem 0.8rem;
        background: var(--color-base-100);
        border: 2px solid var(--color-error);
        border-radius: 6px;
    }
    @media (max-width: 900px) {
        .why {
            right: 8px;
            left: 8px;
        }
    }
</style>
