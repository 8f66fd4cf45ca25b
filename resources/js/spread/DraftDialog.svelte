<script lang="ts">
    import { onMount } from 'svelte';
    import { api, ask, type Fault, type Schemas, type SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, measure, plusMinus } from '../lib/units';
    import { lineWords, settingWords } from '../lib/catalogue';
    import BandFields from '../trip/BandFields.svelte';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import Dialog from '../frame/Dialog.svelte';

    /** A whole spread proposed for the water wanted, beside the one on the desk: taken whole or rod by rod. */
    let { desk, close }: { desk: SpreadDesk; close: () => void } = $props();

    type Drafted = Schemas['Draft']['lines'][number];

    const units = $derived(desk.boat.units);
    // What is wanted already; else what Water would fish as lines go in. The same for the dialog's life, until changed in it.
    // svelte-ignore state_referenced_locally
    const fromWater = desk.trip.bands.length === 0 && desk.spread.water.bands.length > 0;
    let bands: Schemas['BandWanted'][] = $state.raw(
        // svelte-ignore state_referenced_locally
        (fromWater ? desk.spread.water.bands : desk.trip.bands).map((band) => ({ ...band })),
    );
    let draft: Schemas['Draft'] | null = $state.raw(null);
    let faults: Fault[] = $state.raw([]);
    let said = $state('');
    let ruling = $state(false);

    const pick = ({ covered }: Schemas['Draft']) => Math.round(100 * covered);

    let asked = 0;

    async function make(): Promise<void> {
        const mine = ++asked;
        said = 'Drafting…';
        const answer = await ask(
            api.POST('/spreads/{spread}/draft', {
                params: { path: { spread: desk.spread.id } },
                body: { ...desk.plan, bands },
            }),
        );
        if (mine !== asked) {
            return;
        }
        said = '';
        faults = [];
        if ('data' in answer) {
            draft = answer.data;
        } else if ('problem' in answer) {
            draft = null;
            faults = answer.problem.errors ?? [];
            said = answer.problem.errors?.[0]?.detail ?? answer.problem.detail;
        } else {
            said = 'The server is not answering.';
        }
    }

    // Where the depths are known there is nothing to wait for.
    onMount(() => {
        if (bands.length > 0) {
            void make();
        }
    });

    /** What a draft that is taken was made for is what the views and breaches go by from then on. */
    async function keepBands(): Promise<void> {
        const kept = await ask(api.PUT('/trips/{trip}/bands', { params: { path: { trip: desk.trip.id } }, body: { bands } }));
        if ('data' in kept) {
            desk.retarget(kept.data);
        }
    }

    const lineOf = (code: string): SpreadLine | undefined => {
        const holder = desk.holders.find((candidate) => candidate.code === code);
        return holder && desk.lineAt(holder.id);
    };
    const taken = ({ line, holder }: Drafted) => {
        const now = lineOf(holder);
        return (
            now !== undefined && now.presentation === line.presentation && settingWords(now, units) === settingWords(line, units)
        );
    };

    async function takeAll(): Promise<void> {
        if (draft) {
            desk.edit({ ...desk.plan, lines: draft.lines.map(({ line }) => line) });
            close();
            await keepBands();
        }
    }

    async function take(line: SpreadLine): Promise<void> {
        desk.add(line);
        await keepBands();
    }
</script>

{#snippet sides(doubt: Schemas['Doubt'] | null)}{#if doubt}
        <span class="quiet text-sm">{plusMinus(units, doubt)}</span>{/if}{/snippet}

<Dialog title="Draft a spread" {close} look="max-w-5xl w-[64rem]">
    <div class="flex items-end justify-between gap-6">
        <BandFields {bands} change={(next) => (bands = next)} {units} {faults} />
        <div class="flex flex-col items-end gap-2 text-right">
            <p class="quiet max-w-72 text-sm">
                {#if fromWater}The depths Water would fish as lines go in.{/if}
                {desk.trip.anglers} anglers, {desk.trip.lines_allowed === null
                    ? `no limit entered: ${desk.trip.lines_presumed} lines presumed`
                    : `limit ${desk.trip.lines_allowed}`}; the gear in the locker, at {figure(units, 'speed', desk.plan.speed)}
                {measure(units, 'speed').unit}. Check the current rules.
            </p>
            <div class="flex items-baseline gap-4">
                <button type="button" class="cursor-pointer text-[15px] underline" onclick={() => (ruling = true)}
                    >How lines are begun…</button
                >
                <button
                    type="button"
                    class="btn {draft ? 'btn-neutral' : 'btn-primary'}"
                    disabled={bands.length === 0}
                    onclick={make}>Draft it</button
                >
            </div>
        </div>
    </div>
    <p class="min-h-6 font-semibold" class:text-error={said !== 'Drafting…'} role="status">{said}</p>
    {#if draft}
        <div class="flex items-center justify-between gap-4 pb-1">
            <p>
                It covers <b class="figure text-lg">{pick(draft)} %</b> of the water wanted by weight; the plan on the desk covers
                <b class="figure text-lg">{Math.round(100 * draft.covered_now)} %</b>.
            </p>
            <button type="button" class="btn btn-primary" onclick={() => void takeAll()}>Take it whole</button>
        </div>
        <div class="max-h-96 overflow-y-auto">
            <table class="w-full text-[15px]">
                <thead class="quiet text-left text-sm">
                    <tr
                        ><th>Rod</th><th>On the desk</th><th class="pr-3 text-right">{measure(units, 'depth').unit}</th><th
                            >Draft</th
                        ><th></th></tr
                    >
                </thead>
                <tbody>
                    {#each desk.holders as holder (holder.id)}
                        {@const drafted = draft.lines.find((line) => line.holder === holder.code)}
                        {@const now = desk.lineAt(holder.id)}
                        {@const running = desk.feed.running.get(holder.code)}
                        <tr class="border-base-300 border-t align-top">
                            <td class="figure py-1 pr-3 text-lg font-bold">{holder.code}</td>
                            <td class="figure w-44 py-1 pr-3">
                                {#if now && running}<b class="text-lg">{figure(units, 'depth', running.depth)}</b>{@render sides(
                                        running.doubt,
                                    )}
                                    {lineWords(now, units)}, {settingWords(now, units)}{:else}<span class="quiet">empty</span
                                    >{/if}
                            </td>
                            {#if drafted}
                                <td class="figure py-1 pr-3 text-right whitespace-nowrap"
                                    ><b class="text-xl">{figure(units, 'depth', drafted.depth)}</b>{@render sides(
                                        drafted.doubt,
                                    )}</td
                                >
                                <td class="py-1 pr-3 leading-snug">
                                    <b class="figure">{lineWords(drafted.line, units)}, {settingWords(drafted.line, units)}</b>,
                                    {desk.locker.lures.find(({ id }) => id === drafted.line.lure_id)?.name}<br />
                                    <span class="text-sm">{drafted.reason}</span>
                                </td>
                                <td class="py-1 text-right">
                                    {#if taken(drafted)}<span class="quiet text-sm">on the desk</span>{:else}
                                        <button
                                            type="button"
                                            class="btn btn-sm"
                                            aria-label="Take {holder.code}"
                                            onclick={() => void take(drafted.line)}>Take</button
                                        >{/if}
                                </td>
                            {:else}
                                <td></td>
                                <td class="quiet py-1" colspan="2">{draft.left_out[holder.code]}</td>
                            {/if}
                        </tr>
                    {/each}
                </tbody>
            </table>
        </div>
    {/if}
</Dialog>
{#if ruling}
    <RuleBookDialog book="rigging" changed={() => (draft = null)} close={() => (ruling = false)}
        >What this boat begins a line with, and drafts with.</RuleBookDialog
    >
{/if}
