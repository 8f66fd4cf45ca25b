<script lang="ts">
    import type { RunningLine, Schemas, SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { doubt, figure, plusMinus, shown } from '../lib/units';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import SoundingForm from './SoundingForm.svelte';

    /** Water model, rule of thumb and own soundings of one line side by side, and what explains where they differ. */
    let {
        desk,
        line,
        running,
        report,
    }: { desk: SpreadDesk; line: SpreadLine; running: RunningLine; report: Schemas['RodReport'] | null } = $props();

    const units = $derived(desk.boat.units);
    const soundings = $derived(report?.soundings ?? null);

    let reckoning = $state(false);
</script>

<dl class="grid grid-cols-[1fr_auto] gap-x-2 gap-y-1 py-1 text-[15px]">
    <dt>Water model</dt>
    <dd class="figure text-right text-xl font-semibold">
        {figure(units, 'depth', running.depth)} <small class="text-base">{plusMinus(units, running.doubt)}</small>
    </dd>
    <dt class="leading-tight">
        Rule of thumb <span class="quiet block text-[13px]">{running.rule?.reckoning ?? 'the trade has none for this rig'}</span>
    </dt>
    <dd class="figure text-right text-xl font-semibold">{running.rule ? figure(units, 'depth', running.rule.depth) : '—'}</dd>
    <dt class="leading-tight">
        Own soundings <span class="quiet block text-[13px]"
            >{soundings
                ? `${soundings.count} of this lure on this reel, ${figure(units, 'speed', soundings.slowest)}–${shown(units, 'speed', soundings.fastest)}`
                : 'none yet of this lure on this reel'}</span
        >
    </dt>
    <dd class="figure text-right text-xl font-semibold">
        {#if soundings}
            {figure(units, 'depth', soundings.depth)}{#if soundings.deviation !== null}
                <small class="text-base">± {doubt(units, soundings.deviation)}</small>{/if}
        {:else}—{/if}
    </dd>
</dl>
{#if soundings?.advice}<p class="text-sm font-semibold">{soundings.advice}</p>{/if}
{#if report?.compared}<p class="text-sm leading-snug">{report.compared}</p>{/if}
{#if report?.doubt}<p class="quiet text-sm">{report.doubt}</p>{/if}
<SoundingForm {desk} {line} {soundings} />
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
