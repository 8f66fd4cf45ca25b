/** What was done on this device, on its way to the server: kept here until that says it has it, sent in order. */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { v7 } from 'uuid';
import { api, ask, faultsIn, inTime, type Fault, type Schemas } from '../lib/api';

export type NewEvent = Schemas['NewEvent'];
export type Told = Omit<NewEvent, 'uuid' | 'at'> & { at?: string; uuid?: string };

/** The answer to what is asked of a sounding: told again, to be so all the same, or taken back and no more. */
export const answered = (asked: string, again: Told, sure: boolean): Told[] => [
    { kind: 'void', of: asked },
    ...(sure ? [{ ...again, sure }] : []),
];

interface Waiting {
    /** Its place in the queue. */
    number?: number;
    trip: number;
    /** Told together: kept all or none. */
    thing: string;
    event: NewEvent;
    /** Why the server will not have it; it stays here until it is thrown away. */
    refused?: Fault[];
}

interface Kept extends DBSchema {
    events: { key: number; value: Waiting };
}

const BEFORE = 'admek.bites-waiting';

/** A bite and what came of it, as they were kept in one before there were events. */
interface BiteBefore {
    trip: number;
    bite: Omit<NewEvent, 'kind' | 'at'> & { bitten_at: string; outcome: Schemas['Outcome'] };
}

/** What is told is on the disk before it is said to be kept: a battery may be empty the next moment. */
const ON_DISK: IDBTransactionOptions = { durability: 'strict' };
const RETRY_MS = 2500;
/** Not refused for good: not let in just now, asked too often, or a fault of the server's. */
const LATER = [401, 429, 500, 502, 503, 504, 507];

/** What goes in one request: one thing. */
const firstOf = (waiting: Waiting[]): Waiting[] => waiting.filter(({ thing }) => thing === waiting[0]?.thing);

class EventQueue {
    waiting: Waiting[] = $state.raw([]);
    /** What the server asked of events it kept, by their names. */
    readonly #asked = new Map<string, string>();
    readonly #others = new BroadcastChannel('admek.queue');
    readonly #database: Promise<IDBPDatabase<Kept>>;
    /** Sendings follow one another, so that nothing is sent twice at once or passed over. */
    #sending: Promise<void>;
    #retry: ReturnType<typeof setTimeout> | undefined;

    constructor() {
        this.#database = openDB<Kept>('admek', 1, {
            upgrade: (database) => void database.createObjectStore('events', { keyPath: 'number', autoIncrement: true }),
        });
        this.#others.onmessage = () => void this.#read();
        this.#sending = this.#takeOver().then(() => this.#sendAll());
    }

    /** How many are on their way; those that were refused are not. */
    get length(): number {
        return this.waiting.filter(({ refused }) => !refused).length;
    }

    get refused(): Waiting[] {
        return this.waiting.filter(({ refused }) => refused);
    }

    /** An event of now, where no moment is told. */
    event(told: Told): NewEvent {
        return { uuid: v7(), at: new Date().toISOString(), ...told };
    }

    /** Keeps events here and sends them; resolves with what is wrong with them, or with nothing once they are kept somewhere. */
    async tell(trip: number, ...events: NewEvent[]): Promise<Fault[]> {
        try {
            const adding = (await this.#database).transaction('events', 'readwrite', ON_DISK);
            const thing = v7();
            await Promise.all([...events.map((event) => adding.store.add({ trip, thing, event })), adding.done]);
        } catch (error) {
            // A full disk, or a browser that keeps nothing: it stays where it was typed.
            return [{ pointer: '', detail: `Not kept on this device: ${String(error)}` }];
        }
        await this.#changed();
        // It is kept: what is slow to answer is waited for behind it.
        await Promise.race([this.#send(), new Promise((done) => setTimeout(done, RETRY_MS))]);
        const mine = new Set(events.map(({ uuid }) => uuid));
        const refused = this.waiting.filter(({ event, refused }) => refused && mine.has(event.uuid));
        // Who told it is still there to put it right: it does not stay refused in the queue.
        await this.#drop(this.waiting.filter(({ event }) => refused.length > 0 && mine.has(event.uuid)));
        return refused.flatMap((one) => one.refused ?? []);
    }

    /** What is asked of an event that is kept; nothing where it is taken as it was told, or has not been sent yet. */
    askedOf(uuid: string): string | undefined {
        return this.#asked.get(uuid);
    }

    /** Thrown away by whoever reads why it was refused. */
    async forget(one: Waiting): Promise<void> {
        await this.#drop([one]);
    }

    #send(): Promise<void> {
        this.#sending = this.#sending.then(() => this.#sendAll());
        return this.#sending;
    }

    async #sendAll(): Promise<void> {
        for (;;) {
            const next = this.waiting.filter(({ refused }) => !refused);
            const [first] = next;
            if (!first) {
                return;
            }
            const batch = firstOf(next);
            const answer = await ask(
                api.POST('/trips/{trip}/events', {
                    params: { path: { trip: first.trip } },
                    signal: inTime(),
                    body: { sent_at: new Date().toISOString(), events: batch.map(({ event }) => event), whole: batch.length > 1 },
                }),
            );
            if ('silent' in answer || ('problem' in answer && LATER.includes(answer.problem.status))) {
                clearTimeout(this.#retry);
                this.#retry = setTimeout(() => void this.#send(), RETRY_MS);
                return;
            }
            if ('data' in answer) {
                answer.data.asked.forEach(({ uuid, words }) => this.#asked.set(uuid, words));
            }
            const faults = new Map(
                'data' in answer
                    ? answer.data.refused.map(({ index, errors }) => [index, errors])
                    : batch.map((_, index) => [index, faultsIn(answer)]),
            );
            await this.#settle(batch, faults);
        }
    }

    /** What is kept goes; what is refused stays with its reason. */
    async #settle(batch: Waiting[], faults: ReadonlyMap<number, Fault[]>): Promise<void> {
        const settling = (await this.#database).transaction('events', 'readwrite', ON_DISK);
        for (const [index, one] of batch.entries()) {
            const refused = faults.get(index) ?? (faults.size > 0 ? [] : undefined);
            void (refused ? settling.store.put({ ...one, refused }) : settling.store.delete(one.number ?? 0));
        }
        await settling.done;
        await this.#changed();
    }

    async #drop(gone: Waiting[]): Promise<void> {
        if (gone.length === 0) {
            return;
        }
        const dropping = (await this.#database).transaction('events', 'readwrite', ON_DISK);
        for (const { number } of gone) {
            void dropping.store.delete(number ?? 0);
        }
        await dropping.done;
        await this.#changed();
    }

    /** Bites a page from before events left waiting. */
    async #takeOver(): Promise<void> {
        const left = JSON.parse(localStorage.getItem(BEFORE) ?? '[]') as BiteBefore[];
        const adding = (await this.#database).transaction('events', 'readwrite', ON_DISK);
        for (const { trip, bite } of left) {
            const { uuid, bitten_at: at, outcome, species, length, weight, note, ...told } = bite;
            void adding.store.add({ trip, thing: uuid, event: { ...told, uuid, kind: 'bite', at } });
            const ended = { uuid: v7(), kind: outcome, at, of: uuid, species, length, weight, note } as const;
            void adding.store.add({ trip, thing: uuid, event: ended });
        }
        await adding.done;
        localStorage.removeItem(BEFORE);
        await this.#read();
    }

    async #changed(): Promise<void> {
        await this.#read();
        this.#others.postMessage('');
    }

    async #read(): Promise<void> {
        this.waiting = await (await this.#database).getAll('events');
    }
}

export const queue = new EventQueue();
