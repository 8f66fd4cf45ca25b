<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { Schemas } from '../lib/api';
    import { hourWords, tripWords } from '../lib/words';

    /** Every day of the season on one line of time, found by its words. */
    let { days }: { days: Schemas['Season']['days'] } = $props();

    let wanted = $state('');
    const from = $derived(Math.floor(Math.min(...days.map((day) => day.from), 24)));
    const until = $derived(Math.ceil(Math.max(...days.map((day) => day.until), from + 1)));
    const place = (at: number) => `${(100 * (at - from)) / (until - from)}%`;
    const named = $derived(
        days.map((day) => {
            const trip = aboard.trips.find(({ id }) => id === day.trip);
            return { ...day, words: trip ? tripWords(trip) : '' };
        }),
    );
    const found = $derived(named.filter(({ words }) => words.toLowerCase().includes(wanted.trim().toLowerCase())));
</script>

<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
    <h2 id="days" class="text-[1.05rem] font-bold">The days</h2>
    <input
        type="search"
        class="input input-sm w-56 text-base"
        placeholder="Find by day or ground…"
        aria-label="Find a day"
        bind:value={wanted}
    />
</div>
<ul data-testid="days">
    {#each found as day (day.trip)}
        <li>
            <a class="link" href="#/trips/{day.trip}/log">{day.words}</a>
            <span class="line" aria-hidden="true">
                <i class="bar" style:left={place(day.from)} style:width="calc({place(day.until)} - {place(day.from)})"></i>
                {#each day.bites as at, i (i)}<i class="bite" style:left={place(at)}></i>{/each}
            </span>
            <span class="figure"
                ><b>{day.bites.length}</b>
                <span class="quiet">in {day.hours.toFixed(0)} line-hours</span></span
            >
        </li>
    {:else}<li class="quiet">No day is called so.</li>{/each}
</ul>
<p class="quiet flex justify-between text-sm">
    <span>{hourWords(from)}</span><span>dots are bites</span><span>{hourWords(until)}</span>
</p>

<style>
    li {
        display: grid;
        grid-template-columns: minmax(9rem, 1fr) minmax(10rem, 3fr) 10rem;
        gap: 0 1rem;
        align-items: center;
        min-height: 34px;
        font-size: 15px;
        border-top: 1px solid var(--color-base-300);
    }
    .line {
        position: relative;
        height: 16px;
    }
    .line i {
        position: absolute;
    }
    .bar {
        top: 6px;
        height: 5px;
        background: var(--line);
        opacity: 0.55;
    }
    .bite {
        top: 3px;
        width: 10px;
        height: 10px;
        margin-left: -5px;
        background: var(--color-primary);
        border-radius: 50%;
    }
    @media (max-width: 640px) {
        li {
            grid-template-columns: 1fr auto;
            padding: 4px 0;
        }
        .line {
            grid-row: 2;
            grid-column: 1 / -1;
        }
    }
</style>
