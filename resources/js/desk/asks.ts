/** What a spread's desk asks the server of the plan as it stands; nothing is kept there. */
import { api, ask, type Holder, type Schemas, type SpreadLine } from '../lib/api';
import type { Kind } from '../rod/rigging';
import { setAtDepth, type Plan, type WhatIf } from './plan';

/** What came of "run it at": done, as near as this gear gets, or why not. */
export type Reached = 'set' | { short: string[] } | { refused: string };

export type CureOffer = Schemas['Cures']['cures'][number];

/** Why an answer is no answer. */
function refusal(answer: { problem: Schemas['Problem'] } | { silent: true }): string {
    return 'problem' in answer
        ? (answer.problem.errors?.[0]?.detail ?? answer.problem.detail)
        : 'The server is not answering; nothing was changed.';
}

/** A line of a kind begun in a holder, or why it cannot be. */
export async function askRig(
    spread: number,
    { speed, lines }: Plan,
    holderId: number,
    { presentation, board }: Kind,
    reelId: number | null,
): Promise<SpreadLine | string> {
    const answer = await ask(
        api.POST('/spreads/{spread}/rig', {
            params: { path: { spread } },
            body: { holder_id: holderId, presentation, board, reel_id: reelId, speed, lines },
        }),
    );
    return 'data' in answer ? answer.data.line : refusal(answer);
}

/** What runs lines at a depth, as near as each gets, or why that cannot be said. */
async function askReach(
    spread: number,
    { speed, lines }: Plan,
    whatIf: WhatIf,
    at: { depth: number; by: 'control' | 'other'; holder_ids: number[] },
): Promise<Schemas['Reach']['lines'] | string> {
    const answer = await ask(
        api.POST('/spreads/{spread}/reach', {
            params: { path: { spread } },
            body: { speed, what_if: whatIf, lines, ...at },
        }),
    );
    return 'data' in answer ? answer.data.lines : refusal(answer);
}

/** What would put things right, as tried on the plan and what-ifs of now. */
export async function askCures(spread: number, plan: Plan, whatIf: WhatIf): Promise<CureOffer[]> {
    const answer = await ask(
        api.POST('/spreads/{spread}/cures', { params: { path: { spread } }, body: { ...plan, what_if: whatIf } }),
    );
    return 'data' in answer ? answer.data.cures : [];
}

/** The plan with every line at a depth (m) that gets there, and what came of it for the others. */
export async function askReached(
    plan: Plan,
    spread: number,
    whatIf: WhatIf,
    holderIds: number[],
    depth: number,
    by: 'control' | 'other',
    holders: readonly Holder[],
): Promise<{ plan: Plan | null; told: Reached }> {
    const lines = await askReach(spread, plan, whatIf, { depth, by, holder_ids: holderIds });
    if (typeof lines === 'string') {
        return { plan: null, told: { refused: lines } };
    }
    const reached = new Map(lines.filter((line) => line.reached).map(({ holder, figures }) => [holder, figures]));
    const short = lines.flatMap((line) => line.short ?? []);
    return {
        plan: reached.size > 0 ? setAtDepth(plan, reached, depth, holders) : null,
        told: short.length === 0 ? 'set' : { short },
    };
}

/** Tells the current among the signs of a trip's water; whether it is kept. */
export async function askCurrent(trip: number, current: Schemas['CurrentTried'] | null): Promise<boolean> {
    const answer = await ask(
        api.PUT('/trips/{trip}/water/signs', {
            params: { path: { trip } },
            body: {
                current_surface: current?.surface.drift ?? null,
                current_set: current?.surface.set ?? null,
                current_deep: current?.deep.drift ?? null,
                current_deep_set: current?.deep.set ?? null,
                current_depth: current?.deep.depth ?? null,
                current_heading: current?.heading ?? null,
            },
        }),
    );
    return 'data' in answer;
}
