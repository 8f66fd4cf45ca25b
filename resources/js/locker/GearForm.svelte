<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultOf, type Fault, type Locker } from '../lib/api';
    import NumberField from '../fields/NumberField.svelte';
    import PickField from '../fields/PickField.svelte';
    import TextField from '../fields/TextField.svelte';
    import { formOf, type GearList } from './gear';

    /** A piece of gear typed into the locker, or put right there. */
    let {
        list,
        gear,
        start = {},
        done,
    }: {
        list: GearList;
        /** What is put right; none where a new piece is typed in. */
        gear?: Locker[GearList][number];
        /** Figures a new piece starts from. */
        start?: Record<string, unknown>;
        done: (id: number) => void;
    } = $props();

    const YES_NO = { false: 'no', true: 'yes' };
    const units = aboard.boat?.units ?? 'us';
    const sheet = $derived(formOf(list));
    let figures: Record<string, unknown> = $state(
        // svelte-ignore state_referenced_locally
        gear
            ? { ...gear }
            : { name: '', ...Object.fromEntries(formOf(list).fields.map(({ key, start }) => [key, start])), ...start },
    );
    const text = (key: string): string => {
        const value = figures[key];
        return typeof value === 'string' ? value : typeof value === 'boolean' ? String(value) : '';
    };
    let faults: Fault[] = $state.raw([]);
    let said = $state('');
    let form: HTMLFormElement;
    $effect(() => {
        if (!gear) {
            form.querySelector('input')?.focus();
        }
    });

    async function stow(event: SubmitEvent & { currentTarget: HTMLFormElement }): Promise<void> {
        event.preventDefault();
        const misread = event.currentTarget.querySelector<HTMLElement>('[data-misread]');
        if (misread) {
            misread.focus();
            return;
        }
        const body = Object.fromEntries(Object.entries(figures).filter(([key]) => key !== 'id'));
        const typed = body as { name: string };
        const answer = gear
            ? await ask(api.PUT('/locker/{list}/{id}', { params: { path: { list, id: gear.id } }, body: typed }))
            : await ask(api.POST('/locker/{list}', { params: { path: { list } }, body: typed }));
        faults = 'problem' in answer ? (answer.problem.errors ?? []) : [];
        if ('data' in answer) {
            said = '';
            await aboard.readLocker();
            done(answer.data.id);
        } else {
            said =
                'problem' in answer
                    ? faults.length > 0
                        ? ''
                        : answer.problem.detail
                    : 'The server is not answering; it was not kept.';
        }
    }
</script>

<form bind:this={form} class="flex flex-col gap-2" onsubmit={stow}>
    <TextField
        label="Name to know it by"
        value={text('name')}
        oninput={(name) => (figures.name = name)}
        fault={faultOf(faults, '/name')?.detail}
    />
    {#each sheet.fields as { key, label, options, quantity, unit, optional, start: first } (key)}
        {@const fault = faultOf(faults, `/${key}`)}
        {#if options || typeof first === 'boolean'}
            <div class="grid grid-cols-[1fr_12rem] items-center">
                <span class="quiet text-sm" aria-hidden="true">{label}</span>
                <PickField
                    {label}
                    value={text(key)}
                    options={[
                        ...(optional ? [{ value: '', text: 'not said' }] : []),
                        ...Object.entries(options ?? YES_NO).map(([value, text]) => ({ value, text })),
                    ]}
                    change={(value) => (figures[key] = value === '' ? null : options ? value : value === 'true')}
                    fault={fault?.detail}
                />
            </div>
        {:else if quantity}
            <NumberField
                {label}
                value={figures[key] as number | null}
                change={(value) => (figures[key] = value)}
                clear={optional ? () => (figures[key] = null) : undefined}
                {units}
                quantity={quantity === 'count' ? undefined : quantity}
                unit={quantity === 'count' ? unit : undefined}
                {fault}
            />
        {:else}
            <TextField {label} value={text(key)} oninput={(typed) => (figures[key] = typed)} fault={fault?.detail} />
        {/if}
    {/each}
    {#if sheet.note}<p class="quiet text-sm">{sheet.note}</p>{/if}
    <p class="text-error font-semibold empty:hidden" role="status">{said}</p>
    <button class="btn btn-primary">{gear ? 'Put it right' : 'Stow it'}</button>
</form>
