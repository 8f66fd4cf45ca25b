/** What every screen stands on: the boat, her gear and the season's trips, read once and refreshed on change. */
import { keepCatalogue } from './catalogue';
import { api, ask, inTime, type Boat, type Locker, type Me, type Schemas, type Trip } from './api';

type State = 'reading' | 'silent' | 'no-boat' | 'ready';

const NOT_LET_IN = 401;
const NOT_FOR_THIS_DEVICE = 403;
/** Said by nginx where nothing behind it answers. */
const NOBODY_BEHIND = [502, 503, 504];
/** Nothing was asked for so long: it is seen to that somebody still serves. */
const QUIET_MS = 10_000;
/** To the next look, while nobody does. */
const AGAIN_MS = 2000;
/** What page this is: of the Admek that served it. */
const BUILD = document.querySelector<HTMLMetaElement>('meta[name=build]')?.content ?? '';

class Aboard {
    state: State = $state('reading');
    /** This device, as the server knows it. */
    me: Me | null = $state.raw(null);
    /** Not let in, or put out: nothing is answered until it is let in. */
    outside: boolean = $state(false);
    /** Served by another Admek than the one that answers now. */
    outdated: boolean = $state(false);
    boat: Boat | null = $state.raw(null);
    locker: Locker | null = $state.raw(null);
    trips: Trip[] = $state.raw([]);

    /** Nobody answers this page. */
    unserved: boolean = $state(false);
    #heard = Date.now();
    #looking = false;

    /** How often it was let in, and how often it had been when each request was made. */
    #lettings = 0;
    readonly #askedAs = new WeakMap<Request, number>();

    constructor() {
        api.use({
            onRequest: ({ request }) => {
                this.#askedAs.set(request, this.#lettings);
            },
            onError: () => void this.#look(),
            onResponse: ({ request, response, schemaPath }) => {
                if (NOBODY_BEHIND.includes(response.status)) {
                    void this.#look();
                } else {
                    this.#heard = Date.now();
                    this.unserved = false;
                }
                this.outdated ||= (response.headers.get('Admek-Build') ?? BUILD) !== BUILD;
                if (response.status === NOT_LET_IN) {
                    // What was asked before this device was let in says nothing of it now.
                    this.outside ||= (this.#askedAs.get(request) ?? this.#lettings) === this.#lettings;
                } else if (response.status === NOT_FOR_THIS_DEVICE && schemaPath !== '/aboard') {
                    // It may have been made something else meanwhile.
                    void this.readMe();
                }
            },
        });
    }

    /** Sees to it that somebody serves, while this page is looked at: what is asked anyway tells it too. */
    follow(): () => void {
        const looking = setInterval(() => {
            if (document.visibilityState === 'visible' && Date.now() - this.#heard > QUIET_MS) {
                void this.#look();
            }
        }, AGAIN_MS);
        return () => clearInterval(looking);
    }

    /** One question that was given up, or lost, says nothing yet. */
    async #look(): Promise<void> {
        if (this.#looking) {
            return;
        }
        this.#looking = true;
        const answer = await fetch('/api/aboard', { signal: inTime() }).catch(() => null);
        this.#looking = false;
        this.unserved = !answer || NOBODY_BEHIND.includes(answer.status);
        this.#heard = this.unserved ? 0 : Date.now();
    }

    may(what: Schemas['Ability']): boolean {
        return this.me?.may.includes(what) ?? false;
    }

    shows(screen: Schemas['Screen']): boolean {
        return this.me?.screens.includes(screen) ?? false;
    }

    /** This device was let in. */
    async letIn(me: Me): Promise<void> {
        this.#lettings++;
        this.me = me;
        this.outside = false;
        await this.read();
    }

    /** This device is no more one of the boat's. */
    async goAshore(): Promise<void> {
        await ask(api.DELETE('/aboard'));
        await this.readMe();
    }

    async readMe(): Promise<void> {
        const me = await ask(api.GET('/aboard'));
        if ('data' in me) {
            this.me = me.data;
            this.outside = false;
        }
    }

    async read(): Promise<void> {
        await this.readMe();
        if (this.outside) {
            return;
        }
        const [boat, catalogue] = await Promise.all([ask(api.GET('/boat')), ask(api.GET('/catalogue'))]);
        if (!this.me || !('data' in catalogue) || 'silent' in boat) {
            this.state = 'silent';
            setTimeout(() => void this.read(), 2500);
            return;
        }
        keepCatalogue(catalogue.data);
        if ('problem' in boat) {
            this.state = 'no-boat';
            return;
        }
        const [locker] = await Promise.all([ask(api.GET('/locker')), this.readTrips()]);
        this.boat = boat.data;
        this.locker = 'data' in locker ? locker.data : null;
        this.state = this.locker ? 'ready' : 'silent';
    }

    async readTrips(): Promise<void> {
        const trips = await ask(api.GET('/trips'));
        if ('data' in trips) {
            this.trips = trips.data;
        }
    }

    async readLocker(): Promise<void> {
        const locker = await ask(api.GET('/locker'));
        if ('data' in locker) {
            this.locker = locker.data;
        }
    }

    /** The port's clock, by its IANA name. */
    async setClock(timezone: string): Promise<void> {
        const answer = await ask(api.PUT('/boat/clock', { body: { timezone } }));
        if ('data' in answer) {
            this.boat = answer.data;
        }
    }

    /** The one under way, as the server tells. */
    get nextTrip(): Trip | undefined {
        return this.trips.find((trip) => trip.under_way);
    }
}

export const aboard = new Aboard();
