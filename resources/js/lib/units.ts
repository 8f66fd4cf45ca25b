/** Display conversions, and nothing else: the page thinks in SI and shows what the boat thinks in. */
import type { Fault, Schemas } from './api';

export type Units = Schemas['Units'];

const FOOT = 0.3048;
const INCH = 0.0254;
const POUND = 0.45359237;
const OUNCE = POUND / 16;
const MPH = 0.44704;
const POUND_FORCE = 4.4482216;
const MILE = 1609.344;

interface Measure {
    unit: string;
    spoken: string;
    toShown: (si: number) => number;
    toSi: (shown: number) => number;
    decimals: number;
}

function linear(unit: string, spoken: string, size: number, decimals: number): Measure {
    return { unit, spoken, toShown: (si) => si / size, toSi: (shown) => shown * size, decimals };
}

const US = {
    depth: linear('ft', 'feet', FOOT, 0),
    length: linear('ft', 'feet', FOOT, 0),
    leader: linear('ft', 'feet', FOOT, 1),
    speed: linear('mph', 'miles an hour', MPH, 1),
    pull: linear('lb', 'pounds', POUND_FORCE, 1),
    mass: linear('lb', 'pounds', POUND, 1),
    small_mass: linear('oz', 'ounces', OUNCE, 1),
    fish: linear('in', 'inches', INCH, 1),
    thickness: linear('in', 'inches', INCH, 3),
    colours: linear('col', 'colours', 1, 1),
    count: linear('', '', 1, 1),
    distance: linear('mi', 'miles', MILE, 1),
    wind: linear('mph', 'miles an hour', MPH, 0),
    wave: linear('ft', 'feet', FOOT, 1),
    temperature: {
        unit: '°F',
        spoken: 'degrees',
        toShown: (c: number) => c * 1.8 + 32,
        toSi: (f: number) => (f - 32) / 1.8,
        decimals: 0,
    },
};

const METRIC: typeof US = {
    depth: linear('m', 'metres', 1, 1),
    length: linear('m', 'metres', 1, 1),
    leader: linear('m', 'metres', 1, 2),
    speed: linear('km/h', 'kilometres an hour', 1 / 3.6, 1),
    pull: linear('N', 'newtons', 1, 1),
    mass: linear('kg', 'kilograms', 1, 2),
    small_mass: linear('g', 'grams', 0.001, 0),
    fish: linear('cm', 'centimetres', 0.01, 0),
    thickness: linear('mm', 'millimetres', 0.001, 2),
    colours: linear('col', 'colours', 1, 1),
    count: linear('', '', 1, 1),
    distance: linear('km', 'kilometres', 1000, 1),
    wind: linear('km/h', 'kilometres an hour', 1 / 3.6, 0),
    wave: linear('m', 'metres', 1, 1),
    temperature: { unit: '°C', spoken: 'degrees', toShown: (c) => c, toSi: (c) => c, decimals: 1 },
};

export type Quantity = keyof typeof US;

export function measure(units: Units, quantity: Quantity): Measure {
    return (units === 'us' ? US : METRIC)[quantity];
}

/** Said without a decimal that tells nothing. */
const PLAIN: ReadonlySet<Quantity> = new Set(['leader', 'colours', 'count']);

/** A figure as it is typed, with a point or a comma: null where nothing is, NaN where it is no number. */
export function typedNumber(text: string): number | null {
    const plain = text.trim().replace(',', '.');
    const number = Number(plain);
    return plain === '' ? null : Number.isFinite(number) ? number : Number.NaN;
}

/** A figure without its unit. */
export function figure(units: Units, quantity: Quantity, si: number, decimals?: number): string {
    const { toShown, decimals: usual } = measure(units, quantity);
    const fixed = toShown(si).toFixed(decimals ?? usual);
    const text = PLAIN.has(quantity) ? fixed.replace(/\.0+$/, '') : fixed;
    return /^-0(\.0*)?$/.test(text) ? text.slice(1) : text;
}

/** A figure with its unit. */
export function shown(units: Units, quantity: Quantity, si: number): string {
    const text = figure(units, quantity, si);
    const { unit } = measure(units, quantity);
    return `${text} ${quantity === 'colours' ? (text === '1' ? 'colour' : 'colours') : unit}`.trim();
}

/** A doubt: below three units with one decimal, else whole. */
export function doubt(units: Units, si: number): string {
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
