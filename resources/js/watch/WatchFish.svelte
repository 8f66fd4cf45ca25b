<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import { type Schemas, type Trip } from '../lib/api';
    import { type Units } from '../lib/units';
    import NumberField from '../fields/NumberField.svelte';
    import type { Rod, Watch } from './watch.svelte';

    interface Landed {
        watch: Watch;
        trip: Trip;
        units: Units;
        rod: Rod;
        /** Its event. */
        bite: string;
        done: () => void;
    }

    /** A fish that was landed: what it is, kept or released; all of it can be left for later. */
    let { watch, trip, units, rod, bite, done }: Landed = $props();

    let species: Schemas['Species'] | null = $state(null);
    let length: number | null = $state(null);
    let weight: number | null = $state(null);

    /** What she is out for first. */
    const kinds = $derived(
        [...kindsOf('species')].sort((a, b) => Number(trip.species.includes(b.value)) - Number(trip.species.includes(a.value))),
    );

    async function tell(kind: 'kept' | 'released'): Promise<void> {
        const telling = watch.say(`${rod.holder} ${kind}`, { kind, of: bite, species, length, weight });
        done();
        await telling;
    }
</script>

<div class="fish">
    <h2 class="text-2xl font-bold">{rod.holder}: landed</h2>
    <div class="kinds">
        {#each kinds as { value, word } (value)}
            <label class="btn border-base-content" class:btn-neutral={species === value}>
                <input type="radio" name="fish" class="sr-only" {value} bind:group={species} />{word}
            </label>
        {/each}
    </div>
    <NumberField label="Length" id="fish-length" value={length} change={(value) => (length = value)} {units} quantity="fish" />
    <NumberField label="Weight" id="fish-weight" value={weight} change={(value) => (weight = value)} {units} quantity="mass" />
    <div class="grid grid-cols-2 gap-2">
        <button type="button" class="btn btn-primary h-16 text-xl" onclick={() => void tell('kept')}>Kept</button>
        <button type="button" class="btn border-base-content h-16 text-xl" onclick={() => void tell('released')}>Released</button>
    </div>
    <button type="button" class="btn btn-ghost h-12" onclick={done}>Later</button>
</div>

<style>
    .fish {
        display: grid;
        gap: 0.5rem;
        text-align: left;
    }
    .kinds {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 0.4rem;
    }
    .kinds .btn {
        height: 3rem;
        padding: 0 0.3rem;
        font-size: 17px;
    }
</style>
