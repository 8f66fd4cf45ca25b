/** A trip as it is typed: every field's text, and what is sent of it. */
import { aboard } from '../lib/aboard.svelte';
import type { Schemas, Trip } from '../lib/api';
import { degreesOf } from '../lib/position';
import { figure, measure, type Quantity, typedNumber } from '../lib/units';

type Begun = Schemas['FreshTrip'] | Trip;

export class TripEntry {
    readonly units = aboard.boat?.units ?? 'us';

    date = $state('');
    linesIn = $state('');
    backBy = $state('');
    port = $state('');
    ground = $state('');
    run = $state('');
    latitude = $state('');
    longitude = $state('');
    anglers = $state('');
    guests = $state('');
    crew = $state('');
    crewFish = $state(false);
    perAngler = $state('');
    limit = $state('');
    limitSource = $state('');
    lookedUp = $state('');
    bottom = $state('');
    /** The place is as it is typed, whatever speaks against it. */
    placeSure = $state(false);
    water: Schemas['WaterKind'] = $state('fresh');
    salinity = $state('');
    temperature = $state('');
    cure: Schemas['BaitCure'] = $state('brine');
    strips = $state(true);
    species: Schemas['Species'][] = $state([]);
    bags: Record<string, string> = $state({});
    sizes: Record<string, string> = $state({});

    constructor(was: Begun) {
        this.date = was.date;
        this.linesIn = was.lines_in;
        this.backBy = was.back_by;
        this.port = was.port ?? '';
        this.ground = was.ground;
        this.run = this.#shown('distance', was.run, 1);
        this.latitude = was.latitude?.toString() ?? '';
        this.longitude = was.longitude?.toString() ?? '';
        this.anglers = String(was.anglers);
        this.guests = was.guests?.join(', ') ?? '';
        this.crew = String(was.crew);
        this.crewFish = was.crew_fish;
        this.perAngler = was.lines_per_angler?.toString() ?? '';
        this.limit = was.line_limit?.toString() ?? '';
        this.limitSource = was.limit_source ?? '';
        this.lookedUp = was.limits_looked_up ?? '';
        this.bottom = [was.bottom, was.bottom_to]
            .map((depth) => this.#shown('depth', depth, 1))
            .filter(Boolean)
            .join('–');
        this.water = was.water;
        this.salinity = was.salinity?.toString() ?? '';
        this.temperature = this.#shown('temperature', was.water_temperature, 0);
        this.cure = was.bait_cure;
        this.strips = was.bait_strips;
        this.species = was.species;
        for (const { species, bag, least_length } of was.catch_limits ?? []) {
            this.bags[species] = bag?.toString() ?? '';
            this.sizes[species] = this.#shown('fish', least_length, 1);
        }
    }

    /** Species with a limit typed, in order. */
    get limited(): Schemas['Species'][] {
        return this.species.filter((name) => this.bags[name] || this.sizes[name]);
    }

    toggle(name: Schemas['Species'], on: boolean): void {
        this.species = on ? [...this.species, name] : this.species.filter((other) => other !== name);
    }

    body(): Schemas['NewTrip'] {
        const whole = (text: string): number => number(text) ?? Number.NaN;
        const names = this.guests
            .split(',')
            .map((name) => name.trim())
            .filter(Boolean);
        return {
            date: this.date,
            lines_in: this.linesIn,
            back_by: this.backBy,
            port: this.port || null,
            ground: this.ground || null,
            run: this.#si(this.run, 'distance'),
            latitude: place(this.latitude, 'latitude'),
            longitude: place(this.longitude, 'longitude'),
            ...(this.placeSure ? { place_sure: true } : {}),
            anglers: whole(this.anglers),
            guests: names.length === 0 ? null : names,
            crew: whole(this.crew),
            crew_fish: this.crewFish,
            lines_per_angler: number(this.perAngler),
            line_limit: number(this.limit),
            limit_source: this.limitSource || null,
            limits_looked_up: this.lookedUp || null,
            catch_limits: this.limited.map((name) => ({
                species: name,
                bag: number(this.bags[name] ?? ''),
                least_length: this.#si(this.sizes[name] ?? '', 'fish'),
            })),
            bait_cure: this.cure,
            bait_strips: this.strips,
            species: this.species,
            bottom: this.#si(this.#bottoms[0] ?? '', 'depth'),
            bottom_to: this.#si(this.#bottoms[1] ?? '', 'depth'),
            water: this.water,
            salinity: this.water === 'fresh' ? null : number(this.salinity),
            water_temperature: this.#si(this.temperature, 'temperature'),
        };
    }

    /** One depth, or the ends of a range: "18–24". */
    get #bottoms(): string[] {
        return this.bottom.split(/\s*(?:–|—|-|\bto\b)\s*/);
    }

    #shown(quantity: Quantity, si: number | null | undefined, places?: number): string {
        return si === null || si === undefined ? '' : String(Number(figure(this.units, quantity, si, places)));
    }

    #si(text: string, quantity: Quantity): number | null {
        const figure = number(text);
        return typeof figure === 'number' ? measure(this.units, quantity).toSi(figure) : figure;
    }
}

/** An empty field is nothing; what is no number is sent as it is, for the server to name. */
function number(text: string): number | null {
    const figure = typedNumber(text);
    return Number.isNaN(figure) ? (text as unknown as number) : figure;
}

/** A position that cannot be read is sent as it is, for the server to name. */
function place(text: string, kind: 'latitude' | 'longitude'): number | null {
    const degrees = degreesOf(text, kind);
    return Number.isNaN(degrees) ? (text as unknown as number) : degrees;
}
