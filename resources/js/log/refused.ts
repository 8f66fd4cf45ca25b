/** Of an event the server refused, what is wrong with it and where. */
import type { Boat, Fault } from '../lib/api';
import { FIGURES } from '../day/figures';
import { allowed } from '../lib/units';
import type { NewEvent } from '../day/queue.svelte';
import type { Waiting } from '../day/shelf';

/** The field of the event a fault is at, or in. */
export const fieldOf = ({ pointer }: Fault): string => pointer.split('/')[1] ?? '';

/** Nothing is wrong with it but what it was told with. */
export const isHeldBack = ({ refused = [] }: Waiting): boolean =>
    refused.length > 0 && refused.every((one) => fieldOf(one) === 'thing');

/** What is wrong, in the boat's units. */
export function wordsOf(fault: Fault, { units }: Boat): string {
    const quantity = FIGURES.find(({ name }) => name === fieldOf(fault))?.quantity;
    return (quantity ? allowed(fault, units, quantity) : undefined) ?? fault.detail;
}

/** The rod an event is of: its own, or that of the bite it is of, as far as that waits here too. */
export function rodOf(event: NewEvent, waiting: readonly Waiting[], boat: Boat): string {
    const holder = event.holder_id ?? waiting.find(({ event: { uuid } }) => uuid === event.of)?.event.holder_id;
    return boat.holders.find(({ id }) => id === holder)?.code ?? '';
}
