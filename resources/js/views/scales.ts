/** Scales of the views: depth is the same on all of them, sideways is stretched near the boat. */
import { scaleLinear, scaleSymlog, type ScaleContinuousNumeric, type ScaleLinear } from 'd3-scale';
import type { Holder, RunningLine } from '../lib/api';

/** Room above the water for rods and hull, m. */
const ABOVE = 3.4;

/** Sideways distance (m) up to which the scale is nearly true. */
const NEAR = 4;

export type DepthScale = ScaleLinear<number, number>;
export type SidewaysScale = ScaleContinuousNumeric<number, number>;

/** @param foot share of the height at its foot that no line may be drawn in */
export function deepestShown(lines: Iterable<RunningLine>, bottom: number | null, foot = 0): number {
    let deepest = bottom ? bottom * 1.06 : 8;
    const room = Math.max(1.08, 1.03 / (1 - foot));
    for (const line of lines) {
        deepest = Math.max(deepest, Math.max(line.depth + (line.doubt?.deeper ?? 0), line.ball?.place[2] ?? 0) * room);
    }
    return deepest;
}

export function depthScale(deepest: number, height: number): DepthScale {
    return scaleLinear()
        .domain([-ABOVE, deepest])
        .range([34, height - 2]);
}

export function sidewaysScale(lines: Iterable<RunningLine>, holders: readonly Holder[], width: number): SidewaysScale {
    let widest = 6;
    for (const holder of holders) {
        widest = Math.max(widest, Math.abs(holder.starboard) * 1.3);
    }
    for (const line of lines) {
        widest = Math.max(widest, ...[...line.path, ...line.branches.flat()].map(([, y = 0]) => Math.abs(y) * 1.02));
    }
    return scaleSymlog()
        .constant(NEAR)
        .domain([-widest, widest])
        .range([62, width - 62]);
}

/** m behind the boat; with a course, as much ahead of her as half the gear takes behind. */
export function aftScale(lines: Iterable<RunningLine>, width: number, ahead = false): ScaleLinear<number, number> {
    let farthest = 20;
    for (const line of lines) {
        farthest = Math.max(farthest, line.aft);
    }
    return scaleLinear()
        .domain([ahead ? -farthest * 0.5 : -2, farthest * 1.02])
        .range([14, width - 46]);
}

/** From above, bow up, the same scale both ways; as much as the gear takes, the boat's stern near the top. */
export function wakeScale(
    places: readonly number[][],
    width: number,
    height: number,
): { x: (side: number) => number; y: (aft: number) => number; far: number } {
    const TOP = 92;
    const SIDE = 46;
    let [far, least, most] = [20, -8, 8];
    for (const [aft = 0, side = 0] of places) {
        far = Math.max(far, aft);
        least = Math.min(least, side);
        most = Math.max(most, side);
    }
    const perMetre = Math.min((height - TOP - 22) / far, (width - 2 * SIDE) / (most - least));
    const middle = width / 2 - (perMetre * (least + most)) / 2;
    return { x: (side) => middle + perMetre * side, y: (aft) => TOP + perMetre * aft, far: (height - TOP) / perMetre };
}

/** The part of a course's bottom that a stretch behind (and ahead, negative) of the boat shows, its ends carried on. */
export function courseBottom(
    profile: readonly { along: number; depth: number }[],
    gone: number,
    [least = 0, most = 0]: readonly number[],
): { aft: number; depth: number }[] {
    const [first, last] = [profile[0], profile.at(-1)];
    if (!first || !last) {
        return [];
    }
    const room = (most - least) * 0.5;
    return [
        { aft: Math.max(most + room, gone - first.along), depth: first.depth },
        ...profile.map(({ along, depth }) => ({ aft: gone - along, depth })),
        { aft: Math.min(least - room, gone - last.along), depth: last.depth },
    ];
}

/** Depth to draw under the boat at a place along a course. */
export function bottomUnder(profile: readonly { along: number; depth: number }[], gone: number): number | null {
    const next = profile.findIndex(({ along }) => along > gone);
    const [before, after] = [profile[next - 1], profile[next]];
    if (!before || !after) {
        return (next === 0 ? profile[0] : profile.at(-1))?.depth ?? null;
    }
    return before.depth + ((gone - before.along) / (after.along - before.along)) * (after.depth - before.depth);
}

/** Marks of a scale that stand clear of one another, px; of two that do not the first is kept. */
export function thinned<T extends { at: number }>(ticks: readonly T[], apart: number): T[] {
    const kept: T[] = [];
    for (const tick of ticks) {
        if (kept.every(({ at }) => Math.abs(at - tick.at) >= apart)) {
            kept.push(tick);
        }
    }
    return kept;
}
