/** What the boat listens to and what is heard, read every second; the speed check, which goes on when another screen is looked at. */
import { aboard } from '../lib/aboard.svelte';
import { api, ask, faultsIn, type Answer, type Fault, type Schemas } from '../lib/api';

export type Instruments = Schemas['Instruments'];
export type Source = Schemas['SourceAddress'];
type Run = Schemas['SpeedRun'];

const EVERY_MS = 1000;

class InstrumentsDesk {
    told: Instruments | null = $state.raw(null);
    faults: Fault[] = $state.raw([]);
    /** Runs of the speed check that were made. */
    runs: Run[] = $state.raw([]);
    /** When the run under way began. */
    began: string | null = $state(null);
    checked: Schemas['SpeedChecked'] | null = $state.raw(null);
    checkFaults: Fault[] = $state.raw([]);

    follow(): () => void {
        void this.read();
        const reading = setInterval(() => void this.read(), EVERY_MS);
        return () => clearInterval(reading);
    }

    async read(): Promise<void> {
        const answer = await ask(api.GET('/instruments'));
        if ('data' in answer) {
            this.told = answer.data;
        }
    }

    /** Sources as they are kept. */
    get sources(): Source[] {
        return (this.told?.sources ?? []).map(({ name, kind, address }) => ({ name, kind, address }));
    }

    /** Keeps what is changed of it; false where that is not accepted. */
    async keep(changed: Partial<Schemas['InstrumentsKept']>): Promise<boolean> {
        if (!this.told) {
            return false;
        }
        const { transducer, log_factor } = this.told;
        const answer: Answer<Instruments> = await ask(
            api.PUT('/instruments', { body: { transducer, log_factor, sources: this.sources, ...changed } }),
        );
        this.faults = faultsIn(answer);
        if ('data' in answer) {
            this.told = answer.data;
            if (changed.log_factor !== undefined) {
                await aboard.read();
            }
        }
        return 'data' in answer;
    }

    /** s the run under way has gone on. */
    get running(): number {
        return this.began === null || !this.told
            ? 0
            : Math.round((new Date(this.told.now).getTime() - new Date(this.began).getTime()) / 1000);
    }

    begin(): void {
        this.checkFaults = [];
        this.began = this.told?.now ?? null;
    }

    async end(): Promise<void> {
        if (this.began !== null && this.told) {
            this.runs = [...this.runs, { from: this.began, to: this.told.now }];
            this.began = null;
        }
        const [out, back] = this.runs;
        if (out && back) {
            const answer = await ask(api.POST('/instruments/speed-check', { body: { out, back } }));
            this.checkFaults = faultsIn(answer);
            this.checked = 'data' in answer ? answer.data : null;
            // A run that tells too little is made again; the other stands.
            this.runs = this.checkFaults.some(({ pointer }) => pointer === '/out')
                ? []
                : this.checkFaults.length > 0
                  ? [out]
                  : this.runs;
        }
    }

    again(): void {
        this.runs = [];
        this.began = null;
        this.checked = null;
        this.checkFaults = [];
    }
}

export const instruments = new InstrumentsDesk();
