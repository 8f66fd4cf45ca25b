/** What is to be looked at, in words. */
import type { Locker, Schemas, SpreadLine } from '../lib/api';

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

/** What tells one breach from another while the plan stands still. */
export function breachKey({ kind, holders, subject, place }: Breach): string {
    return JSON.stringify([kind, holders, subject, kind === 'bare' ? place?.[2] : null]);
}
