/** What is to be looked at, in words. */
import type { Locker, Schemas, SpreadLine } from './api';
import type { CureOffer } from './spread-desk.svelte';
import { shown, type Units } from './units';
import { settingWords } from './words';

export type Breach = Schemas['Breach'];

/** What is lost with a line that finds bottom or wood: "10 lb ball and Slack Tide". */
export function atStake(line: SpreadLine | undefined, locker: Locker): string {
    const named = (list: readonly { id: number; name: string }[], id: number | null | undefined) =>
        list.find((thing) => thing.id === id)?.name;
    const parts = [
        named(locker.balls, line?.ball_id),
        named(locker.divers, line?.diver_id),
        named(locker.lures, line?.lure_id),
    ].filter((name) => name !== undefined);
    return parts.join(' and ');
}

/** A cure as the order it is: "Set P5 to 108 ft". */
export function cureWords(
    { kind, holders, value, figures }: CureOffer,
    line: SpreadLine | undefined,
    locker: Locker,
    units: Units,
): string {
    const [first, second] = holders;
    switch (kind) {
        case 'swap_holders':
            return `Swap ${first} and ${second}`;
        case 'set_board_out':
            return `Bring the board of ${first} in to ${shown(units, 'length', value ?? 0)}`;
        case 'take_out':
            return `Leave ${first} in the boat`;
        case 'change_lure':
            return `Put ${locker.lures.find(({ id }) => id === figures.lure_id)?.name ?? 'another lure'} on ${first}`;
        case 'set_control':
            return line ? `Set ${first} to ${settingWords({ ...line, ...figures }, units)}` : `Set ${first}`;
    }
}

/** What tells one breach from another while the plan stands still. */
export function breachKey({ kind, holders, subject, place }: Breach): string {
    return JSON.stringify([kind, holders, subject, kind === 'bare' ? place?.[2] : null]);
}
