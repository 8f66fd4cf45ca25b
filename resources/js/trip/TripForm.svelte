<script lang="ts">
    import { timeOfDay } from '../lib/words';
    import { kindsOf, wordOf } from '../lib/catalogue';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultAt, faultOf, type Fault, type Schemas, type Trip } from '../lib/api';
    import { allowed, measure } from '../lib/units';
    import Fold from '../fields/Fold.svelte';
    import TextField from '../fields/TextField.svelte';
    import BaitFields from './BaitFields.svelte';
    import GroundFields from './GroundFields.svelte';
    import LimitFields from './LimitFields.svelte';
    import { TripEntry } from './trip-entry.svelte';

    /** When, how deep and for what; the rest is taken as it was, and folded. A new trip as the server begins it, or one changed. */
    let {
        trip,
        begun,
        done,
        close,
    }: { trip?: Trip; begun: Schemas['FreshTrip'] | Trip; done: (trip: Trip) => void; close: () => void } = $props();

    // What is changed, and what it is begun with, are the same for the form's life.
    // svelte-ignore state_referenced_locally
    const [changed, entry] = [trip, new TripEntry(begun)];
    const units = entry.units;
    let faults: Fault[] = $state([]);
    let said = $state('');
    let sending = $state(false);

    const GROUND = ['ground', 'port', 'run', 'latitude', 'longitude', 'place_sure', 'water', 'salinity', 'water_temperature'];
    const PEOPLE = ['back_by', 'anglers', 'guests', 'crew', 'crew_fish'];
    const LIMITS = ['lines_per_angler', 'line_limit', 'limit_source', 'limits_looked_up', 'catch_limits'];
    const faultyIn = (fields: string[]) =>
        faults.some(({ pointer }) => fields.some((field) => pointer === `/${field}` || pointer.startsWith(`/${field}/`)));

    const groundSays = $derived(
        [
            entry.ground || 'not named',
            entry.port && `from ${entry.port}`,
            entry.latitude ? '' : 'its place not known: no sun over it, no pass along it',
            wordOf('waters', entry.water),
        ]
            .filter(Boolean)
            .join(', '),
    );
    const peopleSay = $derived(
        `${entry.anglers} anglers, ${entry.crew} crew${entry.crewFish ? ' who may fish' : ''}, back by ${timeOfDay(entry.backBy)}`,
    );
    const limitsSay = $derived(
        entry.limit || entry.perAngler
            ? [
                  entry.limit && `${entry.limit} lines`,
                  entry.perAngler && `${entry.perAngler} an angler`,
                  entry.limitSource ? `from ${entry.limitSource}` : 'source not said',
              ]
                  .filter(Boolean)
                  .join(', ')
            : `not looked up for the day: ${aboard.boat?.lines_per_angler ?? ''} lines an angler presumed. Check the current rules.`,
    );
    const baitSays = $derived(`${wordOf('cures', entry.cure)}, ${entry.strips ? 'cut into strips' : 'fished whole'}`);

    async function plan(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        sending = true;
        const body = entry.body();
        const answer = await ask(
            changed ? api.PUT('/trips/{trip}', { params: { path: { trip: changed.id } }, body }) : api.POST('/trips', { body }),
        );
        sending = false;
        if ('data' in answer) {
            await aboard.readTrips();
            done(answer.data);
        } else if ('problem' in answer) {
            faults = answer.problem.errors ?? [];
            said = answer.problem.detail;
        } else {
            said = 'The server is not answering. What you typed stays here; try again.';
        }
    }
</script>

<form class="flex flex-col gap-3" onsubmit={plan} novalidate>
    <div class="grid grid-cols-2 gap-x-5 gap-y-2 sm:grid-cols-[12rem_9rem_9rem]">
        <TextField label="Day" type="date" bind:value={entry.date} fault={faultAt(faults, '/date')} class="max-sm:col-span-2" />
        <TextField label="Lines in" type="time" bind:value={entry.linesIn} fault={faultAt(faults, '/lines_in')} />
        <TextField
            label="Bottom, {measure(units, 'depth').unit}"
            bind:value={entry.bottom}
            hint="one depth, or 18–24"
            fault={allowed(faultOf(faults, '/bottom') ?? faultOf(faults, '/bottom_to'), units, 'depth')}
        />
    </div>
    <fieldset>
        <legend class="quiet text-sm">For, in order of priority</legend>
        <div class="flex flex-wrap gap-x-5">
            {#each kindsOf('species') as { value: name, word: text } (name)}
                <label class="flex min-h-11 cursor-pointer items-center gap-2">
                    <input
                        type="checkbox"
                        class="checkbox checkbox-sm border-current"
                        checked={entry.species.includes(name)}
                        onchange={(event) => entry.toggle(name, event.currentTarget.checked)}
                    />
                    {text}{#if entry.species.length > 1 && entry.species.includes(name)}<span class="quiet figure"
                            >{entry.species.indexOf(name) + 1}</span
                        >{/if}
                </label>
            {/each}
        </div>
        {#if faultAt(faults, '/species')}<p class="text-error text-sm font-semibold">{faultAt(faults, '/species')}</p>{/if}
    </fieldset>
    <div class="border-base-300 border-b">
        <Fold title="The ground" says={groundSays} faulty={faultyIn(GROUND)}><GroundFields {entry} {faults} /></Fold>
        <Fold title="Who comes" says={peopleSay} faulty={faultyIn(PEOPLE)}>
            <TextField label="Back by" type="time" bind:value={entry.backBy} fault={faultAt(faults, '/back_by')} />
            <TextField label="Anglers" bind:value={entry.anglers} inputmode="numeric" fault={faultAt(faults, '/anglers')} />
            <TextField label="Crew" bind:value={entry.crew} inputmode="numeric" fault={faultAt(faults, '/crew')} />
            <label class="flex min-h-10 cursor-pointer items-center gap-1.5 self-end">
                <input type="checkbox" class="checkbox checkbox-sm border-current" bind:checked={entry.crewFish} />crew may fish
            </label>
            <TextField
                label="Names of the guests, if you like"
                bind:value={entry.guests}
                fault={faultAt(faults, '/guests')}
                class="sm:col-span-2"
            />
        </Fold>
        <Fold title="Limits" says={limitsSay} faulty={faultyIn(LIMITS)}><LimitFields {entry} {faults} /></Fold>
        <Fold title="Cut bait" says={baitSays} faulty={false}>
            <BaitFields bind:cure={entry.cure} bind:strips={entry.strips} />
        </Fold>
    </div>
    <p class="text-error font-semibold empty:hidden" role="alert">{said}</p>
    <p class="flex gap-3">
        <button class="btn btn-primary" disabled={sending}>{changed ? 'Keep it so' : 'Plan this trip'}</button>
        <button type="button" class="btn btn-ghost" onclick={close}>Never mind</button>
    </p>
</form>
