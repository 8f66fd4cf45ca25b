<script lang="ts">
    import type { Schemas } from '../lib/api';
    import { figure, type Units } from '../lib/units';
    import NumberField from './NumberField.svelte';

    interface Check {
        checked: boolean;
        factor: number;
        /** What is done with the tape, in the crew's words. */
        how: string;
        verb: string;
        units: Units;
        /** Takes the two figures; what is to be said of them. */
        keep: (figures: Schemas['CounterCheck']) => Promise<string>;
    }

    /** A counter held against a tape: so much is pulled off, and the counter read. */
    let { checked, factor, how, verb, units, keep }: Check = $props();

    let pulled: number | null = $state(null);
    let read: number | null = $state(null);
    let said = $state('');

    async function take(): Promise<void> {
        said = await keep({ pulled: pulled ?? Number.NaN, read: read ?? Number.NaN });
    }
</script>

<h3 class="pt-4 pb-1 font-bold">Counter check</h3>
<p class="quiet max-w-prose text-[15px] leading-snug">
    {#if checked}It shows {factor.toFixed(3)} for each 1 truly out.{:else}Not checked yet: its reading is taken as it is.{/if}
    {how}
</p>
<div class="flex max-w-md flex-wrap items-end gap-4 py-2">
    <NumberField
        label="Pulled off"
        id="counter-pulled"
        value={pulled}
        change={(value) => (pulled = value)}
        {units}
        quantity="length"
        decimals={1}
    />
    <NumberField
        label="The counter shows"
        id="counter-read"
        value={read}
        change={(value) => (read = value)}
        {units}
        quantity="length"
        decimals={1}
    />
    <button type="button" class="btn btn-sm" onclick={() => void take()}>{verb}</button>
</div>
{#if said}<p class="font-semibold" role="status">{said}</p>{/if}
{#if pulled !== null && read !== null}<p class="quiet text-sm">
        {figure(units, 'length', read, 1)} for {figure(units, 'length', pulled, 1)}.
    </p>{/if}
