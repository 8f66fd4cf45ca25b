/** What a captain plans, and what he tries on it. */
import type { Schemas, Spread, SpreadLine } from '../lib/api';

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
}

export const NOTHING_TRIED: WhatIf = { speed: null, turn: null, current: null, gone: null };

export function planOf({ speed, lines, school, setting_order }: Spread): Plan {
    return { speed, lines, school, setting_order };
}
