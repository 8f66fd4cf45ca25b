<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultsIn } from '../lib/api';
    import { figure, type Units } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';
    import type { Piece } from './gear';

    /** Counter check: so much line is pulled off along a tape, and the counter read. */
    let { piece, units }: { piece: Piece; units: Units } = $props();

    let pulled: number | null = $state(null);
    let read: number | null = $state(null);
    let said = $state('');
    const reel = $derived(aboard.locker?.reels.find(({ id }) => id === piece.id));

    async function keep(): Promise<void> {
        const answer = await ask(
            api.PUT('/locker/reels/{id}/counter', {
                params: { path: { id: piece.id } },
                body: { pulled: pulled ?? Number.NaN, read: read ?? Number.NaN },
            }),
        );
        const [fault] = faultsIn(answer);
        said = fault?.detail ?? '';
        if ('data' in answer) {
            said = answer.data.says;
            pulled = read = null;
            await aboard.readLocker();
        }
    }
</script>

<h3 class="pt-4 pb-1 font-bold">Counter check</h3>
<p class="quiet max-w-prose text-[15px] leading-snug">
    {#if reel?.counter_calibrated}It shows {reel.counter_factor.toFixed(3)} for each 1 truly out.{:else}Not checked yet: its
        reading is taken as it is.{/if}
    Set the counter to nought, pull line off along a tape, and read it.
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
    <button type="button" class="btn btn-sm" disabled={pulled === null || read === null} onclick={() => void keep()}
        >Keep it</button
    >
</div>
{#if said}<p class="font-semibold" role="status">{said}</p>{/if}
{#if pulled !== null && read !== null}<p class="quiet text-sm">
        {figure(units, 'length', read, 1)} for {figure(units, 'length', pulled, 1)}.
    </p>{/if}
