/** The chart, what is worth fishing on it, and the pass that is being laid. */
import { aboard } from '../lib/aboard.svelte';
import { v7 } from 'uuid';
import { sendFile } from '../lib/files';
import { api, ask, faultsIn, type Answer, type Fault, type Schemas } from '../lib/api';

/** How far a file has come is asked so often. */
const LOOK_MS = 700;

export type Place = [number, number];
export type PassReport = Schemas['PassReport'];

export class GroundDesk {
    chart = $state.raw<Schemas['Chart'] | null>(null);
    pass = $state.raw<PassReport | null>(null);
    said: string = $state('Reading…');
    /** A file on its way: the part the server has read, null while it is still being sent. */
    reading: { name: string; part: number | null; giveUp: () => Promise<void> } | null = $state.raw(null);
    #asked = 0;
    #looking: ReturnType<typeof setInterval> | undefined;

    constructor(readonly tripId: number) {
        void this.#take(ask(api.GET('/chart')));
    }

    draw(body: Schemas['NewStructure']): Promise<Fault[]> {
        return this.#take(ask(api.POST('/structures', { body })));
    }

    drop(structure: number): Promise<Fault[]> {
        return this.#take(ask(api.DELETE('/structures/{structure}', { params: { path: { structure } } })));
    }

    /** With what is to be said of it. */
    async read(file: File, what: 'structures' | 'chart'): Promise<string> {
        const sending = new AbortController();
        const path = what === 'chart' ? '/api/chart' : this.#told(file, sending);
        try {
            const taken = await sendFile(path, file, sending.signal);
            if ('said' in taken) {
                return taken.said;
            }
            this.chart = taken.answer as Schemas['Chart'];
            return '';
        } catch {
            if (!sending.signal.aborted) {
                return 'The server is not answering.';
            }
            // Whatever had come of it by then is on the chart.
            await this.#take(ask(api.GET('/chart')));
            return `${file.name} was given up.`;
        } finally {
            clearInterval(this.#looking);
            this.reading = null;
        }
    }

    /** How far a file of structures has come is told until it is read; the address it is sent to. */
    #told(file: File, sending: AbortController): string {
        const id = v7();
        const asked = { params: { path: { reading: id } } };
        const giveUp = async () => {
            await ask(api.DELETE('/readings/{reading}', asked));
            // While the server reads it, it says itself what came of that.
            if (this.reading?.part === null) {
                sending.abort();
            }
        };
        this.reading = { name: file.name, part: null, giveUp };
        this.#looking = setInterval(() => {
            void ask(api.GET('/readings/{reading}', asked)).then((answer) => {
                if (this.reading && 'data' in answer) {
                    this.reading = { name: file.name, part: answer.data.part, giveUp };
                }
            });
        }, LOOK_MS);
        return `/api/structures/file?name=${encodeURIComponent(file.name)}&reading=${id}`;
    }

    async look(body: Schemas['PassQuestion']): Promise<void> {
        const mine = ++this.#asked;
        const answer = await ask(api.POST('/trips/{trip}/pass', { params: { path: { trip: this.tripId } }, body }));
        if (mine !== this.#asked) {
            return;
        }
        this.pass = 'data' in answer ? answer.data : null;
        this.said = faultsIn(answer)[0]?.detail ?? '';
    }

    leave(): void {
        this.#asked++;
        this.pass = null;
        this.said = '';
    }

    async takePass(body: Schemas['PassQuestion']): Promise<boolean> {
        const answer = await ask(api.PUT('/trips/{trip}/pass', { params: { path: { trip: this.tripId } }, body }));
        this.said = faultsIn(answer)[0]?.detail ?? '';
        await aboard.readTrips();
        return 'data' in answer;
    }

    async #take(answering: Promise<Answer<Schemas['Chart']>>): Promise<Fault[]> {
        const answer = await answering;
        if ('data' in answer) {
            this.chart = answer.data;
        }
        const faults = faultsIn(answer);
        this.said = faults[0]?.detail ?? '';
        return faults;
    }
}
