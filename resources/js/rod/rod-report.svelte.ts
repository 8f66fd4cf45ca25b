/** All there is to say of the chosen rod, asked anew whenever the depths it belongs to have changed. */
import { api, ask, type Schemas } from '../lib/api';
import type { SpreadDesk } from '../desk/spread-desk.svelte';

/** A little later than the depths, which must not wait for it while a control moves. */
const AFTER_MS = 120;

export class RodReportFeed {
    report: Schemas['RodReport'] | null = $state.raw(null);

    constructor(desk: SpreadDesk) {
        $effect(() => {
            void desk.feed.solved;
            const holder = desk.chosen;
            if (!holder || !desk.lineAt(holder.id)) {
                this.report = null;
                return;
            }
            let current = true;
            const timer = setTimeout(() => {
                void this.#ask(desk, holder.id).then((report) => {
                    if (current && report) {
                        this.report = report;
                    }
                });
            }, AFTER_MS);
            return () => {
                current = false;
                clearTimeout(timer);
            };
        });
    }

    async #ask(desk: SpreadDesk, holderId: number): Promise<Schemas['RodReport'] | null> {
        const answer = await ask(
            api.POST('/spreads/{spread}/rod', {
                params: { path: { spread: desk.spread.id } },
                body: { ...desk.plan, what_if: desk.whatIf, holder_id: holderId },
            }),
        );
        return 'data' in answer ? answer.data : null;
    }
}
