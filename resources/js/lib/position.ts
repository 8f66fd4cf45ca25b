/** A position as it is typed or read off a plotter. */

const DEGREES =
    /^([NSEW])?\s*([+-]?\d+(?:[.,]\d+)?)\s*[°d\s]?\s*(?:(\d+(?:[.,]\d+)?)\s*['′m]?)?\s*(?:(\d+(?:[.,]\d+)?)\s*["″s]?)?\s*([NSEW])?$/iu;

/**
 * "44.875", "86.6 W", "44 52.5 N", "44°52′30″N": degrees, north and east positive. NaN where it is none, or of the other kind; null
 * where nothing is typed.
 */
export function degreesOf(text: string, kind: 'latitude' | 'longitude'): number | null {
    const plain = text.trim();
    if (plain === '') {
        return null;
    }
    const [, before, degrees = '', minutes = '0', seconds = '0', after] = DEGREES.exec(plain) ?? [];
    const figure = (part: string) => Number(part.replace(',', '.'));
    const side = (before ?? after ?? '').toUpperCase();
    const sides = kind === 'latitude' ? 'NS' : 'EW';
    if (
        degrees === '' ||
        (before && after) ||
        (side && !sides.includes(side)) ||
        figure(minutes) >= 60 ||
        figure(seconds) >= 60
    ) {
        return Number.NaN;
    }
    const size = Math.abs(figure(degrees)) + figure(minutes) / 60 + figure(seconds) / 3600;
    const sign = side === 'S' || side === 'W' || degrees.startsWith('-') ? -1 : 1;
    return side && degrees.startsWith('-') ? Number.NaN : sign * Number(size.toFixed(6));
}
