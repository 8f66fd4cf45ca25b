<script lang="ts">
    import { timeOfDay } from '../lib/words';
    import type { Schemas } from '../lib/api';
    import type { PreparationDesk } from './preparation.svelte';
    import ChoreDialog from './ChoreDialog.svelte';

    /** What must be done before lines are in, the day before beside the day itself, each ticked where it stands. */
    let { desk, chores, dropped }: { desk: PreparationDesk; chores: Schemas['Chore'][]; dropped: Schemas['Chore'][] } = $props();

    const days = $derived(
        [
            { title: 'The day before', chores: chores.filter(({ day }) => day < 0) },
            { title: 'The day', chores: chores.filter(({ day }) => day >= 0) },
        ].filter((day) => day.chores.length > 0),
    );
    const done = $derived(chores.filter(({ state }) => state === 'done').length);
    const late = $derived(chores.filter(({ state }) => state === 'late').length);
    let changing: Schemas['Chore'] | 'new' | null = $state.raw(null);
    /** A tick that was not taken does not stand. */
    async function tick(box: HTMLInputElement, chore: Schemas['Chore']): Promise<void> {
        const faults = await desk.change(chore.key, { done: box.checked });
        if (faults.length > 0) {
            box.checked = chore.state === 'done';
        }
    }

    const STATE = { late: 'late', now: 'now', done: '', coming: '' };
</script>

<section aria-labelledby="timeline-title" class="flex min-h-0 flex-col">
    <div class="flex flex-wrap items-baseline gap-x-4 pb-1">
        <h2 id="timeline-title" class="text-lg font-bold">Back from lines-in</h2>
        <p class="quiet text-sm" role="status">
            <b class="figure text-base-content">{done}</b> of {chores.length} done{#if late > 0},
                <b class="text-error figure">{late} late</b>{/if}
        </p>
        <span class="ml-auto flex gap-2 max-sm:ml-0">
            <button type="button" class="btn btn-xs" onclick={() => (changing = 'new')}>Add a chore</button>
            <a class="btn btn-xs" href="/api/trips/{desk.tripId}/timeline" download>To a calendar</a>
        </span>
    </div>
    <div class="days">
        {#each days as day (day.title)}
            <ol aria-label={day.title}>
                <li class="quiet border-base-300 border-b pb-0.5 text-sm">{day.title}</li>
                {#each day.chores as chore (chore.key)}
                    <li class="chore border-base-300" data-chore={chore.key} data-state={chore.state}>
                        <input
                            type="checkbox"
                            class="checkbox border-current"
                            aria-label="{chore.what}, done"
                            checked={chore.state === 'done'}
                            onchange={(event) => void tick(event.currentTarget, chore)}
                        />
                        <b class="figure clock">{timeOfDay(chore.clock)}</b>
                        <button type="button" class="what" onclick={() => (changing = chore)}>
                            <span class="name"
                                >{chore.what}{#if STATE[chore.state]}<b class="state" class:late={chore.state === 'late'}
                                        >{STATE[chore.state]}</b
                                    >{/if}</span
                            >
                            <span class="why quiet"><b>{chore.owner}</b> · {chore.why}</span>
                            {#if chore.caution}<span class="caution">{chore.caution}</span>{/if}
                        </button>
                    </li>
                {/each}
            </ol>
        {/each}
    </div>
    {#if dropped.length > 0}
        <p class="quiet pt-1 text-sm">
            Left out:
            {#each dropped as chore (chore.key)}
                <button type="button" class="link mr-2" onclick={() => void desk.change(chore.key, { dropped: false })}
                    >{chore.what}</button
                >
            {/each}
        </p>
    {/if}
</section>

{#if changing}
    <ChoreDialog {desk} chore={changing === 'new' ? null : changing} close={() => (changing = null)} />
{/if}

<style>
    .days {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
        gap: 0 1.25rem;
        min-height: 0;
        overflow-y: auto;
    }
    .chore {
        display: grid;
        grid-template-columns: 26px 4.6rem 1fr;
        gap: 6px;
        align-items: start;
        padding: 3px 0;
        border-bottom-width: 1px;
    }
    .clock {
        padding-top: 1px;
        font-size: 18px;
        line-height: 1.2;
        white-space: nowrap;
    }
    .what {
        display: flex;
        flex-direction: column;
        line-height: 1.2;
        text-align: left;
        cursor: pointer;
    }
    .name {
        font-weight: 600;
    }
    .why,
    .caution {
        font-size: 13px;
        line-height: 1.18;
    }
    .caution {
        padding-left: 8px;
        border-left: 3px solid var(--color-warning);
    }
    .state {
        display: inline-block;
        margin-left: 6px;
        padding: 0 5px;
        font-size: 13px;
        border: 1.5px solid currentColor;
        border-radius: 3px;
    }
    .state.late {
        color: var(--color-error-content);
        background: var(--color-error);
        border-color: var(--color-error);
    }
    [data-state='done'] .name {
        font-weight: 400;
        text-decoration: line-through;
    }
    [data-state='done'] .why,
    [data-state='done'] .caution {
        display: none;
    }
</style>
