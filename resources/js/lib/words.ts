/** The trade's words for what the API names. */
import type { RunningLine, Schemas, SpreadLine } from './api';

export const PRESENTATION: Record<Schemas['Presentation'], string> = {
    rigger: 'rigger',
    diver: 'diver',
    flat: 'flat',
    core: 'core',
    clip: 'clip weight',
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
    return line.presentation === 'diver' ? `${kind} ${line.dial ?? 0}` : kind;
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
