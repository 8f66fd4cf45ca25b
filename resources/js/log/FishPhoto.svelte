<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, type Bite } from '../lib/api';
    import { sendFile } from '../lib/files';
    import { shrunk } from './shrunk';

    /** A fish's photograph, taken or chosen on the phone and made smaller there. */
    let { trip, bite, has, changed }: { trip: number; bite: Bite; has: boolean; changed: () => void } = $props();

    let said = $state('');
    /** Another picture under the same address is asked for anew. */
    let turn = $state(0);

    async function add(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const [file] = event.currentTarget.files ?? [];
        event.currentTarget.value = '';
        if (!file) {
            return;
        }
        said = 'Making it smaller…';
        const small = await shrunk(file);
        if (small === null) {
            said = 'This is no picture that can be read here.';
            return;
        }
        try {
            const kept = await sendFile(`/api/photographs?bite=${bite.uuid}`, small);
            said = 'said' in kept ? kept.said : '';
            turn++;
            changed();
        } catch {
            said = 'The server is not answering: keep it on the phone, and add it later.';
        }
    }

    async function drop(): Promise<void> {
        await api.DELETE('/trips/{trip}/photographs/{bite}', { params: { path: { trip, bite: bite.uuid } } });
        changed();
    }
</script>

<div class="photo">
    {#if has}
        <img
            src="/api/trips/{trip}/photographs/{bite.uuid}?{turn}"
            alt="The fish of {bite.holder}"
            loading="lazy"
            class="max-h-40 rounded"
        />
    {/if}
    {#if aboard.may('log')}
        <span class="flex flex-wrap items-center gap-2">
            <label class="btn btn-sm">
                {has ? 'Another photograph' : 'Add a photograph'}
                <input type="file" accept="image/*" class="sr-only" onchange={add} />
            </label>
            {#if has}<button type="button" class="btn btn-sm" onclick={() => void drop()}>Take it out</button>{/if}
            <span class="text-sm font-semibold" role="status">{said}</span>
        </span>
    {/if}
</div>

<style>
    .photo {
        display: flex;
        grid-column: 1 / -1;
        flex-wrap: wrap;
        gap: 0.6rem;
        align-items: end;
    }
    label:focus-within {
        outline: 3px solid var(--color-primary);
        outline-offset: 2px;
    }
</style>
