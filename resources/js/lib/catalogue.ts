/** What a presentation is and is called, as the server tells it: read once, before anything is drawn. */
import type { Locker, Schemas, SpreadLine } from './api';
import { figure, keepMeasures, shown, type Quantity, type Units } from './units';

export type Entry = Schemas['Catalogue']['presentations'][number];
export type Part = Schemas['CataloguePart'];
export type Field = Part['fields'][number];

let catalogue: Schemas['Catalogue'] | null = null;
let figures = new Map<string, Field>();

export function keepCatalogue(read: Schemas['Catalogue']): void {
    catalogue = read;
    keepMeasures(read.units);
    const parts = [...read.presentations.flatMap((entry) => entry.parts), read.boards['in-line'], read.boards.mast];
    figures = new Map(parts.flatMap(({ fields }) => fields).flatMap((field) => (field.figure ? [[field.figure, field]] : [])));
}

/** The catalogue; nothing that asks for it is drawn before it is there. */
export function theCatalogue(): Schemas['Catalogue'] {
    if (!catalogue) {
        throw new Error('The catalogue has not been read.');
    }
    return catalogue;
}

export type KindsOf = keyof Schemas['Catalogue']['kinds'];

interface Named {
    species: Schemas['Species'];
    outcomes: Schemas['Outcome'];
    conditions: Schemas['FishCondition'];
    soundings: Schemas['SoundingMethod'];
    schools: Schemas['School'];
    cures: Schemas['BaitCure'];
    waters: Schemas['WaterKind'];
    clocks: Schemas['ClockFace'];
}

type Kind<What extends KindsOf> = Omit<Schemas['Kinds'][number], 'value'> & {
    value: What extends keyof Named ? Named[What] : string;
};

/** Every kind there is of something, in order, with its word. */
export function kindsOf<What extends KindsOf>(what: What): Kind<What>[] {
    return theCatalogue().kinds[what] as Kind<What>[];
}

export function wordOf(what: KindsOf, value: string): string {
    return theCatalogue().kinds[what].find((kind) => kind.value === value)?.word ?? value;
}

export function entryOf(presentation: string): Entry {
    const entry = theCatalogue().presentations.find((candidate) => candidate.presentation === presentation);
    if (!entry) {
        throw new Error(`The catalogue has no ${presentation}.`);
    }
    return entry;
}

/** How a figure of a line is measured, on whatever line it is. */
function quantityOf(name: string): Quantity {
    return figures.get(name)?.quantity ?? 'count';
}

/** What a line has under a name: a figure, a word, or the name of its gear. */
function part(name: string, line: SpreadLine, gear: Locker | null): string | number | null {
    const named = (list: readonly { id: number; name: string }[] | undefined, id: number | null | undefined) =>
        list?.find((piece) => piece.id === id)?.name ?? null;
    switch (name) {
        case 'ball':
            return named(gear?.balls, line.ball_id);
        case 'diver':
            return named(gear?.divers, line.diver_id);
        case 'board':
            return named(gear?.boards, line.board_id);
        case 'reel':
            return named(gear?.reels, line.reel_id);
        case 'attractor':
            return (
                named(gear?.attractors, line.attractor_id) ??
                (line.attractor && theCatalogue().attractors[line.attractor]) ??
                null
            );
        default: {
            const value = line[name as keyof SpreadLine];
            return typeof value === 'number' || typeof value === 'string' ? value : null;
        }
    }
}

const HOLE = /\{(\w+)(#?)\}/g;

/** A template filled with a line's own; nothing where the line lacks one of its figures, or that is 0. */
function filled(template: string, line: SpreadLine, units: Units, gear: Locker | null): string | null {
    const parts = [...template.matchAll(HOLE)].map(([, name = '']) => part(name, line, gear));
    if (parts.some((value) => value === null || value === 0 || value === '')) {
        return null;
    }
    return template.replace(HOLE, (_, name: string, bare: string) => said(name, bare, part(name, line, gear), units));
}

function said(name: string, bare: string, value: string | number | null, units: Units): string {
    if (typeof value === 'string') {
        return value;
    }
    return bare ? figure(units, quantityOf(name), value ?? 0) : shown(units, quantityOf(name), value ?? 0);
}

function first(templates: readonly string[], line: SpreadLine, units: Units, gear: Locker | null = null): string {
    for (const template of templates) {
        const text = filled(template, line, units, gear);
        if (text !== null) {
            return text;
        }
    }
    return '';
}

/** What a line is, in a word or two: "diver 3", "board, core". */
export function lineWords(line: SpreadLine, units: Units): string {
    const entry = entryOf(line.presentation);
    return first(line.board_id ? entry.board_words : entry.words, line, units);
}

/** The figure that sets its depth, in its own unit: "150 ft out", "5 colours", "98 cable". */
export function settingWords(line: SpreadLine, units: Units): string {
    return entryOf(line.presentation).setting.replace(HOLE, (_, name: string, bare: string) =>
        said(name, bare, part(name, line, null), units),
    );
}

/** What else the mate sets: lead, backing, weight, leader. */
export function secondWords(line: SpreadLine, units: Units): string {
    return first(line.board_id ? theCatalogue().words.board_second : entryOf(line.presentation).second, line, units);
}

/** A rig in one line, as the deck card tells it. */
export function rigWords(line: SpreadLine, gear: Locker, units: Units): string {
    const [before = [], after = []] = theCatalogue().words.told;
    return [...before, ...entryOf(line.presentation).more.map((template) => [template]), ...after]
        .map((templates) => first(templates, line, units, gear))
        .filter((text) => text !== '')
        .join(' · ');
}
