<script lang="ts">
    import { faultAt } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import { longAgo } from '../lib/words';
    import TextField from '../fields/TextField.svelte';
    import type { Instruments, instruments, Source } from './instruments.svelte';

    /** The lines she listens to, the first choice first. */
    let { desk }: { desk: typeof instruments } = $props();

    type Heard = Instruments['sources'][number];

    const { sources: kinds } = theCatalogue().kinds;
    const fresh = (): Source => ({ name: '', kind: 'tcp', address: '' });
    /** The one that is typed, and where it goes; at the end where it is new. */
    let typed = $state<{ at: number | null; source: Source } | null>(null);

    const at = $derived(typed?.at ?? desk.sources.length);
    const others = $derived(desk.faults.find(({ pointer }) => !/^\/sources\/\d+\/(name|address)$/.test(pointer))?.detail);

    async function keepTyped(): Promise<void> {
        if (typed) {
            const { source } = typed;
            const sources = typed.at === null ? [...desk.sources, source] : desk.sources.with(typed.at, source);
            if (await desk.keep({ sources })) {
                typed = null;
            }
        }
    }

    function up(place: number): void {
        const sources = [...desk.sources];
        const [moved] = sources.splice(place, 1);
        if (moved) {
            sources.splice(place - 1, 0, moved);
            void desk.keep({ sources });
        }
    }

    const silent = ({ silence, live }: Heard): string =>
        silence === null ? 'nothing heard yet' : live ? 'heard now' : `silent ${longAgo(silence)}`;
</script>

<section aria-labelledby="listens">
    <h2 id="listens" class="pb-1 text-lg font-bold">What she listens to</h2>
    <ol>
        {#each desk.told?.sources ?? [] as source, place (source.name)}
            <li class="border-base-300 border-t py-2" data-source={source.name}>
                <div class="flex flex-wrap items-center gap-2">
                    <p class="min-w-0 flex-1 basis-52 leading-snug">
                        <b>{place + 1}. {source.name}</b> <span class="figure">{source.address}</span>
                        <span class="quiet block text-sm" data-state
                            >{source.state === null ? 'not listened to yet' : `${source.state}, ${silent(source)}`}</span
                        >
                    </p>
                    {#if place > 0}<button type="button" class="btn btn-sm border-base-300" onclick={() => up(place)}
                            >Before {desk.sources[place - 1]?.name}</button
                        >{/if}
                    <button
                        type="button"
                        class="btn btn-sm border-base-300"
                        aria-label="Change {source.name}"
                        onclick={() => (typed = { at: place, source: desk.sources[place] ?? fresh() })}>Change</button
                    >
                    <button
                        type="button"
                        class="btn btn-sm border-base-300"
                        aria-label="Remove {source.name}"
                        onclick={() => void desk.keep({ sources: desk.sources.toSpliced(place, 1) })}>Remove</button
                    >
                </div>
                {#if source.talkers.length > 0}
                    <ul class="quiet pt-1 text-sm leading-snug">
                        {#each source.talkers as { talker, used, not_used } (talker)}
                            <li>
                                {talker || 'no talker'}:
                                <span class="figure">{used}</span> used{#each not_used as { why, count } (why)}, <span
                                        class="figure">{count}</span
                                    >
                                    {why}{/each}
                            </li>
                        {/each}
                    </ul>
                {/if}
            </li>
        {/each}
    </ol>
    {#if typed}
        <form
            class="border-base-300 grid gap-2 border-t pt-2"
            onsubmit={(event) => {
                event.preventDefault();
                void keepTyped();
            }}
        >
            <div class="grid gap-2 sm:grid-cols-2">
                <TextField label="Name" bind:value={typed.source.name} fault={faultAt(desk.faults, `/sources/${at}/name`)} />
                <label class="flex flex-col">
                    <span class="quiet text-sm">Heard by</span>
                    <select class="select w-full text-base" bind:value={typed.source.kind}>
                        {#each kinds as { value, word } (value)}<option {value}>{word}</option>{/each}
                    </select>
                </label>
            </div>
            <TextField
                label="Address"
                bind:value={typed.source.address}
                hint={kinds.find(({ value }) => value === typed?.source.kind)?.why ?? ''}
                fault={faultAt(desk.faults, `/sources/${at}/address`)}
            />
            {#if others}<p class="text-error font-semibold" role="alert">{others}</p>{/if}
            <p class="flex gap-3">
                <button type="submit" class="btn btn-primary">Listen to it</button>
                <button type="button" class="btn" onclick={() => (typed = null)}>Leave it</button>
            </p>
        </form>
    {:else}
        <p class="border-base-300 border-t pt-2">
            <button type="button" class="btn border-base-300" onclick={() => (typed = { at: null, source: fresh() })}
                >Add a source</button
            >
        </p>
    {/if}
</section>
