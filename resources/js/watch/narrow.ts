/** Narrow enough that rods stand under what she reads: nothing that comes and goes may move them from under a thumb. */
import { MediaQuery } from 'svelte/reactivity';

export const narrow = new MediaQuery('max-width: 1000px');
