/** What both views show: the same boat, lines, water and depth scale. */
import type { Boat, Holder, RunningLine } from '../lib/api';
import type { DepthScale } from './scales';
import type { Units } from '../lib/units';

interface BandShown {
    name: string;
    top: number;
    bottom: number;
    stretches: { top: number; bottom: number; lures: number }[];
}

export interface Scene {
    boat: Boat;
    units: Units;
    lines: { holder: Holder; line: RunningLine }[];
    /** The same lines as planned, while something tried is compared with it. */
    planned: RunningLine[];
    chosenId: number;
    choose: (holderId: number) => void;
    bands: BandShown[];
    /** Depths to rule, m. */
    ticks: number[];
    /** Depth of the bottom under the boat, m. */
    bottom: number | null;
    /** Shallowest bottom still ahead on the course, m. */
    shoal: number | null;
    /** Bottom along the long view: m behind the boat and depth, astern of her first. */
    profile: { aft: number; depth: number }[];
    /** Where lines foul one another, m in the frame the views draw. */
    tangles: number[][];
    y: DepthScale;
    height: number;
}

/** A line's curve less the stretch over the water, which is straight and drawn apart. */
export function underWater(line: RunningLine): number[][] {
    return line.front && !line.mast_line ? line.path.slice(0, -1) : line.path;
}
