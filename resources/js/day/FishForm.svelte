<script lang="ts">
    import { kindsOf, wordOf } from '../lib/catalogue';
    import { faultOf, type Fault, type Schemas, type Trip } from '../lib/api';
    import { aboard } from '../lib/aboard.svelte';
    import { shown, type Units } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';
    import { FISH, type FishFigure } from './figures';
    import type { NewEvent } from './queue.svelte';

    export type Fish = Pick<NewEvent, 'species' | 'length' | 'girth' | 'weight' | 'in_net' | 'condition'>;
    type End = 'kept' | 'released' | 'lost' | 'missed';

    interface Ended {
        title: string;
        trip: Trip;
        units: Units;
        /** What is known of it. */
        fish?: Fish;
        /** What may have come of it besides. */
        others?: readonly End[];
        /** How fish that go back are handled in this water. */
        care?: readonly string[];
        tell: (kind: End, fish: Fish) => Promise<Fault[]>;
        later: () => void;
    }

    /** What came of a bite: the fish, kept or released; all of it can be left for later. */
    let { title, trip, units, fish = {}, others = [], care = [], tell, later }: Ended = $props();

    // svelte-ignore state_referenced_locally
    let species: Schemas['Species'] | null = $state(fish.species ?? null);
    // svelte-ignore state_referenced_locally
    const told: Record<FishFigure, number | null> = $state({
        length: fish.length ?? null,
        girth: fish.girth ?? null,
        weight: fish.weight ?? null,
    });

    /** What she is out for first. */
    const kinds = $derived(
        [...kindsOf('species')].sort((a, b) => Number(trip.species.includes(b.value)) - Number(trip.species.includes(a.value))),
    );
    const ends = $derived<End[]>(['kept', 'released', ...others]);
    const net = $derived(aboard.boat?.net_weight);
    let inNet = $state(false);
    // svelte-ignore state_referenced_locally
    let condition: Schemas['FishCondition'] | null = $state(fish.condition ?? null);
    let faults: Fault[] = $state.raw([]);
</script>

<div class="fish">
    <h2 class="text-2xl font-bold">{title}</h2>
    <div class="kinds">
        {#each kinds as { value, word } (value)}
            <label class="btn border-base-content" class:btn-neutral={species === value}>
                <input type="radio" name="fish" class="sr-only" {value} bind:group={species} />{word}
            </label>
        {/each}
    </div>
    {#each FISH as { name, label, quantity } (name)}
        <NumberField
            {label}
            id="fish-{name}"
            value={told[name]}
            change={(value) => (told[name] = value)}
            {units}
            {quantity}
            fault={faultOf(faults, `/${name}`)}
        />
    {/each}
    <!-- Here before there is a weight: what came with it would move the buttons from under the thumb that is on its way. -->
    {#if net !== undefined}
        <label class="flex min-h-12 items-center gap-3 text-lg">
            <input type="checkbox" class="checkbox" bind:checked={inNet} />weighed in the net: {shown(units, 'mass', net)} less
        </label>
    {/if}
    <div class="conditions" role="group" aria-label="How it was">
        {#each kindsOf('conditions') as { value, word } (value)}
            <label class="btn border-base-content h-12 flex-1 text-[17px]" class:btn-neutral={condition === value}>
                <input type="radio" name="condition" class="sr-only" {value} bind:group={condition} />{word}
            </label>
        {/each}
    </div>
    {#if faults[0] && !FISH.some(({ name }) => faults[0]?.pointer === `/${name}`)}
        <p class="text-error font-semibold" role="alert">{faults[0].detail}</p>
    {/if}
    <div class="grid grid-cols-2 gap-2">
        {#each ends as end, i (end)}
            <button
                type="button"
                data-end={end}
                class="btn h-16 text-xl capitalize {i === 0 ? 'btn-primary' : 'border-base-content'}"
                onclick={async () => (faults = await tell(end, { species, ...told, in_net: inNet, condition }))}
                >{wordOf('events', end)}</button
            >
        {/each}
    </div>
    <button type="button" class="btn btn-ghost h-12" onclick={later}>Later</button>
    {#each care as words (words)}<p class="text-base leading-snug">{words}</p>{/each}
</div>

<style>
    .fish {
        display: grid;
        gap: 0.5rem;
        text-align: left;
    }
    .kinds {
        display: grid;
        grid-template-columns: repeat(3, 1fr);
        gap: 0.4rem;
    }
    .conditions {
        display: flex;
        flex-wrap: wrap;
        gap: 0.4rem;
    }
    .conditions .btn:focus-within,
    .kinds .btn:focus-within {
        outline: 3px solid var(--color-primary);
        outline-offset: 2px;
    }
    .kinds .btn {
        height: 3rem;
        padding: 0 0.2rem;
        font-size: 16px;
    }
</style>
