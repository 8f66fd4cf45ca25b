<script lang="ts">
    import { stateOf, type Rod } from './states';
    import type { Watch } from './watch.svelte';
    import WatchSinking from './WatchSinking.svelte';

    /** What is to be done with a fish on: amidships on a wide screen, in the foot on a phone, where nothing may move the rods. */
    let { watch, rod }: { watch: Watch; rod: Rod } = $props();
</script>

<h2 class="text-3xl font-bold">{rod.holder}: {stateOf(rod)?.words}</h2>
<p class="text-2xl leading-tight">
    {#if rod.clear_first.length > 0}Clear <b class="figure">{rod.clear_first.join(', then ')}</b> first.{:else}Nothing lies in its
        way.{/if}
</p>
<WatchSinking {watch} fish={rod.holder} />
<p class="text-xl leading-snug">{rod.taken}</p>
{#if watch.now?.ahead}<p class="text-xl leading-snug" data-way>{watch.now.ahead.way}</p>{/if}
