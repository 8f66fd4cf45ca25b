/** A line's control, and the speed, moved by the steps and limits the server tells. */
import type { Boat, RunningLine, SpreadLine } from '../lib/api';
import { theCatalogue } from '../lib/catalogue';

type Control = RunningLine['control'];

/** What a line's figures become when its control is set. */
export function settingOf(control: Control, value: number): Partial<SpreadLine> {
    const emptied = control.emptied && value < control.most ? { [control.emptied]: 0 } : {};
    return { [control.figure]: value, ...emptied, aim: null };
}

/** The control `by` natural steps on. Down is deeper: a release is brought nearer its ball. */
export function stepped(control: Control, now: number, by: number, units: Boat['units']): number {
    const size = units === 'metric' ? control.metric_step : control.step;
    const towards = control.deepens ? by : -by;
    return Math.min(control.most, Math.max(control.least, Math.round((now + towards * size) / size) * size));
}

/** m/s of one step of the speed. */
export function speedStep(units: Boat['units']): number {
    const { step, metric_step } = theCatalogue().speed;
    return units === 'metric' ? metric_step : step;
}

export function steppedSpeed(now: number, steps: number, units: Boat['units']): number {
    const { least, most } = theCatalogue().speed;
    return Math.min(most, Math.max(least, now + steps * speedStep(units)));
}
