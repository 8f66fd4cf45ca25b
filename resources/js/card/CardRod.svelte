<script lang="ts">
    import type { Locker, Schemas, SpreadLine } from '../lib/api';
    import { readings, readingUnit, trueWords } from './counter-words';
    import { figure, measure, plusMinus, type Units } from '../lib/units';
    import { lineWords, rigWords } from '../lib/catalogue';
    import { aboard } from '../lib/aboard.svelte';
    import type { TripDay } from '../day/day.svelte';
    import { queue } from '../day/queue.svelte';
    import CraftCard from '../rod/CraftCard.svelte';

    /** One rod at a time, for a wet hand: what to let out, on what, and the next. */
    let {
        card,
        units,
        locker,
        day,
    }: {
        card: Schemas['DeckCard'];
        units: Units;
        locker: Locker;
        day: TripDay;
    } = $props();

    let at = $state(0);
    let how = $state(false);
    const row = $derived(card.rows[at]);
    const line = $derived(row?.line);
    const go = (by: number) => (at = Math.max(0, Math.min(card.rows.length - 1, at + by)));

    const isSet = (code: string) => {
        const of = card.rows.find(({ running }) => running.holder === code);
        return of !== undefined && day.isOut(of.line.holder_id, code);
    };

    /** Set, and on to the next; or not set after all. */
    function done(code: string, line: SpreadLine): void {
        const out = isSet(code);
        void day.tell(queue.event({ kind: out ? 'in' : 'out', holder_id: line.holder_id, ...(out ? {} : { line }) }));
        if (!out) {
            go(1);
        }
    }

    let from: number | null = null;
    function swiped(event: PointerEvent): void {
        const by = from === null ? 0 : event.clientX - from;
        from = null;
        if (Math.abs(by) > 60) {
            go(by < 0 ? 1 : -1);
        }
    }
</script>

<svelte:window
    onkeydown={(event) => {
        if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
            go(event.key === 'ArrowRight' ? 1 : -1);
        }
    }}
/>

{#if row && line}
    {@const code = row.running.holder}
    <!-- The buttons below do the same by key and by tap. -->
    <!-- svelte-ignore a11y_no_static_element_interactions -->
    <div class="rod" onpointerdown={(event) => (from = event.clientX)} onpointerup={swiped}>
        <ol class="steps" aria-label="Rods in setting order">
            {#each card.rows as other, i (other.running.holder)}
                <li>
                    <button
                        type="button"
                        class="figure"
                        class:now={i === at}
                        class:set={isSet(other.running.holder)}
                        aria-current={i === at ? 'step' : undefined}
                        onclick={() => (at = i)}>{other.running.holder}</button
                    >
                </li>
            {/each}
        </ol>
        <p class="flex items-baseline justify-between">
            <b class="figure text-5xl">{code}</b>
            <span class="text-lg">{lineWords(line, units)}</span>
        </p>
        {#if row.otherwise}<p class="text-lg font-semibold">As told on the water, not as planned.</p>{/if}
        <p class="setting figure" data-testid="setting">
            {readings(row, units)[1]} <span class="text-2xl">{readingUnit(row, units)}</span>
        </p>
        <p class="quiet -mt-2">{trueWords(row, units)}</p>
        <p class="figure text-xl">
            {#each [0, 2] as i (i)}
                at {figure(units, 'speed', card.speeds[i] ?? 0)}: <b>{readings(row, units)[i]}</b>{i === 0 ? ' · ' : ''}
            {/each}
            <span class="quiet">{measure(units, 'speed').unit}</span>
        </p>
        <dl>
            <dt>Lure</dt>
            <dd><b>{locker.lures.find(({ id }) => id === line.lure_id)?.name}</b></dd>
            <dt>Rig</dt>
            <dd>{rigWords(line, locker, units)}</dd>
            <dt>Runs at</dt>
            <dd class="figure text-xl">
                <b>{figure(units, 'depth', row.running.depth)}</b>
                {plusMinus(units, row.running.doubt)}
                {measure(units, 'depth').unit}
            </dd>
            <dt>Fish on</dt>
            <dd class="figure text-xl">{row.clear_first.length > 0 ? `clear ${row.clear_first.join(', ')}` : 'clear nothing'}</dd>
            <dt>Out of gear</dt>
            <dd class="text-lg leading-tight">{card.out_of_gear.lines.find(({ holder }) => holder === code)?.says ?? '—'}</dd>
        </dl>
        {#if row.running.control.kind === 'cable'}
            <p class="text-sm">Balls swing: lower with the boom steady, hands clear.</p>
        {/if}
        <details bind:open={how}>
            <summary class="flex min-h-12 cursor-pointer items-center text-lg font-semibold underline">How it is fished</summary>
            {#if how}<CraftCard {line} bait={locker.lures.find(({ id }) => id === line.lure_id)?.kind === 'rigged_bait'} />{/if}
        </details>
        <div class="moves">
            <button type="button" class="btn border-base-300 bg-base-100 h-16 text-lg" disabled={at === 0} onclick={() => go(-1)}
                >Back</button
            >
            {#if aboard.may('log')}<button
                    type="button"
                    class="btn btn-primary h-16 flex-1 text-xl"
                    onclick={() => done(code, line)}>{isSet(code) ? `${code} is in the boat` : `${code} is set`}</button
                >{/if}
            <button
                type="button"
                class="btn border-base-300 bg-base-100 h-16 text-lg"
                disabled={at === card.rows.length - 1}
                onclick={() => go(1)}>Next</button
            >
        </div>
    </div>
{:else}
    <p class="quiet p-4">No line is planned yet.</p>
{/if}

<style>
    .rod {
        display: flex;
        flex-direction: column;
        gap: 0.6rem;
        min-height: calc(100dvh - 11rem);
        touch-action: pan-y;
        user-select: none;
    }
    .steps {
        display: flex;
        flex-wrap: wrap;
        gap: 3px;
    }
    .steps button {
        min-width: 44px;
        min-height: 34px;
        font-size: 1rem;
        font-weight: 600;
        border: 1px solid var(--color-base-300);
        border-radius: 4px;
        cursor: pointer;
    }
    .steps .set {
        text-decoration: line-through;
        background: var(--color-base-300);
    }
    .steps .now {
        border: 2px solid var(--color-primary);
    }
    .setting {
        font-size: 5.4rem;
        font-weight: 700;
        line-height: 1;
    }
    dl {
        display: grid;
        grid-template-columns: 5rem 1fr;
        gap: 0.3rem 0.5rem;
        align-items: baseline;
    }
    dt {
        color: var(--quiet);
    }
    .moves {
        display: flex;
        gap: 0.5rem;
        margin-top: auto;
    }
</style>
