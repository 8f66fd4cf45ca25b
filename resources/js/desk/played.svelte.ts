/** A stretch of time that is played, or drawn through by hand; nothing moves unasked. */
export abstract class Played {
    /** s that are shown. */
    at: number = $state(0);
    playing: boolean = $state(false);
    /** So many times as fast as it happens. */
    pace: number = $state(5);

    #frame = 0;

    /** s it lasts; nought while nothing is there to play. */
    abstract get lasts(): number;

    /** s that can be shown so far. */
    abstract get known(): number;

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
            this.at = Math.min(this.known, this.at + ((now - last) / 1000) * this.pace);
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
