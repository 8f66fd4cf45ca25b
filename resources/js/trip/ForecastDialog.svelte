<script lang="ts">
    import { timeOfDay } from '../lib/words';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultOf, type Fault, type Schemas } from '../lib/api';
    import type { PreparationDesk } from './preparation.svelte';
    import { allowed, figure, measure, type Quantity } from '../lib/units';
    import Dialog from '../frame/Dialog.svelte';
    import TextField from '../fields/TextField.svelte';

    /** A forecast for the trip: typed hour by hour, read from a file, or fetched from the stand-in. */
    let { desk, go, close }: { desk: PreparationDesk; go: Schemas['GoNoGo']; close: () => void } = $props();

    type Hour = Schemas['ForecastHour'];
    type Field = 'wind' | 'gust' | 'from' | 'wave' | 'visibility';

    const units = aboard.boat?.units ?? 'us';
    const FIELDS: { field: Field; title: string; quantity: Quantity | null }[] = [
        { field: 'wind', title: 'Wind', quantity: 'wind' },
        { field: 'gust', title: 'Gust', quantity: 'wind' },
        { field: 'from', title: 'From', quantity: null },
        { field: 'wave', title: 'Waves', quantity: 'height' },
        { field: 'visibility', title: 'Visibility', quantity: 'distance' },
    ];
    const FLAGS: { field: 'lightning' | 'front'; title: string }[] = [
        { field: 'lightning', title: 'Lightning' },
        { field: 'front', title: 'Front' },
    ];
    const written = (field: Field, quantity: Quantity | null, hour: Partial<Hour>): string => {
        const value = hour[field];
        return value === null || value === undefined ? '' : quantity ? figure(units, quantity, value) : value.toFixed(0);
    };
    const minutesOf = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

    // What is typed starts from what is entered, or from the trip's hours with nothing known.
    // svelte-ignore state_referenced_locally
    const entered = go.forecast;
    // svelte-ignore state_referenced_locally
    const clocks = go.hours.map(({ clock }) => `${clock.slice(0, 2)}:00`);
    let rows = $state(
        clocks.map((clock, i) => {
            const at = minutesOf(clock) + (i > 0 && minutesOf(clock) < minutesOf(clocks[0] ?? clock) ? 1440 : 0);
            const known = entered?.hours.filter((hour) => hour.at <= at && at - hour.at < 180).at(-1);
            return {
                at,
                clock,
                typed: Object.fromEntries(
                    FIELDS.map(({ field, quantity }) => [field, known ? written(field, quantity, known) : '']),
                ) as Record<Field, string>,
                lightning: known?.lightning ?? null,
                front: known?.front ?? null,
            };
        }),
    );
    let source = $state(entered?.source ?? '');
    let issued = $state(entered?.issued ?? '');
    let faults: Fault[] = $state.raw([]);
    let said = $state('');
    let offered: { key: string; name: string }[] = $state.raw([]);
    void ask(api.GET('/forecasts')).then((answer) => (offered = 'data' in answer ? answer.data : []));

    /** The hour and figure a fault is at. */
    function where({ pointer }: Fault): string {
        const [, hour = '', field] = /^\/hours\/(\d+)\/(\w+)$/.exec(pointer) ?? [];
        const row = rows[Number(hour)];
        const title = FIELDS.find((one) => one.field === field)?.title;
        return row && title ? `${title} at ${timeOfDay(row.clock)}: ` : '';
    }

    async function settle(doing: Promise<Fault[]>): Promise<void> {
        faults = await doing;
        said = faults[0] ? `${where(faults[0])}${faults[0].detail}` : '';
        if (faults.length === 0) {
            close();
        }
    }

    function keep(event: SubmitEvent): void {
        event.preventDefault();
        // As it is typed, with the unit it is typed in: the server reads it.
        const hours = rows.map(({ at, typed, lightning, front }) => ({ at, lightning, front, ...typed }));
        void settle(desk.typeForecast({ source, issued: issued || null, hours }));
    }

    /** What was typed last in a column holds for the empty hours after it. */
    function fillDown(field: Field): void {
        let last = '';
        for (const row of rows) {
            last = row.typed[field].trim() || last;
            row.typed[field] ||= last;
        }
    }

    async function read(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const file = event.currentTarget.files?.[0];
        if (file) {
            await settle(desk.readForecast(await file.text(), file.name));
        }
    }

    const KNOWN: { text: string; value: boolean | null }[] = [
        { text: 'not known', value: null },
        { text: 'no', value: false },
        { text: 'yes', value: true },
    ];
</script>

<Dialog title="Forecast for the trip" {close} look="max-w-4xl w-[58rem]">
    <form onsubmit={keep} class="flex flex-col gap-2">
        <div class="flex flex-wrap items-end gap-3">
            <TextField label="Where it is from" bind:value={source} fault={faultOf(faults, '/source')?.detail} class="w-64" />
            <TextField label="Issued" bind:value={issued} fault={faultOf(faults, '/issued')?.detail} class="w-44" />
            <div class="ml-auto flex flex-col gap-1">
                <label class="quiet text-sm" for="forecast-file">From a file, JSON or CSV</label>
                <input
                    id="forecast-file"
                    type="file"
                    accept=".json,.csv,.txt"
                    class="file-input file-input-sm w-60"
                    onchange={(event) => void read(event)}
                />
            </div>
        </div>
        <div class="max-h-[calc(100vh-19rem)] overflow-y-auto">
            <table class="w-full">
                <thead>
                    <tr class="quiet text-left text-sm">
                        <th class="font-normal">At</th>
                        {#each FIELDS as { field, title, quantity } (field)}
                            <th class="font-normal"
                                >{title}, {quantity ? measure(units, quantity).unit : '°'}
                                <button
                                    type="button"
                                    class="btn btn-xs"
                                    aria-label="Fill {title.toLowerCase()} down"
                                    title="Fill the empty hours with the one before"
                                    onclick={() => fillDown(field)}>↓</button
                                ></th
                            >
                        {/each}
                        {#each FLAGS as { field, title } (field)}<th class="font-normal">{title}</th>{/each}
                    </tr>
                </thead>
                <tbody>
                    {#each rows as row, i (row.at)}
                        <tr>
                            <th scope="row" class="figure pr-2 text-left">{timeOfDay(row.clock)}</th>
                            {#each FIELDS as { field, title, quantity } (field)}
                                {@const fault = faultOf(faults, `/hours/${i}/${field}`)}
                                <td class="pr-2">
                                    <input
                                        class="input input-sm figure w-20 text-right text-base"
                                        class:input-error={fault}
                                        autocomplete="off"
                                        aria-label="{title} at {timeOfDay(row.clock)}"
                                        title={fault ? allowed(fault, units, quantity ?? undefined) : undefined}
                                        placeholder="?"
                                        bind:value={row.typed[field]}
                                    />
                                </td>
                            {/each}
                            {#each FLAGS as { field, title } (field)}
                                <td class="pr-2">
                                    <select
                                        class="select select-sm w-28 text-base"
                                        aria-label="{title} at {timeOfDay(row.clock)}"
                                        onchange={(event) =>
                                            (row[field] = KNOWN[event.currentTarget.selectedIndex]?.value ?? null)}
                                    >
                                        {#each KNOWN as { text, value } (text)}
                                            <option selected={row[field] === value}>{text}</option>
                                        {/each}
                                    </select>
                                </td>
                            {/each}
                        </tr>
                    {/each}
                </tbody>
            </table>
        </div>
        <p class="text-error min-h-6 font-semibold" role="status">{said}</p>
        <div class="flex flex-wrap items-center gap-2">
            <button class="btn btn-primary btn-sm">Use these figures</button>
            <span class="quiet text-sm"
                >“10 kt”, “1–3 ft” and “NW” are read too. Empty is not known, which is not the same as calm.</span
            >
            <span class="ml-auto flex flex-wrap items-center gap-1">
                <span class="quiet text-sm">Made-up days to try:</span>
                {#each offered as { key, name } (key)}
                    <button type="button" class="btn btn-xs" title={name} onclick={() => void settle(desk.fetchForecast(key))}
                        >{key.replaceAll('-', ' ')}</button
                    >
                {/each}
            </span>
        </div>
    </form>
</Dialog>
