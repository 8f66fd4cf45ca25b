/** Bites on their way to the server: kept on this device until it says it has them, sent once. */
import { api, ask, type Fault, type NewBite } from './api';

interface Waiting {
    trip: number;
    bite: NewBite;
}

const KEPT_AS = 'admek.bites-waiting';
const RETRY_MS = 2500;

function kept(): Waiting[] {
    try {
        return JSON.parse(localStorage.getItem(KEPT_AS) ?? '[]') as Waiting[];
    } catch {
        return [];
    }
}

class Outbox {
    waiting: Waiting[] = $state.raw(kept());
    #sending = false;

    constructor() {
        void this.send();
    }

    /** Logs a bite; resolves with what is wrong with it, or with nothing once it is kept here or there. */
    async log(trip: number, bite: NewBite): Promise<Fault[]> {
        this.#keep([...this.waiting, { trip, bite }]);
        return this.send(bite.uuid);
    }

    /** Sends what waits, oldest first. A refused bite is taken back out, so that its form can be mended. */
    async send(mine?: string): Promise<Fault[]> {
        if (this.#sending) {
            return [];
        }
        this.#sending = true;
        let faults: Fault[] = [];
        for (const { trip, bite } of this.waiting) {
            const answer = await ask(api.POST('/trips/{trip}/bites', { params: { path: { trip } }, body: bite }));
            if ('silent' in answer || ('problem' in answer && answer.problem.status >= 500)) {
                setTimeout(() => void this.send(), RETRY_MS);
                break;
            }
            if ('problem' in answer && bite.uuid !== mine) {
                // Accepted here earlier and refused now: it stays on this device and on the screen.
                continue;
            }
            if ('problem' in answer) {
                faults = answer.problem.errors ?? [{ pointer: '', detail: answer.problem.detail }];
            }
            this.#keep(this.waiting.filter((other) => other.bite.uuid !== bite.uuid));
        }
        this.#sending = false;
        return faults;
    }

    #keep(waiting: Waiting[]): void {
        this.waiting = waiting;
        localStorage.setItem(KEPT_AS, JSON.stringify(waiting));
    }
}

export const outbox = new Outbox();
