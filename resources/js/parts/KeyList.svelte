<script lang="ts">
    /** The keys of the planning table. */
    let { close }: { close: () => void } = $props();

    const KEYS = [
        ['← →', 'the next rod'],
        ['↑ ↓', 'let out less, more; with Shift five steps'],
        ['[ ]', 'slower, faster'],
        [', .', 'turn to port, to starboard'],
        ['0', 'straight again'],
        ['p', 'back to the plan'],
        ['g', 'run it at a depth'],
        ['/', 'choose a lure'],
        ['b', 'log a bite'],
        ['Ctrl Z', 'undo; with Shift redo'],
        ['Ctrl S', 'save now'],
        ['?', 'these keys'],
    ];

    let dialog: HTMLDialogElement;
    $effect(() => dialog.showModal());
</script>

<dialog bind:this={dialog} onclose={close} class="modal" aria-labelledby="keys-title">
    <div class="modal-box max-w-md">
        <h2 id="keys-title" class="mb-3 text-lg font-bold">Keys</h2>
        <dl class="grid grid-cols-[7rem_1fr] gap-y-1.5">
            {#each KEYS as [key, does] (key)}
                <dt><kbd class="kbd kbd-sm figure">{key}</kbd></dt>
                <dd>{does}</dd>
            {/each}
        </dl>
        <form method="dialog" class="mt-4"><button class="btn btn-sm">Close</button></form>
    </div>
</dialog>
