import type { Schemas } from '../lib/api';
import { between } from '../views/between';

/** A stretch of time that is played, or drawn through by hand; nothing moves unasked. */
export abstract class Played {
    /** s that are shown. */
    at: number = $state(0);
    playing: boolean = $state(false);
    /** So many times as fast as it happens. */
    pace: number = $state(5);

    #frame = 0;

    /** What is played, as far as it is told; null while nothing is. */
    abstract readonly told: Schemas['InTime'] | null;

    /** s it lasts; nought while nothing is there to play. */
    get lasts(): number {
        return this.told?.lasts ?? 0;
    }

    /** s of each frame there is so far, rising. */
    get times(): readonly number[] {
        return this.told?.times ?? [];
    }

    /** How the boat goes at the moment that is shown. */
    get boat(): Schemas['InTime']['boat'][number] | null {
        const [i, part] = this.place;
        const { boat } = this.told ?? { boat: [] };
        const from = boat[i];
        return from ? between(from, boat[i + 1] ?? from, part) : null;
    }

    /** Its lines at the moment that is shown. */
    get lines(): { holder: string; frame: Schemas['LineFrame'] }[] {
        const [i, part] = this.place;
        return (this.told?.lines ?? []).flatMap(({ holder, frames }) => {
            const from = frames[i];
            return from ? [{ holder, frame: between(from, frames[i + 1] ?? from, part) }] : [];
        });
    }

    /** The frame before the moment that is shown, and how far on the way to the next it is. */
    get place(): [number, number] {
        const times = this.times;
        let [low, high] = [0, Math.max(0, times.length - 1)];
        while (low < high) {
            const middle = (low + high + 1) >> 1;
            if ((times[middle] ?? 0) <= this.at) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        const [from, to] = [times[low] ?? 0, times[low + 1]];
        return [low, to === undefined ? 0 : (this.at - from) / (to - from)];
    }

    /** Plays from the moment that is shown, or from the start where that is the end; or pauses. */
    play(): void {
        if (this.playing || this.lasts === 0) {
            this.playing = false;
            return;
        }
        this.at = this.at >= this.lasts ? 0 : this.at;
        this.playing = true;
        let last = performance.now();
        const step = (now: number) => {
            if (!this.playing) {
                return;
            }
            this.at = Math.min(this.times.at(-1) ?? 0, this.at + ((now - last) / 1000) * this.pace);
            last = now;
            if (this.at >= this.lasts) {
                this.playing = false;
                return;
            }
            this.#frame = requestAnimationFrame(step);
        };
        this.#frame = requestAnimationFrame(step);
    }

    scrub(at: number): void {
        this.playing = false;
        this.at = Math.max(0, Math.min(this.lasts, at));
    }

    protected stop(): void {
        cancelAnimationFrame(this.#frame);
        this.playing = false;
    }
}
