/** What a captain plans, and what he tries on it. */
import type { Holder, Schemas, Spread, SpreadLine } from '../lib/api';

export interface Plan {
    speed: number;
    lines: SpreadLine[];
    school: Schemas['School'];
    setting_order: number[] | null;
}

export interface WhatIf {
    speed: number | null;
    turn: { radius: number; side: Schemas['Side'] } | null;
    current: NonNullable<Schemas['WhatIf']['current']> | null;
    /** m the boat has gone along the bottom profile. */
    gone: number | null;
    /** Whether the default figures are shown, whatever soundings have taught. */
    untrued: boolean;
}

export const NOTHING_TRIED: WhatIf = { speed: null, turn: null, current: null, gone: null, untrued: false };

/** Whether anything is tried that the depths follow. */
export const isTried = ({ speed, turn, current, untrued }: WhatIf): boolean =>
    speed !== null || turn !== null || current !== null || untrued;

/** A speed that is the plan's own is none that is tried. */
export const tried = (whatIf: WhatIf, { speed }: Plan): WhatIf =>
    whatIf.speed !== null && Math.abs(whatIf.speed - speed) < 1e-6 ? { ...whatIf, speed: null } : whatIf;

export function planOf({ speed, lines, school, setting_order }: Spread): Plan {
    return { speed, lines, school, setting_order };
}

/** With figures of one line changed. */
export function withFigures(plan: Plan, holderId: number, figures: Partial<SpreadLine>): Plan {
    return { ...plan, lines: plan.lines.map((line) => (line.holder_id === holderId ? { ...line, ...figures } : line)) };
}

/** With a line in its holder's place along the rail, instead of any that is there. */
export function withLine(plan: Plan, line: SpreadLine, holders: readonly Holder[]): Plan {
    const places = new Map(holders.map(({ id, place }) => [id, place]));
    const lines = [...plan.lines.filter(({ holder_id }) => holder_id !== line.holder_id), line];
    lines.sort((a, b) => (places.get(a.holder_id) ?? 0) - (places.get(b.holder_id) ?? 0));
    return { ...plan, lines };
}

/** Without a line; what rode its cable goes with it. */
export function withoutLine(plan: Plan, holderId: number): Plan {
    return { ...plan, lines: plan.lines.filter((line) => line.holder_id !== holderId && line.rides_on !== holderId) };
}

/** With every line that gets to a depth (m) set so, each by its holder's code. */
export function setAtDepth(
    plan: Plan,
    reached: ReadonlyMap<string, Partial<SpreadLine>>,
    depth: number,
    holders: readonly Holder[],
): Plan {
    const codes = new Map(holders.map(({ id, code }) => [id, code]));
    return {
        ...plan,
        lines: plan.lines.map((line) => {
            const figures = reached.get(codes.get(line.holder_id) ?? '');
            return figures ? { ...line, ...figures, aim: depth } : line;
        }),
    };
}
