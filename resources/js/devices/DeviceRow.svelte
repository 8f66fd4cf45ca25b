<script lang="ts">
    import { ago } from '../lib/words';
    import type { Device, DevicesDesk, Role } from './devices.svelte';
    import NamedInPlace from './NamedInPlace.svelte';

    /** One device: named, made something else, put out. */
    let { desk, device }: { desk: DevicesDesk; device: Device } = $props();

    let sure = $state(false);
</script>

<li class="border-base-300 flex flex-wrap items-center gap-x-4 gap-y-2 border-t py-3" data-device={device.name}>
    <span class="min-w-44 flex-1 self-start">
        <NamedInPlace {desk} name={device.name} give={(name) => desk.change({ ...device, name })} />
        <span class="quiet block pt-0.5 text-sm"
            >{device.asks ? 'this device' : device.seen_at ? `seen ${ago(device.seen_at)}` : 'not seen yet'}</span
        >
    </span>
    <span class="flex flex-col gap-1 self-start">
        <select
            class="select w-32 text-base"
            aria-label="{device.name} is aboard as"
            value={device.role}
            onchange={(event) => void desk.change({ ...device, role: event.currentTarget.value as Role })}
        >
            {#each desk.roles as { role } (role)}<option value={role}>{role}</option>{/each}
        </select>
        {#if device.role === 'guest'}
            <label class="flex min-h-8 cursor-pointer items-center gap-2 text-sm">
                <input
                    type="checkbox"
                    class="checkbox checkbox-sm"
                    checked={device.sees_places}
                    onchange={(event) => void desk.change({ ...device, sees_places: event.currentTarget.checked })}
                />
                sees the ground
            </label>
        {/if}
    </span>
    <span class="self-start">
        {#if sure}
            <button type="button" class="btn btn-error" onclick={() => void desk.putOut(device.id)}>Out with it</button>
            <button type="button" class="btn border-base-300" onclick={() => (sure = false)}>Keep</button>
        {:else}
            <button type="button" class="btn border-base-300" aria-label="Put {device.name} out" onclick={() => (sure = true)}
                >Put out…</button
            >
        {/if}
    </span>
</li>
