<script lang="ts">
    import { push } from 'svelte-spa-router';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultAt, faultOf, type Fault, type Schemas } from '../lib/api';
    import { allowed, measure } from '../lib/units';
    import TextField from './TextField.svelte';

    /** When, where, with how many, for what. The spread starts as the last trip's. */
    let { close }: { close: () => void } = $props();

    const last = aboard.trips[0];
    const units = aboard.boat?.units ?? 'us';
    const tomorrow = new Date(Date.now() + 86_400_000);

    let date = $state(
        `${tomorrow.getFullYear()}-${String(tomorrow.getMonth() + 1).padStart(2, '0')}-${String(tomorrow.getDate()).padStart(2, '0')}`,
    );
    let linesIn = $state(last?.lines_in ?? '06:00');
    let backBy = $state(last?.back_by ?? '12:00');
    let ground = $state(last?.ground ?? '');
    let anglers = $state('4');
    let limit = $state('');
    let limitSource = $state('');
    let bottom = $state('');
    let species: Schemas['Species'][] = $state(last?.species ?? []);
    let faults: Fault[] = $state([]);
    let said = $state('');
    let sending = $state(false);

    /** An empty field is nothing; what is no number is sent as it is, for the server to name. */
    const number = (text: string): number | null => (text.trim() === '' ? null : Number(text.trim().replace(',', '.')));
    const whole = (text: string): number => number(text) ?? Number.NaN;

    async function plan(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        sending = true;
        const depth = number(bottom);
        const answer = await ask(
            api.POST('/trips', {
                body: {
                    date,
                    lines_in: linesIn,
                    back_by: backBy,
                    ground,
                    anglers: whole(anglers),
                    line_limit: number(limit),
                    limit_source: limitSource || null,
                    species,
                    bottom: depth === null ? null : measure(units, 'depth').toSi(depth),
                },
            }),
        );
        sending = false;
        if ('data' in answer) {
            await aboard.readTrips();
            await push(`/trips/${answer.data.id}/spread`);
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

<form class="border-base-300 bg-base-100 rounded-box grid gap-x-6 gap-y-3 border p-5 sm:grid-cols-3" onsubmit={plan} novalidate>
    <h2 class="text-xl font-bold sm:col-span-3">New trip</h2>
    <TextField label="Day" type="date" bind:value={date} fault={faultAt(faults, '/date')} />
    <TextField label="Lines in" type="time" bind:value={linesIn} fault={faultAt(faults, '/lines_in')} />
    <TextField label="Back by" type="time" bind:value={backBy} fault={faultAt(faults, '/back_by')} />
    <TextField label="Ground" bind:value={ground} fault={faultAt(faults, '/ground')} />
    <TextField label="Anglers" bind:value={anglers} inputmode="numeric" fault={faultAt(faults, '/anglers')} />
    <TextField
        label="Bottom, {measure(units, 'depth').unit}"
        bind:value={bottom}
        inputmode="decimal"
        fault={allowed(faultOf(faults, '/bottom'), units, 'depth')}
    />
    <TextField label="Most lines allowed" bind:value={limit} inputmode="numeric" fault={faultAt(faults, '/line_limit')} />
    <TextField
        label="Where and when you looked that up"
        bind:value={limitSource}
        fault={faultAt(faults, '/limit_source')}
        hint="Check the current rules."
        class="sm:col-span-2"
    />
    <fieldset class="sm:col-span-3">
        <legend class="quiet text-sm">For, in order of priority</legend>
        <div class="flex flex-wrap gap-x-5">
            {#each aboard.locker?.species ?? [] as { species: name, name: text } (name)}
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
    <p class="text-error font-semibold empty:hidden sm:col-span-3" role="alert">{said}</p>
    <p class="flex gap-3 sm:col-span-3">
        <button class="btn btn-primary" disabled={sending}>Plan this trip</button>
        <button type="button" class="btn btn-ghost" onclick={close}>Never mind</button>
    </p>
</form>
