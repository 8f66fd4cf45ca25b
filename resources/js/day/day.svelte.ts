/** A trip's day as the server derives it from its events, and what is told here on top of it. */
import { api, ask, type Fault, type Schemas } from '../lib/api';
import { queue, type NewEvent } from './queue.svelte';

export type Day = Schemas['Day'];

export class TripDay {
    day: Day | null = $state.raw(null);
    said = $state('');
    #asked = 0;

    constructor(readonly trip: number) {}

    async read(): Promise<void> {
        const mine = ++this.#asked;
        const answer = await ask(api.GET('/trips/{trip}/day', { params: { path: { trip: this.trip } } }));
        if (mine === this.#asked) {
            this.said = 'data' in answer ? '' : 'problem' in answer ? answer.problem.detail : 'The server is not answering.';
            this.day = 'data' in answer ? answer.data : this.day;
        }
    }

    /** Whether a rod's line is in the water, what waits counted in. */
    isOut(holderId: number, code: string): boolean {
        const last = queue
            .of(this.trip)
            .findLast(({ kind, holder_id }) => holder_id === holderId && (kind === 'out' || kind === 'in'));
        const now = this.day?.lines.find(({ holder }) => holder === code);
        return last ? last.kind === 'out' : now !== undefined && now.state !== 'in_boat';
    }

    /** Tells what happened, and reads the day anew. */
    async tell(...events: NewEvent[]): Promise<Fault[]> {
        return await this.#after(queue.tell(this.trip, ...events));
    }

    /** The same of what stands in a form, which is put right there where it is refused. */
    async tellTyped(...events: NewEvent[]): Promise<Fault[]> {
        return await this.#after(queue.tellTyped(this.trip, ...events));
    }

    async #after(telling: Promise<Fault[]>): Promise<Fault[]> {
        const faults = await telling;
        await this.read();
        this.said = faults[0]?.detail ?? this.said;
        return faults;
    }
}
