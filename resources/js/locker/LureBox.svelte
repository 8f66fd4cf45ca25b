<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultsIn, type Schemas, type SpreadOpened } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import { timeOfDay, tripWords } from '../lib/words';
    import RodStrip from './RodStrip.svelte';

    /** The lure box put in order for a trip's water and hour; one tap hangs a lure on the chosen rod. */
    let { params }: { params: { trip: string } } = $props();

    type Box = Schemas['LureBox'];

    const trip = $derived(aboard.trips.find(({ id }) => id === Number(params.trip)));
    let box = $state.raw<Box | null>(null);
    let spread = $state.raw<SpreadOpened | null>(null);
    let chosen = $state(0);
    let said = $state('');

    async function read(hour = 0): Promise<void> {
        const answer = await ask(
            api.GET('/trips/{trip}/lure-box', { params: { path: { trip: Number(params.trip) }, query: { hour: String(hour) } } }),
        );
        box = 'data' in answer ? answer.data : box;
        said = faultsIn(answer)[0]?.detail ?? '';
    }

    async function readSpread(): Promise<void> {
        const id = trip?.spreads[0]?.id;
        const answer = id === undefined ? null : await ask(api.GET('/spreads/{spread}', { params: { path: { spread: id } } }));
        if (answer && 'data' in answer) {
            spread = answer.data;
            chosen = spread.lines.some(({ holder_id }) => holder_id === chosen) ? chosen : (spread.lines[0]?.holder_id ?? 0);
        }
    }

    $effect(() => {
        void params.trip;
        void read();
        void readSpread();
    });

    const lure = (id: number) => aboard.locker?.lures.find((one) => one.id === id);
    const rods = $derived(
        (spread?.lines ?? []).flatMap((line) => {
            const holder = spread?.boat.holders.find(({ id }) => id === line.holder_id);
            return holder ? [{ holder, line }] : [];
        }),
    );
    const rod = $derived(rods.find(({ holder }) => holder.id === chosen));
    const on = (id: number) => rods.filter(({ line }) => line.lure_id === id).map(({ holder }) => holder.code);

    /** Kept at once; a plan another device has kept meanwhile is read again, not written over. */
    async function hang(id: number): Promise<void> {
        if (!spread || !rod) {
            return;
        }
        const lines = spread.lines.map((line) => (line.holder_id === chosen ? { ...line, lure_id: id } : line));
        const answer = await ask(
            api.PUT('/spreads/{spread}', {
                params: { path: { spread: spread.id } },
                body: { version: spread.version, speed: spread.speed, lines },
            }),
        );
        const fault = faultsIn(answer)[0];
        said = fault?.detail ?? `${lure(id)?.name ?? ''} hangs on ${rod.holder.code}.`;
        await readSpread();
    }

    async function school(key: string): Promise<void> {
        await ask(
            api.PUT('/trips/{trip}/water/choices', {
                params: { path: { trip: Number(params.trip) } },
                body: { advice: 'bait', school: key },
            }),
        );
        await read(box?.hour);
    }
</script>

{#snippet hanger(id: number)}
    {#if rod}
        {#if rod.line.lure_id === id}<span class="quiet text-sm">on {rod.holder.code}</span>
        {:else}<button type="button" class="btn btn-sm border-base-300 bg-base-100" onclick={() => void hang(id)}
                >On {rod.holder.code}</button
            >{/if}
    {/if}
{/snippet}

{#snippet about(id: number)}
    {@const one = lure(id)}
    <span class="quiet text-sm">{theCatalogue().lures[one?.kind ?? '']}, {one?.finish}</span>
    {#if on(id).length > 0}<span class="figure text-sm font-semibold">{on(id).join(' · ')}</span>{/if}
{/snippet}

{#if !trip}
    <main class="grid h-full place-items-center"><p>There is no such trip.</p></main>
{:else}
    <main class="box">
        <header class="border-base-300 bg-base-100 flex flex-wrap items-center gap-x-5 gap-y-1 border-b px-4 py-2">
            <div class="min-w-0 leading-tight">
                <h1 class="text-lg font-bold">Lure box, {tripWords(trip)}</h1>
                <p class="quiet text-sm" role="status">
                    {said || 'In order for this water and hour. Clarity, sky and bait are set under Water.'}
                </p>
            </div>
            {#if box && box.hours.length > 1}
                {@const hour = box.hour}
                <label class="flex items-center gap-2 text-sm">
                    <span class="quiet">at</span>
                    <select
                        class="select select-sm figure w-24 text-base font-semibold"
                        aria-label="Hour"
                        value={hour}
                        onchange={(event) => void read(event.currentTarget.selectedIndex)}
                    >
                        {#each box.hours as clock, i (clock)}<option value={i}>{timeOfDay(clock)}</option>{/each}
                    </select>
                </label>
            {/if}
            {#if box && box.schools.length > 0}
                <span class="join" role="group" aria-label="Match the bait, or stand out">
                    {#each box.schools as one (one.key)}
                        <button
                            type="button"
                            class="btn btn-sm join-item"
                            class:btn-neutral={one.chosen}
                            aria-pressed={one.chosen}
                            title={one.why}
                            disabled={!aboard.may('plan')}
                            onclick={() => void school(one.key)}>{one.label}</button
                        >
                    {/each}
                </span>
            {/if}
            <a class="btn btn-sm ml-auto" href="#/trips/{trip.id}/water">Water</a>
            <a class="btn btn-sm" href="#/trips/{trip.id}/spread">Spread</a>
        </header>
        {#if rods.length > 0}
            <RodStrip {rods} {chosen} choose={(id) => (chosen = id)} />
        {/if}
        {#if box}
            {@const order = box.order}
            <div class="halves">
                <section aria-labelledby="first">
                    <h2 id="first" class="text-lg font-bold">First four in the water</h2>
                    <ol>
                        {#each box.first as id, i (id)}
                            <li class="border-base-300 border-b py-2" data-first={lure(id)?.name}>
                                <div class="flex items-baseline gap-3">
                                    <b class="figure text-3xl">{i + 1}</b>
                                    <span class="min-w-0 flex-1 leading-tight"
                                        ><b class="text-xl">{lure(id)?.name}</b><br />{@render about(id)}</span
                                    >
                                    {@render hanger(id)}
                                </div>
                                <p class="pt-1 leading-snug">
                                    {order
                                        .find((row) => row.lure === id)
                                        ?.reasons.slice(0, 2)
                                        .join(' ')}
                                </p>
                            </li>
                        {:else}
                            <li class="quiet py-3">
                                There is no lure in the box yet: <a class="link" href="#/locker/lures">add some</a>.
                            </li>
                        {/each}
                    </ol>
                    {#if box.next !== null}
                        {@const next = box.next}
                        <h3 class="pt-3 font-bold">When they do not bite</h3>
                        <p class="leading-snug">
                            Change one thing a side, on the clock: depth first, then speed, then the lure. Then try
                            <b>{lure(next)?.name}</b>: {order.find((row) => row.lure === next)?.reasons[0] ??
                                'it is another family.'}
                        </p>
                        <p class="pt-1">{@render hanger(next)}</p>
                    {/if}
                </section>
                <section class="border-base-300" aria-labelledby="order">
                    <h2 id="order" class="text-lg font-bold">The box in order</h2>
                    <ol data-testid="order">
                        {#each order as row, i (row.lure)}
                            <li class="border-base-300 flex items-start gap-3 border-b py-1.5">
                                <span class="figure quiet w-6 pt-0.5 text-right">{i + 1}</span>
                                <span class="min-w-0 flex-1 leading-snug">
                                    <a class="link font-semibold" href="#/locker/lures/{row.lure}">{lure(row.lure)?.name}</a>
                                    {@render about(row.lure)}<br />
                                    <span class="text-[15px]"
                                        >{row.reasons.join(' ') || 'Nothing speaks for it or against it.'}</span
                                    >
                                </span>
                                {@render hanger(row.lure)}
                            </li>
                        {/each}
                    </ol>
                </section>
            </div>
        {:else}<p class="quiet p-4">{said || 'Reading…'}</p>{/if}
    </main>
{/if}

<style>
    .box {
        display: grid;
        grid-template-rows: auto auto minmax(0, 1fr);
        height: 100%;
    }
    .halves {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
        min-height: 0;
    }
    section {
        min-height: 0;
        padding: 0.75rem 1rem;
        overflow-y: auto;
    }
    section + section {
        border-left-width: 1px;
    }
    @media (max-width: 820px) {
        .box {
            display: block;
            height: auto;
        }
        .halves {
            grid-template-columns: minmax(0, 1fr);
        }
        section + section {
            border-width: 1px 0 0;
        }
    }
</style>
