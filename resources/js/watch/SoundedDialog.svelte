<script lang="ts">
    import Dialog from '../frame/Dialog.svelte';
    import NumberField from '../fields/NumberField.svelte';
    import { faultOf, type Fault, type Schemas } from '../lib/api';
    import { kindsOf } from '../lib/catalogue';
    import type { Units } from '../lib/units';
    import { answered, queue } from '../day/queue.svelte';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** How deep a line was seen to run, and how: one tap on how keeps it. What the bottom there contradicts is asked about. */
    let { watch, rod, units, close }: { watch: Watch; rod: Rod; units: Units; close: () => void } = $props();

    let depth: number | null = $state(null);
    let faults: Fault[] = $state.raw([]);
    let asked: { uuid: string; words: string; method: Schemas['SoundingMethod'] } | null = $state.raw(null);

    async function sounded(method: Schemas['SoundingMethod']): Promise<void> {
        if (depth === null) {
            faults = [{ pointer: '/depth', detail: 'Must be told: how deep it ran.' }];
            return;
        }
        const event = queue.event({ kind: 'sounding', holder_id: rod.holder_id, depth, method });
        faults = await watch.sayTyped(`${rod.holder} sounded`, event);
        const words = queue.askedOf(event.uuid);
        asked = words ? { uuid: event.uuid, words, method } : null;
        if (faults.length === 0 && !asked) {
            close();
        }
    }

    async function answer(sure: boolean): Promise<void> {
        const { uuid = '', method = null } = asked ?? {};
        faults = await watch.sayTyped(
            sure ? `${rod.holder} sounded, sure` : '',
            ...answered(uuid, { kind: 'sounding', holder_id: rod.holder_id, depth: depth ?? 0, method }, sure),
        );
        if (faults.length === 0) {
            close();
        }
    }
</script>

<Dialog title="{rod.holder}: how deep it really ran" {close} look="max-w-sm">
    {#if asked}
        <div class="grid gap-3 text-xl">
            <p role="alert">{asked.words}</p>
            <button type="button" class="btn border-base-content bg-base-100 h-16 text-xl" onclick={() => void answer(true)}
                >It did: learn from it</button
            >
            <button type="button" class="btn btn-primary h-16 text-xl" onclick={() => void answer(false)}>Take it back</button>
            <p class="quiet text-base">
                Left as it is, it stays in the log, teaches nothing, and is asked about at the day’s end.
            </p>
        </div>
    {:else}
        <div class="deck grid gap-3">
            <NumberField
                label="It ran at"
                id="sounded-at"
                value={depth}
                change={(value) => (depth = value)}
                clear={() => (depth = null)}
                {units}
                quantity="depth"
                fault={faultOf(faults, '/depth')}
            />
            {#each kindsOf('soundings') as { value, word } (value)}
                <button
                    type="button"
                    class="btn border-base-content bg-base-100 h-16 text-xl"
                    data-method={value}
                    onclick={() => void sounded(value)}>{word}</button
                >
            {/each}
            {#if faults[0] && faults[0].pointer !== '/depth'}<p class="text-error" role="alert">{faults[0].detail}</p>{/if}
        </div>
    {/if}
</Dialog>
