/** The rods round the rail: which one is looked at, and which go with it. */
import type { Holder } from '../lib/api';

export class Rods {
    chosenId: number = $state(0);
    /** Rods that are run at a depth together with the chosen one. */
    marked: ReadonlySet<number> = $state.raw(new Set());

    constructor(
        readonly holders: readonly Holder[],
        first: number | undefined,
    ) {
        this.chosenId = first ?? holders[0]?.id ?? 0;
    }

    get chosen(): Holder | undefined {
        return this.holders.find(({ id }) => id === this.chosenId);
    }

    choose(holderId: number): void {
        this.chosenId = holderId;
    }

    chooseNext(by: number): void {
        const at = this.holders.findIndex(({ id }) => id === this.chosenId);
        const next = this.holders[(at + by + this.holders.length) % this.holders.length];
        if (next) {
            this.choose(next.id);
        }
    }

    mark(holderId: number): void {
        const marked = new Set(this.marked);
        if (!marked.delete(holderId)) {
            marked.add(holderId);
        }
        this.marked = marked;
    }
}
