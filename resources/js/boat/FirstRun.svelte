<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Fault, type Schemas } from '../lib/api';
    import { faultAt, faultOf } from '../lib/api';
    import { kindsOf } from '../lib/catalogue';
    import { clockStyle } from '../lib/words';
    import { sendFile } from '../lib/files';
    import NumberField from '../fields/NumberField.svelte';
    import TextField from '../fields/TextField.svelte';
    import RailEditor from './RailEditor.svelte';
    import { RailDesk } from './rail-desk.svelte';

    /** No boat yet: her hull, her rods' places, her gear, each with a sensible offer. */
    let step = $state(1);
    let boat: Schemas['BoatOffer'] | null = $state(null);
    let starterLocker = $state(true);
    /** The port's, as this device has it until it is told otherwise. */
    let timezone = $state(Intl.DateTimeFormat().resolvedOptions().timeZone);
    let faults: Fault[] = $state([]);
    let said = $state('');
    let sending = $state(false);

    void ask(api.GET('/boat/offer')).then((answer) => {
        if ('data' in answer) {
            boat = answer.data;
        } else {
            said = 'The server is not answering. Reload this page when it does.';
        }
    });

    /** All of another Admek's, in place of a boat begun here. */
    async function bring(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const [file] = event.currentTarget.files ?? [];
        event.currentTarget.value = '';
        if (!file) {
            return;
        }
        said = 'Reading all of it…';
        try {
            const taken = await sendFile('/api/everything', file);
            said = 'said' in taken ? taken.said : '';
            if (!('said' in taken)) {
                location.reload();
            }
        } catch {
            said = 'The server is not answering; nothing was kept.';
        }
    }

    const STEPS = ['The boat', 'Where the rods stand', 'The gear aboard'];

    /** The rail as it is laid out in the second step. */
    let rail = $state.raw<RailDesk | null>(null);

    const portNow = $derived.by(() => {
        try {
            return new Date().toLocaleTimeString('en', { ...clockStyle(boat?.clock_face ?? '12'), timeZone: timezone });
        } catch {
            return 'not known: no such zone';
        }
    });

    async function launch(): Promise<void> {
        if (!boat) {
            return;
        }
        sending = true;
        const holders = rail?.holders ?? boat.holders;
        const answer = await ask(api.POST('/boat', { body: { ...boat, holders, timezone, starter_locker: starterLocker } }));
        sending = false;
        if ('data' in answer) {
            await aboard.read();
            return;
        }
        if ('silent' in answer) {
            said = 'The server is not answering. What you entered stays here; try again.';
            return;
        }
        faults = answer.problem.errors ?? [];
        if (rail) {
            rail.faults = faults;
        }
        said = answer.problem.detail;
        step = faults.some(({ pointer }) => pointer.startsWith('/holders')) ? 2 : 1;
    }

    function forward(event: SubmitEvent): void {
        event.preventDefault();
        if (step < 3) {
            step++;
            if (step === 2 && boat) {
                // What was laid out stays; the hull is as the first step has it.
                rail = new RailDesk(
                    { length: boat.length, beam: boat.beam, holders: rail?.holders ?? boat.holders },
                    () => boat?.units ?? 'us',
                );
                void rail.look();
            }
        } else {
            void launch();
        }
    }
</script>

<main class="mx-auto max-w-5xl px-4 py-4 sm:px-6">
    <p class="text-lg font-extrabold">Admek</p>
    <h1 class="text-2xl font-bold">Three steps to a working boat</h1>
    <ol class="flex flex-wrap gap-x-8 gap-y-1 py-2">
        {#each STEPS as name, i (name)}
            <li class:font-bold={step === i + 1} class:quiet={step !== i + 1} aria-current={step === i + 1 ? 'step' : undefined}>
                <span class="figure">{i + 1}</span>
                {name}
            </li>
        {/each}
    </ol>

    {#if boat}
        <form class="border-base-300 bg-base-100 rounded-box border px-4 py-4 sm:px-6" onsubmit={forward} novalidate>
            {#if step === 1}
                <div class="grid max-w-xl gap-4 sm:grid-cols-2">
                    <TextField label="Her name" bind:value={boat.name} fault={faultAt(faults, '/name')} class="sm:col-span-2" />
                    <fieldset class="sm:col-span-2">
                        <legend class="quiet text-sm">You think in</legend>
                        <div class="join">
                            {#each [['us', 'feet, pounds, mph, °F'], ['metric', 'metres, kilograms, km/h, °C']] as const as [name, text] (name)}
                                <label class="btn join-item" class:btn-neutral={boat.units === name}>
                                    <input type="radio" name="units" class="sr-only" value={name} bind:group={boat.units} />{text}
                                </label>
                            {/each}
                        </div>
                    </fieldset>
                    <fieldset class="sm:col-span-2">
                        <legend class="quiet text-sm">Clock</legend>
                        <div class="join">
                            {#each kindsOf('clocks') as { value, word } (value)}
                                <label class="btn join-item" class:btn-neutral={boat.clock_face === value}>
                                    <input type="radio" name="clock" class="sr-only" {value} bind:group={boat.clock_face} />{word}
                                </label>
                            {/each}
                        </div>
                    </fieldset>
                    <div class="sm:col-span-2">
                        <TextField label="The port’s time zone" bind:value={timezone} fault={faultAt(faults, '/timezone')} />
                        <p class="quiet text-sm">
                            Trips, light and tides of the day go by it. Now it is
                            <b class="figure" data-testid="port-now">{portNow}</b> there.
                        </p>
                    </div>
                    <NumberField
                        label="Length"
                        value={boat.length}
                        change={(length) => boat && (boat.length = length ?? 0)}
                        units={boat.units}
                        quantity="leader"
                        fault={faultOf(faults, '/length')}
                    />
                    <NumberField
                        label="Beam"
                        value={boat.beam}
                        change={(beam) => boat && (boat.beam = beam ?? 0)}
                        units={boat.units}
                        quantity="leader"
                        fault={faultOf(faults, '/beam')}
                    />
                </div>
            {:else if step === 2}
                <p class="quiet pb-1.5 text-[15px]">
                    Drag each tip to where it stands, or type it; tips rise from stern to bow. A boat like most is here to begin
                    with.
                </p>
                {#if rail}<RailEditor desk={rail} />{/if}
            {:else}
                <p class="pb-3 text-lg">
                    Start with gear most boats carry: braid, nylon and leadcore reels, balls of 8 to 15 lb, divers, boards and a
                    few lures with common figures. What you do not own harms nothing.
                </p>
                <label class="flex min-h-11 cursor-pointer items-center gap-3">
                    <input type="checkbox" class="checkbox border-current" bind:checked={starterLocker} /> Put that gear in the locker
                </label>
            {/if}
            <p class="text-error pt-2 font-semibold empty:hidden" role="alert">{said}</p>
            <p class="flex gap-3 pt-3">
                <button class="btn btn-primary" disabled={sending}>{step < 3 ? 'Next' : 'Done: go to the trips'}</button>
                {#if step > 1}<button type="button" class="btn btn-ghost" onclick={() => step--}>Back</button>{:else}
                    <label class="btn btn-ghost font-normal"
                        >Or bring everything from another Admek…<input type="file" class="sr-only" onchange={bring} /></label
                    >
                {/if}
            </p>
        </form>
    {:else}
        <p class="quiet">{said || 'Reading…'}</p>
    {/if}
</main>
