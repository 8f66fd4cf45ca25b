/** Of an event the server refused, what is wrong with it and where. */
import type { Boat, Fault } from '../lib/api';
import { allowed, type Quantity } from '../lib/units';
import type { NewEvent } from '../day/queue.svelte';
import type { Waiting } from '../day/shelf';

export type Figure = 'length' | 'girth' | 'weight' | 'depth' | 'speed' | 'latitude' | 'longitude' | 'bearing' | 'distance';

/** Figures that can be typed anew. */
export const FIGURES: Readonly<Record<Figure, { label: string; quantity?: Quantity }>> = {
    length: { label: 'Length', quantity: 'fish' },
    girth: { label: 'Girth', quantity: 'fish' },
    weight: { label: 'Weight, by the scale', quantity: 'mass' },
    depth: { label: 'Depth', quantity: 'depth' },
    speed: { label: 'Speed', quantity: 'speed' },
    latitude: { label: 'Latitude' },
    longitude: { label: 'Longitude' },
    bearing: { label: 'Bearing' },
    distance: { label: 'Distance', quantity: 'distance' },
};

/** The field of the event a fault is at, or in. */
export const fieldOf = ({ pointer }: Fault): string => pointer.split('/')[1] ?? '';

const isFigure = (name: string): name is Figure => name in FIGURES;

/** Nothing is wrong with it but what it was told with. */
export const isHeldBack = ({ refused = [] }: Waiting): boolean =>
    refused.length > 0 && refused.every((one) => fieldOf(one) === 'thing');

/** What is wrong, in the boat's units. */
export function wordsOf(fault: Fault, { units }: Boat): string {
    const name = fieldOf(fault);
    const quantity = isFigure(name) ? FIGURES[name].quantity : undefined;
    return (quantity ? allowed(fault, units, quantity) : undefined) ?? fault.detail;
}

/** The rod an event is of: its own, or that of the bite it is of, as far as that waits here too. */
export function rodOf(event: NewEvent, waiting: readonly Waiting[], boat: Boat): string {
    const holder = event.holder_id ?? waiting.find(({ event: { uuid } }) => uuid === event.of)?.event.holder_id;
    return boat.holders.find(({ id }) => id === holder)?.code ?? '';
}
