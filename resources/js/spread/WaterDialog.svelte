<script lang="ts">
    import { api, ask, faultOf, type Fault, type Schemas } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { shown } from '../lib/units';
    import BandFields from '../trip/BandFields.svelte';
    import Dialog from '../frame/Dialog.svelte';
    import NumberField from '../fields/NumberField.svelte';

    /** What the spread is held to: the bands wanted, and the bottom under it, level or as a profile of the course. */
    let { desk, close }: { desk: SpreadDesk; close: () => void } = $props();

    const units = $derived(desk.boat.units);
    let faults: Fault[] = $state.raw([]);
    let said = $state('');

    async function keepBands(bands: Schemas['BandWanted'][]): Promise<void> {
        settle(await ask(api.PUT('/trips/{trip}/bands', { params: { path: { trip: desk.trip.id } }, body: { bands } })));
    }

    async function keepBottom(figures: Schemas['NewBottom']): Promise<void> {
        const { bottom, clearance, structure } = desk.trip;
        const body = { bottom, clearance, structure, ...figures };
        settle(await ask(api.PUT('/trips/{trip}/bottom', { params: { path: { trip: desk.trip.id } }, body })));
    }

    function settle(answer: Awaited<ReturnType<typeof ask<Schemas['Trip']>>>): void {
        faults = [];
        said = '';
        if ('data' in answer) {
            desk.retarget(answer.data);
        } else if ('problem' in answer) {
            faults = answer.problem.errors ?? [];
            said = faults.some(({ pointer }) => pointer.startsWith('/profile'))
                ? `${faults[0]?.pointer.slice(1)}: ${faults[0]?.detail} Nothing was taken in.`
                : faults.length === 0
                  ? answer.problem.detail
                  : '';
        } else {
            said = 'The server is not answering; nothing was changed.';
        }
    }

    async function take(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const field = event.currentTarget;
        const file = field.files?.[0];
        if (file) {
            await keepBottom({ profile: await file.text(), profile_name: file.name.slice(0, 60) });
            field.value = '';
        }
    }

    const profile = $derived(desk.trip.profile);
</script>

<Dialog title="Bands and bottom" {close} look="max-w-2xl">
    <h3 class="pb-1 font-bold">Depths wanted</h3>
    <BandFields bands={desk.trip.bands} change={(bands) => void keepBands(bands)} {units} {faults} />
    <h3 class="border-base-300 mt-4 border-t pt-3 pb-1 font-bold">Bottom</h3>
    <div class="flex max-w-72 flex-col gap-1">
        <NumberField
            label="level at"
            value={desk.trip.bottom}
            change={(bottom) => void keepBottom({ bottom })}
            {units}
            quantity="depth"
            fault={faultOf(faults, '/bottom')}
        />
        <NumberField
            label="water wanted under the gear"
            value={desk.trip.clearance ?? 0}
            change={(clearance) => void keepBottom({ clearance })}
            {units}
            quantity="depth"
            fault={faultOf(faults, '/clearance')}
        />
        <NumberField
            label="wood or rock stands up"
            value={desk.trip.structure ?? 0}
            change={(structure) => void keepBottom({ structure })}
            {units}
            quantity="depth"
            fault={faultOf(faults, '/structure')}
        />
    </div>
    <div class="flex flex-col gap-1 pt-3">
        <label class="font-semibold" for="profile-file">A profile of the course ahead</label>
        <p class="quiet text-sm">
            A text or CSV file, a line a place: how far along, how deep and, where anything stands up from the bottom, how high;
            in {units === 'us' ? 'feet' : 'metres'} or in what its heading says. With one, the level bottom above is not used.
        </p>
        <input id="profile-file" type="file" accept=".csv,.txt,text/*" class="file-input file-input-sm" onchange={take} />
        {#if profile}
            <p class="flex items-center gap-3 text-[15px]">
                <span
                    ><b>{desk.trip.profile_name ?? 'Profile'}</b>: {profile.length} places over {shown(
                        units,
                        'length',
                        profile.at(-1)?.along ?? 0,
                    )}, {shown(units, 'depth', Math.min(...profile.map(({ depth }) => depth)))} at its shallowest{profile.some(
                        ({ standing }) => standing,
                    )
                        ? ', with structure on it'
                        : ''}.</span
                >
                <button type="button" class="btn btn-sm" onclick={() => void keepBottom({ profile: '' })}>Drop it</button>
            </p>
        {/if}
        <p class="text-error font-semibold" role="status">{said}</p>
    </div>
</Dialog>
