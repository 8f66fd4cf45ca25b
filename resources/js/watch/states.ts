/** How lines stand, and what can be told of each. */
import type { Schemas } from '../lib/api';
import { theCatalogue } from '../lib/catalogue';

export type Rod = Schemas['Watch']['rods'][number];
export type Kind = Schemas['EventKind'];
export type Act = Schemas['Catalogue']['line_states'][number]['takes'][number];

/** How a line that stands so is called, and what can be told of it. */
export const stateOf = (rod: Rod) => theCatalogue().line_states.find(({ state }) => state === rod.state);

/** By kind, of each catalogue that was read: asked of every event that waits. */
const acts = new WeakMap<Schemas['Catalogue'], ReadonlyMap<Kind, Act>>();

export function actOf(kind: Kind): Act | undefined {
    const catalogue = theCatalogue();
    let known = acts.get(catalogue);
    if (!known) {
        const all = catalogue.line_states.flatMap(({ takes }) => takes);
        // Of those told of lines in several states, the first.
        known = new Map(all.reverse().map((act) => [act.kind, act]));
        acts.set(catalogue, known);
    }
    return known.get(kind);
}
