<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import { faultAt, faultOf, type Boat, type Fault, type Schemas, type Trip } from '../lib/api';
    import { queue } from '../day/queue.svelte';
    import { allowed, figure, measure, typedNumber } from '../lib/units';
    import TextField from '../fields/TextField.svelte';

    let { trip, rods, boat, rod }: { trip: Trip; rods: Schemas['Watch']['rods']; boat: Boat; rod: string } = $props();

    const units = $derived(boat.units);

    // svelte-ignore state_referenced_locally
    let bitten = $state(rods.find(({ holder }) => holder === rod)?.holder_id ?? 0);
    let outcome: Schemas['Outcome'] = $state('hooked');
    let species: Schemas['Species'] | '' = $state('');
    let length = $state('');
    let weight = $state('');
    let note = $state('');
    let time = $state(now());
    let faults: Fault[] = $state([]);
    const WAITS = 'Kept on this device; it is sent when the server answers.';
    let said = $state('');
    let sending = $state(false);

    function now(): string {
        const at = new Date();
        return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
    }

    /** What was typed, in SI; what is no number goes as null and is named here. */
    function read(text: string, quantity: 'fish' | 'mass', pointer: string): number | null {
        const number = typedNumber(text);
        if (number === null) {
            return null;
        }
        if (Number.isNaN(number)) {
            faults = [...faults, { pointer, detail: `“${text.slice(0, 20)}” is not a number.` }];
            return null;
        }
        return measure(units, quantity).toSi(number);
    }

    async function log(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        faults = [];
        said = '';
        if (bitten === 0) {
            faults = [{ pointer: '/holder_id', detail: 'Choose the rod that was bitten.' }];
        }
        const at = new Date(`${trip.date}T${time}`);
        if (Number.isNaN(at.getTime())) {
            faults = [...faults, { pointer: '/at', detail: 'Must be a time of the day.' }];
        }
        const fish = {
            species: species || null,
            length: read(length, 'fish', '/length'),
            weight: read(weight, 'mass', '/weight'),
            note: note.trim() || null,
        };
        if (faults.length > 0) {
            return;
        }
        sending = true;
        const when = at.toISOString();
        const bite = queue.event({ kind: 'bite', at: when, holder_id: bitten, spread_id: trip.spreads[0]?.id ?? null });
        faults = await queue.tellTyped(trip.id, bite, queue.event({ kind: outcome, at: when, of: bite.uuid, ...fish }));
        sending = false;
        if (faults.length > 0) {
            said = 'Not logged yet: see below.';
            return;
        }
        said = queue.length > 0 ? WAITS : 'Logged.';
        [bitten, outcome, species, length, weight, note, time] = [0, 'hooked', '', '', '', '', now()];
    }
</script>

<form onsubmit={log} novalidate>
    <fieldset class="pt-3">
        <legend class="quiet text-sm">Which rod?</legend>
        <div class="rods">
            {#each rods as { holder_id, holder, depth } (holder_id)}
                <label class="rod bg-base-100" class:chosen={bitten === holder_id}>
                    <input type="radio" name="rod" class="sr-only" value={holder_id} bind:group={bitten} />
                    <b class="figure">{holder}</b>
                    <span class="figure depth">{depth === null ? '·' : figure(units, 'depth', depth)}</span>
                </label>
            {/each}
        </div>
        {#if faultAt(faults, '/holder_id')}<p class="text-error text-sm font-semibold">{faultAt(faults, '/holder_id')}</p>{/if}
    </fieldset>
    <div class="grid grid-cols-2 items-start gap-x-4 gap-y-2 pt-3 sm:grid-cols-6">
        <fieldset class="col-span-2 sm:col-span-6">
            <legend class="sr-only">What came of it</legend>
            <div class="join">
                {#each kindsOf('outcomes') as { value: name, word: text } (name)}
                    <label class="btn join-item" class:btn-neutral={outcome === name}>
                        <input type="radio" name="outcome" class="sr-only" value={name} bind:group={outcome} />{text}
                    </label>
                {/each}
            </div>
        </fieldset>
        <div>
            <label for="species" class="quiet text-sm">Fish</label>
            <select id="species" class="select w-full" bind:value={species}>
                <option value="">unknown</option>
                {#each kindsOf('species') as { value: name, word: text } (name)}<option value={name}>{text}</option>{/each}
            </select>
        </div>
        <TextField label="Time" type="time" bind:value={time} fault={faultAt(faults, '/at')} />
        <TextField
            label="Length, {measure(units, 'fish').unit}"
            bind:value={length}
            inputmode="decimal"
            fault={allowed(faultOf(faults, '/length'), units, 'fish')}
        />
        <TextField
            label="Weight, {measure(units, 'mass').unit}"
            bind:value={weight}
            inputmode="decimal"
            fault={allowed(faultOf(faults, '/weight'), units, 'mass')}
        />
        <TextField label="Note" bind:value={note} fault={faultAt(faults, '/note')} class="col-span-2" />
        <div class="col-span-2 flex items-center gap-4 sm:col-span-6">
            <button class="btn btn-primary btn-lg" disabled={sending}>Log the bite</button>
            <p role="status" class="font-semibold">{said === WAITS && queue.length === 0 ? '' : said}</p>
        </div>
    </div>
</form>

<style>
    .rods {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(4.4rem, 1fr));
        gap: 6px;
        padding-top: 4px;
    }
    .rod {
        display: flex;
        flex-direction: column;
        align-items: center;
        justify-content: center;
        min-height: 4.25rem;
        border: 1px solid var(--color-base-300);
        border-radius: 5px;
        cursor: pointer;
    }
    .rod .depth {
        font-size: 28px;
        font-weight: 700;
        line-height: 1;
    }
    .rod.chosen {
        color: var(--color-primary-content);
        background: var(--color-primary);
        border-color: var(--color-primary);
    }
    .rod:focus-within {
        outline: 3px solid var(--color-primary);
        outline-offset: 2px;
    }
</style>
