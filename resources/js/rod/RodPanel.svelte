<script lang="ts">
    import { faultAt } from '../lib/api';
    import { kindOf, kindsFor, kindText } from './rigging';
    import { RodReportFeed } from './rod-report.svelte';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, measure, plusMinus, shown } from '../lib/units';
    import { entryOf, lineWords } from '../lib/catalogue';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import BottomRig from './BottomRig.svelte';
    import CraftCard from './CraftCard.svelte';
    import FigureSheet from './FigureSheet.svelte';
    import Opinions from './Opinions.svelte';
    import PickField from '../fields/PickField.svelte';
    import RigString from './RigString.svelte';
    import RunAt from './RunAt.svelte';

    /** The chosen rod: its depth with its doubt, its rig from tip to hook, other opinions of it, the figures behind it. */
    let { desk }: { desk: SpreadDesk } = $props();

    // The desk is one for the panel's life; the feed follows what is chosen on it.
    // svelte-ignore state_referenced_locally
    const feed = new RodReportFeed(desk);

    const holder = $derived(desk.chosen);
    const line = $derived(desk.chosenLine);
    const running = $derived(holder && desk.feed.running.get(holder.code));
    const report = $derived(feed.report?.holder === holder?.code ? feed.report : null);
    const units = $derived(desk.boat.units);
    const kinds = $derived(holder ? kindsFor(holder, desk.plan.lines) : []);
    /** What runs there may be none of them: a ball left on what is a rod holder now. */
    const offered = $derived(kinds.map(kindText));
    const asOption = (text: string) => ({ value: text, text });
    const at = $derived(line ? `/lines/${desk.indexOf(line.holder_id)}` : '');
    const lineFault = $derived(
        line &&
            (faultAt(desk.feed.faults, at) ??
                faultAt(desk.feed.faults, '/lines') ??
                faultAt(desk.feed.faults, `${at}/holder_id`)),
    );

    /** What is said of a line that has no depth just now. */
    const unsteady = $derived(
        desk.feed.breaches.find(({ kind, holders }) => kind === 'unsteady' && holders[0] === desk.chosen?.code)?.reason,
    );
    const TABS = ['rig', 'how', 'opinions', 'figures'] as const;
    let tab: (typeof TABS)[number] = $state('rig');

    let refused = $state('');
    let ruling = $state(false);
    $effect(() => {
        void desk.chosenId;
        refused = '';
    });
    const kind = $derived(line && kindOf(line, desk.locker));

    async function rig(text: string): Promise<void> {
        const wanted = kinds.find((candidate) => kindText(candidate) === text);
        if (holder && wanted) {
            refused = await desk.rig(holder.id, wanted);
        }
    }

    const side = $derived(
        running && Math.abs(running.starboard) >= 0.3 ? (running.starboard < 0 ? 'to port' : 'to starboard') : '',
    );

    const tipNote = $derived.by(() => {
        const down = report?.tip_down_depth;
        if (!running || down === null || down === undefined || Math.abs(down - running.depth) < 0.05) {
            return '';
        }
        return `at the water: ${shown(units, 'leader', down - running.depth)} deeper`;
    });
</script>

{#if holder}
    <section class="flex h-full flex-col gap-1 overflow-y-auto px-4 py-2" aria-label="Rod {holder.code}">
        <div class="flex items-baseline justify-between gap-2">
            <h2 class="text-lg font-bold">{holder.code}{line ? ` · ${lineWords(line, units)}` : ''}</h2>
            <span class="quiet text-sm">{holder.side === 'centre' ? 'stern' : holder.side}</span>
        </div>

        {#if line && running}
            <div class="flex items-center gap-3">
                <span class="figure text-primary text-[60px] leading-[0.9] font-bold"
                    >{figure(units, 'depth', running.depth)}</span
                >
                <span class="figure leading-tight">
                    <b class="text-lg">{plusMinus(units, running.doubt)} {measure(units, 'depth').unit}</b
                    >{#if running.trued}&nbsp;<span class="quiet text-[15px]">by soundings</span>{/if}<br />
                    <span class="quiet text-[15px]"
                        >{shown(units, 'length', running.aft)} back{side
                            ? `, ${figure(units, 'length', Math.abs(running.starboard))} ${side}`
                            : ''}</span
                    >
                    {#if running.rule}<br /><span class="quiet text-[15px]"
                            >rule of thumb <b>{figure(units, 'depth', running.rule.depth)}</b></span
                        >{/if}
                </span>
            </div>
            <RunAt {desk} {line} {running} />
            <div class="tabs" role="tablist" aria-label="About {holder.code}">
                {#each TABS as name (name)}
                    <button
                        type="button"
                        role="tab"
                        aria-selected={tab === name}
                        aria-controls="about-rod"
                        onclick={() => (tab = name)}>{name}</button
                    >
                {/each}
            </div>
        {:else if unsteady}
            <p class="text-error leading-snug font-semibold">{unsteady}</p>
        {/if}

        <div id="about-rod" role={line ? 'tabpanel' : undefined} class="flex flex-col gap-1">
            {#if tab === 'rig' || !line}
                <div class="flex items-center gap-2 text-[15px]">
                    <PickField
                        label="Presentation"
                        id="presentation"
                        value={kind ? kindText(kind) : ''}
                        options={[
                            ...(line ? [] : [{ value: '', text: 'Rig this rod as…' }]),
                            ...(kind ? [kindText(kind)] : []).filter((own) => !offered.includes(own)).map(asOption),
                            ...offered.map(asOption),
                        ]}
                        change={rig}
                    />
                    {#if line}
                        <button
                            type="button"
                            class="btn btn-ghost btn-sm px-1 font-normal underline"
                            onclick={() => desk.remove(line.holder_id)}>Take out</button
                        >
                    {/if}
                </div>
            {/if}
            {#if refused}<p class="text-error text-sm font-semibold" role="status">{refused}</p>{/if}
            {#if !line}
                <p class="quiet text-[15px]">
                    Nothing runs from this holder. Choose a presentation and it starts with
                    <button type="button" class="cursor-pointer underline" onclick={() => (ruling = true)}>usual figures</button>.
                </p>
                <ul class="kinds">
                    {#each kinds.filter(({ board }) => board === 'none') as plain (plain.presentation)}
                        <li>
                            <button type="button" onclick={() => rig(kindText(plain))}>
                                <b>{kindText(plain)}</b>
                                <span class="quiet">{entryOf(plain.presentation).best_at}</span>
                            </button>
                        </li>
                    {/each}
                </ul>
            {:else if tab === 'rig'}
                {#if lineFault}<p class="text-error text-sm font-semibold">{lineFault}</p>{/if}
                {#if report?.bottom_rig}<BottomRig bottom={report.bottom_rig} {desk} {line} />{/if}
                {#key line.holder_id}<RigString {desk} {holder} {line} {at} {tipNote} />{/key}
            {:else if tab === 'how'}
                <CraftCard {line} bait={desk.locker.lures.find(({ id }) => id === line.lure_id)?.kind === 'rigged_bait'} />
            {:else if tab === 'opinions' && running}
                <Opinions {desk} {line} {running} {report} />
            {:else if tab === 'figures' && report}
                <FigureSheet {desk} {line} {report} />
            {/if}
        </div>
    </section>
{/if}
{#if ruling}
    <RuleBookDialog book="rigging" changed={() => {}} close={() => (ruling = false)}
        >What this boat begins a line with, and drafts with.</RuleBookDialog
    >
{/if}

<style>
    .kinds button {
        display: flex;
        flex-direction: column;
        width: 100%;
        min-height: 44px;
        padding: 4px 0;
        font-size: 15px;
        line-height: 1.25;
        text-align: left;
        cursor: pointer;
        border-bottom: 1px solid var(--color-base-300);
    }
    .kinds span {
        font-size: 13px;
    }
    .tabs {
        display: flex;
        gap: 2px;
        padding: 0;
        border-bottom: 1px solid var(--color-base-300);
    }
    .tabs button {
        flex: 1;
        min-height: 30px;
        font-size: 15px;
        cursor: pointer;
        border-bottom: 3px solid transparent;
    }
    .tabs button[aria-selected='true'] {
        font-weight: 700;
        border-bottom-color: var(--color-primary);
    }
</style>
