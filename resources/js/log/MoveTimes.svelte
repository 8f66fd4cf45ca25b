<script lang="ts">
    import { clock, dayOf } from '../lib/words';
    import type { Fault, Trip } from '../lib/api';
    import type { TripDay } from '../day/day.svelte';
    import { queue } from '../day/queue.svelte';
    import PickField from '../fields/PickField.svelte';
    import TextField from '../fields/TextField.svelte';
    import Dialog from '../frame/Dialog.svelte';

    /** Times that a clock told wrong, put right together: those of one device, or of all. */
    let { trip, day, close }: { trip: Trip; day: TripDay; close: () => void } = $props();

    /** All, where no device is named. */
    let whose = $state('');
    // svelte-ignore state_referenced_locally
    let date = $state(trip.date);
    let time = $state('');
    let faults: Fault[] = $state.raw([]);
    let asking = $state(false);

    /** The first first. */
    const told = $derived((day.day?.log ?? []).filter(({ movable }) => movable).toReversed());
    const devices = $derived([...new Set(told.map(({ who }) => who))]);
    const moved = $derived(whose === '' ? told : told.filter(({ who }) => who === whose));
    const first = $derived(moved[0]);

    async function move(): Promise<void> {
        asking = true;
        faults = await day.tellTyped(
            queue.event({ kind: 'moved', events: moved.map(({ uuid }) => uuid), first: `${date}T${time}` }),
        );
        asking = false;
        if (faults.length === 0) {
            close();
        }
    }
    const faultOf = (name: string) => faults.find(({ pointer }) => pointer.endsWith(name))?.detail;
</script>

<Dialog title="Put times right" {close}>
    <form
        class="grid gap-3"
        onsubmit={(submitted) => {
            submitted.preventDefault();
            void move();
        }}
    >
        <p class="text-sm leading-snug">
            Where a clock was wrong, all that was told by it is moved together, and stands in its new order. Taking that back puts
            it all where it was.
        </p>
        {#if devices.length > 1}
            <PickField
                label="Told by"
                value={whose}
                options={[{ value: '', text: 'everybody' }, ...devices.map((name) => ({ value: name, text: name }))]}
                change={(picked) => (whose = picked)}
            />
        {/if}
        {#if first}
            <p>
                {moved.length === 1 ? 'The one entry' : `The first of ${moved.length} entries`}:
                <b class="figure">{first.holder ?? ''}</b> <b>{first.words}</b>, told as <b class="figure">{clock(first.at)}</b>
                on
                {dayOf(first.at)}. When was it?
            </p>
            <div class="grid grid-cols-2 gap-3">
                <TextField label="Day" type="date" bind:value={date} fault={faultOf('first')} />
                <TextField label="Time" type="time" bind:value={time} />
            </div>
            {#each faults.filter(({ pointer }) => !pointer.endsWith('first')) as fault (fault.pointer)}
                <p class="text-error font-semibold">{fault.detail}</p>
            {/each}
            <button class="btn btn-primary" disabled={asking || time === '' || date === ''}>Move them</button>
        {/if}
    </form>
</Dialog>
