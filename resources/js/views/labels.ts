/** Places labels beside their marks so that none covers another, a mark, or leaves the picture. */

export interface Label {
    id: string;
    x: number;
    y: number;
    width: number;
    height: number;
    /** The side it prefers: −1 left, 1 right. */
    prefers: -1 | 1;
}

export interface Placed {
    id: string;
    left: number;
    top: number;
    /** Whether it stands so far from its mark that a thin line should join them. */
    joined: boolean;
}

interface Box {
    left: number;
    top: number;
    right: number;
    bottom: number;
}

const GAP = 9;
const MARK = 6;
const SHIFTS = [0, -14, 14, -24, 24, -36, 36, -50, 50, -66, 66];

function overlap(a: Box, b: Box): number {
    const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
    const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
    return across > 0 && down > 0 ? across * down : 0;
}

function outside(box: Box, frame: Box): number {
    return (
        Math.max(0, frame.left - box.left) +
        Math.max(0, box.right - frame.right) +
        Math.max(0, frame.top - box.top) +
        Math.max(0, box.bottom - frame.bottom)
    );
}

/** Greedy over the most crowded first: each takes the place that covers least and strays least. */
export function placeLabels(labels: readonly Label[], frame: Box): Map<string, Placed> {
    const marks = labels.map(({ x, y }): Box => ({ left: x - MARK, right: x + MARK, top: y - MARK, bottom: y + MARK }));
    const crowd = (label: Label) => labels.filter((other) => Math.hypot(other.x - label.x, other.y - label.y) < 70).length;
    const order = [...labels].sort((a, b) => crowd(b) - crowd(a) || a.y - b.y);
    const taken: Box[] = [];
    const placed = new Map<string, Placed>();
    for (const label of order) {
        let best: { cost: number; box: Box; shift: number } | null = null;
        for (const side of [label.prefers, -label.prefers]) {
            for (const shift of SHIFTS) {
                const left = side < 0 ? label.x - GAP - label.width : label.x + GAP;
                const top = label.y + shift - label.height / 2;
                const box: Box = { left, top, right: left + label.width, bottom: top + label.height };
                const cover = [...taken, ...marks].reduce((sum, other) => sum + overlap(box, other), 0);
                const cost = cover * 10 + outside(box, frame) * 60 + Math.abs(shift) + (side === label.prefers ? 0 : 12);
                if (best === null || cost < best.cost) {
                    best = { cost, box, shift };
                }
            }
        }
        if (best) {
            taken.push(best.box);
            placed.set(label.id, { id: label.id, left: best.box.left, top: best.box.top, joined: Math.abs(best.shift) > 20 });
        }
    }
    return placed;
}
