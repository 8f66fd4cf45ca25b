/** A trip's water as the server reads it; after each change, what it changed. */
import { aboard } from '../lib/aboard.svelte';
import { api, ask, faultsIn, type Answer, type Fault, type Schemas } from '../lib/api';

export type Reading = Schemas['WaterReading'];
export type Advice = Schemas['Advice'];

export class WaterDesk {
    data: Reading | null = $state.raw(null);
    said: string = $state('Reading…');
    /** What the last change altered, as it read before, by key of advice or species of band. */
    was: ReadonlyMap<string, string> = $state.raw(new Map());
    /** Row of the schedule that is looked at. */
    hour: number = $state(0);

    constructor(readonly tripId: number) {
        void this.read();
    }

    async read(against?: number): Promise<void> {
        await this.#take(
            ask(api.GET('/trips/{trip}/water', { params: { path: { trip: this.tripId }, query: against ? { against } : {} } })),
        );
    }

    note(body: Schemas['WaterSigns']): Promise<Fault[]> {
        return this.#take(ask(api.PUT('/trips/{trip}/water/signs', { ...this.#at, body })));
    }

    mark(body: Schemas['NewMark']): Promise<Fault[]> {
        return this.#take(ask(api.POST('/trips/{trip}/water/marks', { ...this.#at, body })));
    }

    unmark(mark: number): Promise<Fault[]> {
        return this.#take(ask(api.DELETE('/trips/{trip}/water/marks/{mark}', { params: { path: { trip: this.tripId, mark } } })));
    }

    choose(body: Schemas['WaterChoice']): Promise<Fault[]> {
        return this.#take(ask(api.PUT('/trips/{trip}/water/choices', { ...this.#at, body })));
    }

    async keepTemperatures(body: Schemas['NewTemperatures']): Promise<Fault[]> {
        const faults = await this.#take(ask(api.PUT('/trips/{trip}/water/temperatures', { ...this.#at, body })));
        await aboard.readTrips();
        return faults;
    }

    /** The bands of the hour looked at, to the planning table. */
    async send(): Promise<boolean> {
        const bands = this.data?.schedule[this.hour]?.bands;
        if (!bands) {
            return false;
        }
        const answer = await ask(api.PUT('/trips/{trip}/bands', { ...this.#at, body: { bands } }));
        this.said = faultsIn(answer)[0]?.detail ?? '';
        await aboard.readTrips();
        return 'data' in answer;
    }

    get #at() {
        return { params: { path: { trip: this.tripId } } };
    }

    async #take(answering: Promise<Answer<Reading>>): Promise<Fault[]> {
        const answer = await answering;
        if ('data' in answer) {
            if (this.data) {
                this.was = altered(this.data, answer.data);
            }
            this.data = answer.data;
        }
        const faults = faultsIn(answer);
        this.said = faults[0]?.detail ?? '';
        return faults;
    }
}

function altered(before: Reading, after: Reading): Map<string, string> {
    const old = new Map([
        ...before.advice.map(({ key, answer }): [string, string] => [key, answer]),
        ...before.bands.map(({ species, why }): [string, string] => [species, why]),
    ]);
    const now: [string, string][] = [
        ...after.advice.map(({ key, answer }): [string, string] => [key, answer]),
        ...after.bands.map(({ species, why }): [string, string] => [species, why]),
    ];
    return new Map(now.flatMap(([key, text]) => (old.get(key) === text ? [] : [[key, old.get(key) ?? 'nothing']])));
}

/** °C at a depth, between readings along a straight line; below the last as the last. */
export function temperatureAt(readings: readonly Schemas['Temperature'][], depth: number): number | null {
    const next = readings.findIndex((each) => each.depth >= depth);
    const [before, after] = [readings[next - 1], readings[next]];
    if (!after) {
        return readings.at(-1)?.celsius ?? null;
    }
    return before
        ? before.celsius + ((depth - before.depth) / (after.depth - before.depth)) * (after.celsius - before.celsius)
        : after.celsius;
}
