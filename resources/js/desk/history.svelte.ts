/** What an edit can be taken back to, and what was taken back. */
const MOST_UNDONE = 200;

export class History<T> {
    #past: T[] = $state.raw([]);
    #future: T[] = $state.raw([]);

    get canUndo(): boolean {
        return this.#past.length > 0;
    }

    get canRedo(): boolean {
        return this.#future.length > 0;
    }

    /** Keeps what is about to be edited; what had been taken back is gone. */
    keep(now: T): void {
        this.#past = [...this.#past.slice(-MOST_UNDONE), now];
        this.#future = [];
    }

    undo(now: T): T {
        const before = this.#past.at(-1) ?? now;
        if (this.canUndo) {
            this.#past = this.#past.slice(0, -1);
            this.#future = [...this.#future, now];
        }
        return before;
    }

    redo(now: T): T {
        const after = this.#future.at(-1) ?? now;
        if (this.canRedo) {
            this.#future = this.#future.slice(0, -1);
            this.#past = [...this.#past, now];
        }
        return after;
    }
}
