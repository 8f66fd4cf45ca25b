<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import DeviceRow from './DeviceRow.svelte';
    import { DevicesDesk } from './devices.svelte';
    import LetIn from './LetIn.svelte';
    import NamedInPlace from './NamedInPlace.svelte';

    /** Who is aboard with what, and the way in for one more. */
    const desk = new DevicesDesk();

    void desk.read();
    $effect(() => () => void desk.hide());

    const said = $derived(desk.faults.find(({ pointer }) => pointer !== '/name')?.detail);
</script>

<main class="mx-auto grid max-w-6xl items-start gap-6 px-5 py-6 sm:px-8 lg:grid-cols-[minmax(0,0.8fr)_minmax(0,1fr)]">
    <section aria-labelledby="aboard" class="max-lg:order-last">
        <h1 id="aboard" class="pb-3 text-2xl font-bold">Devices</h1>
        <ul>
            <li class="border-base-300 border-t py-3">
                {#if desk.laptop !== ''}<NamedInPlace {desk} name={desk.laptop} give={(name) => desk.nameLaptop(name)} />{/if}
                <span class="block pt-0.5">The laptop Admek runs on, as captain{aboard.me?.laptop ? ': this one' : ''}.</span>
                <span class="quiet block text-sm">Whoever sits at it needs no code. Lock its screen when nobody does.</span>
            </li>
            {#each desk.devices ?? [] as device (device.id)}
                <DeviceRow {desk} {device} />
            {:else}
                <li class="border-base-300 quiet border-t py-3">
                    {desk.devices ? 'No other device is let in yet.' : 'Reading…'}
                </li>
            {/each}
        </ul>
        {#if said}<p class="text-error pt-2 font-semibold" role="alert">{said}</p>{/if}
        <p class="quiet border-base-300 border-t pt-3 text-sm leading-snug">
            A device that is put out is answered nothing from that moment. What it recorded stays.
        </p>
    </section>
    <LetIn {desk} />
</main>
