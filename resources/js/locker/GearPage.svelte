<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultsIn, type Schemas } from '../lib/api';
    import { wordOf } from '../lib/catalogue';
    import { figure, measure, plusMinus, shown, type Units } from '../lib/units';
    import { ago, dayWords } from '../lib/words';
    import CounterCheck from '../fields/CounterCheck.svelte';
    import SoundingList from '../rod/SoundingList.svelte';
    import TaughtFigures from '../rod/TaughtFigures.svelte';
    import { pieceWords, type GearList, type Piece } from './gear';
    import GearForm from './GearForm.svelte';

    /** One piece: what uses it, what is asked of it, and of a lure where it runs, what was sounded and what bit. */
    let { list, piece, units }: { list: GearList; piece: Piece; units: Units } = $props();

    let page = $state.raw<Schemas['GearPage'] | null>(null);
    let changing = $state(false);
    function read(): void {
        void ask(api.GET('/locker/{list}/{id}', { params: { path: { list, id: piece.id } } })).then((answer) => {
            page = 'data' in answer ? answer.data : null;
        });
    }
    $effect(read);

    const reel = $derived(list === 'reels' ? aboard.locker?.reels.find(({ id }) => id === piece.id) : undefined);
    const reelOf = (id: number) => aboard.locker?.reels.find((reel) => reel.id === id)?.name ?? '';
    const out = (kind: string, value: number) =>
        kind === 'colours' ? shown(units, 'colours', value) : shown(units, 'length', value);

    async function checkCounter(body: Schemas['CounterCheck']): Promise<string> {
        const answer = await ask(api.PUT('/locker/reels/{id}/counter', { params: { path: { id: piece.id } }, body }));
        if (!('data' in answer)) {
            return faultsIn(answer)[0]?.detail ?? '';
        }
        await aboard.readLocker();
        return answer.data.says;
    }

    async function retire(): Promise<void> {
        const { id, ...figures } = piece;
        await ask(
            api.PUT('/locker/{list}/{id}', { params: { path: { list, id } }, body: { ...figures, retired: !piece.retired } }),
        );
        await aboard.readLocker();
    }
</script>

<div class="flex flex-wrap items-baseline justify-between gap-3">
    <div>
        <h2 class="text-xl font-bold">{piece.name}</h2>
        <p class="quiet">{pieceWords(list, piece, units)}</p>
        {#if piece.note}<p class="max-w-prose whitespace-pre-line">{piece.note}</p>{/if}
    </div>
    {#if aboard.may('plan')}
        <span class="flex gap-2">
            <button type="button" class="btn btn-sm" onclick={() => void retire()}
                >{piece.retired ? 'Take it back' : 'Retire it'}</button
            >
            <button type="button" class="btn btn-sm btn-neutral" onclick={() => (changing = !changing)}
                >{changing ? 'Leave it so' : 'Change it'}</button
            >
        </span>
    {/if}
</div>
{#if changing}
    <div class="max-w-md pt-3"><GearForm {list} gear={piece} done={() => (changing = false)} /></div>
{:else if page}
    {#if page.lure}
        {@const lure = page.lure}
        <h3>Where it runs, alone behind the boat</h3>
        <table>
            <thead>
                <tr>
                    <th>reel</th><th>out</th>
                    {#each lure.speeds as speed (speed)}<th class="num">{shown(units, 'speed', speed)}</th>{/each}
                </tr>
            </thead>
            <tbody>
                {#each lure.behind as row (row.reel)}
                    <tr>
                        <td>{reelOf(row.reel)}</td>
                        <td class="figure whitespace-nowrap">{out(row.kind, row.out)}</td>
                        {#each row.runs as run, i (i)}
                            <td class="num figure">
                                {#if run}<b class="text-lg">{figure(units, 'depth', run.depth)}</b>
                                    {#if run.doubt}<span class="quiet text-sm">{plusMinus(units, run.doubt)}</span
                                        >{/if}{:else}—{/if}
                            </td>
                        {/each}
                    </tr>
                {/each}
            </tbody>
        </table>
        <p class="quiet text-sm">
            {measure(units, 'depth').unit} down, by the model{page.taught.soundings.length > 0 ? ' and its soundings' : ''}; ±
            what is not known of it.
        </p>
        <div>
            <div>
                <h3>Bites so far, {lure.bites.length}</h3>
                <ul>
                    {#each lure.bites.slice(0, 8) as bite, i (i)}
                        <li>
                            <a class="link" href="#/trips/{bite.trip}/log">{ago(bite.at)}</a>:
                            {bite.species ? wordOf('species', bite.species) : 'not said what'}, {bite.outcome}{bite.depth === null
                                ? ''
                                : ` at ${shown(units, 'depth', bite.depth)}`}
                        </li>
                    {:else}<li class="quiet">None yet.</li>{/each}
                </ul>
            </div>
        </div>
    {/if}
    {#if page.taught.soundings.length > 0}
        <div class="grid gap-x-8 lg:grid-cols-2">
            <div>
                <h3>What soundings teach of it</h3>
                <TaughtFigures figures={page.taught.figures} {units} changed={read} named={false} />
            </div>
            <div>
                <h3>Soundings, {page.taught.soundings.length}</h3>
                <SoundingList soundings={page.taught.soundings} {units} changed={read} />
            </div>
        </div>
    {/if}
    <h3>What uses it</h3>
    <ul>
        {#each page.uses.planned as trip (trip.trip)}
            <li>
                <a class="link" href="#/trips/{trip.trip}/spread"
                    >{dayWords(trip.date)}{trip.ground ? ` off ${trip.ground}` : ''}</a
                >:
                <b class="figure">{trip.holders.join(' · ')}</b>{#if trip.left !== null}, {trip.left < 0
                        ? `${shown(units, 'length', -trip.left)} more than it holds`
                        : `${shown(units, 'length', trip.left)} left on it`}{/if}
            </li>
        {:else}<li class="quiet">No spread that is planned.</li>{/each}
        {#if page.uses.templates.length > 0}<li>Kept spreads: {page.uses.templates.join(', ')}</li>{/if}
        <li class="quiet">Fished on {page.uses.fished} {page.uses.fished === 1 ? 'trip' : 'trips'} gone by.</li>
    </ul>
    {#if reel && aboard.may('plan')}
        <CounterCheck
            checked={reel.counter_calibrated}
            factor={reel.counter_factor}
            how="Set the counter to nought, pull line off along a tape, and read it."
            verb="Keep it"
            {units}
            keep={checkCounter}
        />
    {/if}
{/if}

<style>
    h3 {
        padding: 0.9rem 0 0.25rem;
        font-weight: 700;
    }
    th {
        padding: 2px 14px 2px 0;
        font-size: 14px;
        font-weight: 400;
        color: var(--quiet);
        text-align: left;
    }
    td {
        padding: 3px 14px 3px 0;
        border-top: 1px solid var(--color-base-300);
    }
    .num {
        text-align: right;
        white-space: nowrap;
    }
    @media (max-width: 640px) {
        th,
        td {
            padding-right: 6px;
        }
        .num span {
            display: block;
        }
    }
    li {
        padding: 2px 0;
    }
</style>
