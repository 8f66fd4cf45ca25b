<script lang="ts">
    import { faultOf, type Schemas, type SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, measure, shown, typedNumber } from '../lib/units';
    import TaughtFigures from './TaughtFigures.svelte';

    /** Every figure the depth was worked out from, where it comes from, and the loads it adds along the line. */
    let { desk, line, report }: { desk: SpreadDesk; line: SpreadLine; report: Schemas['RodReport'] } = $props();

    type Figure = Schemas['RodReport']['figures'][number];

    const units = $derived(desk.boat.units);
    const PARTS: Record<string, string> = {
        main: 'main line',
        backing: 'backing',
        leader: 'leader',
        cable: 'cable',
        lure: 'lure',
        diver: 'diver',
        board: 'board',
        attractor: 'flasher',
    };
    const FIGURES: Record<string, string> = {
        diameter: 'thickness',
        normal_drag: 'drag coefficient',
        weight: 'weight in water',
        drag_area: 'drag area',
        down_area: 'diving area',
        lift_area: 'plate’s lift area',
        side_area: 'sideways area',
        buoyancy: 'spare buoyancy',
        mass: 'mass with water carried',
    };
    /** Shown in units a captain can read off a scale or a calliper. */
    const SHOWN: Record<string, { unit: string; size: number; decimals: number }> = {
        m: { unit: 'mm', size: 1e-3, decimals: 2 },
        'm²': { unit: 'cm²', size: 1e-4, decimals: 1 },
        'N/m': { unit: 'g/m', size: 9.80665e-3, decimals: 3 },
        N: { unit: 'g', size: 9.80665e-3, decimals: 0 },
        kg: { unit: 'g', size: 1e-3, decimals: 0 },
        '': { unit: '', size: 1, decimals: 2 },
    };
    const scale = (unit: string) => SHOWN[unit] ?? { unit, size: 1, decimals: 2 };
    const said = (value: number, unit: string) => (value / scale(unit).size).toFixed(scale(unit).decimals);
    const groups = $derived(Object.groupBy(report.figures, ({ key }) => key.split('.')[0] ?? ''));
    const fault = $derived(
        desk.feed.faults.find(({ pointer }) => pointer.startsWith(`/lines/${desk.indexOf(line.holder_id)}/`)) ??
            faultOf(desk.feed.faults, ''),
    );

    function override({ key, unit, value }: Figure, text: string): void {
        const number = typedNumber(text);
        if (number === null || Number.isNaN(number) || text === said(value, unit)) {
            return;
        }
        desk.change(line.holder_id, { overrides: { ...line.overrides, [key]: number * scale(unit).size } });
    }

    function back({ key }: Figure): void {
        const rest = Object.fromEntries(Object.entries(line.overrides ?? {}).filter(([name]) => name !== key));
        desk.change(line.holder_id, { overrides: Object.keys(rest).length > 0 ? rest : null });
    }
</script>

{#if fault}<p class="text-error text-sm font-semibold" role="status">{fault.detail}</p>{/if}
{#if report.trued && report.trued.figures.length > 0}
    <section class="border-base-300 border-b pb-1">
        <h3 class="text-[15px] font-bold">
            Beside these, by soundings <span class="quiet text-[13px] font-normal">what is below is multiplied so</span>
        </h3>
        <TaughtFigures figures={report.trued.figures} {units} changed={() => desk.refresh()} />
    </section>
{/if}
{#each Object.entries(groups) as [part, figures] (part)}
    <section class="border-base-300 border-b pb-1">
        <h3 class="text-[15px] font-bold">
            {PARTS[part] ?? part} <span class="quiet text-[13px] font-normal">{figures?.[0]?.source}</span>
        </h3>
        {#each figures ?? [] as item (item.key)}
            {@const name = FIGURES[item.key.split('.')[1] ?? ''] ?? item.key}
            <div class="grid grid-cols-[1fr_4rem_2rem_1.5rem] items-center gap-1 text-[15px]">
                <label for="figure-{item.key}" title={item.source}>{name}</label>
                <input
                    id="figure-{item.key}"
                    class="input input-xs figure w-full text-right text-[15px]"
                    class:own={item.own}
                    inputmode="decimal"
                    autocomplete="off"
                    value={said(item.value, item.unit)}
                    onchange={(event) => override(item, event.currentTarget.value)}
                />
                <span class="quiet text-[13px]">{scale(item.unit).unit}</span>
                {#if item.own}
                    <button
                        type="button"
                        class="btn btn-ghost btn-xs px-0"
                        aria-label="Back to the default {name}, {said(item.default, item.unit)}"
                        title="{item.source}: {said(item.default, item.unit)}"
                        onclick={() => back(item)}>↺</button
                    >
                {/if}
            </div>
        {/each}
    </section>
{/each}
<table class="figure w-full text-[14px]">
    <caption class="text-left text-[15px] font-bold">What pulls along the line, hook to tip</caption>
    <thead class="quiet text-left">
        <tr><th>part</th><th class="num">back</th><th class="num">down</th><th class="num">pull</th><th class="num">at</th></tr>
    </thead>
    <tbody>
        {#each report.loads as load, i (i)}
            <tr>
                <td>{load.name ?? (load.part === 'line' ? shown(units, 'length', load.length) : load.part)}</td>
                <td class="num">{figure(units, 'pull', load.force[0] ?? 0, 2)}</td>
                <td class="num">{figure(units, 'pull', load.force[2] ?? 0, 2)}</td>
                <td class="num">{figure(units, 'pull', load.tension, 1)}</td>
                <td class="num">{load.angle.toFixed(0)}°</td>
            </tr>
        {/each}
    </tbody>
</table>
<p class="quiet text-[13px]">
    {measure(units, 'pull').unit}; the angle is the line’s below level.
    <a class="link" href="/api/spreads/{desk.spread.id}/tow-case" download>All of it as a tow case</a>
</p>

<style>
    .own {
        font-weight: 700;
        border-color: var(--color-primary);
    }
    .num {
        text-align: right;
    }
</style>
