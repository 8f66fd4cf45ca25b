/** What is to be changed, as it was asked last, without what was answered on this device. */
import { api, inTime, type Schemas } from '../lib/api';
import { queue } from '../day/queue.svelte';

export type Change = Schemas['Changes']['changes'][number];

const EVERY_MS = 15_000;

export class Changes {
    told: Change[] = $state.raw([]);
    /** Keys of those answered here: what the server told from before does not bring them back. */
    readonly #answered = new Set<string>();
    /** Of what was told last: brought back, it is told again only where it is another. */
    #stamp: string | null = null;

    constructor(readonly trip: number) {}

    /** Asks while it is looked at. */
    follow(): () => void {
        const asking = setInterval(() => document.visibilityState === 'visible' && void this.read(), EVERY_MS);
        void this.read();
        return () => clearInterval(asking);
    }

    async read(): Promise<void> {
        const query = this.#stamp ? { stamp: this.#stamp } : {};
        const { data, response } = await api
            .GET('/trips/{trip}/changes', { params: { path: { trip: this.trip }, query }, signal: inTime() })
            .catch(() => ({ data: undefined, response: undefined }));
        if (response?.ok) {
            this.#stamp = response.headers.get('Admek-Stamp');
        }
        // Those that wait from before this page was opened, too.
        const waiting = queue.of(this.trip).map(({ key }) => key);
        this.told = (data?.changes ?? this.told).filter(({ key }) => !waiting.includes(key) && !this.#answered.has(key));
    }

    answered(key: string): void {
        this.#answered.add(key);
        this.told = this.told.filter((change) => change.key !== key);
    }

    /** Its answer was not taken: it stands as before. */
    unanswered(key: string): void {
        this.#answered.delete(key);
        this.#stamp = null;
        void this.read();
    }
}
