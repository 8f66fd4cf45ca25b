<script lang="ts">
    import { api, ask, type Schemas } from '../lib/api';
    import type { Watch } from './watch.svelte';

    /** How soon the other lines touch bottom if she is taken out of gear, over the depth of now: the first to clear first. */
    let { watch, fish }: { watch: Watch; fish: string } = $props();

    const EVERY_MS = 8000;
    /** More than the first few is no list to act on. */
    const FIRST = 5;

    let told = $state.raw<Schemas['OutOfGear'] | null>(null);

    $effect(() => {
        const path = { trip: watch.trip };
        const calls = new AbortController();
        let again: ReturnType<typeof setTimeout> | undefined;
        const look = async (): Promise<void> => {
            const answer = await ask(api.GET('/trips/{trip}/out-of-gear', { params: { path }, signal: calls.signal }));
            if (!calls.signal.aborted) {
                told = 'data' in answer ? answer.data : told;
                again = setTimeout(() => void look(), EVERY_MS);
            }
        };
        void look();
        return () => {
            calls.abort();
            clearTimeout(again);
        };
    });

    const touching = $derived(
        (told?.lines ?? []).filter(({ holder, brief }) => holder !== fish && brief !== null).slice(0, FIRST),
    );
</script>

{#if told}
    <div class="sinking" data-sinking>
        <p>{told.says}</p>
        {#if touching.length > 0}
            <ol>
                {#each touching as { holder, brief } (holder)}
                    <li><b class="figure">{holder}</b> <span class="figure">{brief}</span></li>
                {/each}
            </ol>
        {/if}
    </div>
{/if}

<style>
    .sinking {
        padding: 0.3rem 0.5rem;
        text-align: left;
        border: 2px solid var(--color-base-content);
        border-radius: 6px;
    }
    p {
        font-size: 18px;
        line-height: 1.2;
    }
    ol {
        display: flex;
        flex-wrap: wrap;
        gap: 0 0.9rem;
    }
    li {
        font-size: 24px;
        line-height: 1.25;
        white-space: nowrap;
    }
    li span {
        font-weight: 600;
    }
</style>
