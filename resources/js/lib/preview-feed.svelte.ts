/** How a plan runs, asked of the server one question at a time: while one is out, only the latest is asked next. */
import { api, ask, type Fault, type RunningLine, type Schemas } from './api';

type Question = Schemas['SpreadPreview'];

const RETRY_MS = 2500;

export class PreviewFeed {
    running: Map<string, RunningLine> = $state.raw(new Map());
    coverage: Schemas['Preview']['coverage'] = $state.raw([]);
    /** The water past the boat by depth. */
    flow: Schemas['Preview']['flow'] = $state.raw([]);
    breaches: Schemas['Breach'][] = $state.raw([]);
    faults: Fault[] = $state.raw([]);
    /** Whether the depths shown belong to what the screen says; false while the server is silent. */
    answering: boolean = $state(true);
    /** Rises with each answer: screen readers, tests and the bench hear of new depths by it. */
    solved: number = $state(0);

    #next: Question | null = null;
    #asking = false;
    #retry: ReturnType<typeof setTimeout> | undefined;
    #closed = false;

    constructor(private readonly spreadId: number) {}

    async show(question: Question): Promise<void> {
        this.#next = question;
        if (this.#asking) {
            return;
        }
        this.#asking = true;
        clearTimeout(this.#retry);
        while (this.#next) {
            const asked: Question = this.#next;
            this.#next = null;
            const answer = await ask(
                api.POST('/spreads/{spread}/preview', { params: { path: { spread: this.spreadId } }, body: asked }),
            );
            if (this.#next) {
                continue;
            }
            this.answering = !('silent' in answer);
            if ('data' in answer) {
                this.running = new Map(answer.data.lines.map((line) => [line.holder, line]));
                this.coverage = answer.data.coverage;
                this.flow = answer.data.flow;
                this.breaches = answer.data.breaches;
                this.faults = [];
                this.solved++;
            } else if ('problem' in answer) {
                this.faults = answer.problem.errors ?? [{ pointer: '', detail: answer.problem.detail }];
            } else if (!this.#closed) {
                this.#retry = setTimeout(() => void this.show(asked), RETRY_MS);
            }
        }
        this.#asking = false;
    }

    close(): void {
        this.#closed = true;
        clearTimeout(this.#retry);
    }
}
