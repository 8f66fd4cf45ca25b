/** Devices that are let in, and the code that lets in one more. */
import { api, ask, faultsIn, type Answer, type Fault, type Schemas } from '../lib/api';

export type Device = Schemas['Device'];
export type Role = Schemas['Role'];

/** While a code is shown, whether it was used is asked so often. */
const LOOK_MS = 2000;

export class DevicesDesk {
    laptop = $state('');
    devices: Device[] | null = $state.raw(null);
    roles: Schemas['Devices']['roles'] = $state.raw([]);
    faults: Fault[] = $state.raw([]);
    /** The code shown, and when it is good no more. */
    code: (Schemas['Pairing'] & { until: number }) | null = $state.raw(null);
    /** Who came by the last one. */
    came: Device | null = $state.raw(null);
    now: number = $state(Date.now());

    #timer: ReturnType<typeof setInterval> | undefined;

    async read(): Promise<void> {
        this.#take(await ask(api.GET('/devices')));
    }

    /** s the code is good for. */
    get left(): number {
        return this.code === null ? 0 : Math.max(0, Math.round((this.code.until - this.now) / 1000));
    }

    async show(role: Role, seesPlaces: boolean): Promise<void> {
        const answer = await ask(api.POST('/pairing', { body: { role, sees_places: seesPlaces } }));
        this.faults = faultsIn(answer);
        if ('data' in answer) {
            this.now = Date.now();
            this.came = null;
            this.code = { ...answer.data, until: this.now + 1000 * answer.data.good_for };
            clearInterval(this.#timer);
            this.#timer = setInterval(() => void this.#look(), LOOK_MS);
        }
    }

    /** The code is good no more. */
    async hide(): Promise<void> {
        clearInterval(this.#timer);
        if (this.code !== null) {
            this.code = null;
            await api.DELETE('/pairing');
        }
    }

    async change({ id, name, role, sees_places }: Device): Promise<boolean> {
        return this.#take(
            await ask(api.PUT('/devices/{device}', { params: { path: { device: id } }, body: { name, role, sees_places } })),
        );
    }

    async nameLaptop(name: string): Promise<boolean> {
        return this.#take(await ask(api.PUT('/devices/laptop', { body: { name } })));
    }

    async putOut(id: number): Promise<void> {
        this.#take(await ask(api.DELETE('/devices/{device}', { params: { path: { device: id } } })));
    }

    async #look(): Promise<void> {
        this.now = Date.now();
        const known = new Set(this.devices?.map(({ id }) => id));
        await this.read();
        const came = this.devices?.find(({ id }) => !known.has(id));
        if (came !== undefined || this.left === 0) {
            this.came = came ?? null;
            this.code = null;
            clearInterval(this.#timer);
        }
    }

    #take(answer: Answer<Schemas['Devices']>): boolean {
        this.faults = faultsIn(answer);
        if ('data' in answer) {
            this.laptop = answer.data.laptop;
            this.devices = answer.data.devices;
            this.roles = answer.data.roles;
        }
        return 'data' in answer;
    }
}
