/** What takes longer than a preview: how tight, how slow, and what crosses while lines go in. Asked once the hand is off the control. */
import { api, ask, type Schemas } from '../lib/api';
import { NOTHING_TRIED, type Plan, type WhatIf } from './plan';

const AFTER_MS = 600;

export class Lookahead {
    safe: Schemas['SafeLimits'] | null = $state.raw(null);
    setting: Schemas['SettingPlan'] | null = $state.raw(null);

    #timer: ReturnType<typeof setTimeout> | undefined;
    #asked = 0;

    constructor(readonly spreadId: number) {}

    about(plan: Plan, whatIf: WhatIf): void {
        clearTimeout(this.#timer);
        const asked = ++this.#asked;
        this.#timer = setTimeout(() => void this.#ask(asked, plan, whatIf), AFTER_MS);
    }

    close(): void {
        clearTimeout(this.#timer);
        this.#asked++;
    }

    async #ask(asked: number, plan: Plan, { current, gone }: WhatIf): Promise<void> {
        const path = { spread: this.spreadId };
        const setting = await ask(api.POST('/spreads/{spread}/setting', { params: { path }, body: plan }));
        if (asked !== this.#asked) {
            return;
        }
        this.setting = 'data' in setting ? setting.data : null;
        const safe = await ask(
            api.POST('/spreads/{spread}/safe-limits', {
                params: { path },
                body: { ...plan, what_if: { ...NOTHING_TRIED, current, gone } },
            }),
        );
        if (asked === this.#asked) {
            this.safe = 'data' in safe ? safe.data : null;
        }
    }
}
