<script lang="ts">
    import { api, ask, faultOf, type Fault, type Schemas } from '../lib/api';
    import type { SpreadDesk } from '../lib/spread-desk.svelte';
    import type { Quantity } from '../lib/units';
    import NumberField from './NumberField.svelte';

    /** The rules of thumb as this boat reckons them. */
    let { desk }: { desk: SpreadDesk } = $props();

    type Rule = keyof Schemas['RuleFigures'];

    const NAMES: [Rule, string, Quantity | undefined, string][] = [
        ['per_colour', 'a colour of core takes it down', 'fineLength', ''],
        ['core_speed', 'at', 'speed', ''],
        ['diver_share', 'diver at dial 0, of its let-out', undefined, '×'],
        ['diver_share_per_mark', 'less for each dial mark', undefined, '×'],
        ['bouncer_scope', 'bouncer’s scope', undefined, 'to 1'],
        ['flat_most', 'most of a dive figure', undefined, '×'],
    ];

    let rules: Schemas['Rules'] | null = $state.raw(null);
    let faults: Fault[] = $state.raw([]);
    let open = $state(false);

    $effect(() => {
        if (open && !rules) {
            void ask(api.GET('/boat/rules')).then((answer) => {
                rules = 'data' in answer ? answer.data : null;
            });
        }
    });

    async function change(name: Rule, value: number | null): Promise<void> {
        if (!rules || value === null) {
            return;
        }
        const answer = await ask(api.PUT('/boat/rules', { body: { rules: { ...rules.rules, [name]: value } } }));
        if ('data' in answer) {
            rules = answer.data;
            faults = [];
            desk.refresh();
        } else if ('problem' in answer) {
            faults = answer.problem.errors ?? [];
        }
    }
</script>

<details class="border-base-300 border-t pt-1 text-[15px]" bind:open>
    <summary class="cursor-pointer">Your own rules of thumb</summary>
    {#if rules}
        {#each NAMES as [name, words, quantity, unit] (name)}
            <NumberField
                label={words}
                value={rules.rules[name]}
                change={(value) => void change(name, value)}
                units={desk.boat.units}
                {quantity}
                {unit}
                fault={faultOf(faults, `/rules/${name}`)}
            />
        {/each}
    {/if}
</details>
