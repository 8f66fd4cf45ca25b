/** How lines stand, and what can be told of each. */
import type { Schemas } from '../lib/api';
import { theCatalogue } from '../lib/catalogue';

export type Rod = Schemas['Watch']['rods'][number];
export type Kind = Schemas['EventKind'];
export type Act = Schemas['Catalogue']['line_states'][number]['takes'][number];

/** How a line that stands so is called, and what can be told of it. */
export const stateOf = (rod: Rod) => theCatalogue().line_states.find(({ state }) => state === rod.state);

export const actOf = (kind: Kind): Act | undefined =>
    theCatalogue()
        .line_states.flatMap(({ takes }) => takes)
        .find((act) => act.kind === kind);
