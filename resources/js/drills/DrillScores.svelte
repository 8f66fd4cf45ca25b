<script lang="ts">
    import type { Schemas } from '../lib/api';

    /** How everybody stands, the best first. */
    let { scores }: { scores: Schemas['DrillScore'][] } = $props();
</script>

<table class="w-full text-[15px]" data-testid="scores">
    <thead
        ><tr><th scope="col">Crew</th><th scope="col">taken</th><th scope="col">right</th><th scope="col">points</th></tr></thead
    >
    <tbody>
        {#each scores as { who, taken, right, points } (who)}
            <tr
                ><th scope="row">{who}</th><td class="figure">{taken}</td><td class="figure">{right}</td><td class="figure"
                    >{points}</td
                ></tr
            >
        {/each}
    </tbody>
</table>

<style>
    th,
    td {
        padding: 4px 8px;
        text-align: right;
        border-bottom: 1px solid var(--color-base-300);
    }
    th:first-child {
        text-align: left;
    }
</style>
