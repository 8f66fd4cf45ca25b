/** Lists of the locker, and what is asked of a piece that goes into one. */
import type { Schemas } from '../lib/api';
import { theCatalogue } from '../lib/catalogue';

export type GearList = Schemas['GearList'];
type Form = Schemas['Catalogue']['gear'][number];

export function formOf(list: GearList): Form {
    const form = theCatalogue().gear.find((candidate) => candidate.list === list);
    if (!form) {
        throw new Error(`The catalogue asks nothing of ${list}.`);
    }
    return form;
}
