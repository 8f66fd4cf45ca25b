<script lang="ts">
    import { saved } from '../desk/keeper.svelte';
    import { queue } from '../day/queue.svelte';

    /** Admek was brought up to date under this page. What waits on it is sent all the same. */
    async function reload(): Promise<void> {
        await saved();
        location.reload();
    }
</script>

<div class="outdated border-base-content bg-base-100" role="status">
    <span class="leading-tight"
        ><b>Admek has been brought up to date.</b> This page is the one from before{queue.length > 0
            ? '; what waits on it is kept and sent'
            : ''}.</span
    >
    <button type="button" class="btn btn-sm btn-primary" onclick={() => void reload()}>Reload</button>
</div>

<style>
    .outdated {
        position: fixed;
        z-index: 40;
        right: 0.75rem;
        bottom: 4rem;
        left: 0.75rem;
        display: flex;
        gap: 0.75rem;
        align-items: center;
        justify-content: space-between;
        max-width: 34rem;
        padding: 0.6rem 0.9rem;
        margin: 0 auto;
        border-width: 2px;
        border-radius: 6px;
        box-shadow: 0 8px 24px rgb(0 0 0 / 0.25);
    }
    @media print {
        .outdated {
            display: none;
        }
    }
</style>
