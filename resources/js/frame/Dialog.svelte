<script lang="ts">
    import type { Snippet } from 'svelte';

    /** A task of its own over the page: Escape, its button or a click beside it end it; what was typed into it is asked about first. */
    let {
        title,
        close,
        look = 'max-w-md',
        children,
    }: { title: string; close: () => void; look?: string; children: Snippet } = $props();

    const id = $props.id();
    let dialog: HTMLDialogElement;
    /** Something was typed into a form that was not sent since. */
    let typed = $state(false);
    let asking = $state(false);
    $effect(() => dialog.showModal());

    const isOfForm = ({ target }: Event): boolean =>
        target instanceof Element && target.closest('form:not([method=dialog])') !== null;

    /** Something of what was sent was not taken: it is said in the form. */
    const isRefused = (): boolean =>
        [...dialog.querySelectorAll('form:not([method=dialog]) :is([aria-invalid=true], .text-error)')].some(
            (said) => said.matches('[aria-invalid]') || said.textContent.trim() !== '',
        );

    function leave(event: Event): void {
        if (typed || isRefused()) {
            event.preventDefault();
            asking = true;
        }
    }
</script>

<dialog
    bind:this={dialog}
    onclose={close}
    oncancel={leave}
    oninput={(event) => (typed ||= isOfForm(event))}
    onsubmit={(event) => (typed &&= !isOfForm(event))}
    class="modal"
    aria-labelledby="{id}-title"
>
    <div class="modal-box {look}">
        <div class="mb-3 flex items-center justify-between gap-4">
            <h2 id="{id}-title" class="text-lg font-bold">{title}</h2>
            <form method="dialog" onsubmit={leave}><button class="btn btn-sm">Close</button></form>
        </div>
        {#if asking}
            <p class="mb-3 flex flex-wrap items-center gap-2" role="alert">
                <b>What you typed is not kept yet.</b>
                <button type="button" class="btn btn-sm btn-error" onclick={close}>Throw it away</button>
                <button type="button" class="btn btn-sm" onclick={() => (asking = false)}>Go on with it</button>
            </p>
        {/if}
        {@render children()}
    </div>
    <form method="dialog" class="modal-backdrop" onsubmit={leave}><button tabindex="-1" aria-label="Close"></button></form>
</dialog>
