<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Boat, type Schemas, type Trip } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import { shown } from '../lib/units';
    import { clock } from '../lib/words';
    import PickField from '../fields/PickField.svelte';
    import Dialog from '../frame/Dialog.svelte';

    /** A clip-on logger's trace, matched to when a rod's line was out: looked at first, then kept as soundings. */
    let { trip, boat, rods, close }: { trip: Trip; boat: Boat; rods: readonly string[]; close: () => void } = $props();

    const units = $derived(aboard.boat?.units ?? 'us');
    // svelte-ignore state_referenced_locally
    let rod = $state(rods[0] ?? '');
    let text = $state('');
    let name = $state('');
    let offset = $state('');
    let unit: Schemas['FileDepthUnit'] | null = $state(null);
    let found = $state.raw<Schemas['LoggerFound'] | null>(null);
    let said = $state('');
    let asked = 0;

    const body = $derived<Schemas['Logger']>({
        holder_id: boat.holders.find(({ code }) => code === rod)?.id ?? 0,
        text,
        depth_unit: unit,
        offset: offset.trim() === '' ? null : Number(offset.replace(',', '.')),
    });
    const reads = $derived(found?.readings.filter(({ depth }) => depth !== null) ?? []);

    $effect(() => {
        if (text === '') {
            return;
        }
        const mine = ++asked;
        const told = body;
        void ask(api.POST('/trips/{trip}/logger', { params: { path: { trip: trip.id } }, body: told })).then((answer) => {
            if (mine === asked) {
                found = 'data' in answer ? answer.data : null;
                said =
                    'problem' in answer
                        ? (answer.problem.errors?.[0]?.detail ?? answer.problem.detail)
                        : 'silent' in answer
                          ? 'The server is not answering.'
                          : '';
            }
        });
    });

    async function take(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const [file] = event.currentTarget.files ?? [];
        if (file) {
            name = file.name;
            text = await file.text();
        }
    }

    async function keep(): Promise<void> {
        const answer = await ask(api.PUT('/trips/{trip}/logger', { params: { path: { trip: trip.id } }, body }));
        if ('data' in answer) {
            close();
        } else {
            said = 'problem' in answer ? answer.problem.detail : 'The server is not answering; nothing was kept.';
        }
    }
</script>

<Dialog title="Depth logger" {close}>
    <div class="flex flex-col gap-3">
        <p class="text-[15px] leading-snug">
            A trace of depth against time off a logger clipped to a line. Each time that line settled becomes a sounding, with the
            let-out and speed it had.
        </p>
        <div class="grid grid-cols-2 gap-3">
            <PickField
                label="Rod"
                value={rod}
                options={rods.map((code) => ({ value: code, text: code }))}
                change={(to) => (rod = to)}
            />
            <PickField
                label="Depths are in"
                value={unit ?? ('' as const)}
                options={[
                    { value: '' as const, text: found ? `as it says: ${found.unit}` : 'as it says' },
                    ...theCatalogue().file_units.depth.map((value) => ({ value, text: value })),
                ]}
                change={(to) => (unit = to === '' ? null : to)}
            />
        </div>
        <label class="flex items-center gap-2 text-[15px]"
            >Its clock is behind by <input
                class="input input-sm figure w-16 text-center"
                inputmode="decimal"
                autocomplete="off"
                bind:value={offset}
            /> min</label
        >
        <label class="btn"
            >{name === '' ? 'Choose its file…' : name}<input
                type="file"
                accept=".csv,.txt,text/*"
                class="sr-only"
                onchange={take}
            /></label
        >
        {#if found}
            <ul class="text-[15px]" data-testid="logger">
                {#each found.readings as reading (reading.from)}
                    <li class="border-base-300 border-t py-1">
                        {clock(reading.from)}–{clock(reading.until)}:
                        {#if reading.depth !== null}<b class="figure">{shown(units, 'depth', reading.depth)}</b>
                            <span class="quiet">of {reading.count} readings</span>
                        {:else}<span class="quiet">{reading.says}</span>{/if}
                    </li>
                {/each}
            </ul>
            {#if found.bad_rows > 0}<p class="quiet text-sm">
                    {found.bad_rows} rows could not be read, and are passed over.
                </p>{/if}
        {/if}
        <p class="text-error text-sm font-semibold empty:hidden" role="status">{said}</p>
        <button type="button" class="btn btn-primary" disabled={reads.length === 0} onclick={() => void keep()}
            >{reads.length === 1 ? 'Keep it as a sounding' : `Keep ${reads.length} soundings`}</button
        >
    </div>
</Dialog>
