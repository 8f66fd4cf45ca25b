<script lang="ts">
    import type { RunningLine, SpreadLine } from '../lib/api';
    import type { Reached } from '../desk/asks';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, measure, shown, typedNumber } from '../lib/units';
    import { settingWords } from '../lib/catalogue';

    /** "Run it at 62 ft": for the chosen rod, and for others marked to go with it. */
    let { desk, line, running }: { desk: SpreadDesk; line: SpreadLine; running: RunningLine } = $props();

    const units = $derived(desk.boat.units);
    const together = $derived([
        line.holder_id,
        ...desk.plan.lines.map(({ holder_id }) => holder_id).filter((id) => id !== line.holder_id && desk.marked.has(id)),
    ]);
    const others = $derived(desk.holders.filter(({ id }) => id !== line.holder_id && desk.lineAt(id)));

    const OTHER = { dial: 'its dial', weight: 'its weight' };
    const other = $derived(together.length === 1 ? running.other_control : null);
    const secondSet = $derived(other === 'dial' ? `dial ${line.dial}` : shown(units, 'small_mass', line.weight_mass ?? 0));
    let by: 'control' | 'other' = $state('control');
    let picking = $state(false);
    let wanted = $state('');
    let outcome: Reached | null = $state(null);
    $effect(() => {
        void desk.chosenId;
        wanted = '';
        by = 'control';
        outcome = null;
    });

    async function runAt(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const depth = typedNumber(wanted);
        if (depth === null || Number.isNaN(depth)) {
            outcome = { refused: `Must be a depth in ${measure(units, 'depth').spoken}.` };
            return;
        }
        outcome = await desk.runAt(together, measure(units, 'depth').toSi(depth), other ? by : 'control');
    }
</script>

<form class="flex flex-wrap items-center gap-x-2 gap-y-1" onsubmit={runAt}>
    <label for="run-at" class="text-[15px]">Run {together.length > 1 ? together.length : 'it'} at</label>
    <input
        id="run-at"
        class="input input-sm figure w-14 text-center text-lg font-semibold"
        inputmode="decimal"
        autocomplete="off"
        bind:value={wanted}
        placeholder={figure(units, 'depth', running.depth)}
        aria-describedby="run-at-said"
    />
    <button class="btn btn-sm btn-neutral flex-1 px-1 whitespace-nowrap">Set it</button>
    <button
        type="button"
        class="btn btn-sm px-2 {together.length > 1 ? 'border-primary border-2' : ''}"
        aria-expanded={picking}
        aria-controls="rods-too"
        onclick={() => (picking = !picking)}>+ rods</button
    >
    {#if other}
        <div class="join w-full" role="group" aria-label="What is set to get it there">
            <button
                type="button"
                class="btn btn-xs join-item min-h-7 flex-1 text-sm"
                aria-pressed={by === 'control'}
                class:btn-neutral={by === 'control'}
                onclick={() => (by = 'control')}>by its let-out</button
            >
            <button
                type="button"
                class="btn btn-xs join-item min-h-7 flex-1 text-sm"
                aria-pressed={by === 'other'}
                class:btn-neutral={by === 'other'}
                onclick={() => (by = 'other')}>by {OTHER[other]}</button
            >
        </div>
    {/if}
    {#if picking}
        <div id="rods-too" class="flex w-full flex-wrap gap-1" role="group" aria-label="Rods to run at the same depth">
            {#each others as { id, code } (id)}
                <button
                    type="button"
                    class="btn btn-xs figure min-h-7 min-w-10 text-sm"
                    class:btn-primary={desk.marked.has(id)}
                    aria-pressed={desk.marked.has(id)}
                    onclick={() => desk.mark(id)}>{code}</button
                >
            {/each}
        </div>
    {/if}
    <p id="run-at-said" class="w-full text-sm empty:hidden" role="status">
        {#if outcome === 'set'}
            {together.length > 1
                ? 'All set.'
                : `Set: ${by === 'other' ? secondSet : settingWords(line, units)}${by === 'other' ? `, which runs at ${shown(units, 'depth', running.depth)}` : ''}.`}
        {:else if outcome && 'refused' in outcome}
            <span class="text-error font-semibold">{outcome.refused}</span>
        {:else if outcome}
            {#each outcome.short as said (said)}
                <span class="text-error block font-semibold">{said}</span>
            {/each}
        {/if}
    </p>
</form>
