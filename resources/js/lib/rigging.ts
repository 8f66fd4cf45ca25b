/** A line to start from when a holder is filled or its presentation is changed: the core's figures, the locker's first fit. */
import type { Holder, Locker, Schemas, SpreadLine } from './api';

export interface Kind {
    presentation: Schemas['Presentation'];
    behindBoard: boolean;
}

/** What can be rigged in a holder with the gear aboard. */
export function kindsFor(holder: Holder, locker: Locker): Kind[] {
    return locker.presentations.flatMap(({ presentation, takes_board: takesBoard }): Kind[] => {
        if (
            !reelFor(presentation, locker) ||
            (presentation === 'rigger' && (holder.kind !== 'boom' || locker.balls.length === 0))
        ) {
            return [];
        }
        if (presentation === 'diver' && (holder.side === 'centre' || locker.divers.length === 0)) {
            return [];
        }
        const boards = takesBoard && holder.side !== 'centre' && locker.boards.length > 0;
        return [{ presentation, behindBoard: false }, ...(boards ? [{ presentation, behindBoard: true }] : [])];
    });
}

function reelFor(presentation: Schemas['Presentation'], locker: Locker, keep?: number) {
    const fits = locker.reels.filter((reel) => (reel.material === 'leadcore') === (presentation === 'core'));
    return fits.find((reel) => reel.id === keep) ?? fits[0];
}

export function startLine(holder: Holder, kind: Kind, locker: Locker, from?: SpreadLine): SpreadLine | null {
    const reel = reelFor(kind.presentation, locker, from?.reel_id);
    const lure = from?.lure_id ?? locker.lures[0]?.id;
    const figures = locker.presentations.find(({ presentation }) => presentation === kind.presentation)?.starting_figures ?? {};
    if (!reel || lure === undefined) {
        return null;
    }
    const leader = locker.leaders.find(({ material }) => material === 'fluorocarbon') ?? locker.leaders[0];
    return {
        holder_id: holder.id,
        presentation: kind.presentation,
        reel_id: reel.id,
        lure_id: lure,
        ball_id: kind.presentation === 'rigger' ? (locker.balls.at(-2) ?? locker.balls[0])?.id : null,
        diver_id:
            kind.presentation === 'diver' ? (locker.divers.find(({ size }) => size === 'large') ?? locker.divers[0])?.id : null,
        board_id: kind.behindBoard ? (locker.boards.at(0)?.id ?? null) : null,
        board_out: kind.behindBoard ? 30.48 : null,
        attractor: from?.attractor ?? null,
        leader_material: from?.leader_material ?? leader?.material ?? null,
        leader_test: from?.leader_test ?? leader?.tests.at(-2) ?? null,
        leader_length: from?.leader_length ?? 1.8288,
        ...figures,
        ...(kind.presentation === 'core' ? { colours: Math.min(figures.colours ?? 5, reel.colours ?? 10) } : {}),
    };
}

/** The depth-setting figure of a line, in its own unit. */
export function controlField(line: SpreadLine): 'colours' | 'let_out' {
    return line.presentation === 'core' ? 'colours' : 'let_out';
}
