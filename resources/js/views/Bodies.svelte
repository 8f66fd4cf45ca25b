<script lang="ts">
    import type { Schemas } from '../lib/api';

    /** What a line carries, each body by its own shape: board, clipped or core weight, ball, diver. In px by `at`. */
    let {
        line,
        at,
    }: {
        line: Pick<Schemas['LineFrame'], 'board' | 'weight' | 'ball' | 'diver'>;
        at: (place: number[]) => [number, number];
    } = $props();

    const board = $derived(line.board && at(line.board.place));
    const weight = $derived(line.weight && at(line.weight));
    const ball = $derived(line.ball && at(line.ball.place));
    const diver = $derived(line.diver && at(line.diver));
</script>

{#if board}<rect x={board[0] - 4} y={board[1] - 5} width="8" height="5" class="solid" />{/if}
{#if weight}<circle cx={weight[0]} cy={weight[1]} r="3" class="solid" />{/if}
{#if ball}<circle cx={ball[0]} cy={ball[1]} r="4.5" class="solid" />{/if}
{#if diver}<path d="M{diver[0] - 5} {diver[1] - 5}h10l-5 8z" class="solid" />{/if}
