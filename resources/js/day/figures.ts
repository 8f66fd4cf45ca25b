/** Figures an event is told with, as they are typed. */
import type { Quantity } from '../lib/units';

export type FishFigure = 'length' | 'girth' | 'weight';
export type Figure = FishFigure | 'depth' | 'speed' | 'latitude' | 'longitude' | 'bearing' | 'distance';

export const FISH: readonly { name: FishFigure; label: string; quantity: Quantity }[] = [
    { name: 'length', label: 'Length', quantity: 'fish' },
    { name: 'girth', label: 'Girth', quantity: 'fish' },
    { name: 'weight', label: 'Weight, by the scale', quantity: 'mass' },
];

export const FIGURES: readonly { name: Figure; label: string; quantity?: Quantity }[] = [
    ...FISH,
    { name: 'depth', label: 'Depth', quantity: 'depth' },
    { name: 'speed', label: 'Speed', quantity: 'speed' },
    { name: 'latitude', label: 'Latitude' },
    { name: 'longitude', label: 'Longitude' },
    { name: 'bearing', label: 'Bearing' },
    { name: 'distance', label: 'Distance', quantity: 'distance' },
];
