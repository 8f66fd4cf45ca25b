<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import Dialog from '../frame/Dialog.svelte';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** Another lure on a rod. */
    let { watch, rod, close }: { watch: Watch; rod: Rod; close: () => void } = $props();

    const lures = $derived((aboard.locker?.lures ?? []).filter(({ id, retired }) => !retired && id !== rod.line.lure_id));

    async function hang(lure: number): Promise<void> {
        close();
        await watch.tell(rod, 'swap', { line: { ...rod.line, lure_id: lure } });
    }
</script>

<Dialog title="{rod.holder}: off {rod.lure}, and on" {close} look="max-w-lg">
    <ul class="grid gap-2 sm:grid-cols-2">
        {#each lures as lure (lure.id)}
            <li>
                <button
                    type="button"
                    class="btn h-16 w-full justify-start text-left text-lg leading-tight"
                    onclick={() => void hang(lure.id)}>{lure.name}<span class="quiet text-sm">{lure.finish}</span></button
                >
            </li>
        {/each}
    </ul>
</Dialog>
