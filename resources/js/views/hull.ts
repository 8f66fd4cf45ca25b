/** The outline of a boat from above, bow up: square at the transom, full to the middle, drawn in to the bow. */
export function hullPath(length: number, beam: number, at: (aft: number, starboard: number) => string): string {
    const half = beam / 2;
    const [shoulder, cheek] = [-length * 0.55, -length * 0.85];
    return [
        `M${at(0, -half)}L${at(shoulder, -half)}`,
        `Q${at(cheek, -half * 0.8)} ${at(-length, 0)}`,
        `Q${at(cheek, half * 0.8)} ${at(shoulder, half)}`,
        `L${at(0, half)}Z`,
    ].join('');
}
