<script lang="ts">
    import Router from 'svelte-spa-router';
    import { aboard } from './lib/aboard.svelte';
    import Shell from './frame/Shell.svelte';
    import DeckCard from './card/DeckCard.svelte';
    import FirstRun from './boat/FirstRun.svelte';
    import Ground from './ground/Ground.svelte';
    import Log from './log/Log.svelte';
    import Prepare from './trip/Prepare.svelte';
    import Spread from './spread/Spread.svelte';
    import Water from './water/Water.svelte';
    import Trips from './trip/Trips.svelte';

    const routes = {
        '/trips/:trip/prepare': Prepare,
        '/trips/:trip/water': Water,
        '/trips/:trip/ground': Ground,
        '/trips/:trip/spread': Spread,
        '/trips/:trip/deck-card': DeckCard,
        '/trips/:trip/log': Log,
        '*': Trips,
    };

    void aboard.read();
</script>

{#if aboard.state === 'ready'}
    <Shell><Router {routes} /></Shell>
{:else if aboard.state === 'no-boat'}
    <FirstRun />
{:else}
    <main class="grid h-full place-items-center p-8 text-center">
        {#if aboard.state === 'silent'}
            <div>
                <h1 class="text-2xl font-bold">The server is not answering</h1>
                <p class="quiet mt-2">Is Admek still running on the boat’s laptop? This page tries again by itself.</p>
            </div>
        {:else}
            <p class="quiet">Reading…</p>
        {/if}
    </main>
{/if}
