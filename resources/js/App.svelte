<script lang="ts">
    import Router from 'svelte-spa-router';
    import { aboard } from './lib/aboard.svelte';
    import LookRound from './frame/LookRound.svelte';
    import Outdated from './frame/Outdated.svelte';
    import Shell from './frame/Shell.svelte';
    import ComeAboard from './devices/ComeAboard.svelte';
    import Devices from './devices/Devices.svelte';
    import Boat from './boat/Boat.svelte';
    import DeckCard from './card/DeckCard.svelte';
    import FirstRun from './boat/FirstRun.svelte';
    import Ground from './ground/Ground.svelte';
    import Instruments from './instruments/Instruments.svelte';
    import Labels from './locker/Labels.svelte';
    import TrueUp from './locker/TrueUp.svelte';
    import LureBox from './locker/LureBox.svelte';
    import DayEnd from './day/DayEnd.svelte';
    import Drills from './drills/Drills.svelte';
    import Log from './log/Log.svelte';
    import Prepare from './trip/Prepare.svelte';
    import Spread from './spread/Spread.svelte';
    import Locker from './locker/Locker.svelte';
    import Season from './season/Season.svelte';
    import Watch from './watch/Watch.svelte';
    import Water from './water/Water.svelte';
    import Trips from './trip/Trips.svelte';

    const routes = {
        '/trips/:trip/prepare': Prepare,
        '/trips/:trip/water': Water,
        '/trips/:trip/ground': Ground,
        '/trips/:trip/lures': LureBox,
        '/trips/:trip/spread': Spread,
        '/trips/:trip/deck-card': DeckCard,
        '/trips/:trip/watch': Watch,
        '/trips/:trip/log': Log,
        '/trips/:trip/end': DayEnd,
        '/boat': Boat,
        '/boat/instruments': Instruments,
        '/season': Season,
        '/drills': Drills,
        '/locker/labels': Labels,
        '/locker/true-up': TrueUp,
        '/locker/:list?/:id?': Locker,
        '/devices': Devices,
        '*': Trips,
    };

    void aboard.read();
    $effect(() => aboard.follow());
</script>

{#if aboard.outdated}<Outdated />{/if}
<!-- Over the page, not in its place: what was being done on it waits until the device is let in again. -->
{#if aboard.outside}<ComeAboard />{/if}
{#if aboard.state === 'ready'}
    <div class="contents" inert={aboard.outside}><Shell><Router {routes} /></Shell></div>
    {#if aboard.me?.demo && aboard.shows('spread')}<LookRound />{/if}
{:else if aboard.state === 'no-boat' && aboard.may('plan')}
    <FirstRun />
{:else if !aboard.outside}
    <main class="grid h-full place-items-center p-8 text-center">
        {#if aboard.state === 'silent'}
            <div>
                <h1 class="text-2xl font-bold">The server is not answering</h1>
                <p class="quiet mt-2">Is Admek still running on the boat’s laptop? This page tries again by itself.</p>
            </div>
        {:else if aboard.state === 'no-boat'}
            <div>
                <h1 class="text-2xl font-bold">There is no boat yet</h1>
                <p class="quiet mt-2">The captain sets her up first, on the laptop.</p>
            </div>
        {:else}
            <p class="quiet">Reading…</p>
        {/if}
    </main>
{/if}
