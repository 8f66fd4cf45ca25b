/** What waits on this device, on its disk: a battery may be empty the next moment. */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Fault, Schemas } from '../lib/api';

export interface Waiting {
    /** Its place in the queue; none where it stands nowhere but on this page. */
    number?: number;
    trip: number;
    /** Told together: kept all or none. */
    thing: string;
    event: Schemas['NewEvent'];
    /** Why the server will not have it; it stays here until it is put right, sent again or thrown away. */
    refused?: Fault[] | undefined;
}

interface Kept extends DBSchema {
    events: { key: number; value: Waiting };
}

/** What is told is on the disk before it is said to be kept. */
const ON_DISK: IDBTransactionOptions = { durability: 'strict' };

/** Each of its doings may fail: on a full disk, or in a browser that keeps nothing. */
export class Shelf {
    #open: Promise<IDBPDatabase<Kept>> | null = null;

    async all(): Promise<Waiting[]> {
        return await (await this.#database()).getAll('events');
    }

    /** With the places they were given: all, or none. */
    async add(told: readonly Waiting[]): Promise<Waiting[]> {
        const adding = (await this.#database()).transaction('events', 'readwrite', ON_DISK);
        const numbers = told.map((one) => adding.store.add(one));
        await Promise.all([...numbers, adding.done]);
        return await Promise.all(told.map(async (one, i) => ({ ...one, number: (await numbers[i]) ?? 0 })));
    }

    async change(gone: readonly Waiting[], stays: readonly Waiting[]): Promise<void> {
        const changing = (await this.#database()).transaction('events', 'readwrite', ON_DISK);
        const doing = [
            ...gone.flatMap(({ number }) => (number === undefined ? [] : [changing.store.delete(number)])),
            ...stays.filter(({ number }) => number !== undefined).map((one) => changing.store.put(one)),
        ];
        await Promise.all([...doing, changing.done]);
    }

    async #database(): Promise<IDBPDatabase<Kept>> {
        this.#open ??= openDB<Kept>('admek', 1, {
            upgrade: (database) => void database.createObjectStore('events', { keyPath: 'number', autoIncrement: true }),
            terminated: () => (this.#open = null),
        });
        try {
            return await this.#open;
        } catch (error) {
            this.#open = null;
            throw error;
        }
    }
}
