<script lang="ts">
    import Dialog from '../frame/Dialog.svelte';
    import NumberField from '../fields/NumberField.svelte';
    import PickField from '../fields/PickField.svelte';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultOf, type Fault } from '../lib/api';
    import type { Trip } from '../lib/api';
    import type { Units } from '../lib/units';
    import type { Watch } from './watch.svelte';

    /** A place marked while nothing reads where she is: by bearing and distance from what is known, or in words alone. */
    let { watch, trip, units, close }: { watch: Watch; trip: Trip; units: Units; close: () => void } = $props();

    const GROUND = 'ground';
    let structures: string[] = $state.raw([]);
    const origins = $derived([
        ...(trip.latitude === null ? [] : [{ value: GROUND, text: trip.ground || 'the ground' }]),
        ...structures.map((name) => ({ value: name, text: name })),
    ]);
    let from: string | null = $state(null);
    const origin = $derived(from ?? origins[0]?.value ?? null);
    let bearing: number | null = $state(null);
    let distance: number | null = $state(null);
    let note = $state('');
    let faults: Fault[] = $state.raw([]);

    $effect(() => {
        if (aboard.may('places')) {
            void ask(api.GET('/chart')).then((answer) => {
                structures = 'data' in answer ? answer.data.structures.map(({ name }) => name) : [];
            });
        }
    });

    async function mark(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const place = origin !== null && bearing !== null && distance !== null ? { from: origin, bearing, distance } : {};
        if (!('from' in place) && note.trim() === '') {
            faults = [{ pointer: '/note', detail: 'Must be told: a bearing and a distance, or what to find it again by.' }];
            return;
        }
        faults = await watch.sayTyped('from' in place ? 'marker' : 'marker, in words', {
            kind: 'marker',
            ...place,
            ...(note.trim() ? { note: note.trim() } : {}),
        });
        if (faults.length === 0) {
            close();
        }
    }
</script>

<Dialog title="Nothing reads where she is" {close} look="max-w-md">
    <form class="deck grid gap-3" onsubmit={mark}>
        {#if origins.length > 0}
            <p class="quiet">By bearing and distance from what is known:</p>
            <PickField
                label="From"
                value={origin}
                options={origins}
                change={(value) => (from = value)}
                fault={faultOf(faults, '/from')?.detail}
            />
            <NumberField
                label="Bearing to here, true"
                value={bearing}
                change={(value) => (bearing = value)}
                clear={() => (bearing = null)}
                {units}
                quantity="angle"
                fault={faultOf(faults, '/bearing')}
            />
            <NumberField
                label="Distance"
                value={distance}
                change={(value) => (distance = value)}
                clear={() => (distance = null)}
                {units}
                quantity="distance"
                fault={faultOf(faults, '/distance')}
            />
        {/if}
        <label class="grid gap-1">
            <span>{origins.length > 0 ? 'And, or instead, in words' : 'In words'}</span>
            <input class="input w-full" maxlength="500" placeholder="bait balls off the last can" bind:value={note} />
        </label>
        {#if faultOf(faults, '/note')}<p class="text-error font-semibold" role="alert">{faultOf(faults, '/note')?.detail}</p>{/if}
        <button type="submit" class="btn btn-primary h-16 text-xl">Mark it</button>
    </form>
</Dialog>
