/** What is to be looked at, in words. */
import type { Locker, Schemas, SpreadLine } from './api';
import type { CureOffer } from './spread-desk.svelte';
import { shown, type Units } from './units';
import { settingWords, SPECIES } from './words';

export type Breach = Schemas['Breach'];

const TITLE: Record<Breach['kind'], string> = {
    line_count: 'Too many lines',
    tangle: 'Tangle',
    holder_order: 'Holders out of order',
    neighbours: 'Boards too close',
    bottom: 'Bottom',
    board_under: 'Board pulled under',
    unsteady: 'No steady run',
    surfaced: 'On the surface',
    bare: 'Bare water',
    setting_cross: 'Crossed while setting',
    board_laid_back: 'Board laid back',
    out_of_reach: 'Cannot get down',
    doubled: 'Doubled water',
    duplicate: 'Same finish twice',
};

export function breachTitle(breach: Breach): string {
    return TITLE[breach.kind];
}

/** One plain sentence: what, how much against how much, and where. */
export function breachReason(breach: Breach, units: Units): string {
    const { holders, subject } = breach;
    const amount = breach.amount ?? 0;
    const wanted = breach.wanted ?? 0;
    const pair = holders.join(' and ');
    const [aft, , depth] = breach.place ?? [0, 0, 0];
    switch (breach.kind) {
        case 'line_count':
            return `${amount} lines are planned; the limit you entered is ${wanted}. Check the current rules.`;
        case 'tangle':
            return `${pair} pass within ${shown(units, 'fineLength', amount)}, ${shown(units, 'length', aft ?? 0)} back${
                (depth ?? 0) > 0.3 ? ` and ${shown(units, 'depth', depth ?? 0)} down` : ''
            }; they should keep ${shown(units, 'fineLength', wanted)}.`;
        case 'setting_cross':
            return `${holders[0]} is let out across ${holders[1]}, which is already set.`;
        case 'board_laid_back':
            return `What trails ${pair} drags its board back: it rides ${shown(units, 'length', amount)} out, less than ${shown(units, 'length', wanted)}.`;
        case 'out_of_reach':
            return `${pair} was to run at ${shown(units, 'depth', wanted)}; at this speed it gets down to ${shown(units, 'depth', amount)} at most.`;
        case 'doubled':
            return `${pair} run ${shown(units, 'fineLength', amount)} apart in depth while other feet of the ${speciesName(subject)} band are bare.`;
        case 'holder_order':
            return `${holders[1]} runs farther out than ${holders[0]}, whose holder is farther forward: their front lines cross. Swap them.`;
        case 'neighbours':
            return `The boards of ${pair} ride ${shown(units, 'length', amount)} apart; ${shown(units, 'length', wanted)} keeps them clear.`;
        case 'bottom': {
            const what = breach.structure ? `what stands ${shown(units, 'depth', breach.structure)} up from bottom` : 'bottom';
            const gone = (ahead: number) => shown(units, ahead > 1600 ? 'distance' : 'length', ahead);
            const at = (ahead: number | null | undefined) => (ahead ? `when the boat has gone another ${gone(ahead)}` : 'now');
            const { first } = breach;
            const later = first && (breach.ahead ?? 0) - first.ahead > 1;
            const worst =
                amount <= 0
                    ? `the ${subject} ${breach.structure ? `is ${shown(units, 'fineLength', -amount)} below the top of ${what}` : `would drag bottom by ${shown(units, 'fineLength', -amount)}`}`
                    : `the ${subject} clears ${what} by ${shown(units, 'fineLength', amount)}`;
            const wants = amount <= 0 ? '' : `; ${shown(units, 'fineLength', wanted)} covers its doubt and what you want clear`;
            return later
                ? `The ${first.body} of ${pair} first ${amount <= 0 ? `touches ${first.structure ? 'what stands on bottom' : 'bottom'}` : 'comes that near'} ${at(first.ahead)}; at worst, ${at(breach.ahead)}, ${worst}${wants}.`
                : `${pair}: ${worst}${wants}${breach.ahead ? `, ${at(breach.ahead)}` : ''}.`;
        }
        case 'board_under':
            return `What trails the board of ${pair} is heavier than it can carry.`;
        case 'unsteady':
            return breach.amount
                ? `${pair} has no steady run in this turn: ${shown(units, 'length', amount)} is the tightest radius it follows into.`
                : `${pair} has no steady run: nothing pulls its line straight.`;
        case 'surfaced':
            return `The ${subject} of ${pair} skims the surface at this speed.`;
        case 'bare': {
            const middle = depth ?? 0;
            return `No lure serves ${shown(units, 'depth', amount)} of the ${speciesName(subject)} band, from ${shown(units, 'depth', middle - amount / 2)} to ${shown(units, 'depth', middle + amount / 2)}.`;
        }
        case 'duplicate':
            return `${pair} both pull ${subject}: one of them tests nothing new.`;
    }
}

function speciesName(subject: string | null): string | null {
    return subject && subject in SPECIES ? SPECIES[subject as keyof typeof SPECIES] : subject;
}

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
