/** The chart, what is worth fishing on it, and the pass that is being laid. */
import { aboard } from '../lib/aboard.svelte';
import { api, ask, faultsIn, type Answer, type Fault, type Schemas } from '../lib/api';

export type Place = [number, number];
export type PassReport = Schemas['PassReport'];

export class GroundDesk {
    chart = $state.raw<Schemas['Chart'] | null>(null);
    pass = $state.raw<PassReport | null>(null);
    said: string = $state('Reading…');
    #asked = 0;

    constructor(readonly tripId: number) {
        void this.#take(ask(api.GET('/chart')));
    }

    draw(body: Schemas['NewStructure']): Promise<Fault[]> {
        return this.#take(ask(api.POST('/structures', { body })));
    }

    drop(structure: number): Promise<Fault[]> {
        return this.#take(ask(api.DELETE('/structures/{structure}', { params: { path: { structure } } })));
    }

    /** A file goes as it is: the contract's client would make JSON of it. */
    async read(file: File, what: 'structures' | 'chart'): Promise<string> {
        const path = what === 'chart' ? '/api/chart' : `/api/structures/file?name=${encodeURIComponent(file.name)}`;
        try {
            const response = await fetch(path, {
                method: 'PUT',
                body: file,
                headers: { 'Content-Type': 'application/octet-stream', Accept: 'application/json' },
            });
            const answer: unknown = await response.json();
            if (response.ok) {
                this.chart = answer as Schemas['Chart'];
                return '';
            }
            const problem = answer as Schemas['Problem'];
            const where = problem.errors?.[0]?.pointer.replace(/^\/file ?/, '').replaceAll('/', ' ') ?? '';
            return `${where ? `${where}: ` : ''}${problem.detail}`;
        } catch {
            return 'The server is not answering.';
        }
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
