<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';

    /** Nobody serves this page: what to do about it. What is done on it meanwhile waits, and each screen says so of its own. */
    const onLaptop = $derived(aboard.me?.laptop ?? false);
</script>

<p class="unserved border-base-content bg-base-100" role="status" data-unserved>
    <b>{onLaptop ? 'Admek has stopped on this laptop.' : 'The boat’s laptop does not answer.'}</b>
    <span>
        {#if onLaptop}Start it again in its folder: <b>./admek serve</b>, with what you started it with.
        {:else}Is it on, and this device on the boat’s network? On the laptop: <b>./admek serve --boat</b>.{/if}
        <span class="goes-on">This page goes on by itself then.</span>
    </span>
</p>

<style>
    .unserved {
        flex: none;
        padding: 0.3rem 0.8rem;
        font-size: 15px;
        line-height: 1.25;
        border-bottom-width: 2px;
    }
    b {
        white-space: nowrap;
    }
    @media (max-width: 700px) {
        .unserved {
            padding: 0.15rem 0.5rem;
            font-size: 13px;
        }
        .goes-on {
            display: none;
        }
    }
    @media print {
        .unserved {
            display: none;
        }
    }
</style>
