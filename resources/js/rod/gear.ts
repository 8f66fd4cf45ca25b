/** What is asked of a piece of gear that is typed in, in the trade's words. */
import type { Quantity } from '../lib/units';

export type GearList = 'reels' | 'lures' | 'balls' | 'divers' | 'boards';

export interface GearField {
    key: string;
    label: string;
    options?: Record<string, string>;
    quantity?: Quantity;
    /** Of a figure that is shown as it is kept. */
    unit?: string;
    optional?: boolean;
    start?: unknown;
}

const MATERIALS = { nylon: 'nylon', fluorocarbon: 'fluorocarbon', braid: 'braid' };

const LURES = {
    small_spoon: 'small spoon',
    medium_spoon: 'medium spoon',
    magnum_spoon: 'magnum spoon',
    small_minnow: 'small minnow',
    long_minnow: 'long minnow',
    deep_plug: 'deep plug',
    large_deep_plug: 'large deep plug',
    big_plug: 'big plug',
    bucktail: 'bucktail',
    worm_harness: 'worm harness',
    slow_spin_hook: 'slow-spin hook',
    rigged_bait: 'rigged bait',
};

export const GEAR: Record<GearList, { one: string; fields: GearField[]; note?: string }> = {
    reels: {
        one: 'reel',
        fields: [
            {
                key: 'material',
                label: 'spooled with',
                options: { ...MATERIALS, leadcore: 'leadcore', copper: 'copper', steel: 'stranded steel' },
                start: 'braid',
            },
            { key: 'test', label: 'test', unit: 'lb', start: 30 },
            { key: 'colours', label: 'colours on it (leadcore)', unit: 'col', optional: true },
            { key: 'wire_length', label: 'wire on it', quantity: 'length', optional: true },
            { key: 'backing_material', label: 'backing', options: MATERIALS, optional: true },
            { key: 'backing_test', label: 'backing test', unit: 'lb', optional: true },
            {
                key: 'counter_calibrated',
                label: 'counter checked against a tape',
                options: { false: 'no', true: 'yes' },
                start: false,
            },
            { key: 'counter_factor', label: 'counter shows, for 1 truly out', unit: '', start: 1 },
        ],
    },
    lures: {
        one: 'lure',
        fields: [
            { key: 'kind', label: 'family', options: LURES, start: 'medium_spoon' },
            { key: 'finish', label: 'finish', start: '' },
            { key: 'rated_depth', label: 'rated: runs at', quantity: 'depth', optional: true },
            { key: 'rated_lead', label: 'on so much line out', quantity: 'length', optional: true },
            { key: 'rated_line_diameter', label: 'of line so thick', quantity: 'thickness', optional: true },
            { key: 'rated_speed', label: 'at', quantity: 'speed', optional: true },
        ],
        note: 'A rated point is the depth on its box, or one you have seen, with the lead, line and speed it holds for. Without one a diving lure is given a modest lip.',
    },
    balls: { one: 'ball', fields: [{ key: 'mass', label: 'weight', quantity: 'mass', start: 4.535924 }] },
    divers: {
        one: 'diver',
        fields: [
            { key: 'size', label: 'plate', options: { small: 'small', medium: 'medium', large: 'large' }, start: 'large' },
            { key: 'ringed', label: 'ring round the rim', options: { false: 'no', true: 'yes' }, start: false },
        ],
    },
    boards: {
        one: 'board',
        fields: [
            {
                key: 'size',
                label: 'sort',
                options: { small: 'in-line, small', large: 'in-line, large', mast: 'on the mast’s tow line' },
                start: 'large',
            },
        ],
    },
};
