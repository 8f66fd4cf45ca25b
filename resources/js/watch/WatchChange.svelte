<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { Watch } from './watch.svelte';

    /** What is to be changed, the most pressing of it, with its reason; taken or refused with a tap. */
    let { watch }: { watch: Watch } = $props();

    const change = $derived(watch.changes.told[0]);
    const more = $derived(watch.changes.told.length - 1);
</script>

{#if change}
    <section class="change border-base-content" aria-label="What to change" data-change={change.key}>
        <p class="do" role="status">{change.do}</p>
        <p class="why">{change.why}{more > 0 ? ` And ${more} more.` : ''}</p>
        {#if aboard.may('log')}
            <p class="answers">
                <button type="button" class="btn btn-neutral" onclick={() => void watch.answer(change, 'taken')}>Done</button>
                <button type="button" class="btn border-base-content" onclick={() => void watch.answer(change, 'refused')}
                    >Not now</button
                >
            </p>
        {/if}
    </section>
{/if}

<style>
    .change {
        display: grid;
        gap: 0.2rem;
        padding: 0.4rem 0.6rem;
        line-height: 1.2;
        border-width: 2px;
        border-radius: 7px;
    }
    .do {
        font-size: 19px;
        font-weight: 700;
    }
    .why {
        font-size: 16px;
    }
    .answers {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 0.5rem;
    }
    .answers .btn {
        height: 64px;
        font-size: 20px;
    }
    @media (max-width: 1000px) {
        .do,
        .why {
            font-size: 16px;
        }
        .answers .btn {
            height: 48px;
            font-size: 18px;
        }
    }
</style>
