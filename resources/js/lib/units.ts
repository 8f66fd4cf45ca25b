/** Figures as a boat thinks them: the page holds SI, and the catalogue tells what each quantity is shown in. */
import type { Fault, Schemas } from './api';

export type Units = Schemas['Units'];
export type Quantity = Schemas['Quantity'];

interface Measure {
    unit: string;
    short: string;
    spoken: string;
    toShown: (si: number) => number;
    toSi: (shown: number) => number;
    decimals: number;
    /** Of one that somebody told, where it has them. */
    typed: number;
}

let measures: Record<Units, ReadonlyMap<string, Measure>> | null = null;

export function keepMeasures(told: Schemas['Catalogue']['units']): void {
    const read = (of: Schemas['Measures']): ReadonlyMap<string, Measure> =>
        new Map(
            Object.entries(of).map(([quantity, { unit, short, spoken, size, zero, places, typed_places }]) => [
                quantity,
                {
                    unit,
                    short,
                    spoken,
                    toShown: (si) => si / size + zero,
                    toSi: (shown) => (shown - zero) * size,
                    decimals: places,
                    typed: typed_places,
                },
            ]),
        );
    measures = { us: read(told.us), metric: read(told.metric) };
}

export function measure(units: Units, quantity: Quantity): Measure {
    const told = measures?.[units].get(quantity);
    if (!told) {
        throw new Error(`Nothing tells how ${quantity} is shown.`);
    }
    return told;
}

/** Within which a figure is one that somebody told. */
const TOLD = 1e-6;

/** Said without a decimal that tells nothing. */
const PLAIN: ReadonlySet<Quantity> = new Set(['leader', 'small_mass', 'colours', 'count']);

/** A figure as it is typed, with a point or a comma: null where nothing is, NaN where it is no number. */
export function typedNumber(text: string): number | null {
    const plain = text.trim().replace(',', '.');
    const number = Number(plain);
    return plain === '' ? null : Number.isFinite(number) ? number : Number.NaN;
}

/** A figure without its unit. */
export function figure(units: Units, quantity: Quantity, si: number, decimals?: number): string {
    const { toShown, decimals: usual, typed } = measure(units, quantity);
    const value = toShown(si);
    const told = value.toFixed(typed);
    const places = typed > usual && !told.endsWith('0') && Math.abs(value - Number(told)) < TOLD ? typed : usual;
    const fixed = value.toFixed(decimals ?? places);
    const text = PLAIN.has(quantity) ? fixed.replace(/(\.\d*?)0+$/, '$1').replace(/\.$/, '') : fixed;
    return /^-0(\.0*)?$/.test(text) ? text.slice(1) : text;
}

/** What her log shows at a speed through the water (m/s), where that is another figure; nothing where it is the same. */
export function logShows(units: Units, speed: number, factor: number): string {
    const text = figure(units, 'speed', speed / factor);
    return text === figure(units, 'speed', speed) ? '' : `log ${text}`;
}

/** A figure with its unit. */
export function shown(units: Units, quantity: Quantity, si: number): string {
    const text = figure(units, quantity, si);
    const { unit } = measure(units, quantity);
    return `${text} ${quantity === 'colours' && text === '1' ? 'colour' : unit}`.trim();
}

/** A doubt: below three units with one decimal, else whole. */
function doubt(units: Units, si: number): string {
    const { toShown } = measure(units, 'depth');
    const value = toShown(si);
    return value < 2.95 ? value.toFixed(1).replace(/\.0$/, '') : value.toFixed(0);
}

/** A depth's doubt: one figure, or its two sides where they differ, the shallower first. */
export function sidesOf(units: Units, sides: { shallower: number; deeper: number; skewed: boolean } | null): string[] {
    if (!sides) {
        return [];
    }
    const { shallower, deeper, skewed } = sides;
    return skewed ? [`−${doubt(units, shallower)}`, `+${doubt(units, deeper)}`] : [`±${doubt(units, (shallower + deeper) / 2)}`];
}

/** The same in one: "±3", "−2 +4". */
export function plusMinus(units: Units, sides: { shallower: number; deeper: number; skewed: boolean } | null): string {
    return sidesOf(units, sides).join(' ');
}

/** Depths to rule a view with: round in the boat's units, at least `least` apart (m). */
export function depthTicks(units: Units, deepest: number, least: number): number[] {
    const { toSi, toShown } = measure(units, 'depth');
    const step = [2, 5, 10, 20, 25, 50, 100].find((s) => toSi(s) >= least) ?? 100;
    return Array.from({ length: Math.floor(toShown(deepest) / step) + 1 }, (_, i) => toSi(i * step));
}

/** What is allowed, in the boat's own units where the server told a range. */
export function allowed(fault: Fault | undefined, units: Units, quantity?: Quantity): string | undefined {
    if (!fault || !quantity || fault.least === undefined || fault.most === undefined) {
        return fault?.detail;
    }
    const { toShown, decimals, unit } = measure(units, quantity);
    const grain = 10 ** decimals;
    const least = Math.ceil(toShown(fault.least) * grain - 1e-6) / grain;
    const most = Math.floor(toShown(fault.most) * grain + 1e-6) / grain;
    return `Must be a number from ${least} to ${most} ${unit}.`;
}
