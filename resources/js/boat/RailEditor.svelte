<script lang="ts">
    import HolderFields from './HolderFields.svelte';
    import HullPicture from './HullPicture.svelte';
    import type { RailDesk } from './rail-desk.svelte';

    /** Where the rods stand: dragged in the pictures or typed, one side made like the other, every step taken back. */
    let { desk }: { desk: RailDesk } = $props();

    let width = $state(700);
    const single = $derived(width < 620);
    const aboveWidth = $derived(single ? width : Math.round(width * 0.5));
    const restWidth = $derived(single ? width : width - aboveWidth - 20);
</script>

<div class="flex flex-wrap items-center gap-2 pb-2">
    <button type="button" class="btn btn-sm" onclick={() => void desk.look('port')}>Mirror port to starboard</button>
    <button type="button" class="btn btn-sm" onclick={() => void desk.look('starboard')}>Mirror starboard to port</button>
    <button type="button" class="btn btn-sm" disabled={!desk.changed} onclick={() => desk.undo()}>Undo</button>
    <span class="quiet text-sm">{desk.holders.length} holders, port bow round the stern to starboard bow</span>
</div>
<div class="flex gap-5" class:flex-col={single} bind:clientWidth={width}>
    <HullPicture {desk} from="above" width={aboveWidth} height={single ? 420 : 460} />
    <div class="flex min-w-0 flex-col gap-3" style:width="{restWidth}px">
        <HullPicture {desk} from="side" width={restWidth} height={200} />
        <HolderFields {desk} />
    </div>
</div>
{#each desk.remarks as remark (remark)}
    <p class="pt-2 font-semibold" role="status">{remark}</p>
{/each}
