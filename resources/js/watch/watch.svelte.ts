/** The day as it stands, read as often as there is something new, with what was told on this device and waits laid over it. */
import { aboard } from '../lib/aboard.svelte';
import { api, inTime, type Fault, type Schemas } from '../lib/api';
import { longAgo } from '../lib/words';
import { queue, type NewEvent, type Told } from '../day/queue.svelte';
import { Changes, type Change } from './changes.svelte';
import { actOf, stateOf, type Act, type Kind, type Rod } from './states';

/** Where the server does not say. */
const EVERY_MS = 2000;
const UNDO_MS = 10_000;

export class Watch {
    now: Schemas['Watch'] | null = $state.raw(null);
    /** Whether depths are by the default figures, whatever soundings have taught. */
    untrued: boolean = $state(false);
    /** Code of the rod that is looked at. */
    chosen: string | null = $state(null);
    said: string = $state('');
    /** The server's clock, ticking. */
    clock: number = $state(Date.now());
    /** What was just told and may be undone. */
    last: { uuids: string[]; words: string } | null = $state.raw(null);
    readonly changes: Changes;
    /** Told here and not read back yet. */
    #told: NewEvent[] = $state.raw([]);
    /** Those of them whose telling is over. */
    readonly #sent = new Set<NewEvent>();
    /** Questions asked and answered. */
    #asked = 0;
    #read = 0;
    #ahead = 0;
    /** Brought with the next look. */
    #stamp: string | null = null;
    /** ms to the next look. */
    #again = EVERY_MS;
    #undo: ReturnType<typeof setTimeout> | undefined;

    constructor(readonly trip: number) {
        this.changes = new Changes(trip);
    }

    /** Reads while it is looked at. */
    follow(): () => void {
        let reading: ReturnType<typeof setTimeout> | undefined;
        let over = false;
        // One at a time: over a slow network each would outdate the one before.
        const look = async (): Promise<void> => {
            clearTimeout(reading);
            if (document.visibilityState === 'visible' && this.#read === this.#asked) {
                await this.read();
            }
            clearTimeout(reading);
            reading = over ? undefined : setTimeout(() => void look(), this.#again);
        };
        const unfollow = this.changes.follow();
        const ticking = setInterval(() => (this.clock = Date.now() + this.#ahead), 1000);
        const seen = () => void look();
        document.addEventListener('visibilitychange', seen);
        void look();
        return () => {
            over = true;
            clearTimeout(reading);
            clearInterval(ticking);
            unfollow();
            document.removeEventListener('visibilitychange', seen);
        };
    }

    async read(): Promise<void> {
        const mine = ++this.#asked;
        const sent = [...this.#sent];
        const known = this.now ? { known: this.now.version, ...(this.#stamp ? { stamp: this.#stamp } : {}) } : {};
        const query = { ...known, ...(this.untrued ? { untrued: '1' as const } : {}) };
        const { data, response } = await api
            .GET('/trips/{trip}/watch', {
                params: { path: { trip: this.trip }, query },
                signal: inTime(),
            })
            .catch(() => ({ data: undefined, response: undefined }));
        this.#read = Math.max(this.#read, mine);
        this.#again = Number(response?.headers.get('Admek-Again') ?? EVERY_MS);
        // An answer from before another question says what was.
        if (mine !== this.#asked) {
            return;
        }
        if (response?.ok) {
            this.#stamp = response.headers.get('Admek-Stamp');
            this.#forget(sent);
        }
        if (data) {
            this.now = data;
            this.#ahead = new Date(data.now).getTime() - Date.now();
        }
        this.said = response?.ok ? '' : 'The server is not answering: what is told is kept here.';
    }

    async showUntrued(on: boolean): Promise<void> {
        this.untrued = on;
        this.#stamp = null;
        await this.read();
    }

    async answer({ key }: Change, answer: 'taken' | 'refused'): Promise<void> {
        this.changes.answered(key);
        const faults = await this.sayTyped('', { kind: 'answer', key, answer });
        if (faults.length > 0) {
            this.changes.unanswered(key);
        }
    }

    get rods(): Rod[] {
        return this.#rods;
    }

    /** Of the water, with what was just told of it. */
    get signs(): Schemas['WaterSigns'] {
        const told = this.#waiting.filter(({ kind }) => kind === 'signs');
        return told.reduce<Schemas['WaterSigns']>((signs, more) => ({ ...signs, ...more }), this.now?.signs ?? {});
    }

    get rod(): Rod | undefined {
        return this.rods.find(({ holder }) => holder === this.chosen);
    }

    /** Lines that come in with all others; one with a fish on comes in with its fish. */
    get comeIn(): Rod[] {
        return this.rods.filter((rod) => this.takes(rod).some(({ kind }) => kind === 'in'));
    }

    /** Whether lines fished today and all are in. */
    get allIn(): boolean {
        return (this.now?.fished ?? false) && this.rods.every(({ state }) => state === 'in_boat');
    }

    /** All lines in, told as one. */
    async bringIn(): Promise<Fault[]> {
        return await this.say('all lines in', ...this.comeIn.map(({ holder_id }): Told => ({ kind: 'in', holder_id })));
    }

    /** A rod as it was planned, and by the plan from then on. */
    async asPlanned(rod: Rod): Promise<Fault[]> {
        const { holder_id, as_planned: line } = rod;
        return line ? await this.say(`${rod.holder} as planned`, { kind: 'as_planned', holder_id, line }) : [];
    }

    /** The rod that is set next. */
    get next(): Rod | undefined {
        return this.rods.filter(({ state }) => state === 'in_boat').sort((a, b) => a.turn - b.turn)[0];
    }

    /** What is told of a rod as it stands, the likeliest first. */
    takes(rod: Rod): Act[] {
        return stateOf(rod)?.takes ?? [];
    }

    /** Until it is to be looked at. */
    minutes({ due }: Rod): number {
        return due === null ? Infinity : Math.ceil((new Date(due).getTime() - this.clock) / 60_000);
    }

    /** How long ago a figure was heard, that is heard no more. */
    age({ age }: Schemas['Reading']): string {
        return `${longAgo(age + (this.clock - new Date(this.now?.now ?? this.clock).getTime()) / 1000)} ago`;
    }

    waits(rod: Rod): boolean {
        const queued = new Set(queue.of(this.trip));
        return (this.#ofRods.get(rod.holder_id) ?? []).some((event) => queued.has(event));
    }

    /** Tells what happened to a rod, or to its fish. */
    async tell(rod: Rod, kind: Kind, more: Partial<NewEvent> = {}): Promise<Fault[]> {
        return await this.say(this.#wordsOf(rod, kind), this.#event(rod, kind, more));
    }

    /** The same of what stands in a form, which is put right there where it is refused. */
    async tellTyped(rod: Rod, kind: Kind, more: Partial<NewEvent>): Promise<Fault[]> {
        return await this.sayTyped(this.#wordsOf(rod, kind), this.#event(rod, kind, more));
    }

    async say(words: string, ...told: Told[]): Promise<Fault[]> {
        return await this.#say(words, told, (...events) => queue.tell(this.trip, ...events));
    }

    async sayTyped(words: string, ...told: Told[]): Promise<Fault[]> {
        return await this.#say(words, told, (...events) => queue.tellTyped(this.trip, ...events));
    }

    #wordsOf(rod: Rod, kind: Kind): string {
        return `${rod.holder} ${actOf(kind)?.order.toLowerCase() ?? kind}`;
    }

    async #say(words: string, told: Told[], tell: (...events: NewEvent[]) => Promise<Fault[]>): Promise<Fault[]> {
        const events = told.map((one) => queue.event(one));
        const undoable = !told.some(({ kind }) => kind === 'void' || kind === 'answer');
        this.last = undoable ? { uuids: events.map(({ uuid }) => uuid), words } : null;
        clearTimeout(this.#undo);
        this.#undo = setTimeout(() => (this.last = null), UNDO_MS);
        this.#told = [...this.#told, ...events];
        const faults = await tell(...events);
        events.forEach((event) => (faults.length > 0 ? this.#forget([event]) : this.#sent.add(event)));
        await this.read();
        void this.changes.read();
        this.said = faults[0]?.detail ?? this.said;
        this.last = faults.length > 0 ? null : this.last;
        return faults;
    }

    #forget(events: NewEvent[]): void {
        this.#told = this.#told.filter((event) => !events.includes(event));
        events.forEach((event) => this.#sent.delete(event));
    }

    async undo(): Promise<void> {
        const { last } = this;
        if (last) {
            await this.say('', ...last.uuids.map((of): Told => ({ kind: 'void', of })));
        }
    }

    #event(rod: Rod, kind: Kind, more: Partial<NewEvent>): Told {
        const spread = aboard.trips.find(({ id }) => id === this.trip)?.spreads[0]?.id;
        if (kind === 'bite') {
            return {
                kind,
                holder_id: rod.holder_id,
                lines: this.#inWater(rod),
                speed: this.now?.speed ?? 0,
                spread_id: spread ?? null,
            };
        }
        if (actOf(kind)?.of_bite) {
            return { kind, ...(rod.bite ? { of: rod.bite } : {}), ...more };
        }
        return { kind, holder_id: rod.holder_id, ...(kind === 'out' ? { line: rod.line } : {}), ...more };
    }

    /** Lines that fish, with what they ride on. */
    #inWater(bitten: Rod): Schemas['SpreadLine'][] {
        const { rods } = this;
        const out = rods.filter((rod) => rod.state !== 'in_boat' || rod.holder === bitten.holder);
        const hosts = new Set(out.map(({ line }) => line.rides_on));
        return rods.filter((rod) => out.includes(rod) || hosts.has(rod.holder_id)).map(({ line }) => line);
    }

    /** What this device knows and the server's answer does not tell yet, as it was told. */
    readonly #waiting: NewEvent[] = $derived.by(() => {
        const queued = queue.of(this.trip);
        const here = new Set(queued.map(({ uuid }) => uuid));
        const all = [...queued, ...this.#told.filter(({ uuid }) => !here.has(uuid))];
        const back = new Set(all.filter(({ kind }) => kind === 'void').map(({ of }) => of));
        // Names made on one device sort as they were told.
        return all.filter(({ uuid, kind }) => kind !== 'void' && !back.has(uuid)).sort((a, b) => (a.uuid < b.uuid ? -1 : 1));
    });

    /** Of each rod, by its holder: its own, and what is of its bites. */
    readonly #ofRods: ReadonlyMap<number, NewEvent[]> = $derived.by(() => {
        const bites = new Map<string, number>();
        for (const { bite, holder_id } of this.now?.rods ?? []) {
            if (bite) {
                bites.set(bite, holder_id);
            }
        }
        const of = new Map<number, NewEvent[]>();
        for (const event of this.#waiting) {
            const holder = event.holder_id ?? bites.get(event.of ?? '');
            if (holder === undefined) {
                continue;
            }
            if (event.kind === 'bite') {
                bites.set(event.uuid, holder);
            }
            const events = of.get(holder) ?? [];
            of.set(holder, events);
            events.push(event);
        }
        return of;
    });

    readonly #rods: Rod[] = $derived((this.now?.rods ?? []).map((rod) => this.#withWaiting(rod)));

    /** As it stands once what waits is kept. */
    #withWaiting(rod: Rod): Rod {
        let now = rod;
        for (const event of this.#ofRods.get(rod.holder_id) ?? []) {
            const leaves = actOf(event.kind)?.leaves;
            now = {
                ...now,
                ...(leaves ? { state: leaves, since: event.at } : {}),
                ...(event.kind === 'bite' ? { bite: event.uuid } : {}),
                ...(event.line ? { line: event.line } : {}),
            };
        }
        return now;
    }
}
