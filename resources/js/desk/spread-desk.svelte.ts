/** One spread on the desk: the plan being edited, what is tried on it, and its keeping. */
import { aboard } from '../lib/aboard.svelte';
import type { Boat, Locker, RunningLine, SpreadLine, SpreadOpened, Trip } from '../lib/api';
import { askCurrent, askReached, askRig, type CureOffer, type Reached } from './asks';
import { History } from './history.svelte';
import { InTime } from './in-time.svelte';
import { Keeper } from './keeper.svelte';
import { Lookahead } from './lookahead.svelte';
import { isTried, NOTHING_TRIED, planOf, tried, withFigures, withLine, withoutLine, type Plan, type WhatIf } from './plan';
import { Rods } from './rods.svelte';
import { settingOf, stepped, steppedSpeed } from './steps';
import type { Kind } from '../rod/rigging';
import { PreviewFeed } from './preview-feed.svelte';

export class SpreadDesk extends Rods {
    plan: Plan = $state.raw({ speed: 0, lines: [], school: 'boards_first', setting_order: null });
    whatIf: WhatIf = $state.raw(NOTHING_TRIED);
    trip: Trip = $state.raw() as Trip;
    locker: Locker = $state.raw() as Locker;
    /** The trip's current, as it was told of its water. */
    current: WhatIf['current'] = $state.raw(null);
    /** Whether the plan is shown beside what is tried on it. */
    comparing: boolean = $state(false);
    /** A manoeuvre that is tried; null while the lines are shown at rest. */
    inTime: InTime | null = $state.raw(null);
    readonly history = new History<Plan>();
    readonly keeper: Keeper;
    readonly ahead: Lookahead;
    readonly feed: PreviewFeed;
    /** The plan itself, while something else is tried and compared with it. */
    readonly planFeed: PreviewFeed;

    constructor(
        readonly boat: Boat,
        locker: Locker,
        trip: Trip,
        readonly spread: SpreadOpened,
    ) {
        super(boat.holders, spread.lines[0]?.holder_id);
        this.trip = trip;
        this.locker = locker;
        this.feed = new PreviewFeed(spread.id);
        this.planFeed = new PreviewFeed(spread.id);
        this.ahead = new Lookahead(spread.id);
        this.current = spread.water.current ?? null;
        this.plan = planOf(spread);
        this.keeper = new Keeper(spread, this.plan, () => this.plan);
        this.#preview();
    }

    get chosenLine(): SpreadLine | undefined {
        return this.lineAt(this.chosenId);
    }

    /** Index of a holder's line in the plan, as the server's pointers count them. */
    indexOf(holderId: number): number {
        return this.plan.lines.findIndex((line) => line.holder_id === holderId);
    }

    lineAt(holderId: number): SpreadLine | undefined {
        return this.plan.lines.find((line) => line.holder_id === holderId);
    }

    /** Where every line is as the views show it: at rest, or at the moment of a manoeuvre. */
    get shown(): ReadonlyMap<string, RunningLine> {
        return this.inTime?.linesOf(this.feed.running) ?? this.feed.running;
    }

    /** Opens the plan in time, or shows it at rest again. */
    goThroughTime(on: boolean): void {
        this.inTime?.close();
        this.inTime = on ? new InTime(this.spread.id, () => ({ ...this.plan, what_if: this.whatIf })) : null;
    }

    get speed(): number {
        return this.whatIf.speed ?? this.plan.speed;
    }

    get isWhatIf(): boolean {
        return isTried(this.whatIf);
    }

    /** Whether soundings speak of any line, gone by or not. */
    get isSounded(): boolean {
        return this.whatIf.untrued || [...this.feed.running.values()].some(({ trued }) => trued);
    }

    /** Every edit goes through here: it can be undone, is previewed at once and kept soon after. */
    edit(plan: Plan): void {
        this.history.keep(this.plan);
        this.#show(plan);
    }

    change(holderId: number, figures: Partial<SpreadLine>): void {
        this.edit(withFigures(this.plan, holderId, figures));
    }

    add(line: SpreadLine): void {
        this.edit(withLine(this.plan, line, this.holders));
    }

    remove(holderId: number): void {
        this.edit(withoutLine(this.plan, holderId));
    }

    /** Rigs a rod as the server would begin it, or off another reel; what it cannot is said. */
    async rig(holderId: number, kind: Kind, reelId: number | null = null): Promise<string> {
        const answer = await askRig(this.spread.id, this.plan, holderId, kind, reelId);
        if (typeof answer === 'string') {
            return answer;
        }
        this.add(answer);
        return '';
    }

    undo(): void {
        this.#show(this.history.undo(this.plan));
    }

    redo(): void {
        this.#show(this.history.redo(this.plan));
    }

    try(whatIf: Partial<WhatIf>): void {
        this.whatIf = tried({ ...this.whatIf, ...whatIf }, this.plan);
        this.#preview();
    }

    /** A current tried at once, and told of the trip's water by who may: then it holds on every screen. */
    async tellCurrent(current: WhatIf['current']): Promise<void> {
        this.try({ current });
        if (aboard.may('plan') && (await askCurrent(this.trip.id, current))) {
            this.current = current;
            this.try({ current: null });
        }
    }

    /** Asks for the depths anew where something beside the plan has changed. */
    refresh(): void {
        this.#preview();
    }

    backToPlan(): void {
        this.try({ speed: null, turn: null, current: null, untrued: false });
    }

    compare(on: boolean): void {
        this.comparing = on;
        this.#preview();
    }

    /** The locker has been read anew. */
    lockerRead(): void {
        this.locker = aboard.locker ?? this.locker;
    }

    /** Bands or bottom as they are kept now. */
    retarget(trip: Trip): void {
        this.trip = trip;
        this.#preview();
    }

    /** What was tried becomes the plan's speed. */
    planTriedSpeed(): void {
        const speed = this.speed;
        this.whatIf = { ...this.whatIf, speed: null };
        this.edit({ ...this.plan, speed });
    }

    /** Asks for what runs lines at a depth (m), and sets each that gets there, as one edit. */
    async runAt(holderIds: number[], depth: number, by: 'control' | 'other' = 'control'): Promise<Reached> {
        const { plan, told } = await askReached(this.plan, this.spread.id, this.whatIf, holderIds, depth, by, this.holders);
        if (plan) {
            this.edit(plan);
        }
        return told;
    }

    /** What a line's figures become when its control is set. */
    setting(code: string, value: number): Partial<SpreadLine> {
        const control = this.feed.running.get(code)?.control;
        return control ? settingOf(control, value) : {};
    }

    /** Puts the lines in another order to set them, by their holders' codes. */
    setOrder(codes: readonly string[]): void {
        const ids = new Map(this.holders.map(({ id, code }) => [code, id]));
        this.edit({ ...this.plan, setting_order: codes.flatMap((code) => ids.get(code) ?? []) });
    }

    /** One edit like any other: undo takes it back. The lines are those the server tried. */
    cure({ holders, lines }: CureOffer): void {
        const first = this.holders.find(({ code }) => code === holders[0])?.id;
        this.edit({ ...this.plan, lines });
        if (first !== undefined) {
            this.choose(first);
        }
    }

    /** One natural step of the chosen line's control, `by` times. */
    step(by: number): void {
        const holder = this.chosen;
        const line = this.chosenLine;
        const control = holder && this.feed.running.get(holder.code)?.control;
        if (!line || !control) {
            return;
        }
        const next = stepped(control, line[control.figure] ?? control.value, by, this.boat.units);
        if (next !== (line[control.figure] ?? control.value)) {
            this.change(line.holder_id, settingOf(control, next));
        }
    }

    stepSpeed(steps: number): void {
        this.try({ speed: steppedSpeed(this.speed, steps, this.boat.units) });
    }

    /** Ends a conflict by taking the other device's plan; this one's stays in the undo. */
    async takeTheirs(): Promise<void> {
        const theirs = await this.keeper.theirs();
        if (theirs) {
            this.history.keep(this.plan);
            this.plan = theirs;
            this.#preview();
        }
    }

    close(): void {
        this.inTime?.close();
        this.feed.close();
        this.planFeed.close();
        this.ahead.close();
        this.keeper.close();
    }

    #preview(): void {
        this.feed.show({ ...this.plan, what_if: this.whatIf });
        if (this.comparing && this.isWhatIf) {
            this.planFeed.show({ ...this.plan, what_if: { ...NOTHING_TRIED, gone: this.whatIf.gone } });
        }
        this.ahead.about(this.plan, this.whatIf);
        this.inTime?.askSoon();
    }

    #show(plan: Plan): void {
        if (plan === this.plan) {
            return;
        }
        this.plan = plan;
        this.#preview();
        this.keeper.changed();
    }
}
