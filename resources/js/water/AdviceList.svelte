<script lang="ts">
    import type { Schemas } from '../lib/api';
    import type { Advice, WaterDesk } from './water.svelte';

    /** What the water says to do, each with its reason; each can be pinned, said otherwise, or refused. */
    let { desk, advice }: { desk: WaterDesk; advice: Advice[] } = $props();

    const TOPIC: Record<Advice['topic'], string> = {
        record: 'Record',
        temperature: 'Water',
        speed: 'Speed',
        presentation: 'Run',
        marks: 'Marks',
        test: 'Test',
        leader: 'Leader',
        finish: 'Finish',
        distance: 'Where',
        sides: 'Shade',
        current: 'Current',
        care: 'Care',
    };
    let opened = $state('');
    let otherwise = $state('');
    let wrong = $state('');

    async function choose(body: Schemas['WaterChoice']): Promise<void> {
        const faults = await desk.choose(body);
        wrong = faults[0]?.detail ?? '';
        if (faults.length === 0 && !body.school) {
            opened = '';
        }
    }
</script>

<ul aria-label="What the water says">
    {#each advice as one (one.key)}
        {@const was = desk.was.get(one.key)}
        <li class="border-base-300 border-t" class:refused={one.state === 'refused'} data-advice={one.key} data-state={one.state}>
            <button
                type="button"
                class="row"
                aria-expanded={opened === one.key}
                onclick={() => {
                    opened = opened === one.key ? '' : one.key;
                    otherwise = one.answer;
                    wrong = '';
                }}
            >
                <span class="topic quiet">{TOPIC[one.topic]}</span>
                <span class="min-w-0">
                    <b class="answer">{one.answer}</b>
                    {#if one.state === 'pinned'}<span class="sign">pinned</span>{:else if one.state === 'changed'}<span
                            class="sign">yours</span
                        >{:else if one.state === 'refused'}<span class="sign">refused</span>{/if}
                    {#if one.now}<span class="was">now it would be: {one.now}</span>{/if}
                    {#if was && one.state === 'free'}<span class="was" data-was>was: {was}</span>{/if}
                    {#if one.state !== 'refused'}<span class="why">{one.why}</span>{/if}
                </span>
            </button>
            {#if opened === one.key}
                <div class="flex flex-wrap items-center gap-1.5 pb-2 pl-[58px]">
                    {#each one.schools as school (school.key)}
                        <button
                            type="button"
                            class="btn btn-xs"
                            class:btn-neutral={school.chosen}
                            aria-pressed={school.chosen}
                            title={school.why}
                            onclick={() => void choose({ advice: one.key, school: school.key })}>{school.label}</button
                        >
                    {/each}
                    {#if one.schools.length > 0}
                        <span class="quiet w-full text-[13px]"
                            >{one.schools.map(({ label, why }) => `${label}: ${why}`).join('; ')}.</span
                        >
                    {/if}
                    {#if one.state === 'free'}
                        <button type="button" class="btn btn-xs" onclick={() => void choose({ advice: one.key, state: 'pinned' })}
                            >Pin it</button
                        >
                        <button
                            type="button"
                            class="btn btn-xs"
                            onclick={() => void choose({ advice: one.key, state: 'refused' })}>Refuse it</button
                        >
                        <form
                            class="flex gap-1"
                            onsubmit={(event) => {
                                event.preventDefault();
                                void choose({ advice: one.key, state: 'changed', answer: otherwise });
                            }}
                        >
                            <label class="sr-only" for="otherwise-{one.key}">Say otherwise</label>
                            <input
                                id="otherwise-{one.key}"
                                class="input input-xs w-44 text-sm"
                                bind:value={otherwise}
                                maxlength="120"
                            />
                            <button class="btn btn-xs">Say so instead</button>
                        </form>
                    {:else}
                        <button type="button" class="btn btn-xs" onclick={() => void choose({ advice: one.key, state: 'free' })}
                            >Let it follow the water again</button
                        >
                    {/if}
                    <span class="text-error text-sm font-semibold" role="status">{wrong}</span>
                </div>
            {/if}
        </li>
    {/each}
</ul>

<style>
    .row {
        display: grid;
        grid-template-columns: 50px 1fr;
        gap: 8px;
        width: 100%;
        padding: 3px 0;
        text-align: left;
        cursor: pointer;
    }
    .topic {
        padding-top: 1px;
        font-size: 13px;
    }
    .answer {
        font-size: 15.5px;
        line-height: 1.2;
    }
    .why,
    .was {
        display: block;
        font-size: 13px;
        line-height: 1.2;
        color: var(--quiet);
    }
    .was {
        font-weight: 600;
        color: var(--color-primary);
    }
    .sign {
        padding: 0 5px;
        font-size: 12.5px;
        border: 1.5px solid currentColor;
        border-radius: 3px;
    }
    .refused .answer {
        font-weight: 400;
        text-decoration: line-through;
    }
</style>
