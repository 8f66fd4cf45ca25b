<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas, type Trip } from '../lib/api';
    import { wordOf } from '../lib/catalogue';
    import { figure, measure } from '../lib/units';
    import { clock, tripWords } from '../lib/words';
    import PickField from '../fields/PickField.svelte';
    import DayCourse from './DayCourse.svelte';
    import DayRows from './DayRows.svelte';

    /** The day on a line of time: lines in the water, bites, changes, sun and speed; another day beneath it to compare. */
    let { trip, version }: { trip: Trip; version: number } = $props();

    type Line = Schemas['DayLine'];
    const units = $derived(aboard.boat?.units ?? 'us');
    let mine = $state.raw<Line | null>(null);
    let other = $state.raw<Line | null>(null);
    let beside = $state('');

    async function read(id: number): Promise<Line | null> {
        const answer = await ask(api.GET('/trips/{trip}/day/line', { params: { path: { trip: id } } }));
        return 'data' in answer ? answer.data : null;
    }
    $effect(() => {
        void version;
        void read(trip.id).then((line) => (mine = line));
    });
    $effect(() => {
        const id = Number(beside);
        if (beside === '') {
            other = null;
        } else {
            void read(id).then((line) => (other = line));
        }
    });

    const others = $derived(aboard.trips.filter(({ id }) => id !== trip.id));
    const from = $derived(Math.min(mine?.from ?? 0, other?.from ?? Infinity));
    const until = $derived(Math.max(mine?.until ?? 1, other?.until ?? -Infinity));
    const species = (name: Schemas['Species'] | null) => (name ? wordOf('species', name) : 'a fish');
    const fished = ({ hours, bites }: Schemas['Fished']) =>
        `${bites} ${bites === 1 ? 'bite' : 'bites'} in ${hours.toFixed(1)} line-hours`;
    const told = (midnight: string, at: number) => clock(new Date(Date.parse(midnight) + at * 3_600_000).toISOString());
    const speeds = ({ speeds: read }: Line) =>
        read.length === 0
            ? ''
            : `${figure(units, 'speed', Math.min(...read.map(({ speed }) => speed)))}–${figure(units, 'speed', Math.max(...read.map(({ speed }) => speed)))} ${measure(units, 'speed').unit}`;
</script>

{#if mine && mine.rods.length > 0}
    <section class="pt-7" aria-labelledby="day-line">
        <div class="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 pb-1">
            <h2 id="day-line" class="text-lg font-bold">
                The day <span class="quiet text-base font-normal">{speeds(mine)}</span>
            </h2>
            {#if others.length > 0}
                <span class="w-64 max-sm:w-full">
                    <PickField
                        label="Beside it"
                        value={beside}
                        options={[
                            { value: '', text: 'beside no other day' },
                            ...others.map((one) => ({ value: String(one.id), text: `beside ${tripWords(one)}` })),
                        ]}
                        change={(picked) => (beside = picked)}
                    />
                </span>
            {/if}
        </div>
        <DayRows line={mine} {from} {until} {species} {units} />
        {#if other}
            <h3 class="pt-3 pb-1 font-bold">{tripWords(aboard.trips.find(({ id }) => id === Number(beside)) ?? trip)}</h3>
            <DayRows line={other} {from} {until} {species} {units} />
        {/if}
        <div class="flex flex-wrap gap-x-8">
            {#if mine.course}<DayCourse course={mine.course} clock={(at) => told(mine?.midnight ?? '', at)} />{/if}
            <div class="min-w-72 flex-1 pt-2">
                <p class="quiet text-sm">
                    Bars are lines in the water, filled dots fish landed, open ones bites that were not; ticks are what was
                    changed, the curve the speed that was read. Shaded is before sunrise and after sunset.
                    {#if mine.bands.length > 0}Beneath them stand the depths that were to be fished, in {measure(units, 'depth')
                            .unit}.{/if}
                </p>
                {#if mine.did.length > 0}
                    <h3 class="pt-3 pb-1 font-bold">What was changed, and what it did</h3>
                    <table class="did" data-testid="did">
                        <thead>
                            <tr><th></th><th></th><th>before it</th><th>after it</th></tr>
                        </thead>
                        <tbody>
                            {#each mine.did as one (`${one.at} ${one.words}`)}
                                <tr>
                                    <td class="figure">{told(mine.midnight, one.at)}</td>
                                    <td><b class="figure">{one.holders.join(' · ')}</b> {one.words}</td>
                                    <td class="figure">{fished(one.before)}</td>
                                    <td class="figure"><b>{fished(one.after)}</b></td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                {/if}
            </div>
        </div>
    </section>
{/if}

<style>
    .did {
        font-size: 15px;
    }
    .did th {
        padding-right: 1.5rem;
        font-size: 14px;
        font-weight: 400;
        color: var(--quiet);
        text-align: left;
    }
    .did td {
        padding: 3px 1.5rem 3px 0;
        border-top: 1px solid var(--color-base-300);
    }
</style>
