<script lang="ts">
    import type { Boat, Fault, Trip } from '../lib/api';
    import { wordOf } from '../lib/catalogue';
    import { clock } from '../lib/words';
    import { queue, type NewEvent } from '../day/queue.svelte';
    import type { Waiting } from '../day/shelf';
    import NumberField from '../fields/NumberField.svelte';
    import PickField from '../fields/PickField.svelte';
    import TextField from '../fields/TextField.svelte';
    import Dialog from '../frame/Dialog.svelte';
    import { FIGURES } from '../day/figures';
    import { fieldOf, rodOf, wordsOf } from './refused';

    /** An event the server refused: what is wrong with it is put right where it can be typed, and it is sent again. */
    let { one, trip, boat, close }: { one: Waiting; trip: Trip; boat: Boat; close: () => void } = $props();

    // svelte-ignore state_referenced_locally
    let event: NewEvent = $state.raw(one.event);
    // svelte-ignore state_referenced_locally
    let faults: Fault[] = $state.raw(one.refused ?? []);
    let asking = $state(false);

    const faultOf = (name: string) => faults.find((fault) => fieldOf(fault) === name);
    // svelte-ignore state_referenced_locally
    const wrong = new Set(faults.map(fieldOf));
    const figures = FIGURES.filter(({ name }) => wrong.has(name));
    /** A bite whose lines cannot be told any more is told by what was told of the day. */
    const byTheDay = $derived(event.kind === 'bite' && (wrong.has('lines') || wrong.has('speed')));
    const elsewhere = $derived(faults.filter((fault) => !figures.some(({ name }) => name === fieldOf(fault))));
    let time = $state('');

    /** On the day of the trip. */
    function timed(): void {
        const at = new Date(`${trip.date}T${time}`);
        event = Number.isNaN(at.getTime()) ? event : { ...event, at: at.toISOString() };
    }

    const without = (...names: string[]): NewEvent =>
        Object.fromEntries(Object.entries(event).filter(([name]) => !names.includes(name))) as NewEvent;

    async function send(): Promise<void> {
        asking = true;
        faults = await queue.sendAgain(one, byTheDay ? without('lines', 'speed') : event);
        asking = false;
        if (faults.length === 0) {
            close();
        }
    }
</script>

<Dialog title="{rodOf(event, queue.waiting, boat)} {wordOf('events', event.kind)} at {clock(event.at)}: put it right" {close}>
    <form
        class="grid gap-3"
        onsubmit={(submitted) => {
            submitted.preventDefault();
            void send();
        }}
    >
        {#each elsewhere as fault (fault.pointer)}
            <p class="text-error font-semibold">{wordsOf(fault, boat)}</p>
        {/each}
        {#each figures as { name, label, quantity } (name)}
            <NumberField
                {label}
                value={event[name]}
                change={(value) => (event = { ...event, [name]: value ?? undefined })}
                clear={() => (event = without(name))}
                units={boat.units}
                {...quantity ? { quantity } : {}}
                fault={faultOf(name)}
            />
        {/each}
        {#if wrong.has('note')}
            <TextField label="Note" bind:value={() => event.note ?? '', (note) => (event = { ...event, note })} />
        {/if}
        {#if wrong.has('at')}
            <TextField label="When, on the day of the trip" type="time" bind:value={time} oninput={timed} />
        {/if}
        {#if wrong.has('holder_id')}
            <PickField
                label="Rod"
                value={event.holder_id ?? null}
                options={boat.holders.map(({ id, code }) => ({ value: id, text: code }))}
                change={(holder_id) => (event = { ...event, holder_id })}
            />
        {/if}
        {#if byTheDay}
            <p class="text-sm">It is sent without what each line did: that is taken from what was told of the day by then.</p>
        {/if}
        <button class="btn btn-primary" disabled={asking}>Send again</button>
    </form>
</Dialog>
