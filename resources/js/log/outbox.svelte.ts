/** Bites on their way to the server: kept on this device until it says it has them, sent once. */
import { api, ask, type Fault, type NewBite } from '../lib/api';

interface Waiting {
    trip: number;
    bite: NewBite;
}

const KEPT_AS = 'admek.bites-waiting';
const RETRY_MS = 2500;
/** Not refused for good: not let in just now, asked too often, or a fault of the server's. */
const LATER = [401, 429, 500, 502, 503, 504, 507];

/** Read afresh at each change: another tab may have put a bite in since. */
function kept(): Waiting[] {
    try {
        return JSON.parse(localStorage.getItem(KEPT_AS) ?? '[]') as Waiting[];
    } catch {
        return [];
    }
}

class Outbox {
    waiting: Waiting[] = $state.raw(kept());
    /** Sendings follow one another, so that no bite is sent twice at once or passed over. */
    #sending: Promise<Fault[]> = Promise.resolve([]);

    constructor() {
        addEventListener('storage', () => (this.waiting = kept()));
        void this.#send();
    }

    /** Logs a bite; resolves with what is wrong with it, or with nothing once it is kept here or there. */
    async log(trip: number, bite: NewBite): Promise<Fault[]> {
        this.#keep([...kept(), { trip, bite }]);
        return this.#send(bite.uuid);
    }

    #send(mine?: string): Promise<Fault[]> {
        this.#sending = this.#sending.then(() => this.#sendAll(mine));
        return this.#sending;
    }

    /** Sends what waits, oldest first. A refused bite is taken back out for its form to be mended. */
    async #sendAll(mine?: string): Promise<Fault[]> {
        let faults: Fault[] = [];
        for (const { trip, bite } of kept()) {
            const answer = await ask(api.POST('/trips/{trip}/bites', { params: { path: { trip } }, body: bite }));
            if ('silent' in answer || ('problem' in answer && LATER.some((status) => answer.problem.status === status))) {
                setTimeout(() => void this.#send(), RETRY_MS);
                break;
            }
            if ('problem' in answer && bite.uuid !== mine) {
                // Accepted here earlier and refused now: it stays on this device and on the screen.
                continue;
            }
            if ('problem' in answer) {
                faults = answer.problem.errors ?? [{ pointer: '', detail: answer.problem.detail }];
            }
            this.#keep(kept().filter((other) => other.bite.uuid !== bite.uuid));
        }
        return faults;
    }

    #keep(waiting: Waiting[]): void {
        localStorage.setItem(KEPT_AS, JSON.stringify(waiting));
        this.waiting = waiting;
    }
}

export const outbox = new Outbox();
