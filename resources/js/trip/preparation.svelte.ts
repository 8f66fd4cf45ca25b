/** A trip's preparation as the server reckons it, asked anew each minute and after every change. */
import { aboard } from '../lib/aboard.svelte';
import { api, ask, faultsIn, type Answer, type Fault, type Schemas } from '../lib/api';

const EVERY_MS = 60_000;

/** This device's clock, which is the port's where the boat is. */
function wallClock(now: Date = new Date()): string {
    const two = (n: number) => String(n).padStart(2, '0');
    return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}T${two(now.getHours())}:${two(now.getMinutes())}`;
}

type Preparation = Schemas['Preparation'];

export class PreparationDesk {
    data: Preparation | null = $state.raw(null);
    said: string = $state('Reckoning…');
    readonly #timer: ReturnType<typeof setInterval>;

    constructor(readonly tripId: number) {
        void this.read();
        this.#timer = setInterval(() => void this.read(), EVERY_MS);
    }

    close(): void {
        clearInterval(this.#timer);
    }

    async read(): Promise<void> {
        await this.#take(ask(api.GET('/trips/{trip}/preparation', this.#at())));
    }

    change(key: string, body: Schemas['ChoreChange']): Promise<Fault[]> {
        return this.#take(ask(api.PUT('/trips/{trip}/chores/{key}', { ...this.#keyed(key), body })));
    }

    add(body: Schemas['NewChore']): Promise<Fault[]> {
        return this.#take(ask(api.POST('/trips/{trip}/chores', { ...this.#at(), body })));
    }

    forget(key: string): Promise<Fault[]> {
        return this.#take(ask(api.DELETE('/trips/{trip}/chores/{key}', this.#keyed(key))));
    }

    /** What is wrong with it stands beside its own field. */
    async count(item: string, amount: number): Promise<Fault[]> {
        const answer = ask(api.PUT('/trips/{trip}/stores', { ...this.#at(), body: { aboard: { [item]: amount } } }));
        const faults = await this.#take(answer);
        this.said = faults[0]?.pointer ? '' : this.said;
        return faults;
    }

    typeForecast(body: Schemas['NewForecast']): Promise<Fault[]> {
        return this.#take(ask(api.PUT('/trips/{trip}/forecast', { ...this.#at(), body })));
    }

    readForecast(text: string, source: string | null): Promise<Fault[]> {
        return this.#take(ask(api.POST('/trips/{trip}/forecast/file', { ...this.#at(), body: { text, source } })));
    }

    fetchForecast(key: string): Promise<Fault[]> {
        return this.#take(ask(api.POST('/trips/{trip}/forecast/fetched/{key}', this.#keyed(key))));
    }

    /** The trip's own details have changed: what follows from them is asked anew. */
    async tripChanged(): Promise<void> {
        await Promise.all([aboard.readTrips(), this.read()]);
    }

    #at() {
        return { params: { path: { trip: this.tripId }, query: { now: wallClock() } } };
    }

    #keyed(key: string) {
        return { params: { path: { trip: this.tripId, key }, query: { now: wallClock() } } };
    }

    /** What the answer says is wrong; nothing where it was taken. */
    async #take(answering: Promise<Answer<Preparation>>): Promise<Fault[]> {
        const answer = await answering;
        if ('data' in answer) {
            this.data = answer.data;
        }
        const faults = faultsIn(answer);
        this.said = faults[0]?.detail ?? '';
        return faults;
    }
}
