/** Scales of the views: depth is the same on all of them, sideways is stretched near the boat. */
import { scaleLinear, scaleSymlog, type ScaleContinuousNumeric, type ScaleLinear } from 'd3-scale';
import type { Holder, RunningLine } from './api';

/** Room above the water for rods and hull, m. */
const ABOVE = 3.4;

/** Sideways distance (m) up to which the scale is nearly true. */
const NEAR = 4;

export type DepthScale = ScaleLinear<number, number>;
export type SidewaysScale = ScaleContinuousNumeric<number, number>;

export function deepestShown(lines: Iterable<RunningLine>, bottom: number | null): number {
    let deepest = bottom ? bottom * 1.06 : 8;
    for (const line of lines) {
        deepest = Math.max(deepest, (line.depth + (line.deviation ?? 0)) * 1.08, (line.ball?.place[2] ?? 0) * 1.08);
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

export function aftScale(lines: Iterable<RunningLine>, width: number): ScaleLinear<number, number> {
    let farthest = 20;
    for (const line of lines) {
        farthest = Math.max(farthest, line.aft);
    }
    return scaleLinear()
        .domain([-2, farthest * 1.02])
        .range([14, width - 46]);
}
