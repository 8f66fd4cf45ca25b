<script lang="ts">
    import { kindsOf, wordOf } from '../lib/catalogue';
    import { api, ask, faultAt, type Fault, type Schemas } from '../lib/api';
    import { aboard } from '../lib/aboard.svelte';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import Dialog from '../frame/Dialog.svelte';
    import PickField from '../fields/PickField.svelte';

    /** Spreads kept to start others from, and the one on the desk to keep. */
    let { desk, close }: { desk: SpreadDesk; close: () => void } = $props();

    type Season = NonNullable<Schemas['Template']['season']>;

    let templates: Schemas['Template'][] | null = $state.raw(null);
    let name = $state('');
    let species: Schemas['Species'] | '' = $state('');
    let season: Season | '' = $state('');
    let faults: Fault[] = $state.raw([]);
    let said = $state('');

    $effect(() => {
        void read();
    });

    async function read(): Promise<void> {
        const answer = await ask(api.GET('/templates'));
        templates = 'data' in answer ? answer.data : [];
    }

    async function keep(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const answer = await ask(
            api.POST('/templates', {
                body: { ...desk.plan, name: name.trim(), species: species || null, season: season || null },
            }),
        );
        faults = 'problem' in answer ? (answer.problem.errors ?? []) : [];
        if ('data' in answer) {
            name = '';
            await read();
        }
    }

    async function start(template: Schemas['Template']): Promise<void> {
        const answer = await ask(api.POST('/templates/{template}/fit', { params: { path: { template: template.id } } }));
        if (!('data' in answer)) {
            said = 'The server is not answering.';
            return;
        }
        const { lines, speed, left_out } = answer.data;
        desk.edit({ ...desk.plan, speed, lines });
        if (left_out.length === 0) {
            close();
        } else {
            said = `On the desk, less ${left_out.join(', ')}: there is no holder or gear for ${left_out.length === 1 ? 'it' : 'them'} aboard.`;
        }
    }

    async function drop(id: number): Promise<void> {
        await api.DELETE('/templates/{template}', { params: { path: { template: id } } });
        await read();
    }
</script>

<Dialog title="Start from a kept spread" {close} look="max-w-xl">
    <ul>
        {#each templates ?? [] as template (template.id)}
            <li class="border-base-300 flex items-center gap-3 border-t py-1.5">
                <span class="min-w-0 flex-1 leading-tight">
                    <b>{template.name}</b><br />
                    <span class="quiet text-sm"
                        >{[
                            template.species && wordOf('species', template.species),
                            template.season,
                            `${template.line_count} lines`,
                        ]
                            .filter(Boolean)
                            .join(' · ')}</span
                    >
                </span>
                <button type="button" class="btn btn-sm btn-neutral" onclick={() => start(template)}>Start from it</button>
                {#if aboard.may('plan')}
                    <button
                        type="button"
                        class="btn btn-ghost btn-sm btn-square"
                        aria-label="Drop {template.name}"
                        onclick={() => drop(template.id)}>✕</button
                    >
                {/if}
            </li>
        {:else}
            <li class="quiet py-2">
                {templates ? 'None is kept yet. Keep the one on the desk to start others from.' : 'Reading…'}
            </li>
        {/each}
    </ul>
    <p class="min-h-6 text-sm font-semibold" role="status">{said}</p>
    {#if aboard.may('plan')}
        <form class="border-base-300 flex flex-wrap items-end gap-2 border-t pt-3" onsubmit={keep}>
            <label class="flex flex-1 flex-col text-sm">
                <span class="quiet">Keep the spread on the desk as</span>
                <input
                    id="template-name"
                    class="input input-sm w-full text-base"
                    class:input-error={faultAt(faults, '/name')}
                    bind:value={name}
                    maxlength="60"
                    autocomplete="off"
                />
            </label>
            <span class="w-32">
                <PickField
                    label="For a species"
                    value={species}
                    options={[
                        { value: '', text: 'any species' },
                        ...kindsOf('species').map(({ value, word }) => ({ value, text: word })),
                    ]}
                    change={(value) => (species = value as typeof species)}
                />
            </span>
            <span class="w-28">
                <PickField
                    label="For a season"
                    value={season}
                    options={[
                        { value: '', text: 'any season' },
                        ...kindsOf('seasons').map(({ value, word }) => ({ value, text: word })),
                    ]}
                    change={(value) => (season = value as typeof season)}
                />
            </span>
            <button class="btn btn-sm btn-neutral" disabled={desk.plan.lines.length === 0}>Keep it</button>
            {#if faults.length > 0}
                <p class="text-error w-full text-sm font-semibold">{faults[0]?.detail}</p>
            {/if}
        </form>
    {/if}
</Dialog>
