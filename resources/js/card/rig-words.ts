/** A rig in one line, as the deck card tells it. */
import type { Locker, Schemas, SpreadLine } from '../lib/api';
import { figure, measure, shown, type Units } from '../lib/units';
import { ATTRACTOR } from '../lib/words';

export type CardRow = Schemas['DeckCard']['rows'][number];

export function rigWords(line: SpreadLine, gear: Locker, units: Units): string {
    const part = (list: { id: number; name: string }[], id: number | null | undefined) =>
        list.find((item) => item.id === id)?.name ?? '';
    const length = (metres: number | null | undefined) => shown(units, 'length', metres ?? 0);
    return [
        line.board_id
            ? `${part(gear.boards, line.board_id)} at ${length(line.board_out)}${line.clip_out ? `, clip at ${length(line.clip_out)}` : ''}`
            : '',
        line.ball_mass ? `ball ${shown(units, 'mass', line.ball_mass)}` : line.ball_id ? part(gear.balls, line.ball_id) : '',
        line.diver_id
            ? `${part(gear.divers, line.diver_id)}, dial ${line.dial}${line.dial_side ? ` to ${line.dial_side}` : ''}`
            : '',
        line.weight_mass ? shown(units, 'clipMass', line.weight_mass) : '',
        line.dropper_length ? `dropper ${shown(units, 'fineLength', line.dropper_length)}` : '',
        line.presentation === 'segment' ? `${Number((line.colours ?? 0).toFixed(1))} colours spliced in` : '',
        line.attractor ? ATTRACTOR[line.attractor] : '',
        line.lead ? `lead ${length(line.lead)}` : '',
        line.backing ? `backing ${length(line.backing)}` : '',
        line.leader_length ? `${length(line.leader_length)} ${line.leader_material} ${line.leader_test} lb` : '',
        part(gear.reels, line.reel_id),
    ]
        .filter(Boolean)
        .join(' · ');
}

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
