<script lang="ts">
    import { untrack } from 'svelte';
    import { api, ask, type RunningLine, type Schemas, type SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, plusMinus } from '../lib/units';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import SoundingForm from './SoundingForm.svelte';
    import SoundingList from './SoundingList.svelte';
    import TaughtFigures from './TaughtFigures.svelte';

    /** Water model, trued and untrued, and rule of thumb of one line side by side, what explains where they differ, what is sounded. */
    let {
        desk,
        line,
        running,
        report,
    }: { desk: SpreadDesk; line: SpreadLine; running: RunningLine; report: Schemas['RodReport'] | null } = $props();

    const units = $derived(desk.boat.units);
    const trued = $derived(report?.trued ?? null);
    const counting = $derived(trued?.soundings.filter(({ used }) => used).length ?? 0);

    /** Which line would tell most of the spread, asked when these opinions are looked at. */
    let next = $state.raw<Schemas['NextSounding']['next']>(null);
    $effect(() => {
        void report;
        void ask(
            api.POST('/spreads/{spread}/next-sounding', {
                params: { path: { spread: desk.spread.id } },
                body: { ...untrack(() => desk.plan), what_if: untrack(() => desk.whatIf) },
            }),
        ).then((answer) => {
            next = 'data' in answer ? answer.data.next : null;
        });
    });

    let reckoning = $state(false);
</script>

<dl class="grid grid-cols-[1fr_auto] gap-x-2 gap-y-1 py-1 text-[15px]">
    <dt class="leading-tight">
        Water model {#if running.trued}<span class="quiet block text-[13px]"
                >by {counting}
                {counting === 1 ? 'sounding' : 'soundings'} of this rod’s gear</span
            >{/if}
    </dt>
    <dd class="figure text-right text-xl font-semibold">
        {figure(units, 'depth', running.depth)} <small class="text-base">{plusMinus(units, running.doubt)}</small>
    </dd>
    {#if trued}
        <dt class="leading-tight">Untrued <span class="quiet block text-[13px]">by the default figures</span></dt>
        <dd class="figure quiet text-right text-xl">
            {figure(units, 'depth', trued.untrued.depth)} <small class="text-base">{plusMinus(units, trued.untrued.doubt)}</small>
        </dd>
    {/if}
    <dt class="leading-tight">
        Rule of thumb <span class="quiet block text-[13px]">{running.rule?.reckoning ?? 'the trade has none for this rig'}</span>
    </dt>
    <dd class="figure text-right text-xl font-semibold">{running.rule ? figure(units, 'depth', running.rule.depth) : '—'}</dd>
</dl>
{#if report?.compared}<p class="text-sm leading-snug">{report.compared}</p>{/if}
{#if report?.doubt}<p class="quiet text-sm">{report.doubt}</p>{/if}
<SoundingForm {desk} {line} />
{#if next}<p class="text-sm leading-snug"><b>Sounding that tells most:</b> {next.says}</p>{/if}
{#if trued}
    <SoundingList soundings={trued.soundings} {units} changed={() => desk.refresh()} />
    <h3 class="border-base-300 border-t pt-1 text-[15px] font-bold">What they teach</h3>
    <TaughtFigures figures={trued.figures} {units} changed={() => desk.refresh()} />
{/if}
<p class="border-base-300 border-t pt-1">
    <button type="button" class="cursor-pointer text-[15px] underline" onclick={() => (reckoning = true)}
        >Your own rules of thumb…</button
    >
</p>
{#if reckoning}
    <RuleBookDialog book="thumb" changed={() => desk.refresh()} close={() => (reckoning = false)}
        >What the trade reckons depth with, as this boat does.</RuleBookDialog
    >
{/if}
