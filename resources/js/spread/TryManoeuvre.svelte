<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { faultOf } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import type { InTime } from '../desk/in-time.svelte';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { shown } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';

    /** What the boat is to do, and what comes of it: each line of the answer is a moment to look at. */
    let { desk, inTime }: { desk: SpreadDesk; inTime: InTime } = $props();

    const units = $derived(desk.boat.units);
    /** Of a trip that takes a pass, that too. */
    const kinds = $derived(theCatalogue().manoeuvres.filter(({ kind }) => kind !== 'pass' || desk.trip.pass !== null));
    const told = $derived(inTime.told?.whole ? inTime.told : null);
    const radius = $derived(inTime.told?.rate ? shown(units, 'length', desk.speed / ((inTime.told.rate * Math.PI) / 180)) : null);
    const general = $derived(inTime.faults.find(({ pointer }) => !pointer.startsWith('/manoeuvre/figures/'))?.detail);
    let handling = $state(false);
</script>

<div class="panel">
    <header class="flex items-baseline justify-between">
        <h2 class="text-lg font-bold">In time</h2>
        <button type="button" class="btn btn-sm" onclick={() => desk.goThroughTime(false)}
            >At rest <kbd class="quiet text-xs">m</kbd></button
        >
    </header>
    <label class="block">
        <span class="sr-only">Manoeuvre</span>
        <select
            class="select select-sm w-full text-base font-semibold"
            value={inTime.kind}
            onchange={(event) => inTime.choose(event.currentTarget.value as InTime['kind'])}
        >
            {#each kinds as { kind, title } (kind)}<option value={kind}>{title}</option>{/each}
        </select>
    </label>
    <p class="quiet text-sm leading-tight">{inTime.entry.job}</p>
    {#if inTime.entry.has_side}
        <div class="join w-full" role="group" aria-label="To which side">
            {#each ['port', 'starboard'] as const as side (side)}
                <button
                    type="button"
                    class="btn btn-sm join-item flex-1"
                    class:btn-neutral={inTime.side === side}
                    aria-pressed={inTime.side === side}
                    onclick={() => inTime.toward(side)}>to {side}</button
                >
            {/each}
        </div>
    {/if}
    <div class="figures">
        {#each inTime.entry.figures as item (`${inTime.kind} ${item.key}`)}
            {@const set = item.key in inTime.figures ? inTime.figures[item.key] : item.default}
            <NumberField
                label={item.label}
                value={set}
                {units}
                quantity={item.quantity}
                fault={faultOf(inTime.faults, `/manoeuvre/figures/${item.key}`)}
                steps={{ least: item.least, most: item.most, by: item.step }}
                change={(value) => inTime.set(item.key, value)}
                clear={item.default === null ? () => inTime.set(item.key, null) : undefined}
            />
        {/each}
    </div>
    {#if general}<p class="text-error text-sm font-semibold" role="alert">{general}</p>{/if}

    <div class="come" aria-live="polite" data-told={told !== null}>
        {#if told}
            {#if radius}<p class="quiet text-sm">On a radius of {radius} at this speed.</p>{/if}
            {#if told.sinking.length > 0}
                <h3 class="font-bold">First to clear</h3>
                <ol class="sinking">
                    {#each told.sinking as line (line.holder)}
                        <li><b class="figure">{line.holder}</b> {line.says}</li>
                    {/each}
                </ol>
            {/if}
            {#if told.happenings.length === 0}
                <p class="font-semibold">Nothing comes together, touches or goes slack.</p>
            {/if}
            <ol>
                {#each told.happenings as happening (`${happening.kind} ${happening.holders.join()}`)}
                    <li>
                        <button
                            type="button"
                            class="happening"
                            class:now={inTime.now.includes(happening)}
                            data-happening={happening.kind}
                            onclick={() => inTime.scrub(happening.worst)}
                        >
                            <b>{happening.title} <span class="figure">{shown(units, 'seconds', happening.from)}</span></b>
                            {happening.says}
                        </button>
                    </li>
                {/each}
            </ol>
            {#if told.settling}<p class="text-sm">{told.settling}</p>{/if}
            {#if inTime.entry.turns}
                {#if inTime.gentlest === 'asking'}
                    <p class="quiet text-sm">Trying gentler turns…</p>
                {:else if inTime.gentlest}
                    {@const rate = inTime.gentlest.rate}
                    <p class="text-sm">{inTime.gentlest.says}</p>
                    {#if rate !== null}
                        <button type="button" class="btn btn-sm" onclick={() => inTime.turnAt(rate)}
                            >Turn at {shown(units, 'turning', rate)}</button
                        >
                    {/if}
                {:else}
                    <button type="button" class="btn btn-sm" onclick={() => void inTime.askGentlest()}
                        >How gently would do?</button
                    >
                {/if}
            {/if}
        {:else if inTime.asking}
            <p class="quiet text-sm">Following every line…</p>
        {/if}
        {#if aboard.may('plan')}
            <button type="button" class="link text-sm" onclick={() => (handling = true)}>How she handles…</button>
        {/if}
    </div>
</div>

{#if handling}
    <RuleBookDialog book="manoeuvres" changed={() => inTime.askSoon()} close={() => (handling = false)} />
{/if}

<style>
    .panel {
        display: flex;
        flex-direction: column;
        gap: 8px;
        height: 100%;
        min-height: 0;
        padding: 10px 12px;
    }
    .figures {
        display: grid;
        gap: 4px;
    }
    .come {
        display: flex;
        flex: 1;
        flex-direction: column;
        gap: 8px;
        align-items: flex-start;
        min-height: 0;
        overflow-y: auto;
    }
    ol {
        display: grid;
        gap: 2px;
        width: 100%;
    }
    .happening {
        width: 100%;
        min-height: 44px;
        padding: 5px 8px;
        font-size: 14px;
        line-height: 1.25;
        text-align: left;
        cursor: pointer;
        border-left: 3px solid var(--color-base-300);
    }
    .happening b {
        display: flex;
        justify-content: space-between;
        font-size: 15px;
    }
    .happening:hover {
        background: var(--color-base-200);
    }
    .happening.now {
        background: var(--color-base-200);
        border-left-color: var(--color-error);
    }
    .sinking li {
        display: grid;
        grid-template-columns: 2.4rem 1fr;
        font-size: 15px;
        line-height: 1.35;
    }
</style>
