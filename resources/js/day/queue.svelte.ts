/** What was done on this device, on its way to the server: kept here until that says it has it, sent in order. */
import { v7 } from 'uuid';
import { api, ask, faultsIn, inTime, type Answer, type Fault, type Schemas } from '../lib/api';
import { Shelf, type Waiting } from './shelf';

export type NewEvent = Schemas['NewEvent'];
export type Told = Omit<NewEvent, 'uuid' | 'at'> & { at?: string; uuid?: string };

/** The answer to what is asked of a sounding: told again, to be so all the same, or taken back and no more. */
export const answered = (asked: string, again: Told, sure: boolean): Told[] => [
    { kind: 'void', of: asked },
    ...(sure ? [{ ...again, sure }] : []),
];

const BEFORE = 'admek.bites-waiting';

/** A bite and what came of it, as they were kept in one before there were events. */
interface BiteBefore {
    trip: number;
    bite: Omit<NewEvent, 'kind' | 'at'> & { bitten_at: string; outcome: Schemas['Outcome'] };
}

type Became = Omit<Schemas['EventsTold'], 'version'>;

const RETRY_MS = 2500;
/** Events of one request. */
const MOST = 50;
const GONE = 410;
const TOO_LARGE = 413;
const BROKEN = 500;
/** Where an answer to a whole request names one event of it. */
const NAMED = /^\/events\/(\d+)/;

class EventQueue {
    waiting: Waiting[] = $state.raw([]);
    /** Why what waits has not been sent, as far as it was tried. */
    why: string = $state('');
    /** Why nothing can be kept on this device; nothing as long as it can. */
    unsafe: string = $state('');
    readonly #open: Waiting[] = $derived(this.waiting.filter(({ refused }) => !refused));
    readonly refused: Waiting[] = $derived(this.waiting.filter(({ refused }) => refused));
    /** Told here, and standing nowhere but on this page. */
    readonly loose: number = $derived(this.waiting.filter(({ number }) => number === undefined).length);
    readonly #ofTrips: ReadonlyMap<number, NewEvent[]> = $derived.by(() => {
        const of = new Map<number, NewEvent[]>();
        for (const { trip, event } of this.#open) {
            const events = of.get(trip) ?? [];
            of.set(trip, events);
            events.push(event);
        }
        return of;
    });
    /** What the server asked of events it kept, by their names. */
    readonly #asked = new Map<string, string>();
    readonly #others = new BroadcastChannel('admek.queue');
    readonly #shelf = new Shelf();
    #shelving: Promise<void> = Promise.resolve();
    /** How many events are sent at once: fewer where so many are too much. */
    #most = MOST;
    /** Things the server broke on: what comes after them does not wait for them. */
    readonly #hard = new Set<string>();
    /** Sendings follow one another, so that nothing is sent twice at once or passed over. */
    #sending: Promise<void>;
    #retry: ReturnType<typeof setTimeout> | undefined;

    constructor() {
        // Whoever told it sends it; where that page is gone meanwhile, this one does.
        this.#others.onmessage = () => void this.#read().then(() => this.#retryLater());
        addEventListener('beforeunload', (event) => {
            if (this.loose > 0) {
                event.preventDefault();
            }
        });
        this.#sending = this.#takeOver()
            .then(() => this.#read())
            .then(() => this.#sendAll());
    }

    /** How many are on their way; those that were refused are not. */
    get length(): number {
        return this.#open.length;
    }

    /** Of a trip, and on their way, in the order they were told. */
    of(trip: number): readonly NewEvent[] {
        return this.#ofTrips.get(trip) ?? [];
    }

    /** An event of now, where no moment is told. */
    event(told: Told): NewEvent {
        return { uuid: v7(), at: new Date().toISOString(), ...told };
    }

    /** Keeps events here and sends them; resolves with what is wrong with them, or with nothing where that is not known yet. */
    async tell(trip: number, ...events: NewEvent[]): Promise<Fault[]> {
        await this.#put(events.map((event) => ({ trip, thing: events[0]?.uuid ?? '', event })));
        // It is kept: what is slow to answer is waited for behind it.
        await Promise.race([this.#send(), new Promise((done) => setTimeout(done, RETRY_MS))]);
        const mine = new Set(events.map(({ uuid }) => uuid));
        return this.refused.filter(({ event }) => mine.has(event.uuid)).flatMap((one) => one.refused ?? []);
    }

    /** The same of what stands in a form: refused, it is put right there, and does not wait here. */
    async tellTyped(trip: number, ...events: NewEvent[]): Promise<Fault[]> {
        const faults = await this.tell(trip, ...events);
        const mine = new Set(events.map(({ uuid }) => uuid));
        await this.#change(faults.length > 0 ? this.waiting.filter(({ event }) => mine.has(event.uuid)) : []);
        return faults;
    }

    /** What is asked of an event that is kept; nothing where it is taken as it was told, or has not been sent yet. */
    askedOf(uuid: string): string | undefined {
        return this.#asked.get(uuid);
    }

    /** Thrown away by whoever reads why it was refused, with what was told of it; what else was told with it is sent. */
    async forget(one: Waiting): Promise<void> {
        const gone = this.waiting.filter(({ event }) => event.uuid === one.event.uuid || event.of === one.event.uuid);
        await this.#change(gone, this.#again(this.#thingOf(one).filter((other) => !gone.includes(other))));
        void this.#send();
    }

    /** Sent again with all that was told with it, as it was or as it is put right. */
    async sendAgain(one: Waiting, event = one.event): Promise<Fault[]> {
        const again = this.#again(this.#thingOf(one));
        await this.#change(
            [],
            again.map((other) => (other.event.uuid === one.event.uuid ? { ...other, event } : other)),
        );
        await this.#send();
        return this.refused.find((other) => other.event.uuid === event.uuid)?.refused ?? [];
    }

    #thingOf(one: Waiting): Waiting[] {
        return this.waiting.filter(({ thing }) => thing === one.thing);
    }

    #again(refused: readonly Waiting[]): Waiting[] {
        return refused.map((one) => ({ ...one, refused: undefined }));
    }

    #send(): Promise<void> {
        this.#sending = this.#sending.then(() => this.#sendAll());
        return this.#sending;
    }

    async #sendAll(): Promise<void> {
        clearTimeout(this.#retry);
        this.#hard.clear();
        let why = '';
        for (let batch = this.#next(); batch.length > 0; batch = this.#next()) {
            const answer = await this.#ask(batch);
            const told = this.#toldOf(batch, answer);
            if (told) {
                await this.#settle(batch, told);
                this.#most = Math.min(MOST, 2 * this.#most);
                continue;
            }
            why = faultsIn(answer)[0]?.detail ?? 'The server kept none of it.';
            const things = new Set(batch.map(({ thing }) => thing));
            const status = 'problem' in answer ? answer.problem.status : 0;
            if ((status === TOO_LARGE || status === BROKEN) && things.size > 1) {
                this.#most = Math.ceil(batch.length / 2);
            } else if (status === BROKEN) {
                things.forEach((thing) => this.#hard.add(thing));
            } else {
                break;
            }
        }
        this.why = this.length > 0 ? why : '';
        this.#retryLater();
    }

    #retryLater(): void {
        clearTimeout(this.#retry);
        this.#retry = this.length > 0 ? setTimeout(() => void this.#send(), RETRY_MS) : undefined;
    }

    /** What became of each event, as far as an answer tells; null where it tells of none. Whatever else is wrong, they wait. */
    #toldOf(batch: readonly Waiting[], answer: Answer<Schemas['EventsTold']>): Became | null {
        if ('data' in answer) {
            return answer.data.kept.length + answer.data.refused.length > 0 ? answer.data : null;
        }
        if ('silent' in answer) {
            return null;
        }
        const { status, errors = [] } = answer.problem;
        const refused = byEvent(errors).filter(({ index }) => index < batch.length);
        if (refused.length > 0) {
            return { kept: [], asked: [], refused };
        }
        const alone = new Set(batch.map(({ thing }) => thing)).size === 1;
        const wrong = status === GONE || (status === TOO_LARGE && alone);
        return wrong ? { kept: [], asked: [], refused: batch.map((_, index) => ({ index, errors: faultsIn(answer) })) } : null;
    }

    /** Of one trip, whole things, the earliest first; what the server broke on is left for the next time. */
    #next(): Waiting[] {
        const open = this.#open.filter(({ thing }) => !this.#hard.has(thing));
        const things = new Map<string, Waiting[]>();
        for (const one of open.filter(({ trip }) => trip === open[0]?.trip)) {
            const thing = things.get(one.thing) ?? [];
            things.set(one.thing, thing);
            thing.push(one);
        }
        const batch: Waiting[] = [];
        for (const thing of things.values()) {
            if (batch.length > 0 && batch.length + thing.length > this.#most) {
                break;
            }
            batch.push(...thing);
        }
        return batch;
    }

    #ask(batch: readonly Waiting[]): Promise<Answer<Schemas['EventsTold']>> {
        return ask(
            api.POST('/trips/{trip}/events', {
                params: { path: { trip: batch[0]?.trip ?? 0 } },
                signal: inTime(),
                body: {
                    sent_at: new Date().toISOString(),
                    events: batch.map(({ thing, event }) => ({ ...event, thing })),
                },
            }),
        );
    }

    /** What is kept goes; what is refused stays with its reason; of the rest nothing is known yet. */
    async #settle(batch: readonly Waiting[], told: Became): Promise<void> {
        told.asked.forEach(({ uuid, words }) => this.#asked.set(uuid, words));
        const kept = new Set(told.kept);
        const refused = told.refused.flatMap(({ index, errors }) => {
            const one = batch[index];
            return one ? [{ ...one, refused: errors }] : [];
        });
        await this.#change(
            batch.filter(({ event }) => kept.has(event.uuid)),
            refused,
        );
    }

    /** Adds to what waits: on the disk where that takes it, on this page all the same. */
    async #put(told: Waiting[]): Promise<void> {
        await this.#inTurn(async () => {
            let added = told;
            try {
                added = await this.#shelf.add(told);
                this.unsafe = '';
            } catch (error) {
                this.unsafe = said(error);
            }
            this.waiting = [...this.waiting, ...added];
        });
        this.#others.postMessage('');
    }

    async #change(gone: readonly Waiting[], stays: readonly Waiting[] = []): Promise<void> {
        if (gone.length + stays.length === 0) {
            return;
        }
        const out = new Set(gone.map(({ event }) => event.uuid));
        const now = new Map(stays.map((one) => [one.event.uuid, one]));
        await this.#inTurn(async () => {
            this.waiting = this.waiting.filter(({ event }) => !out.has(event.uuid)).map((one) => now.get(one.event.uuid) ?? one);
            try {
                await this.#shelf.change(gone, stays);
            } catch (error) {
                // What is sent once more from there is kept once all the same.
                this.unsafe = said(error);
            }
        });
        this.#others.postMessage('');
    }

    /** The disk and this page are changed together: what is read meanwhile waits for both. */
    #inTurn(doing: () => Promise<void>): Promise<void> {
        this.#shelving = this.#shelving.then(doing);
        return this.#shelving;
    }

    /** Bites a page from before events left waiting. */
    async #takeOver(): Promise<void> {
        const left = JSON.parse(localStorage.getItem(BEFORE) ?? '[]') as BiteBefore[];
        const told = left.flatMap(({ trip, bite }): Waiting[] => {
            const { uuid, bitten_at: at, outcome, species, length, weight, note, ...more } = bite;
            const ended = { uuid: v7(), kind: outcome, at, of: uuid, species, length, weight, note } as const;
            return [
                { trip, thing: uuid, event: { ...more, uuid, kind: 'bite', at } },
                { trip, thing: uuid, event: ended },
            ];
        });
        try {
            await this.#shelf.add(told);
            localStorage.removeItem(BEFORE);
        } catch (error) {
            this.unsafe = said(error);
        }
    }

    /** What waits on the disk, by whichever page it was told, and what waits on this page alone. */
    async #read(): Promise<void> {
        await this.#inTurn(async () => {
            try {
                const all = await this.#shelf.all();
                this.waiting = [...all, ...this.waiting.filter(({ number }) => number === undefined)];
            } catch (error) {
                this.unsafe = said(error);
            }
        });
    }
}

const said = (error: unknown): string => (error instanceof Error && error.message ? error.message : String(error));

/** Faults of a whole request, each given to the event it names, at its own field. */
function byEvent(faults: readonly Fault[]): Became['refused'] {
    const of = new Map<number, Fault[]>();
    for (const fault of faults.filter(({ pointer }) => NAMED.test(pointer))) {
        const index = Number(NAMED.exec(fault.pointer)?.[1]);
        of.set(index, [...(of.get(index) ?? []), { ...fault, pointer: fault.pointer.replace(NAMED, '') }]);
    }
    return [...of].map(([index, errors]) => ({ index, errors }));
}

export const queue = new EventQueue();
