<script lang="ts">
    import type { SpreadLine } from '../lib/api';

    /** Drawn sign of a presentation, always beside its word: what hangs on the line, as seen over the rail. */
    let { line, size = 16 }: { line: SpreadLine; size?: number } = $props();
</script>

<svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="1.6">
    {#if line.board_id && line.presentation === 'three_way'}
        <path d="M1 5h11l3 -3H4z" fill="currentColor" stroke="none" />
        <path d="M7 5v4M7 9l7 3M7 9v3" />
        <circle cx="7" cy="13.6" r="2" fill="currentColor" stroke="none" />
    {:else if line.board_id}
        <path d="M1 7h11l3 -3H4z" fill="currentColor" stroke="none" />
        <path d="M8 7v6" stroke-dasharray={line.presentation === 'core' ? '2 1.4' : undefined} />
        <circle cx="8" cy="14" r="1.4" fill={line.presentation === 'clip' ? 'currentColor' : 'none'} />
    {:else if line.presentation === 'rigger'}
        <path d="M8 0v9" />
        <circle cx="8" cy="11.5" r="3.6" fill="currentColor" stroke="none" />
    {:else if line.presentation === 'diver'}
        <path d="M8 0v4" />
        <path d="M2 6h12l-6 9z" fill="currentColor" stroke="none" />
    {:else if line.presentation === 'core'}
        <path d="M2 2l12 12" stroke-width="2.6" stroke-dasharray="3 2" />
    {:else if line.presentation === 'clip'}
        <path d="M2 3l12 9" />
        <circle cx="9" cy="8.4" r="2.8" fill="currentColor" stroke="none" />
    {:else if line.presentation === 'stacker'}
        <path d="M5 0v16M5 5l9 3" />
        <circle cx="5" cy="5" r="2" fill="currentColor" stroke="none" />
        <circle cx="5" cy="13" r="2.6" />
    {:else if line.presentation === 'segment'}
        <path d="M1 2l4 3.4M11 10.6l4 3.4" />
        <path d="M5 5.4l6 5.2" stroke-width="3.4" stroke-dasharray="2.6 1" />
    {:else if line.presentation === 'wire'}
        <path d="M2 2l12 12" stroke-width="3" />
    {:else if line.presentation === 'bouncer'}
        <path d="M3 2v13M3 8l11 4" />
        <circle cx="3" cy="9" r="2.8" fill="currentColor" stroke="none" />
    {:else if line.presentation === 'dropper'}
        <path d="M2 1l5 6M7 7l8 2M7 7v5" />
        <circle cx="7" cy="13.4" r="2.2" fill="currentColor" stroke="none" />
    {:else if line.presentation === 'three_way'}
        <path d="M1 2l6 5M7 7l8 4M7 7v4" />
        <circle cx="7" cy="13" r="2.4" fill="currentColor" stroke="none" />
    {:else if line.presentation === 'wash'}
        <path d="M1 5q2.5-3 5 0t5 0 4 0M2 11h9l3-2" />
    {:else if line.presentation === 'down_rod'}
        <path d="M2 1l5 6v7a2 2 0 0 0 4 0" />
    {:else}
        <path d="M1 5c5 0 9 1 14 6" />
    {/if}
</svg>
