<script lang="ts">
    import { kindsOf, wordOf } from '../lib/catalogue';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultAt, faultOf, type Fault, type Schemas, type Trip } from '../lib/api';
    import { allowed, figure, measure, type Quantity, typedNumber } from '../lib/units';
    import TextField from '../fields/TextField.svelte';
    import BaitFields from './BaitFields.svelte';

    /** When, where, with whom, for what, and the limits as looked up: a new trip as the server begins it, or one changed. */
    let {
        trip,
        begun,
        done,
        close,
    }: { trip?: Trip; begun: Schemas['FreshTrip'] | Trip; done: (trip: Trip) => void; close: () => void } = $props();

    // What is changed, and what it is begun with, are the same for the form's life.
    // svelte-ignore state_referenced_locally
    const [changed, was] = [trip, begun];
    const units = aboard.boat?.units ?? 'us';
    const inUnits = (quantity: Quantity, si: number | null | undefined, places?: number): string =>
        si === null || si === undefined ? '' : String(Number(figure(units, quantity, si, places)));

    let date = $state(was.date);
    let linesIn = $state(was.lines_in);
    let backBy = $state(was.back_by);
    let port = $state(was.port ?? '');
    let ground = $state(was.ground);
    let run = $state(inUnits('distance', was.run, 1));
    let latitude = $state(was.latitude?.toString() ?? '');
    let longitude = $state(was.longitude?.toString() ?? '');
    let anglers = $state(String(was.anglers));
    let guests = $state(was.guests?.join(', ') ?? '');
    let crew = $state(String(was.crew));
    let crewFish = $state(was.crew_fish);
    let perAngler = $state(was.lines_per_angler?.toString() ?? '');
    let limit = $state(was.line_limit?.toString() ?? '');
    let limitSource = $state(was.limit_source ?? '');
    let lookedUp = $state(was.limits_looked_up ?? '');
    let bottom = $state(inUnits('depth', was.bottom, 1));
    let water: Schemas['WaterKind'] = $state(was.water);
    let salinity = $state(was.salinity?.toString() ?? '');
    let temperature = $state(inUnits('temperature', was.water_temperature, 0));
    let cure: Schemas['BaitCure'] = $state(was.bait_cure);
    let strips = $state(was.bait_strips);
    let species: Schemas['Species'][] = $state(was.species);
    let bags: Record<string, string> = $state(
        Object.fromEntries((was.catch_limits ?? []).map(({ species: of, bag }) => [of, bag?.toString() ?? ''])),
    );
    let sizes: Record<string, string> = $state(
        Object.fromEntries(
            (was.catch_limits ?? []).map(({ species: of, least_length }) => [of, inUnits('fish', least_length, 1)]),
        ),
    );
    let faults: Fault[] = $state([]);
    let said = $state('');
    let sending = $state(false);

    /** An empty field is nothing; what is no number is sent as it is, for the server to name. */
    const number = (text: string): number | null => {
        const figure = typedNumber(text);
        return Number.isNaN(figure) ? (text as unknown as number) : figure;
    };
    const whole = (text: string): number => number(text) ?? Number.NaN;
    const si = (text: string, quantity: Quantity): number | null => {
        const figure = number(text);
        return typeof figure === 'number' ? measure(units, quantity).toSi(figure) : figure;
    };

    const limited = $derived(species.filter((name) => bags[name] || sizes[name]));

    async function plan(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        sending = true;
        const body: Schemas['NewTrip'] = {
            date,
            lines_in: linesIn,
            back_by: backBy,
            port: port || null,
            ground,
            run: si(run, 'distance'),
            latitude: number(latitude),
            longitude: number(longitude),
            anglers: whole(anglers),
            guests:
                guests.trim() === ''
                    ? null
                    : guests
                          .split(',')
                          .map((name) => name.trim())
                          .filter(Boolean),
            crew: whole(crew),
            crew_fish: crewFish,
            lines_per_angler: number(perAngler),
            line_limit: number(limit),
            limit_source: limitSource || null,
            limits_looked_up: lookedUp || null,
            catch_limits: limited.map((name) => ({
                species: name,
                bag: number(bags[name] ?? ''),
                least_length: si(sizes[name] ?? '', 'fish'),
            })),
            bait_cure: cure,
            bait_strips: strips,
            species,
            bottom: si(bottom, 'depth'),
            water,
            salinity: water === 'fresh' ? null : number(salinity),
            water_temperature: si(temperature, 'temperature'),
        };
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

    function toggle(name: Schemas['Species'], on: boolean): void {
        species = on ? [...species, name] : species.filter((other) => other !== name);
    }
</script>

<form class="grid gap-x-5 gap-y-2 sm:grid-cols-4" onsubmit={plan} novalidate>
    <TextField label="Day" type="date" bind:value={date} fault={faultAt(faults, '/date')} />
    <TextField label="Lines in" type="time" bind:value={linesIn} fault={faultAt(faults, '/lines_in')} />
    <TextField label="Back by" type="time" bind:value={backBy} fault={faultAt(faults, '/back_by')} />
    <div class="grid grid-cols-2 gap-2">
        <TextField
            label="Bottom, {measure(units, 'depth').unit}"
            bind:value={bottom}
            inputmode="decimal"
            fault={allowed(faultOf(faults, '/bottom'), units, 'depth')}
        />
        <TextField
            label="Surface, {measure(units, 'temperature').unit}"
            bind:value={temperature}
            inputmode="decimal"
            fault={faultAt(faults, '/water_temperature')}
        />
    </div>
    <TextField label="Port" bind:value={port} fault={faultAt(faults, '/port')} />
    <div class="grid grid-cols-[1fr_6.5rem] gap-2">
        <TextField label="Ground" bind:value={ground} fault={faultAt(faults, '/ground')} />
        <div>
            <label for="water-kind" class="quiet text-sm">Water</label>
            <select id="water-kind" class="select w-full text-base" bind:value={water}>
                {#each kindsOf('waters') as { value, word } (value)}<option {value}>{word}</option>{/each}
            </select>
            {#if faultAt(faults, '/water')}<p class="text-error text-sm font-semibold">{faultAt(faults, '/water')}</p>{/if}
        </div>
    </div>
    <TextField
        label="Run to it, {measure(units, 'distance').unit}"
        bind:value={run}
        inputmode="decimal"
        fault={allowed(faultOf(faults, '/run'), units, 'distance')}
    />
    <div class="grid grid-cols-2 gap-2">
        <TextField label="Latitude, °N" bind:value={latitude} inputmode="decimal" fault={faultAt(faults, '/latitude')} />
        <TextField label="Longitude, °E" bind:value={longitude} inputmode="decimal" fault={faultAt(faults, '/longitude')} />
    </div>
    {#if water !== 'fresh'}
        <TextField
            label="Salinity, if you know it"
            bind:value={salinity}
            inputmode="decimal"
            fault={faultAt(faults, '/salinity')}
            class="sm:col-start-2"
        />
        <span class="hidden sm:col-span-2 sm:block"></span>
    {/if}
    <TextField label="Anglers" bind:value={anglers} inputmode="numeric" fault={faultAt(faults, '/anglers')} />
    <TextField label="Their names, if you like" bind:value={guests} fault={faultAt(faults, '/guests')} class="sm:col-span-2" />
    <div class="grid grid-cols-[1fr_auto] items-end gap-2">
        <TextField label="Crew" bind:value={crew} inputmode="numeric" fault={faultAt(faults, '/crew')} />
        <label class="flex min-h-10 cursor-pointer items-center gap-1.5 text-sm">
            <input type="checkbox" class="checkbox checkbox-sm border-current" bind:checked={crewFish} />may fish
        </label>
    </div>
    <fieldset class="sm:col-span-4">
        <legend class="quiet text-sm">For, in order of priority</legend>
        <div class="flex flex-wrap gap-x-5">
            {#each kindsOf('species') as { value: name, word: text } (name)}
                <label class="flex min-h-9 cursor-pointer items-center gap-2">
                    <input
                        type="checkbox"
                        class="checkbox checkbox-sm border-current"
                        checked={species.includes(name)}
                        onchange={(event) => toggle(name, event.currentTarget.checked)}
                    />
                    {text}{#if species.length > 1 && species.includes(name)}<span class="quiet figure"
                            >{species.indexOf(name) + 1}</span
                        >{/if}
                </label>
            {/each}
        </div>
        {#if faultAt(faults, '/species')}<p class="text-error text-sm font-semibold">{faultAt(faults, '/species')}</p>{/if}
    </fieldset>
    <TextField label="Lines an angler" bind:value={perAngler} inputmode="numeric" fault={faultAt(faults, '/lines_per_angler')} />
    <TextField label="Most lines allowed" bind:value={limit} inputmode="numeric" fault={faultAt(faults, '/line_limit')} />
    <TextField
        label="Where you looked limits up"
        bind:value={limitSource}
        fault={faultAt(faults, '/limit_source')}
        hint="Check the current rules."
    />
    <TextField label="and when" type="date" bind:value={lookedUp} fault={faultAt(faults, '/limits_looked_up')} />
    {#each species as name (name)}
        {@const i = limited.indexOf(name)}
        <TextField
            label="Bag of {wordOf('species', name)}"
            bind:value={() => bags[name] ?? '', (text) => (bags[name] = text)}
            inputmode="numeric"
            fault={faultAt(faults, `/catch_limits/${i}/bag`)}
        />
        <TextField
            label="Least length of {wordOf('species', name)}, {measure(units, 'fish').unit}"
            bind:value={() => sizes[name] ?? '', (text) => (sizes[name] = text)}
            inputmode="decimal"
            fault={allowed(faultOf(faults, `/catch_limits/${i}/least_length`), units, 'fish')}
        />
    {/each}
    <BaitFields bind:cure bind:strips />
    <p class="text-error font-semibold empty:hidden sm:col-span-4" role="alert">{said}</p>
    <p class="flex gap-3 sm:col-span-4">
        <button class="btn btn-primary" disabled={sending}>{changed ? 'Keep it so' : 'Plan this trip'}</button>
        <button type="button" class="btn btn-ghost" onclick={close}>Never mind</button>
    </p>
</form>
