<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { wordOf } from '../lib/catalogue';
    import SwapDialog from './SwapDialog.svelte';
    import type { Kind, Rod, Watch } from './watch.svelte';

    /** What was told last, and what can be told of the chosen rod. */
    let { watch, land }: { watch: Watch; land: (landed: { rod: Rod; bite: string } | null) => void } = $props();

    let swapping = $state(false);
    const rod = $derived(watch.rod);
    const full = $derived(watch.now?.bags.filter((bag) => bag.full) ?? []);

    async function take(kind: Kind): Promise<void> {
        if (!rod) {
            return;
        }
        if (kind === 'swap') {
            swapping = true;
            return;
        }
        land(kind === 'landed' && rod.bite ? { rod, bite: rod.bite } : null);
        await watch.tell(rod, kind);
    }
</script>

<footer>
    <p class="told" role="status">
        {#if watch.said}<b class="text-error">{watch.said}</b>
        {:else if full.length > 0 && !rod}<b
                >Your limit of {full.map(({ species }) => wordOf('species', species)).join(', ')} is kept: stop.</b
            >
        {:else if watch.last}Logged: {watch.last.words}.
        {:else if !rod}Tap a rod, then what happened to it.
        {:else}<b class="figure">{rod.holder}</b>: {rod.lure}{/if}
    </p>
    {#if watch.last}<button type="button" class="btn undo" onclick={() => void watch.undo()}>Undo</button>{/if}
    {#if aboard.may('log')}
        <div class="acts">
            {#each rod ? watch.takes(rod) : [] as act, i (act.kind)}
                <button
                    type="button"
                    class="btn {i === 0 ? 'btn-primary' : 'border-base-content bg-base-100'}"
                    data-act={act.kind}
                    onclick={() => void take(act.kind)}>{act.order}</button
                >
            {/each}
        </div>
    {/if}
</footer>
{#if swapping && rod}<SwapDialog {watch} {rod} close={() => (swapping = false)} />{/if}

<style>
    footer {
        display: grid;
        grid-area: foot;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 0.3rem 0.6rem;
        align-items: center;
    }
    .told {
        min-height: 32px;
    }
    .acts {
        display: grid;
        grid-auto-columns: minmax(0, 1fr);
        grid-auto-flow: column;
        grid-column: 1 / -1;
        gap: 0.6rem;
        min-height: 72px;
    }
    .acts .btn {
        height: 72px;
        font-size: 24px;
    }
    .undo {
        height: 48px;
        font-size: 20px;
    }
    @media (max-width: 1000px) {
        footer {
            position: sticky;
            align-self: end;
            bottom: 0;
            padding: 0.3rem 0;
            background: var(--color-base-200);
        }
        .acts {
            grid-auto-flow: row;
            grid-template-columns: repeat(auto-fit, minmax(4.2rem, 1fr));
            gap: 0.35rem;
            min-height: 0;
        }
        .acts .btn {
            height: 64px;
            padding: 0 0.2rem;
            font-size: 16px;
            line-height: 1.1;
        }
    }
</style>
