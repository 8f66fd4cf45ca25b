<script lang="ts">
    import { askCures } from '../desk/asks';
    import { atStake, breachKey, type Breach } from './breaches';
    import type { Plan, WhatIf } from '../desk/plan';
    import Popover from '../frame/Popover.svelte';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import type { CureOffer } from '../desk/asks';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';

    /** How many things want a look, and on asking which; each leads to its rod. */
    let { desk }: { desk: SpreadDesk } = $props();

    /** As it runs, and as it is set. */
    const breaches = $derived([...desk.feed.breaches, ...(desk.ahead.setting?.crossings.map(({ breach }) => breach) ?? [])]);
    let open = $state(false);
    let limits = $state(false);
    let offered = $state.raw<{ plan: Plan; whatIf: WhatIf; by: Map<string, CureOffer> } | null>(null);
    /** An offer holds the whole plan it was tried on: none is one for another plan. */
    const cures = $derived(
        offered?.plan === desk.plan && offered.whatIf === desk.whatIf ? offered.by : new Map<string, CureOffer>(),
    );

    // Asked anew whenever the depths change while the list is open.
    $effect(() => {
        void desk.feed.solved;
        if (open) {
            const { plan, whatIf } = desk;
            void askCures(desk.spread.id, desk.plan, desk.whatIf).then((offers) => {
                offered = { plan, whatIf, by: new Map(offers.map((offer) => [breachKey(offer.breach), offer])) };
            });
        }
    });

    function lineOf(code: string | undefined) {
        const holder = desk.holders.find((candidate) => candidate.code === code);
        return holder && desk.lineAt(holder.id);
    }

    /** An order of setting in which these two do not cross. */
    const orderFor = (breach: Breach) =>
        desk.ahead.setting?.crossings.find((crossing) => crossing.breach === breach)?.cure ?? null;

    function lookAt(holders: string[]): void {
        const holder = desk.holders.find(({ code }) => code === holders[0]);
        if (holder) {
            desk.choose(holder.id);
        }
    }
</script>

<Popover
    id="to-look-at"
    bind:open
    look="whitespace-nowrap {breaches.length > 0 ? 'border-primary bg-base-100 text-primary border-2' : ''}"
    pane="right-0 w-100"
>
    {#snippet face()}{breaches.length === 0 ? 'Nothing to look at' : `${breaches.length} to look at`}{/snippet}
    <ul>
        {#each breaches as breach (breachKey(breach))}
            {@const cure = cures.get(breachKey(breach))}
            <li>
                <button type="button" class="what" onclick={() => lookAt(breach.holders)} disabled={breach.holders.length === 0}>
                    <b>{breach.title}</b>
                    {#if breach.holders.length > 0}<span class="figure font-semibold">{breach.holders.join(' · ')}</span>{/if}
                    <span class="reason"
                        >{breach.reason}{#if breach.kind === 'bottom'}<br />At stake: {atStake(
                                lineOf(breach.holders[0]),
                                desk.locker,
                            )}.{/if}</span
                    >
                </button>
                {#if orderFor(breach)}
                    <button
                        type="button"
                        class="btn btn-sm btn-neutral mb-2 ml-3.5"
                        onclick={() => desk.setOrder(orderFor(breach) ?? [])}
                        >Set {breach.holders[0]} before {breach.holders[1]}</button
                    >
                {:else if cure}
                    <button type="button" class="btn btn-sm btn-neutral mb-2 ml-3.5" onclick={() => desk.cure(cure)}
                        >{cure.order}</button
                    >
                {/if}
            </li>
        {:else}
            <li class="p-3">Every line keeps clear of the others and of bottom, and the bands are covered.</li>
        {/each}
    </ul>
    <p class="border-base-300 border-t px-3 py-2">
        <button type="button" class="cursor-pointer text-sm underline" onclick={() => (limits = true)}
            >What is worth a look…</button
        >
    </p>
</Popover>
{#if limits}
    <RuleBookDialog book="spread" changed={() => desk.refresh()} close={() => (limits = false)}
        >How near lines may come, and what water counts as bare.</RuleBookDialog
    >
{/if}

<style>
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
