<script lang="ts">
    import type { Fault, Schemas } from '../lib/api';
    import type { PreparationDesk } from './preparation.svelte';
    import type { Units } from '../lib/units';
    import StoreField from './StoreField.svelte';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';

    /** What the trip uses up, by the rods that will fish it: needed, aboard, to buy. */
    let { desk, stores, hours, units }: { desk: PreparationDesk; stores: Schemas['StoreItem'][]; hours: number; units: Units } =
        $props();

    let faults: Record<string, Fault | undefined> = $state({});
    let ruling = $state(false);

    async function count(key: string, amount: number | null): Promise<void> {
        const found = await desk.count(key, amount ?? 0);
        faults[key] = found[0];
    }
</script>

<section aria-labelledby="stores-title" class="flex min-h-0 flex-col">
    <div class="flex flex-wrap items-baseline gap-x-3 pb-0.5">
        <h2 id="stores-title" class="text-lg font-bold">Stores</h2>
        <p class="quiet text-sm">for <span class="figure">{hours.toFixed(1)}</span> hours of fishing, by the plan’s rods</p>
        <button type="button" class="btn btn-xs ml-auto" onclick={() => (ruling = true)}>How it is reckoned…</button>
    </div>
    <div class="min-h-0 overflow-y-auto">
        <table class="w-full">
            <thead>
                <tr class="quiet text-left text-sm">
                    <th class="font-normal">Item</th><th class="w-20 text-right font-normal">Needed</th><th
                        class="w-28 pr-2 text-right font-normal">Aboard</th
                    ><th class="w-20 text-right font-normal">To buy</th>
                </tr>
            </thead>
            <tbody>
                {#each stores as item (item.key)}
                    <tr class="border-base-300 border-t" data-item={item.key}>
                        <td class="py-0.5 leading-tight">{item.name}<br /><span class="quiet text-[13px]">{item.why}</span></td>
                        <td class="figure text-right text-lg font-semibold whitespace-nowrap">{item.needed_said}</td>
                        <td>
                            {#if item.key !== 'strips'}
                                <StoreField
                                    {item}
                                    label="{item.name} aboard"
                                    value={item.aboard}
                                    change={(amount) => void count(item.key, amount)}
                                    {units}
                                    fault={faults[item.key]}
                                />
                            {/if}
                        </td>
                        <td class="figure text-right text-lg whitespace-nowrap"
                            >{#if item.key === 'strips'}<span class="quiet text-sm">cut</span>{:else if item.to_buy > 0}<b
                                    >{item.to_buy_said}</b
                                >{:else}<span class="quiet text-sm">enough</span>{/if}</td
                        >
                    </tr>
                {/each}
            </tbody>
        </table>
    </div>
</section>

{#if ruling}
    <RuleBookDialog book="stores" changed={() => void desk.read()} close={() => (ruling = false)} />
{/if}
