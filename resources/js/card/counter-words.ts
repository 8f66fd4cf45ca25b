/** What the mate reads off a counter at the rail. */
import type { Schemas } from '../lib/api';
import { figure, measure, shown, type Units } from '../lib/units';

export type CardRow = Schemas['DeckCard']['rows'][number];

/** What the mate reads off at each of the card's speeds: the counter where there is one, its own error counted in. */
export function readings({ counter, settings, running }: CardRow, units: Units): string[] {
    return (counter ?? settings).map((value) =>
        value === null
            ? '—'
            : running.control.kind === 'colours'
              ? Number(value.toFixed(1)).toString()
              : figure(units, 'length', value),
    );
}

export function readingUnit({ running }: CardRow, units: Units): string {
    const unit = measure(units, 'length').unit;
    return { colours: 'colours', cable: `${unit} cable`, above: `${unit} up`, let_out: unit }[running.control.kind];
}

/** Said where the counter is known to be off: what is truly out. */
export function trueWords({ counter, settings }: CardRow, units: Units): string {
    const [shownOn, out] = [counter?.[1], settings[1]];
    return typeof shownOn === 'number' && typeof out === 'number' && Math.abs(shownOn - out) > 0.15
        ? `on the counter; ${shown(units, 'length', out)} true`
        : '';
}
