<script lang="ts" module>
    import type { Schemas } from '../lib/api';

    /** What is entered of a boat beside her hull and rail. */
    export interface Entered {
        name: string;
        units: Schemas['Units'];
        face: Schemas['ClockFace'];
        each: number;
        crew: number;
        log: number;
        mastAft: number;
        mastHeight: number;
        zone: string;
    }
</script>

<script lang="ts">
    import { faultAt, faultOf } from '../lib/api';
    import { kindsOf } from '../lib/catalogue';
    import NumberField from '../fields/NumberField.svelte';
    import TextField from '../fields/TextField.svelte';
    import type { RailDesk } from './rail-desk.svelte';

    /** Her name, hull, mast, crew, clock and log, as they are entered. */
    let { desk, entered, enter }: { desk: RailDesk; entered: Entered; enter: (figures: Partial<Entered>) => void } = $props();

    const ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const units = $derived(entered.units);
</script>

<div class="grid gap-2">
    <TextField
        label="Her name"
        bind:value={() => entered.name, (name) => enter({ name })}
        fault={faultAt(desk.faults, '/name')}
    />
    <label class="flex flex-col">
        <span class="quiet text-sm">You think in</span>
        <select
            class="select w-full text-base"
            value={entered.units}
            onchange={(event) => enter({ units: event.currentTarget.value as Schemas['Units'] })}
        >
            <option value="us">feet, pounds, mph, °F</option>
            <option value="metric">metres, kilograms, km/h, °C</option>
        </select>
    </label>
    <label class="flex flex-col">
        <span class="quiet text-sm">Clock</span>
        <select
            class="select w-full text-base"
            value={entered.face}
            onchange={(event) => enter({ face: event.currentTarget.value as Schemas['ClockFace'] })}
        >
            {#each kindsOf('clocks') as { value, word } (value)}<option {value}>{word}</option>{/each}
        </select>
    </label>
    {#each [['length', 'Length', desk.length], ['beam', 'Beam', desk.beam]] as const as [field, label, value] (field)}
        <NumberField
            {label}
            id="boat-{field}"
            {value}
            change={(figure) => {
                desk.hull({ [field]: figure ?? 0 });
                void desk.look();
            }}
            {units}
            quantity="leader"
            fault={faultOf(desk.faults, `/${field}`)}
        />
    {/each}
    <NumberField
        label="Mast, tow line’s height"
        value={entered.mastHeight}
        change={(figure) => enter({ mastHeight: figure ?? 0 })}
        {units}
        quantity="leader"
        fault={faultOf(desk.faults, '/mast_height')}
    />
    <NumberField
        label="Mast, aft of the transom"
        value={entered.mastAft}
        change={(figure) => enter({ mastAft: figure ?? 0 })}
        {units}
        quantity="leader"
        fault={faultOf(desk.faults, '/mast_aft')}
    />
    <NumberField
        label="Crew"
        value={entered.crew}
        change={(figure) => enter({ crew: figure ?? 0 })}
        {units}
        unit=""
        decimals={0}
        fault={faultOf(desk.faults, '/crew')}
    />
    <NumberField
        label="Lines an angler, usually"
        value={entered.each}
        change={(figure) => enter({ each: figure ?? 0 })}
        {units}
        unit=""
        decimals={0}
        fault={faultOf(desk.faults, '/lines_per_angler')}
    />
    <p class="quiet text-sm leading-tight">Where no limit is entered. Check the current rules.</p>
    <NumberField
        label="Speed log: true for each it shows"
        id="log-factor"
        value={entered.log}
        change={(figure) => enter({ log: figure ?? 1 })}
        {units}
        unit="×"
        decimals={3}
        fault={faultOf(desk.faults, '/log_factor')}
    />
    <p><a class="link" href="#/boat/instruments">Instruments, and a speed check…</a></p>
    <TextField
        label="The port’s clock"
        bind:value={() => entered.zone, (zone) => enter({ zone })}
        fault={faultAt(desk.faults, '/timezone')}
    />
    {#if entered.zone !== ZONE}
        <button type="button" class="btn btn-sm" onclick={() => enter({ zone: ZONE })}>Take this device’s, {ZONE}</button>
    {/if}
</div>
