<script lang="ts">
    import type { Snippet } from 'svelte';

    /** A task of its own over the page: Escape, its button or a click beside it end it. */
    let {
        title,
        close,
        look = 'max-w-md',
        children,
    }: { title: string; close: () => void; look?: string; children: Snippet } = $props();

    const id = $props.id();
    let dialog: HTMLDialogElement;
    $effect(() => dialog.showModal());
</script>

<dialog bind:this={dialog} onclose={close} class="modal" aria-labelledby="{id}-title">
    <div class="modal-box {look}">
        <div class="mb-3 flex items-center justify-between gap-4">
            <h2 id="{id}-title" class="text-lg font-bold">{title}</h2>
            <form method="dialog"><button class="btn btn-sm">Close</button></form>
        </div>
        {@render children()}
    </div>
    <form method="dialog" class="modal-backdrop"><button tabindex="-1" aria-label="Close"></button></form>
</dialog>
