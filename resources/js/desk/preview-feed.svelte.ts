/**
 * How a plan runs, asked of the server one question at a time. Each answer is shown that is newer than the one shown, so the
 * views follow a moving hand; while it moves only depths are asked for, and their doubt and what to look at once it rests.
 */
import { api, ask, type Fault, type RunningLine, type Schemas } from '../lib/api';

type Question = Schemas['SpreadPreview'];

const RETRY_MS = 2500;

/** A hand that changed something this lately is still moving. */
const MOVING_MS = 60;

export class PreviewFeed {
    running: Map<string, RunningLine> = $state.raw(new Map<string, RunningLine>());
    coverage: Schemas['Preview']['coverage'] = $state.raw([]);
    /** The water past the boat by depth. */
    flow: Schemas['Preview']['flow'] = $state.raw([]);
    breaches: Schemas['Breach'][] = $state.raw([]);
    /** Holders whose lines have no steady run just now. */
    unsteady: ReadonlySet<string> = $state.raw(new Set());
    /** What is to be kept in mind of these depths. */
    caveat: string | null = $state.raw(null);
    faults: Fault[] = $state.raw([]);
    /** Whether the depths shown belong to what the screen says; false while the server is silent. */
    answering: boolean = $state(true);
    /** Rises with each answer that is whole: screen readers, tests and what follows from depths hear of them by it. */
    solved: number = $state(0);
    /** Rises with every answer that is drawn. */
    drawn: number = $state(0);

    #next: Question | null = null;
    #asking = false;
    #shownAt = -Infinity;
    #rest: ReturnType<typeof setTimeout> | undefined;
    #retry: ReturnType<typeof setTimeout> | undefined;
    #closed = false;

    constructor(private readonly spreadId: number) {}

    show(question: Question): void {
        const now = performance.now();
        const moving = now - this.#shownAt < MOVING_MS;
        this.#shownAt = now;
        clearTimeout(this.#rest);
        if (moving) {
            this.#rest = setTimeout(() => this.#put(question), MOVING_MS);
        }
        this.#put(moving ? { ...question, only_depths: true } : question);
    }

    close(): void {
        this.#closed = true;
        clearTimeout(this.#rest);
        clearTimeout(this.#retry);
    }

    #put(question: Question): void {
        this.#next = question;
        clearTimeout(this.#retry);
        if (!this.#asking) {
            void this.#askOn();
        }
    }

    async #askOn(): Promise<void> {
        this.#asking = true;
        while (this.#next) {
            const asked: Question = this.#next;
            this.#next = null;
            const answer = await ask(
                api.POST('/spreads/{spread}/preview', { params: { path: { spread: this.spreadId } }, body: asked }),
            );
            this.answering = !('silent' in answer);
            if ('data' in answer) {
                this.#draw(answer.data);
            } else if ('problem' in answer) {
                this.faults = answer.problem.errors ?? [{ pointer: '', detail: answer.problem.detail }];
            } else if (!this.#closed && this.#waiting() === null) {
                this.#retry = setTimeout(() => this.#put(asked), RETRY_MS);
            }
        }
        this.#asking = false;
    }

    /** What has been asked meanwhile. */
    #waiting(): Question | null {
        return this.#next;
    }

    #draw({ lines, coverage, flow, breaches, whole, unsteady, caveat }: Schemas['Preview']): void {
        // A depth on the move keeps the doubt it last had, until it rests.
        this.running = new Map(
            lines.map((line) => [
                line.holder,
                whole
                    ? line
                    : {
                          ...line,
                          doubt: this.running.get(line.holder)?.doubt ?? null,
                          doubts: this.running.get(line.holder)?.doubts ?? [],
                      },
            ]),
        );
        this.coverage = coverage;
        this.flow = flow;
        this.unsteady = new Set(unsteady);
        this.caveat = caveat;
        this.faults = [];
        this.drawn++;
        if (whole) {
            this.breaches = breaches;
            this.solved++;
        }
    }
}
