<script lang="ts">
    import { faultAt } from '../lib/api';
    import type { DevicesDesk } from './devices.svelte';

    /** A device's name, typed where it stands; what is refused stays as it was typed. */
    let { desk, name, give }: { desk: DevicesDesk; name: string; give: (name: string) => Promise<boolean> } = $props();

    let typed: string | null = $state(null);
    let wrong: string | undefined = $state();

    async function rename(): Promise<void> {
        const now = typed?.trim();
        if (now === undefined || now === name) {
            typed = null;
            return;
        }
        if (await give(now)) {
            typed = null;
            wrong = undefined;
        } else {
            wrong = faultAt(desk.faults, '/name') ?? desk.faults[0]?.detail;
        }
    }
</script>

<input
    class="input w-full text-base font-semibold"
    class:input-error={wrong}
    aria-label="Name of {name}"
    autocomplete="off"
    value={typed ?? name}
    oninput={(event) => (typed = event.currentTarget.value)}
    onblur={() => void rename()}
    onkeydown={(event) => event.key === 'Enter' && void rename()}
/>
{#if wrong}<span class="text-error block text-sm font-semibold">{wrong}</span>{/if}
