<script lang="ts">
    import { breachKey, breachReason, breachTitle, cureWords } from '../lib/breaches';
    import type { CureOffer, SpreadDesk } from '../lib/spread-desk.svelte';

    /** How many things want a look, and on asking which; each leads to its rod. */
    let { desk }: { desk: SpreadDesk } = $props();

    const breaches = $derived(desk.feed.breaches);
    let open = $state(false);
    let place: HTMLElement;
    let cures: Map<string, CureOffer> = $state.raw(new Map());

    // Cures belong to the very depths shown: asked anew whenever those change while the list is open.
    $effect(() => {
        const shownNow = desk.feed.solved;
        if (open) {
            void desk.cures().then((offers) => {
                if (shownNow === desk.feed.solved) {
                    cures = new Map(offers.map((offer) => [breachKey(offer.breach), offer]));
                }
            });
        }
    });

    function lineOf(code: string | undefined) {
        const holder = desk.holders.find((candidate) => candidate.code === code);
        return holder && desk.lineAt(holder.id);
    }

    function lookAt(holders: string[]): void {
        const holder = desk.holders.find(({ code }) => code === holders[0]);
        if (holder) {
            desk.choose(holder.id);
        }
    }

    function leave(event: Event): void {
        if (open && event.target instanceof Node && !place.contains(event.target)) {
            open = false;
        }
    }
</script>

<svelte:window onclick={leave} onkeydown={(event) => event.key === 'Escape' && (open = false)} />

<div class="relative" bind:this={place}>
    <button
        type="button"
        class="btn btn-sm whitespace-nowrap"
        class:wanted={breaches.length > 0}
        aria-expanded={open}
        aria-controls="to-look-at"
        onclick={() => (open = !open)}
    >
        {breaches.length === 0 ? 'Nothing to look at' : `${breaches.length} to look at`}
    </button>
    {#if open}
        <ul id="to-look-at" class="list border-base-300 bg-base-100">
            {#each breaches as breach (breachKey(breach))}
                {@const cure = cures.get(breachKey(breach))}
                <li>
                    <button
                        type="button"
                        class="what"
                        onclick={() => lookAt(breach.holders)}
                        disabled={breach.holders.length === 0}
                    >
                        <b>{breachTitle(breach)}</b>
                        {#if breach.holders.length > 0}<span class="figure font-semibold">{breach.holders.join(' · ')}</span>{/if}
                        <span class="reason">{breachReason(breach, desk.boat.units)}</span>
                    </button>
                    {#if cure}
                        <button type="button" class="btn btn-sm btn-neutral mb-2 ml-3.5" onclick={() => desk.cure(cure)}
                            >{cureWords(cure, lineOf(cure.holders[0]), desk.boat.units)}</button
                        >
                    {/if}
                </li>
            {:else}
                <li class="p-3">Every line keeps clear of the others and of bottom, and the bands are covered.</li>
            {/each}
        </ul>
    {/if}
</div>

<style>
    .wanted {
        color: var(--color-primary);
        background: var(--color-base-100);
        border: 2px solid var(--color-primary);
    }
    .list {
        position: absolute;
        z-index: 20;
        top: calc(100% + 8px);
        right: 0;
        width: 25rem;
        max-height: 32rem;
        overflow-y: auto;
        border-width: 1px;
        border-radius: 6px;
        box-shadow: 0 8px 24px rgb(0 0 0 / 0.25);
    }
    li + li {
        border-top: 1px solid var(--color-base-300);
    }
    .what {
        display: grid;
        grid-template-columns: 1fr auto;
        gap: 0 0.75rem;
        width: 100%;
        min-height: 44px;
        padding: 0.5rem 0.9rem;
        text-align: left;
        cursor: pointer;
    }
    .what:disabled {
        cursor: default;
    }
    .what:not(:disabled):hover {
        background: var(--color-base-200);
    }
    .reason {
        grid-column: 1 / -1;
        font-size: 15px;
        line-height: 1.35;
    }
</style>
