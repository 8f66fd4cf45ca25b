/** A rail being laid out: holders as they stand, the chosen one, and every step back. */
import { api, ask, faultsIn, type Fault, type Schemas } from '../lib/api';
import { theCatalogue } from '../lib/catalogue';
import type { Units } from '../lib/units';

export type RailHolder = Schemas['RailHolder'];

/** A holder as it is sent: its place follows from where it stands. */
const sent = ({ id, code, side, kind, aft, starboard, height, counter_calibrated, counter_factor }: RailHolder): RailHolder => ({
    id: id ?? null,
    code,
    side,
    kind,
    aft,
    starboard,
    height,
    ...(counter_calibrated === undefined ? {} : { counter_calibrated }),
    ...(counter_factor === undefined ? {} : { counter_factor }),
});

interface Laid {
    length: number;
    beam: number;
    holders: RailHolder[];
}

export class RailDesk {
    length: number = $state(0);
    beam: number = $state(0);
    holders: RailHolder[] = $state.raw([]);
    /** Index of the one that is looked at. */
    chosen: number = $state(0);
    remarks: string[] = $state.raw([]);
    faults: Fault[] = $state.raw([]);
    #past: Laid[] = $state.raw([]);
    #asked = 0;
    /** A side that is to be mirrored, until an answer brings it: a later look asks for it too. */
    #mirror: Schemas['Side'] | null = null;

    constructor(
        laid: Laid,
        readonly units: () => Units,
    ) {
        this.length = laid.length;
        this.beam = laid.beam;
        this.holders = laid.holders.map(sent);
    }

    get holder(): RailHolder | undefined {
        return this.holders[this.chosen];
    }

    get step(): number {
        const { step, metric_step } = theCatalogue().hull;
        return this.units() === 'us' ? step : metric_step;
    }

    get changed(): boolean {
        return this.#past.length > 0;
    }

    /** What stands now is kept: there is nothing to go back to. */
    settled(): void {
        this.#past = [];
    }

    set(figures: Partial<RailHolder>, index = this.chosen): void {
        this.#remember();
        this.#move(figures, index);
    }

    /** While a hand drags: one step back for all of it. */
    dragged(figures: Partial<RailHolder>, index: number): void {
        this.#move(figures, index);
    }

    /** A hand takes hold of a holder. */
    grab(index: number): void {
        this.chosen = index;
        this.#remember();
    }

    /** To a whole step, within what a holder can stand at. */
    whole(value: number, of: 'aft' | 'starboard' | 'height'): number {
        const { aft, aside, height } = theCatalogue().hull;
        const [least = 0, most = 0] = { aft, starboard: aside, height }[of];
        return Math.min(most, Math.max(least, Math.round(value / this.step) * this.step));
    }

    add(): void {
        const like = this.holder;
        if (like) {
            this.#remember();
            // Its counter is another one, which nobody has checked.
            const { side, kind, starboard, height } = like;
            const added = { id: null, code: '', side, kind, aft: like.aft + 4 * this.step, starboard, height };
            this.holders = [...this.holders.slice(0, this.chosen + 1), added, ...this.holders.slice(this.chosen + 1)];
            this.chosen += 1;
        }
    }

    /** The chosen rigger's counter held against a tape; what is to be said of it. */
    async checkCounter(figures: Schemas['CounterCheck']): Promise<string> {
        const index = this.chosen;
        const answer = await ask(api.POST('/boat/counter', { body: figures }));
        if (!('data' in answer)) {
            return faultsIn(answer)[0]?.detail ?? '';
        }
        this.set({ counter_calibrated: true, counter_factor: answer.data.factor }, index);
        return answer.data.says;
    }

    take(): void {
        this.#remember();
        this.holders = this.holders.filter((_, i) => i !== this.chosen);
        this.chosen = Math.min(this.chosen, this.holders.length - 1);
    }

    hull(figures: { length?: number; beam?: number }): void {
        this.#remember();
        this.length = figures.length ?? this.length;
        this.beam = figures.beam ?? this.beam;
    }

    undo(): void {
        const before = this.#past.at(-1);
        if (before) {
            this.#past = this.#past.slice(0, -1);
            this.length = before.length;
            this.beam = before.beam;
            this.holders = before.holders;
            this.chosen = Math.min(this.chosen, this.holders.length - 1);
            void this.look();
        }
    }

    /** In the order they stand in, mirrored where that is asked for, with what is to be looked at twice. */
    async look(mirror: Schemas['Side'] | null = null): Promise<void> {
        const mine = ++this.#asked;
        this.#mirror = mirror ?? this.#mirror;
        const [wish, asked] = [this.#mirror, this.holders];
        const answer = await ask(
            api.POST('/boat/rail', { body: { length: this.length, beam: this.beam, holders: this.holders, mirror: wish } }),
        );
        // What was moved or typed meanwhile stands; it is asked about in its turn.
        if (mine !== this.#asked || asked !== this.holders) {
            return;
        }
        this.#mirror = null;
        this.faults = faultsIn(answer);
        if ('data' in answer) {
            const code = this.holder?.code;
            if (wish) {
                this.#remember();
            }
            this.remarks = answer.data.remarks;
            this.holders = answer.data.holders;
            this.chosen = Math.max(
                0,
                this.holders.findIndex((holder) => holder.code === code),
            );
        }
    }

    #remember(): void {
        this.#past = [...this.#past, { length: this.length, beam: this.beam, holders: this.holders }];
    }

    #move(figures: Partial<RailHolder>, index: number): void {
        this.holders = this.holders.map((holder, i) => (i === index ? { ...holder, ...figures } : holder));
    }
}
