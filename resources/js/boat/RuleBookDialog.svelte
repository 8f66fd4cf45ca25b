<script lang="ts" module>
    import type { paths } from '../lib/schema';

    export type BookName = paths['/boat/books/{book}']['get']['parameters']['path']['book'];
</script>

<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { theCatalogue } from '../lib/catalogue';
    import { typedNumber } from '../lib/units';
    import type { Snippet } from 'svelte';
    import { api, ask, faultAt, type Fault, type Schemas } from '../lib/api';
    import Dialog from '../frame/Dialog.svelte';

    /** Thresholds of one subject in the boat's units, each with its reason: made the boat's own, and given back. */
    let { book, changed, close, children }: { book: BookName; changed: () => void; close: () => void; children?: Snippet } =
        $props();

    let rules: Schemas['RuleBook']['rules'] = $state.raw([]);
    let faults: Fault[] = $state.raw([]);
    let typed: Record<string, string> = $state({});

    // The book is one for the dialog's life.
    // svelte-ignore state_referenced_locally
    const path = { book };
    void ask(api.GET('/boat/books/{book}', { params: { path } })).then((answer) => {
        rules = 'data' in answer ? answer.data.rules : [];
    });

    async function send(body: Schemas['RuleBookChange'], key: string): Promise<void> {
        const answer = await ask(api.PUT('/boat/books/{book}', { params: { path }, body }));
        if ('data' in answer) {
            rules = answer.data.rules;
            faults = [];
            typed = Object.fromEntries(Object.entries(typed).filter(([other]) => other !== key));
            changed();
        } else {
            faults =
                'problem' in answer
                    ? (answer.problem.errors ?? [])
                    : [{ pointer: `/own/${key}`, detail: 'The server is not answering.' }];
        }
    }

    function commit(key: string, optional: boolean): void {
        const text = typed[key];
        if (text === undefined) {
            return;
        }
        const figure = typedNumber(text);
        if ((figure === null && !optional) || Number.isNaN(figure)) {
            faults = [
                {
                    pointer: `/own/${key}`,
                    detail: figure === null ? 'Must be a number.' : `“${text.trim().slice(0, 20)}” is not a number.`,
                },
            ];
            return;
        }
        void send({ own: { [key]: figure } }, key);
    }

    const places = (value: number | null) => (value === null ? '' : String(Number(value.toFixed(2))));
</script>

<Dialog title={theCatalogue().books[book] ?? ''} {close} look="max-w-2xl w-[44rem]">
    {#if !aboard.may('plan')}
        <p class="pb-2 font-semibold">The captain’s to change.</p>
    {:else if children}<p class="pb-2 leading-snug">{@render children()}</p>{/if}
    <ul class="max-h-[calc(100vh-14rem)] overflow-y-auto">
        {#each rules as rule (rule.key)}
            <li class="border-base-300 grid grid-cols-[1fr_auto] items-center gap-x-4 border-t py-1">
                <label for="rule-{rule.key}" class="leading-tight"
                    ><b>{rule.label}</b><br /><span class="quiet text-sm">{rule.why}</span></label
                >
                <span class="flex items-center gap-1.5">
                    <input
                        id="rule-{rule.key}"
                        class="input input-sm figure w-20 text-right text-base font-semibold"
                        class:input-error={faultAt(faults, `/own/${rule.key}`)}
                        inputmode="decimal"
                        readonly={!aboard.may('plan')}
                        autocomplete="off"
                        placeholder={rule.optional ? 'no limit' : ''}
                        value={typed[rule.key] ?? places(rule.value)}
                        oninput={(event) => (typed[rule.key] = event.currentTarget.value)}
                        onblur={() => commit(rule.key, rule.optional)}
                        onkeydown={(event) => event.key === 'Enter' && commit(rule.key, rule.optional)}
                    />
                    <span class="quiet w-16 text-sm">{rule.unit}</span>
                    <button
                        type="button"
                        class="btn btn-xs w-20"
                        class:invisible={!rule.own || !aboard.may('plan')}
                        aria-label="Back to {places(rule.default)} {rule.unit}, {rule.label}"
                        onclick={() => void send({ back: [rule.key] }, rule.key)}>↶ {places(rule.default) || 'none'}</button
                    >
                </span>
                {#if faultAt(faults, `/own/${rule.key}`)}
                    <p class="text-error col-span-full text-sm font-semibold">{faultAt(faults, `/own/${rule.key}`)}</p>
                {/if}
            </li>
        {/each}
    </ul>
</Dialog>
