/** Keeps a spread: soon after each change, again and again while the server is silent, never over another device's plan unasked. */
import { api, ask, type Spread } from '../lib/api';
import { planOf, type Plan } from './plan';

export type Keeping = 'kept' | 'changed' | 'keeping' | 'waiting' | 'conflict' | 'refused';

const KEEP_AFTER_MS = 700;
const RETRY_MS = 2500;
/** Not refused, only not yet: another change is being kept just now, or this device must be let in again. */
const NOT_YET = [401, 503];

/** The last save sent by any desk: a spread opened again is read after it, not past it. */
let lastSave: Promise<void> = Promise.resolve();

export const saved = (): Promise<void> => lastSave;

export class Keeper {
    keeping: Keeping = $state('kept');
    refusal: string = $state('');

    #version: number;
    #kept: Plan;
    #timer: ReturnType<typeof setTimeout> | undefined;
    readonly #spreadId: number;
    readonly #present: () => Plan;

    /** @param present the plan as it stands when it is sent */
    constructor(spread: Spread, kept: Plan, present: () => Plan) {
        this.#spreadId = spread.id;
        this.#version = spread.version;
        this.#kept = kept;
        this.#present = present;
        addEventListener('pagehide', this.#leave);
    }

    /** The plan has changed. */
    changed(): void {
        if (this.keeping !== 'conflict') {
            this.keeping = this.keeping === 'keeping' ? 'keeping' : 'changed';
            this.#keepSoon();
        }
    }

    async keepNow(): Promise<void> {
        clearTimeout(this.#timer);
        if (this.keeping === 'keeping' || this.keeping === 'conflict') {
            return;
        }
        const sent = this.#present();
        if (sent === this.#kept) {
            // Undone back to what is kept: there is nothing to send.
            this.keeping = 'kept';
            return;
        }
        this.keeping = 'keeping';
        const saving = ask(
            api.PUT('/spreads/{spread}', {
                params: { path: { spread: this.#spreadId } },
                body: { version: this.#version, ...sent },
                // Outlives the page: a lid closed right after an edit does not lose it.
                keepalive: true,
            }),
        );
        lastSave = saving.then(() => undefined);
        const answer = await saving;
        if ('data' in answer) {
            this.#version = answer.data.version;
            this.#kept = sent;
            this.refusal = '';
            this.keeping = this.#present() === sent ? 'kept' : 'changed';
            if (this.keeping === 'changed') {
                this.#keepSoon();
            }
        } else if ('silent' in answer || NOT_YET.includes(answer.problem.status)) {
            this.keeping = 'waiting';
            this.refusal = 'silent' in answer ? '' : answer.problem.title;
            this.#timer = setTimeout(() => void this.keepNow(), RETRY_MS);
        } else if (answer.problem.status === 409) {
            this.#version = answer.problem.current_version ?? this.#version;
            this.keeping = 'conflict';
        } else {
            this.refusal = answer.problem.detail;
            this.keeping = 'refused';
        }
    }

    /** Ends a conflict by keeping this device's plan over the other's. */
    async keepMine(): Promise<void> {
        this.keeping = 'changed';
        await this.keepNow();
    }

    /** Ends a conflict by the other device's plan; null while the server is silent. */
    async theirs(): Promise<Plan | null> {
        const answer = await ask(api.GET('/spreads/{spread}', { params: { path: { spread: this.#spreadId } } }));
        if (!('data' in answer)) {
            return null;
        }
        this.#version = answer.data.version;
        this.#kept = planOf(answer.data);
        this.keeping = 'kept';
        return this.#kept;
    }

    close(): void {
        removeEventListener('pagehide', this.#leave);
        if (this.keeping === 'changed' || this.keeping === 'waiting') {
            void this.keepNow();
        }
    }

    readonly #leave = (): void => void this.keepNow();

    #keepSoon(): void {
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => void this.keepNow(), KEEP_AFTER_MS);
    }
}
