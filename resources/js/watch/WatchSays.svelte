<script lang="ts">
    import type { Watch } from './watch.svelte';

    /** What is to be known of the bottom, the soonest first. */
    let { watch }: { watch: Watch } = $props();

    const SHOWN = 2;

    const ahead = $derived(watch.now?.ahead ?? null);
    const shown = $derived(ahead?.contacts.slice(0, SHOWN) ?? []);
    const more = $derived((ahead?.contacts.length ?? 0) - shown.length);
</script>

{#if ahead && shown.length > 0}
    <section
        class="says border-base-content"
        class:alarm={ahead.alarm}
        aria-label="Bottom"
        role={ahead.alarm ? 'alert' : undefined}
    >
        {#if ahead.alarm}<p class="word">Bottom</p>{/if}
        <ul>
            {#each shown as { holder, words } (holder)}<li>{words}</li>{/each}
        </ul>
        {#if more > 0}<p class="more">and {more} more</p>{/if}
    </section>
{/if}

<style>
    .says {
        display: flex;
        flex-direction: column;
        justify-content: center;
        min-width: 0;
        padding: 0.2rem 0.7rem;
        overflow: hidden;
        font-size: 18px;
        line-height: 1.2;
        border-width: 1px;
        border-radius: 7px;
    }
    .alarm {
        border-width: 4px;
    }
    .word {
        font-size: 20px;
        font-weight: 800;
        text-transform: uppercase;
    }
    .more {
        font-size: 16px;
    }
</style>
