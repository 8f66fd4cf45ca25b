<script lang="ts">
    import { faultAt, type Fault, type Schemas } from '../lib/api';
    import type { PreparationDesk } from './preparation.svelte';
    import { theCatalogue } from '../lib/catalogue';
    import Dialog from '../frame/Dialog.svelte';
    import PickField from '../fields/PickField.svelte';
    import TextField from '../fields/TextField.svelte';

    /** A chore given away, put at another time or left out; or one of the captain's own. */
    let { desk, chore, close }: { desk: PreparationDesk; chore: Schemas['Chore'] | null; close: () => void } = $props();

    // What is changed is fixed for the dialog's life.
    // svelte-ignore state_referenced_locally
    const start = chore;
    let what = $state(start?.what ?? '');
    const { chore: first } = theCatalogue();
    let owner = $state(start?.owner ?? first.owner);
    let clock = $state(start?.clock ?? first.clock);
    let day = $state(start?.day ?? first.day);
    let faults: Fault[] = $state.raw([]);

    const minutes = (text: string): number | null => {
        const [hours, rest] = text.split(':').map(Number);
        return Number.isInteger(hours) && Number.isInteger(rest) ? (hours ?? 0) * 60 + (rest ?? 0) : null;
    };

    async function keep(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const of = minutes(clock);
        const at = of === null ? null : of + 1440 * day;
        const moved = start && at === start.at && !start.moved && !start.own ? {} : { at };
        const own = start === null || start.own ? { what } : {};
        faults = start
            ? await desk.change(start.key, { ...own, owner, ...moved })
            : await desk.add({ what, owner, at: at as number });
        if (faults.length === 0) {
            close();
        }
    }

    async function and(doing: Promise<Fault[]>): Promise<void> {
        faults = await doing;
        if (faults.length === 0) {
            close();
        }
    }
</script>

<Dialog title={start ? start.what : 'A chore of your own'} {close}>
    <form class="flex flex-col gap-3" onsubmit={keep}>
        {#if start}
            <p class="leading-snug">
                {start.why}{#if start.caution}<br /><span class="font-semibold">{start.caution}</span>{/if}
            </p>
        {/if}
        {#if !start || start.own}
            <TextField label="What is to be done" bind:value={what} fault={faultAt(faults, '/what')} />
        {/if}
        <div class="grid grid-cols-3 gap-3">
            <TextField label="Whose" bind:value={owner} fault={faultAt(faults, '/owner')} />
            <TextField label="Begins" type="time" bind:value={clock} fault={faultAt(faults, '/at')} />
            <div>
                <span class="quiet text-sm" aria-hidden="true">Day</span>
                <PickField
                    label="Day"
                    value={day}
                    options={[
                        { value: -2, text: 'two days before' },
                        { value: -1, text: 'the day before' },
                        { value: 0, text: 'the day' },
                        { value: 1, text: 'the day after' },
                    ]}
                    change={(picked) => (day = picked)}
                />
            </div>
        </div>
        {#if faultAt(faults, '')}<p class="text-error font-semibold" role="status">{faultAt(faults, '')}</p>{/if}
        <p class="flex flex-wrap gap-2">
            <button class="btn btn-primary btn-sm">Keep it so</button>
            {#if start?.own}
                <button type="button" class="btn btn-sm" onclick={() => void and(desk.forget(start.key))}>Take it out</button>
            {:else if start}
                <button type="button" class="btn btn-sm" onclick={() => void and(desk.change(start.key, { dropped: true }))}
                    >Leave it out</button
                >
                {#if start.moved}
                    <button type="button" class="btn btn-sm" onclick={() => void and(desk.change(start.key, { at: null }))}
                        >As reckoned from lines-in</button
                    >
                {/if}
            {/if}
        </p>
    </form>
</Dialog>
