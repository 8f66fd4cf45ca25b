<script lang="ts">
    import { theCatalogue } from '../lib/catalogue';
    import { degreesOf } from '../lib/position';
    import type { Place } from './ground.svelte';

    /** A place typed in, for who does not tap: latitude, then longitude. */
    let { tap }: { tap: (place: Place) => void } = $props();

    const { latitude, longitude } = theCatalogue().places;
    let typed = $state('');
    let misread = $state('');

    function put(event: SubmitEvent): void {
        event.preventDefault();
        // Degrees and minutes have spaces of their own: the two are parted by a comma, or after a hemisphere, or are two figures.
        const [first = '', second = ''] = /[,;]/.test(typed)
            ? typed.split(/[,;]/)
            : (/^(.*[NS])\s*(.+)$/i.exec(typed.trim())?.slice(1) ?? typed.trim().split(/\s+/));
        const [lat, lon] = [degreesOf(first, 'latitude') ?? Number.NaN, degreesOf(second, 'longitude') ?? Number.NaN];
        misread =
            Math.abs(lat) <= latitude && Math.abs(lon) <= longitude
                ? ''
                : `Must be latitude, then longitude: degrees from -${latitude} to ${latitude} and -${longitude} to ${longitude}.`;
        if (misread === '') {
            tap([lat, lon]);
            typed = '';
        }
    }
</script>

<form class="flex items-center gap-1.5" onsubmit={put}>
    <label class="quiet text-sm" for="typed-place">or at, °N °E</label>
    <input
        id="typed-place"
        class="input input-sm figure w-40 text-base"
        class:input-error={misread}
        placeholder="45.31 -38.42"
        autocomplete="off"
        bind:value={typed}
    />
    <button class="btn btn-sm">Put it</button>
</form>
{#if misread}<p class="text-error text-sm font-semibold" role="alert">{misread}</p>{/if}
