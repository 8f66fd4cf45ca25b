<script lang="ts">
    import type { SpreadLine } from '../lib/api';
    import { faultAt } from '../lib/api';
    import { kindsFor, startLine } from '../lib/rigging';
    import type { Reached, SpreadDesk } from '../lib/spread-desk.svelte';
    import { doubt, figure, measure, shown } from '../lib/units';
    import { doubtWords, lineWords, PRESENTATION } from '../lib/words';
    import PickField from './PickField.svelte';
    import RigString from './RigString.svelte';

    /** The chosen rod: its depth with its doubt, other opinions of it, and its rig from tip to hook. */
    let { desk }: { desk: SpreadDesk } = $props();

    const holder = $derived(desk.chosen);
    const line = $derived(desk.chosenLine);
    const running = $derived(holder && desk.feed.running.get(holder.code));
    const units = $derived(desk.boat.units);
    const kinds = $derived(holder ? kindsFor(holder, desk.locker) : []);
    const at = $derived(line ? `/lines/${desk.indexOf(line.holder_id)}` : '');
    const lineFault = $derived(
        line &&
            (faultAt(desk.feed.faults, at) ??
                faultAt(desk.feed.faults, '/lines') ??
                faultAt(desk.feed.faults, `${at}/holder_id`)),
    );

    let wanted = $state('');
    let outcome: Reached | null = $state(null);
    $effect(() => {
        void desk.chosenId;
        wanted = '';
        outcome = null;
    });

    function kindText(candidate: { presentation: SpreadLine['presentation']; behindBoard: boolean }): string {
        const name = candidate.presentation === 'flat' ? 'flat line' : PRESENTATION[candidate.presentation];
        return candidate.behindBoard ? `${name} behind a board` : name;
    }

    function rig(text: string): void {
        const kind = kinds.find((candidate) => kindText(candidate) === text);
        const fresh = holder && kind && startLine(holder, kind, desk.locker, line);
        if (fresh) {
            desk.add(fresh);
        }
    }

    async function runAt(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const depth = Number(wanted.replace(',', '.'));
        if (!line || wanted.trim() === '' || !Number.isFinite(depth)) {
            outcome = { refused: `Must be a depth in ${measure(units, 'depth').spoken}.` };
            return;
        }
        outcome = await desk.runAt(line, measure(units, 'depth').toSi(depth));
    }

    const side = $derived(
        running && Math.abs(running.starboard) >= 0.3 ? (running.starboard < 0 ? 'to port' : 'to starboard') : '',
    );
    const doubtReason = $derived(
        running?.doubts
            .filter((part) => part.amount > 0.03)
            .slice(0, 2)
            .map((part) => `${doubtWords(part.doubt)} (${doubt(units, part.amount)} ${measure(units, 'depth').unit})`)
            .join(', then '),
    );
</script>

{#if holder}
    <section class="flex h-full flex-col gap-1 overflow-y-auto px-4 py-2" aria-label="Rod {holder.code}">
        <div class="flex items-baseline justify-between gap-2">
            <h2 class="text-lg font-bold">{holder.code}{line ? ` · ${lineWords(line)}` : ''}</h2>
            <span class="quiet text-sm">{holder.side === 'centre' ? 'stern' : holder.side}</span>
        </div>

        {#if line && running}
            <div class="flex items-center gap-3">
                <span class="figure text-primary text-[60px] leading-[0.9] font-bold"
                    >{figure(units, 'depth', running.depth)}</span
                >
                <span class="figure leading-tight">
                    <b class="text-lg">± {doubt(units, running.deviation ?? 0)} {measure(units, 'depth').unit}</b><br />
                    <span class="quiet text-[15px]"
                        >{shown(units, 'length', running.aft)} back{side
                            ? `, ${figure(units, 'length', Math.abs(running.starboard))} ${side}`
                            : ''}</span
                    >
                </span>
            </div>

            <dl class="border-base-300 grid grid-cols-[1fr_auto] gap-x-2 border-y py-1 text-[15px]">
                <dt>Water model</dt>
                <dd class="figure text-right text-base font-semibold">
                    {figure(units, 'depth', running.depth)} ± {doubt(units, running.deviation ?? 0)}
                </dd>
                {#if running.rule}
                    <dt class="leading-tight">
                        Rule of thumb <span class="quiet text-[13px]">{running.rule.reckoning}</span>
                    </dt>
                    <dd class="figure text-right text-base font-semibold">{figure(units, 'depth', running.rule.depth)}</dd>
                {/if}
                {#if running.ball}
                    <dt>
                        Ball <span class="quiet text-sm">blown back {shown(units, 'fineLength', running.ball.blow_back)}</span>
                    </dt>
                    <dd class="figure text-right text-base font-semibold">
                        {figure(units, 'depth', running.ball.place[2] ?? 0)}
                    </dd>
                {/if}
            </dl>

            <form class="flex flex-wrap items-center gap-2" onsubmit={runAt}>
                <label for="run-at" class="text-[15px]">Run it at</label>
                <input
                    id="run-at"
                    class="input input-sm figure w-14 text-center text-lg font-semibold"
                    inputmode="decimal"
                    autocomplete="off"
                    bind:value={wanted}
                    placeholder={figure(units, 'depth', running.depth)}
                    aria-describedby="run-at-said"
                />
                <button class="btn btn-sm btn-neutral flex-1">Set let-out</button>
                <p id="run-at-said" class="text-sm empty:hidden" role="status">
                    {#if outcome === 'set'}
                        Set: {line.presentation === 'core'
                            ? `${Number((line.colours ?? 0).toFixed(1))} colours`
                            : shown(units, 'length', line.let_out ?? 0)}.
                    {:else if outcome && 'refused' in outcome}
                        <span class="text-error font-semibold">{outcome.refused}</span>
                    {:else if outcome}
                        <span class="text-error font-semibold"
                            >No let-out gets there: {shown(units, 'depth', outcome.nearest)} is as near as it comes.</span
                        >
                        {#if outcome.help.length > 0}What would: {outcome.help.join(', ')}.{/if}
                    {/if}
                </p>
            </form>
        {/if}

        <div class="flex items-center gap-2 text-[15px]">
            <PickField
                label="Presentation"
                id="presentation"
                value={line ? kindText({ presentation: line.presentation, behindBoard: Boolean(line.board_id) }) : ''}
                options={[
                    ...(line ? [] : [{ value: '', text: 'Rig this rod as…' }]),
                    ...kinds.map((kind) => ({ value: kindText(kind), text: kindText(kind) })),
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

        {#if line}
            {#if lineFault}<p class="text-error text-sm font-semibold">{lineFault}</p>{/if}
            {#key line.holder_id}<RigString {desk} {holder} {line} {at} />{/key}
            {#if doubtReason}
                <p class="quiet text-sm">
                    The doubt comes from {doubtReason}.
                    <a class="link" href="/api/spreads/{desk.spread.id}/tow-case" download>All the figures behind the depths</a>
                </p>
            {/if}
        {:else}
            <p class="quiet text-[15px]">
                Nothing runs from this holder. Choose a presentation and it starts with common figures.
            </p>
        {/if}
    </section>
{/if}
