/** What every screen stands on: the boat, her gear and the season's trips, read once and refreshed on change. */
import { keepCatalogue } from './catalogue';
import { api, ask, type Boat, type Locker, type Trip } from './api';

type State = 'reading' | 'silent' | 'no-boat' | 'ready';

class Aboard {
    state: State = $state('reading');
    boat: Boat | null = $state.raw(null);
    locker: Locker | null = $state.raw(null);
    trips: Trip[] = $state.raw([]);

    async read(): Promise<void> {
        const [boat, catalogue] = await Promise.all([ask(api.GET('/boat')), ask(api.GET('/catalogue'))]);
        if (!('data' in catalogue) || 'silent' in boat) {
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

    /** The port's clock, by its IANA name. */
    async setClock(timezone: string): Promise<void> {
        const answer = await ask(api.PUT('/boat/clock', { body: { timezone } }));
        if ('data' in answer) {
            this.boat = answer.data;
        }
    }

    /** The nearest trip from today on, else the latest. */
    get nextTrip(): Trip | undefined {
        const now = new Date();
        const today = `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
        return this.trips.filter((trip) => trip.date >= today).at(-1) ?? this.trips[0];
    }
}

export const aboard = new Aboard();
