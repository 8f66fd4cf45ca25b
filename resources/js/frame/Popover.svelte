<script lang="ts">
    import type { Snippet } from 'svelte';

    /** A button and the pane it opens beneath it; a click elsewhere or Escape closes it. */
    let {
        id,
        open = $bindable(false),
        face,
        look = '',
        pane = '',
        children,
    }: { id: string; open?: boolean; face: Snippet; look?: string; pane?: string; children: Snippet } = $props();

    let place: HTMLElement;

    function leave(event: Event): void {
        if (open && event.target instanceof Node && !place.contains(event.target)) {
            open = false;
        }
    }
</script>

<!-- In the capture phase, while what was clicked still stands in the page. -->
<svelte:window onclickcapture={leave} onkeydown={(event) => event.key === 'Escape' && (open = false)} />

<div class="relative" bind:this={place}>
    <button type="button" class="btn btn-sm {look}" aria-expanded={open} aria-controls={id} onclick={() => (open = !open)}>
        {@render face()}
    </button>
    {#if open}
        <div {id} class="pane border-base-300 bg-base-100 {pane}">{@render children()}</div>
    {/if}
</div>

<style>
    .pane {
        position: absolute;
        z-index: 20;
        top: calc(100% + 8px);
        max-height: 34rem;
        overflow-y: auto;
        border-width: 1px;
        border-radius: 6px;
        box-shadow: 0 8px 24px rgb(0 0 0 / 0.25);
    }
</style>
