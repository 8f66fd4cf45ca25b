/** Lists of the locker, and what is asked of a piece that goes into one. */
import type { Locker, Schemas } from '../lib/api';
import { theCatalogue } from '../lib/catalogue';
import { shown, type Units } from '../lib/units';

export type GearList = Schemas['GearList'];
type Form = Schemas['Catalogue']['gear'][number];
export type Piece = Locker[GearList][number];

export function formOf(list: GearList): Form {
    const form = theCatalogue().gear.find((candidate) => candidate.list === list);
    if (!form) {
        throw new Error(`The catalogue asks nothing of ${list}.`);
    }
    return form;
}

/** What tells a piece from the others of its list, in a line: what is asked of it, as far as it is known. */
export function pieceWords(list: GearList, piece: Piece, units: Units): string {
    const figures = piece as unknown as Record<string, unknown>;
    return formOf(list)
        .fields.filter(
            ({ key }) => !['note', 'retired', 'counter_factor', 'rated_lead', 'rated_line_diameter', 'rated_speed'].includes(key),
        )
        .flatMap(({ key, label, options, quantity, unit }) => {
            const value = figures[key];
            if (typeof value === 'boolean') {
                return value ? [label] : [];
            }
            if (typeof value === 'number' && quantity) {
                const said = quantity === 'count' ? `${value}${unit ? ` ${unit}` : ''}` : shown(units, quantity, value);
                return [key === 'count' ? `${said} of them` : key === 'rated_depth' ? `rated ${said}` : said];
            }
            return typeof value === 'string' && value !== '' ? [options?.[value] ?? value] : [];
        })
        .join(' · ');
}
