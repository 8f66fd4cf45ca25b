/**
 * A manoeuvre tried with the spread on the desk: asked for, its beginning first so that something moves at once, and played.
 * The server tells frames; what lies between two of them is drawn straight.
 */
import { v7 } from 'uuid';
import { api, ask, faultsIn, type Fault, type RunningLine, type Schemas } from '../lib/api';
import { theCatalogue } from '../lib/catalogue';
import { Played } from './played.svelte';

type Told = Schemas['InTime'];
type Frame = Schemas['LineFrame'];
type Kind = Schemas['ManoeuvreKind'];
type Question = Omit<Schemas['ManoeuvreQuestion'], 'manoeuvre' | 'question'>;

/** A hand that changed something this lately is still moving. */
const MOVING_MS = 180;

/** s asked for first. */
const AT_ONCE = 8;

export class InTime extends Played {
    kind: Kind = $state('turn');
    side: Schemas['Side'] = $state('starboard');
    /** SI, by key; those the captain changed. */
    figures: Record<string, number | null> = $state.raw({});
    told: Told | null = $state.raw(null);
    faults: Fault[] = $state.raw([]);
    asking: boolean = $state(false);
    gentlest: Schemas['GentlestTurn'] | 'asking' | null = $state.raw(null);

    #timer: ReturnType<typeof setTimeout> | undefined;
    #calls = new AbortController();
    /** By which the server knows what is no longer waited for. */
    readonly #asked = { screen: v7(), number: 0 };

    constructor(
        private readonly spreadId: number,
        private readonly plan: () => Question,
    ) {
        super();
        void this.#ask();
    }

    get entry(): Schemas['Catalogue']['manoeuvres'][number] {
        const entry = theCatalogue().manoeuvres.find(({ kind }) => kind === this.kind);
        if (!entry) {
            throw new Error(`Nothing tells of ${this.kind}.`);
        }
        return entry;
    }

    /** Her way up to now in her own frame of the moment, m aft and to starboard, the nearest first. */
    get wake(): number[][] {
        const { boat } = this.told ?? { boat: [] };
        const now = this.boat;
        const first = boat[0];
        if (!now || !first) {
            return [];
        }
        const heading = (now.heading * Math.PI) / 180;
        const seen = (north: number, east: number) => {
            const [n, e] = [north - now.north, east - now.east];
            return [-n * Math.cos(heading) - e * Math.sin(heading), -n * Math.sin(heading) + e * Math.cos(heading)];
        };
        const begun = (first.heading * Math.PI) / 180;
        const FAR = 400;
        return [
            [0, 0],
            ...boat
                .slice(0, this.place[0] + 1)
                .reverse()
                .map(({ north, east }) => seen(north, east)),
            seen(first.north - FAR * Math.cos(begun), first.east - FAR * Math.sin(begun)),
        ];
    }

    /** What of it is happening at the moment that is shown. */
    get now(): Told['happenings'] {
        const [i] = this.place;
        const [from, to] = [this.times[i] ?? 0, this.times[i + 1] ?? Infinity];
        return (this.told?.happenings ?? []).filter(({ worst }) => worst >= from && (worst < to || worst === this.at));
    }

    /** The lines where they are at the moment that is shown; without a doubt, which is told at rest. */
    linesOf(running: ReadonlyMap<string, RunningLine>): ReadonlyMap<string, RunningLine> | null {
        if (!this.told) {
            return null;
        }
        const moved = new Map<string, RunningLine>();
        for (const { holder, frame } of this.lines) {
            const line = running.get(holder);
            if (line) {
                moved.set(holder, drawn(line, frame));
            }
        }
        return moved;
    }

    /** Lines as far out, back and down as they come to: what the views' scales have to hold. */
    widest(running: ReadonlyMap<string, RunningLine>): RunningLine[] {
        const SOME = 4;
        return (this.told?.lines ?? []).flatMap(({ holder, frames }) => {
            const line = running.get(holder);
            return line ? frames.filter((_, i) => i % SOME === 0).map((frame) => drawn(line, frame)) : [];
        });
    }

    choose(kind: Kind): void {
        this.kind = kind;
        this.figures = {};
        this.#anew();
    }

    toward(side: Schemas['Side']): void {
        this.side = side;
        this.#anew();
    }

    set(key: string, value: number | null): void {
        this.figures = { ...this.figures, [key]: value };
        this.#anew();
    }

    /** At so many degrees a second, whatever radius was told. */
    turnAt(rate: number): void {
        this.figures = { ...this.figures, rate, radius: null };
        this.#anew();
    }

    /** Asks again once the hand rests: what was asked for is no longer wanted. */
    askSoon(): void {
        clearTimeout(this.#timer);
        this.#leave();
        this.gentlest = null;
        this.#timer = setTimeout(() => void this.#ask(), MOVING_MS);
    }

    async askGentlest(): Promise<void> {
        this.gentlest = 'asking';
        const { signal } = this.#calls;
        const answer = await ask(
            api.POST('/spreads/{spread}/manoeuvre/gentlest', {
                params: { path: { spread: this.spreadId } },
                body: this.#question(),
                signal,
            }),
        );
        if (!signal.aborted) {
            this.gentlest = 'data' in answer ? answer.data : null;
            this.faults = faultsIn(answer);
        }
    }

    close(): void {
        clearTimeout(this.#timer);
        this.stop();
        this.#leave();
    }

    /** What was asked for is not waited for, and need not be worked out to its end. */
    #leave(): void {
        const waits = !this.#calls.signal.aborted && (this.asking || this.gentlest === 'asking');
        this.#calls.abort();
        if (waits) {
            const left = { params: { path: { spread: this.spreadId } }, body: this.#asked };
            void ask(api.POST('/spreads/{spread}/manoeuvre/left', left));
        }
    }

    #anew(): void {
        this.scrub(0);
        this.askSoon();
    }

    #question(): Schemas['ManoeuvreQuestion'] {
        return { ...this.plan(), question: this.#asked, manoeuvre: { kind: this.kind, side: this.side, figures: this.figures } };
    }

    async #ask(): Promise<void> {
        this.#calls = new AbortController();
        const { signal } = this.#calls;
        this.#asked.number++;
        const question = this.#question();
        this.asking = true;
        for (const until of [AT_ONCE, null]) {
            const answer = await ask(
                api.POST('/spreads/{spread}/manoeuvre', {
                    params: { path: { spread: this.spreadId } },
                    body: { ...question, until },
                    signal,
                }),
            );
            if (signal.aborted) {
                return;
            }
            this.faults = faultsIn(answer);
            if (!('data' in answer)) {
                break;
            }
            this.told = answer.data;
            this.at = Math.min(this.at, this.lasts);
            if (answer.data.whole) {
                break;
            }
        }
        this.asking = false;
    }
}

function drawn(line: RunningLine, frame: Frame): RunningLine {
    return { ...line, ...frame, doubt: null, doubts: [], surfaced: [] };
}
