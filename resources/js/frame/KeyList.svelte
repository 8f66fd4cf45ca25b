<script lang="ts">
    import Dialog from './Dialog.svelte';

    /** The keys of the planning table. */
    let { close }: { close: () => void } = $props();

    const KEYS = [
        ['← →', 'the next rod'],
        ['↑ ↓', 'let out less, more; with Shift five steps'],
        ['[ ]', 'slower, faster'],
        [', .', 'turn to port, to starboard'],
        ['0', 'straight again'],
        ['p', 'back to the plan'],
        ['c', 'compare with the plan'],
        ['m', 'in time: a manoeuvre, second by second; Space plays it'],
        ['w', 'from above, from astern; on a phone from the side too'],
        ['x', 'mark the rod to run with others'],
        ['d', 'draft a spread'],
        ['o', 'setting order'],
        ['g', 'run it at a depth'],
        ['/', 'choose a lure'],
        ['b', 'log a bite'],
        ['Ctrl Z', 'undo; with Shift redo'],
        ['Ctrl S', 'save now'],
        ['?', 'these keys'],
    ];
</script>

<Dialog title="Keys" {close}>
    <dl class="grid grid-cols-[7rem_1fr] gap-y-1.5">
        {#each KEYS as [key, does] (key)}
            <dt><kbd class="kbd kbd-sm figure">{key}</kbd></dt>
            <dd>{does}</dd>
        {/each}
    </dl>
</Dialog>
