<script lang="ts">
    import type { Snippet } from 'svelte';

    /** Fields that are asked when they matter: folded, it says what is taken meanwhile. A fault inside opens it. */
    let { title, says, faulty, children }: { title: string; says: string; faulty: boolean; children: Snippet } = $props();

    let open = $state(false);
    $effect(() => {
        if (faulty) {
            open = true;
        }
    });
</script>

<details bind:open class="border-base-300 border-t">
    <summary class="flex min-h-11 cursor-pointer items-center gap-x-3 py-1">
        <span class="mark" aria-hidden="true"></span>
        <b class="w-24 shrink-0">{title}</b>
        <span class="quiet min-w-0 flex-1 text-[15px] leading-tight">{says}</span>
    </summary>
    <div class="grid gap-x-5 gap-y-2 pb-3 sm:grid-cols-4">{@render children()}</div>
</details>

<style>
    summary {
        list-style: none;
    }
    summary::-webkit-details-marker {
        display: none;
    }
    .mark {
        width: 9px;
        height: 9px;
        border-right: 2px solid var(--quiet);
        border-bottom: 2px solid var(--quiet);
        transform: rotate(-45deg);
    }
    details[open] .mark {
        transform: rotate(45deg);
    }
</style>
