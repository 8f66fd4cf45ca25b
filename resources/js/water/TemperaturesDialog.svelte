<script lang="ts">
    import { api, ask, type Schemas } from '../lib/api';
    import type { WaterDesk } from './water.svelte';
    import { theCatalogue } from '../lib/catalogue';
    import PickField from '../fields/PickField.svelte';
    import { figure, measure, type Units } from '../lib/units';
    import Dialog from '../frame/Dialog.svelte';
    import TextField from '../fields/TextField.svelte';

    /** Temperatures by depth: typed a line each, pasted, or from a probe's or logger's file; looked at before they are kept. */
    let { desk, units, close }: { desk: WaterDesk; units: Units; close: () => void } = $props();

    // What is typed starts from what is kept.
    // svelte-ignore state_referenced_locally
    let text = $state(
        (desk.data?.temperatures ?? [])

            .map(({ depth, celsius }) =>
                [figure(units, 'depth', depth, 1), figure(units, 'temperature', celsius, 1)].map(Number).join('  '),
            )
            .join('\n'),
    );
    // svelte-ignore state_referenced_locally
    let source = $state(desk.data?.source ?? '');
    let depthUnit: Schemas['FileDepthUnit'] | null = $state(null);
    let temperatureUnit: Schemas['FileTemperatureUnit'] | null = $state(null);
    const told = theCatalogue().file_units;
    let preview = $state.raw<Schemas['TemperaturePreview'] | null>(null);
    let said = $state('');
    let timer: ReturnType<typeof setTimeout> | undefined;
    let asked = 0;

    async function look(): Promise<void> {
        const mine = ++asked;
        if (text.trim() === '') {
            preview = null;
            said = '';
            return;
        }
        const answer = await ask(
            api.POST('/trips/{trip}/water/temperatures', {
                params: { path: { trip: desk.tripId } },
                body: { text, depth_unit: depthUnit, temperature_unit: temperatureUnit },
            }),
        );
        if (mine !== asked) {
            return;
        }
        preview = 'data' in answer ? answer.data : null;
        said = 'problem' in answer ? answer.problem.detail : 'silent' in answer ? 'The server is not answering.' : '';
    }

    $effect(() => {
        void [text, depthUnit, temperatureUnit];
        clearTimeout(timer);
        timer = setTimeout(() => void look(), 250);
        return () => clearTimeout(timer);
    });

    async function take(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const file = event.currentTarget.files?.[0];
        if (file) {
            text = await file.text();
            source = file.name;
        }
    }

    async function keep(): Promise<void> {
        const readings = text.trim() === '' ? [] : preview?.readings;
        if (!readings) {
            return;
        }
        const faults = await desk.keepTemperatures({ source: source || null, readings });
        said = faults[0]?.detail ?? '';
        if (faults.length === 0) {
            close();
        }
    }

    const recognised = $derived(
        preview &&
            (['depth', 'temperature'] as const).map((of) => {
                const { column, unit, guessed } = preview?.columns[of] ?? { column: '', unit: '', guessed: false };
                return `${of}: “${column}” in ${unit}${guessed ? ', guessed' : ''}`;
            }),
    );
</script>

<Dialog title="Temperature by depth" {close} look="max-w-4xl w-[56rem]">
    <div class="grid gap-5 sm:grid-cols-[1fr_1fr]">
        <div class="flex flex-col gap-2">
            <label class="quiet text-sm" for="temperatures"
                >A line each: depth, then temperature. Or paste a table, or take a file below.</label
            >
            <textarea
                id="temperatures"
                class="textarea figure h-72 w-full text-base leading-tight"
                spellcheck="false"
                bind:value={text}
                placeholder="0 66"></textarea>
            <input
                id="temperature-file"
                type="file"
                aria-label="A probe’s or logger’s file"
                accept=".csv,.txt,.tsv,text/*"
                class="file-input file-input-sm"
                onchange={(event) => void take(event)}
            />
            <TextField label="From" bind:value={source} hint="Which probe, when." />
        </div>
        <div class="flex min-w-0 flex-col gap-2" role="status">
            <div class="flex items-center gap-2">
                <PickField
                    id="temperatures-depth-unit"
                    label="Unit of depth"
                    value={depthUnit ?? ('' as const)}
                    options={[
                        { value: '' as const, text: 'depth as told' },
                        ...told.depth.map((value) => ({ value, text: value })),
                    ]}
                    change={(to) => (depthUnit = to === '' ? null : to)}
                />
                <PickField
                    label="Unit of temperature"
                    value={temperatureUnit ?? ('' as const)}
                    options={[
                        { value: '' as const, text: 'temperature as told' },
                        ...told.temperature.map((value) => ({ value, text: value })),
                    ]}
                    change={(to) => (temperatureUnit = to === '' ? null : to)}
                />
            </div>
            {#if preview}
                <p class="text-sm">
                    <b class="figure">{preview.readings.length}</b> depths from <b class="figure">{preview.rows}</b> rows. {recognised?.join(
                        '; ',
                    )}.
                </p>
                <div class="max-h-56 overflow-y-auto">
                    <table class="figure w-full">
                        <thead
                            ><tr class="quiet text-sm"
                                ><th class="text-right font-normal">{measure(units, 'depth').unit}</th><th
                                    class="text-right font-normal">{measure(units, 'temperature').unit}</th
                                ></tr
                            ></thead
                        >
                        <tbody>
                            {#each preview.readings as { depth, celsius } (depth)}
                                <tr class="border-base-300 border-t"
                                    ><td class="text-right font-semibold">{figure(units, 'depth', depth, 1)}</td><td
                                        class="text-right">{figure(units, 'temperature', celsius, 1)}</td
                                    ></tr
                                >
                            {/each}
                        </tbody>
                    </table>
                </div>
                {#if preview.bad_rows > 0}
                    <p class="text-error text-sm font-semibold">{preview.bad_rows} rows cannot be read and would be left out:</p>
                    <ul class="max-h-24 overflow-y-auto text-sm">
                        {#each preview.bad as { line, text: row, reason } (line)}<li>
                                line {line}: {reason} <span class="quiet">({row})</span>
                            </li>{/each}
                    </ul>
                {/if}
            {/if}
            <p class="text-error font-semibold">{said}</p>
        </div>
    </div>
    <p class="flex items-center gap-3 pt-3">
        <button type="button" class="btn btn-primary" disabled={text.trim() !== '' && !preview} onclick={() => void keep()}
            >{text.trim() === '' ? 'Keep none' : 'Keep these'}</button
        >
        <span class="quiet text-sm">They take the place of those there are.</span>
    </p>
</Dialog>
