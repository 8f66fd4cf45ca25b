/** A drill being taken: asked for, timed, answered. What is right, and why, the server tells afterwards. */
import { api, ask, faultsIn, type Fault, type Schemas } from '../lib/api';
import { Played } from '../desk/played.svelte';

const WHO = 'admek-drilled';

export class DrillDesk extends Played {
    drills: Schemas['Drills'] | null = $state.raw(null);
    drill: Schemas['Drill'] | null = $state.raw(null);
    graded: Schemas['DrillGraded'] | null = $state.raw(null);
    /** What was answered, null for nothing in time; undefined while there is time. */
    chosen: string | null | undefined = $state();
    who: string = $state(localStorage.getItem(WHO) ?? '');
    /** s left to decide. */
    left: number = $state(0);
    asking: boolean = $state(false);
    faults: Fault[] = $state.raw([]);

    #began = 0;
    #clock: ReturnType<typeof setInterval> | undefined;

    /** What is seen: how it begins, and once an answer is given all of it. */
    get told(): Schemas['InTime'] | null {
        return this.graded?.motion ?? this.drill?.motion ?? null;
    }

    async read(): Promise<void> {
        const answer = await ask(api.GET('/drills'));
        this.faults = faultsIn(answer);
        this.drills = 'data' in answer ? answer.data : this.drills;
    }

    /** Takes the next one, or another of a kind. */
    async take(kind?: Schemas['DrillKind']): Promise<void> {
        this.close();
        this.asking = true;
        localStorage.setItem(WHO, this.who.trim());
        await this.read();
        const next = this.drills?.next;
        if (next && this.faults.length === 0) {
            const path = { kind: kind ?? next.kind, seed: next.seed };
            const answer = await ask(api.GET('/drills/{kind}/{seed}', { params: { path } }));
            this.faults = faultsIn(answer);
            this.drill = 'data' in answer ? answer.data : null;
        }
        this.asking = false;
        if (!this.drill) {
            return;
        }
        this.#began = performance.now();
        this.left = this.drill.seconds;
        this.#clock = setInterval(() => this.#tick(), 100);
        this.#show(0);
    }

    async answer(key: string | null): Promise<void> {
        if (!this.drill || this.chosen !== undefined) {
            return;
        }
        clearInterval(this.#clock);
        this.chosen = key;
        await this.send();
    }

    /** Sends what was chosen; again, where the server did not answer. */
    async send(): Promise<void> {
        const { drill, chosen } = this;
        if (!drill || chosen === undefined) {
            return;
        }
        this.asking = true;
        const answer = await ask(
            api.POST('/drills/{kind}/{seed}/answers', {
                params: { path: { kind: drill.kind, seed: drill.seed } },
                body: { who: this.who.trim(), answer: chosen, after: drill.seconds - this.left },
            }),
        );
        this.asking = false;
        this.faults = faultsIn(answer);
        if ('data' in answer) {
            this.graded = answer.data;
            this.drills = this.drills && { ...this.drills, scores: answer.data.scores };
            this.#show(this.at);
        }
    }

    close(): void {
        clearInterval(this.#clock);
        this.stop();
        this.at = 0;
        this.drill = this.graded = null;
        this.chosen = undefined;
    }

    /** Plays what there is from a moment on, to whom movement does not trouble. */
    #show(from: number): void {
        this.stop();
        this.at = from;
        if (this.lasts > 0 && !matchMedia('(prefers-reduced-motion: reduce)').matches) {
            this.play();
        }
    }

    #tick(): void {
        const drill = this.drill;
        if (!drill) {
            return;
        }
        this.left = Math.max(0, drill.seconds - (performance.now() - this.#began) / 1000);
        if (this.left === 0) {
            void this.answer(null);
        }
    }
}
