/** The trade's words for what the API names. */
import type { RunningLine, Schemas, SpreadLine } from './api';
import { figure, shown, type Units } from './units';

export const PRESENTATION: Record<Schemas['Presentation'], string> = {
    rigger: 'rigger',
    stacker: 'stacker',
    diver: 'diver',
    flat: 'flat',
    core: 'core',
    segment: 'segmented core',
    wire: 'wire',
    clip: 'clip weight',
    bouncer: 'bouncer',
    dropper: 'dropper',
    wash: 'wash line',
    down_rod: 'down rod',
};

/** What a line's let-out is read to. */
export const LET_OUT_TO: Record<Schemas['Presentation'], string> = {
    rigger: 'ball',
    stacker: 'release',
    diver: 'diver',
    flat: 'lure',
    core: 'lure',
    segment: 'core',
    wire: 'leader',
    clip: 'weight',
    bouncer: 'weight',
    dropper: 'node',
    wash: 'lure',
    down_rod: 'lure',
};

export const ATTRACTOR: Record<NonNullable<SpreadLine['attractor']>, string> = {
    small_flasher: 'flasher, 8 in',
    large_flasher: 'flasher, 11 in',
    dodger: 'dodger',
};

export const SPECIES: Record<Schemas['Species'], string> = {
    king: 'king',
    coho: 'coho',
    steelhead: 'steelhead',
    lake_trout: 'lake trout',
    brown_trout: 'brown trout',
    walleye: 'walleye',
    muskie: 'muskie',
};

export const OUTCOME: Record<Schemas['Outcome'], string> = {
    hooked: 'hooked',
    landed: 'landed',
    lost: 'lost',
    missed: 'missed',
};

const DOUBT: Record<RunningLine['doubts'][number]['doubt'], string> = {
    line_drag: 'the line’s drag',
    let_out: 'the let-out',
    lure_drag: 'the lure’s drag',
    lure_dive: 'the lure’s dive',
    diver_lift: 'the diver’s pull',
    weight_drag: 'the weight’s drag',
    speed: 'speed',
    current: 'unread current',
};

export function doubtWords(doubt: RunningLine['doubts'][number]['doubt']): string {
    return DOUBT[doubt];
}

/** What a line is, in a word or two: "diver 3", "board, core". */
export function lineWords(line: SpreadLine): string {
    const kind = PRESENTATION[line.presentation];
    if (line.board_id) {
        return line.presentation === 'flat' ? 'board' : `board, ${kind}`;
    }
    if (line.presentation === 'diver') {
        const side = line.dial_side ? ` ${line.dial_side}` : '';
        return `${kind} ${line.dial ?? 0}${side}`;
    }
    return kind;
}

/** The figure that sets its depth, in its own unit: "150 ft out", "5 colours", "98 cable". */
export function settingWords(line: SpreadLine, units: Units): string {
    switch (line.presentation) {
        case 'core': {
            const colours = Number((line.colours ?? 0).toFixed(1));
            return `${colours} ${colours === 1 ? 'colour' : 'colours'}`;
        }
        case 'rigger':
            return `${figure(units, 'length', line.let_out ?? 0)} cable`;
        case 'stacker':
            return `${shown(units, 'length', line.above ?? 0)} up`;
        case 'segment':
            return `${figure(units, 'length', line.let_out ?? 0)} + ${Number((line.colours ?? 0).toFixed(1))} col`;
        default:
            return `${shown(units, 'length', line.let_out ?? 0)} out`;
    }
}

/** What else the mate sets: lead, backing, weight, leader. */
export function secondWords(line: SpreadLine, units: Units): string {
    if (line.board_id) {
        return line.clip_out
            ? `clip at ${figure(units, 'length', line.clip_out)}`
            : `board at ${figure(units, 'length', line.board_out ?? 0)}`;
    }
    switch (line.presentation) {
        case 'rigger':
        case 'stacker':
            return `${shown(units, 'length', line.lead ?? 0)} lead`;
        case 'core':
        case 'wire':
            return line.backing ? `${figure(units, 'length', line.backing)} backing` : 'no backing';
        case 'segment':
            return `${shown(units, 'length', line.lead ?? 0)} ahead`;
        case 'clip':
            return `${shown(units, 'clipMass', line.weight_mass ?? 0)}, ${figure(units, 'length', line.lead ?? 0)} lead`;
        case 'bouncer':
        case 'dropper':
            return shown(units, 'clipMass', line.weight_mass ?? 0);
        default:
            return line.leader_length ? `${shown(units, 'length', line.leader_length)} leader` : 'no leader';
    }
}

export function speciesList(species: readonly Schemas['Species'][]): string {
    return species.map((name) => SPECIES[name]).join(', ');
}

/** "Today", "Tomorrow", or the day itself. */
export function dayWords(date: string, today: Date = new Date()): string {
    const day = new Date(`${date}T12:00:00`);
    const noon = new Date(today.getFullYear(), today.getMonth(), today.getDate(), 12);
    const away = Math.round((day.getTime() - noon.getTime()) / 86_400_000);
    const near: Record<number, string> = { [-1]: 'Yesterday', 0: 'Today', 1: 'Tomorrow' };
    return near[away] ?? day.toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });
}

/** "25 Nov" */
export function shortDay(date: string): string {
    return new Date(`${date}T12:00:00`).toLocaleDateString('en', { day: 'numeric', month: 'short' });
}

/** How long ago: "just now", "20 min ago", "3 h ago", "2 days ago". */
export function ago(time: string, now: Date = new Date()): string {
    const minutes = Math.round((now.getTime() - new Date(time).getTime()) / 60_000);
    if (minutes < 2) {
        return 'just now';
    }
    if (minutes < 90) {
        return `${minutes} min ago`;
    }
    return minutes < 2880 ? `${Math.round(minutes / 60)} h ago` : `${Math.round(minutes / 1440)} days ago`;
}
