<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { wordOf } from '../lib/catalogue';
    import { shown } from '../lib/units';
    import TextField from '../fields/TextField.svelte';
    import { DrillDesk } from './drill-desk.svelte';
    import Player from '../views/Player.svelte';
    import DrillScene from './DrillScene.svelte';
    import DrillScores from './DrillScores.svelte';

    /** Practice for winter evenings and the run out: a situation, a decision against the clock, and what comes of it. */
    const desk = new DrillDesk();
    let unnamed = $state(false);

    $effect(() => {
        void desk.read();
        return () => desk.close();
    });

    const drill = $derived(desk.drill);
    const graded = $derived(desk.graded);
    const units = $derived(aboard.boat?.units ?? 'us');
    const grades = $derived(new Map(graded?.answers.map((one) => [one.key, one]) ?? []));

    function take(kind?: NonNullable<typeof drill>['kind']): void {
        unnamed = desk.who.trim() === '';
        if (!unnamed) {
            void desk.take(kind);
        }
    }
</script>

<main class="mx-auto max-w-[760px] px-4 py-3">
    {#each desk.faults as fault (fault.pointer)}
        <p class="text-error pb-2" role="alert">
            {fault.detail}
            {#if drill && desk.chosen !== undefined && !graded}
                <button type="button" class="btn btn-sm" onclick={() => desk.send()}>Send it again</button>
            {/if}
        </p>
    {/each}
    {#if !drill}
        <h1 class="text-lg font-bold">Drills</h1>
        <p class="quiet pb-3">Something happens, and the clock runs. Decide; then see what would have come of it.</p>
        <form
            class="flex flex-wrap items-end gap-3 pb-5"
            onsubmit={(event) => {
                event.preventDefault();
                take();
            }}
        >
            <TextField
                label="Who is it?"
                bind:value={desk.who}
                fault={unnamed ? 'A name, for the score' : undefined}
                class="w-52"
            />
            <button type="submit" class="btn btn-primary min-h-16 flex-1 text-lg" disabled={desk.asking}
                >{desk.asking ? 'Making one up…' : 'Take a drill'}</button
            >
        </form>
        {#if desk.drills}
            <section class="pb-5">
                <h2 class="font-bold">Or one of these</h2>
                <ul class="kinds">
                    {#each desk.drills.kinds as { kind, title } (kind)}
                        <li>
                            <button type="button" class="kind" onclick={() => take(kind)} disabled={desk.asking}>{title}</button>
                        </li>
                    {/each}
                </ul>
            </section>
            {#if desk.drills.scores.length > 0}<DrillScores scores={desk.drills?.scores ?? []} />{/if}
        {/if}
    {:else}
        <header class="flex items-baseline gap-3">
            <h1 class="min-w-0 flex-1 text-lg font-bold">{drill.title}</h1>
            <span class="quiet">{wordOf('species', drill.species)}</span>
            {#if !graded}
                <span class="figure text-3xl font-bold" role="timer" aria-label="Time left"
                    >{shown(units, 'seconds', desk.left)}</span
                >
            {/if}
        </header>
        {#if !graded}
            <div class="clock" aria-hidden="true"><i style:width="{(100 * desk.left) / drill.seconds}%"></i></div>
        {/if}
        <p class="py-2 text-[17px]" data-testid="situation">{drill.situation}</p>
        {#if graded}
            <p class="pb-2 text-[17px]" role="status" data-testid="graded">
                <b>{graded.right ? 'Right.' : desk.left === 0 ? 'The time ran out.' : 'Not the best.'}</b>
                {graded.points}
                {graded.points === 1 ? 'point' : 'points'} for {desk.who.trim()}.
            </p>
            <p class="flex gap-3 pb-3">
                <button
                    type="button"
                    class="btn btn-primary min-h-16 flex-1 text-lg"
                    onclick={() => take()}
                    disabled={desk.asking}>{desk.asking ? 'Making one up…' : 'Next'}</button
                >
                <button type="button" class="btn min-h-16" onclick={() => desk.close()}>Enough</button>
            </p>
        {/if}
        {@render scene()}
        <ul class="answers" class:open={!graded} data-testid="answers">
            {#each drill.answers as { key, words } (key)}
                {@const grade = grades.get(key)}
                <li>
                    <button
                        type="button"
                        class="answer"
                        class:right={grade?.right}
                        class:chosen={desk.chosen === key}
                        aria-pressed={desk.chosen === key}
                        data-answer={key}
                        disabled={desk.chosen !== undefined}
                        onclick={() => desk.answer(key)}
                        ><b>{words}</b>{#if grade}<span class="mark"
                                >{grade.right ? 'right' : ''}{grade.right && desk.chosen === key
                                    ? ', yours'
                                    : desk.chosen === key
                                      ? 'yours'
                                      : ''}</span
                            ><span class="why">{grade.why}</span>{/if}</button
                    >
                </li>
            {/each}
        </ul>
        {#if graded}
            <DrillScores scores={desk.drills?.scores ?? []} />
        {/if}
    {/if}
</main>

{#snippet scene()}
    {#if desk.told}
        {#each ['side', 'above'] as const as seen (seen)}
            <DrillScene motion={desk.told} lines={desk.lines} bottom={drill?.bottom ?? null} {units} {seen} />
        {/each}
        <div data-testid="replay"><Player played={desk} {units} /></div>
    {/if}
{/snippet}

<style>
    .clock {
        height: 8px;
        background: var(--color-base-300);
    }
    .clock i {
        display: block;
        height: 100%;
        background: var(--color-primary);
    }
    .answers {
        display: grid;
        gap: 8px;
        padding: 4px 0 12px;
    }
    /* While there is a choice all of it is to be in sight on a phone. */
    .answers.open {
        grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
    }
    .answer {
        display: flex;
        flex-wrap: wrap;
        gap: 0 12px;
        align-items: center;
        width: 100%;
        min-height: 64px;
        padding: 8px 14px;
        font-size: 18px;
        color: var(--color-base-content);
        text-align: left;
        background: var(--color-base-200);
        border: 2px solid var(--color-base-300);
        border-radius: var(--radius-box);
    }
    .answer:not(:disabled) {
        cursor: pointer;
    }
    .answer.chosen {
        border-color: var(--color-base-content);
    }
    .answer.right {
        border-color: var(--color-success);
        border-width: 3px;
    }
    .answer b {
        flex: 1;
    }
    .mark {
        font-weight: 600;
    }
    .why {
        width: 100%;
        font-size: 15px;
    }
    .kinds {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(165px, 1fr));
        gap: 8px;
        padding-top: 6px;
    }
    .kind {
        width: 100%;
        min-height: 52px;
        padding: 4px 10px;
        text-align: left;
        cursor: pointer;
        background: var(--color-base-200);
        border: 1px solid var(--color-base-300);
        border-radius: var(--radius-box);
    }
</style>
