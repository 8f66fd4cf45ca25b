/** What a holder can be rigged with: the catalogue's word, as it is offered. */
import type { Holder, Locker, Schemas, SpreadLine } from '../lib/api';
import { entryOf, theCatalogue, type Part } from '../lib/catalogue';

export interface Kind {
    presentation: string;
    board: Schemas['BoardUse'];
}

const picks = (parts: readonly Part[], pick: string): boolean =>
    parts.some(({ fields }) => fields.some((field) => field.pick === pick));

/** Whether a line of it has a cable that others can ride. */
export const hasCable = ({ presentation }: SpreadLine): boolean => picks(entryOf(presentation).parts, 'ball');

/** What this holder can be rigged with. */
export function kindsFor(holder: Holder, lines: readonly SpreadLine[]): Kind[] {
    const cable = lines.some(hasCable);
    return theCatalogue()
        .presentations.filter((entry) => entry.holder === holder.kind && (cable || !picks(entry.parts, 'rides_on')))
        .flatMap(({ presentation, takes_board }) => {
            const boards: Kind['board'][] = takes_board && holder.side !== 'centre' ? ['none', 'in-line', 'mast'] : ['none'];
            return boards.map((board) => ({ presentation, board }));
        });
}

export function kindOf(line: SpreadLine, locker: Locker): Kind {
    const board = locker.boards.find(({ id }) => id === line.board_id);
    return { presentation: line.presentation, board: !board ? 'none' : board.size === 'mast' ? 'mast' : 'in-line' };
}

export function kindText({ presentation, board }: Kind): string {
    const name = entryOf(presentation).offered;
    return { none: name, 'in-line': `${name} behind a board`, mast: `${name} off a mast board` }[board];
}

/** A line's parts from rod tip to hook, its board among them. */
export function partsOf(line: SpreadLine, locker: Locker): Part[] {
    const { parts } = entryOf(line.presentation);
    const { board } = kindOf(line, locker);
    const [tip, ...rest] = parts;
    return board === 'none' || !tip ? parts : [tip, theCatalogue().boards[board], ...rest];
}

/** Boards of the sort a line runs on: in-line, or the big one on the mast's tow line. */
export function boardsOfKind(locker: Locker, kind: Kind['board']): Locker['boards'] {
    return locker.boards.filter(({ size }) => (size === 'mast') === (kind === 'mast'));
}
