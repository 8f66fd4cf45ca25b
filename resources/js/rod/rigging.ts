/** Rigging a new line from what is aboard: what fits a holder and its parts is the server's word. */
import type { Holder, Locker, Schemas, SpreadLine } from '../lib/api';

export interface Kind {
    presentation: Schemas['Presentation'];
    board: 'none' | 'in-line' | 'mast';
}

type Offer = Locker['presentations'][number];

const offerOf = (locker: Locker, presentation: Schemas['Presentation']): Offer | undefined =>
    locker.presentations.find((offer) => offer.presentation === presentation);

/** What this holder can be rigged with. */
export function kindsFor(holder: Holder, locker: Locker, lines: readonly SpreadLine[]): Kind[] {
    const cable = lines.some(({ presentation }) => presentation === 'rigger');
    return locker.presentations
        .filter((offer) => offer.holders.includes(holder.kind) && (offer.presentation !== 'stacker' || cable))
        .flatMap(({ presentation, takes_board }) => [
            { presentation, board: 'none' as const },
            ...(takes_board && holder.side !== 'centre'
                ? [
                      { presentation, board: 'in-line' as const },
                      { presentation, board: 'mast' as const },
                  ]
                : []),
        ]);
}

export function reelsFor(presentation: Schemas['Presentation'], locker: Locker): Locker['reels'] {
    const materials = offerOf(locker, presentation)?.reel_materials ?? [];
    return locker.reels.filter(({ material }) => materials.includes(material));
}

export function figuresOf(presentation: Schemas['Presentation'], locker: Locker): readonly string[] {
    return offerOf(locker, presentation)?.figures ?? [];
}

/** Boards of the sort a line runs on: in-line, or the big one on the mast's tow line. */
export function boardsLike(locker: Locker, mast: boolean): Locker['boards'] {
    return locker.boards.filter(({ size }) => (size === 'mast') === mast);
}

/** Of the families the server names, the first lure no line pulls yet. */
function likelyLure(
    locker: Locker,
    presentation: Schemas['Presentation'],
    lines: readonly SpreadLine[],
): Locker['lures'][number] | undefined {
    const free = locker.lures.filter(({ id }) => !lines.some((line) => line.lure_id === id));
    const kinds = offerOf(locker, presentation)?.likely_lures ?? [];
    return kinds.flatMap((kind) => free.filter((lure) => lure.kind === kind))[0] ?? free[0] ?? locker.lures[0];
}

/** A first line of a kind in a holder, from the gear aboard; null while the locker lacks what it needs. */
export function startLine(
    holder: Holder,
    kind: Kind,
    locker: Locker,
    lines: readonly SpreadLine[],
    from?: SpreadLine,
): SpreadLine | null {
    const { presentation } = kind;
    const reels = reelsFor(presentation, locker);
    const reel = reels.find(({ id }) => id === from?.reel_id) ?? reels[0];
    const lure = from?.lure_id ?? likelyLure(locker, presentation, lines)?.id;
    const figures = offerOf(locker, presentation)?.starting_figures ?? {};
    const board = kind.board === 'none' ? undefined : boardsLike(locker, kind.board === 'mast').at(-1);
    if (!reel || lure === undefined || (kind.board !== 'none' && !board)) {
        return null;
    }
    const leader = locker.leaders.find(({ material }) => material === 'fluorocarbon') ?? locker.leaders[0];
    const cable = lines.find((line) => line.presentation === 'rigger')?.holder_id;
    return {
        holder_id: holder.id,
        presentation,
        reel_id: reel.id,
        lure_id: lure,
        ball_id: presentation === 'rigger' ? (locker.balls.at(-2) ?? locker.balls[0])?.id : null,
        diver_id: presentation === 'diver' ? (locker.divers.find(({ size }) => size === 'large') ?? locker.divers[0])?.id : null,
        dial_side: presentation === 'diver' && holder.side === 'centre' ? 'port' : null,
        rides_on: presentation === 'stacker' ? cable : null,
        board_id: board?.id ?? null,
        board_out: board ? (kind.board === 'mast' ? 45.72 : 30.48) : null,
        clip_out: kind.board === 'mast' ? 30.48 : null,
        attractor: from?.attractor ?? null,
        leader_material: from?.leader_material ?? leader?.material ?? null,
        leader_test: from?.leader_test ?? leader?.tests.at(-2) ?? null,
        leader_length: from?.leader_length ?? 1.8288,
        ...figures,
        ...(reel.colours && figures.colours ? { colours: Math.min(figures.colours, reel.colours) } : {}),
    };
}
