<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { clock } from '../lib/words';
    import type { Trip } from '../lib/api';
    import type { TripDay } from '../day/day.svelte';
    import { queue } from '../day/queue.svelte';
    import MoveTimes from './MoveTimes.svelte';

    /** All that was told of the day, the latest first; what was told in error is taken back. */
    let { day, trip }: { day: TripDay; trip: Trip } = $props();

    const hours = $derived(day.day?.line_hours ?? 0);
    const last = $derived(day.day?.log[0]?.uuid);

    let wanted = $state('');
    let moving = $state(false);
    const found = $derived(
        (day.day?.log ?? []).filter((event) =>
            `${event.holder ?? ''} ${event.words} ${event.lure ?? ''} ${event.note ?? ''} ${event.who}`
                .toLowerCase()
                .includes(wanted.trim().toLowerCase()),
        ),
    );

    async function takeBack(uuid: string): Promise<void> {
        await day.tell(queue.event({ kind: 'void', of: uuid }));
    }
</script>

{#each day.day?.twice ?? [] as { one, other } (other)}
    {@const first = day.day?.bites.find(({ uuid }) => uuid === one)}
    {@const second = day.day?.bites.find(({ uuid }) => uuid === other)}
    {#if first && second}
        <p class="border-base-content mt-4 flex flex-wrap items-center gap-3 rounded-md border-2 px-3 py-2" data-twice={other}>
            <span class="min-w-0 flex-1"
                >Two devices told a bite on <b class="figure">{first.holder}</b>, at {clock(first.at)} and {clock(second.at)}. One
                fish?</span
            >
            {#if aboard.may('log')}<button type="button" class="btn btn-primary" onclick={() => void takeBack(other)}
                    >One fish</button
                >{/if}
        </p>
    {/if}
{/each}
{#if day.day && day.day.log.length > 0}
    <div class="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 pt-7 pb-1">
        <h2 class="text-lg font-bold">
            What happened <span class="quiet font-normal">{hours.toFixed(1)} line-hours</span>
        </h2>
        {#if aboard.may('log')}
            <button type="button" class="btn btn-sm ml-auto" onclick={() => (moving = true)}>Times are off…</button>
        {/if}
        <input
            type="search"
            class="input input-sm w-56 text-base"
            placeholder="Find by rod, lure, word…"
            aria-label="Find in what happened"
            bind:value={wanted}
        />
    </div>
    <ol data-testid="day-log">
        {#each found as event (event.uuid)}
            <li class="border-base-300 border-t">
                <span class="figure">{clock(event.at)}</span>
                <b class="figure">{event.holder ?? ''}</b>
                <span
                    ><b>{event.words}</b>{event.lure ? `, ${event.lure}` : ''}{#if event.note}<br /><span class="quiet"
                            >{event.note}</span
                        >{/if}</span
                >
                <span class="quiet text-sm">{event.who}</span>
                {#if aboard.may('log')}
                    <button
                        type="button"
                        class="btn btn-sm"
                        class:btn-ghost={event.uuid !== last}
                        aria-label="Take back: {event.holder ?? ''} {event.words} at {clock(event.at)}"
                        onclick={() => void takeBack(event.uuid)}>Take back</button
                    >
                {/if}
            </li>
        {:else}<li class="quiet">Nothing is told so.</li>{/each}
    </ol>
    {#if day.said}<p class="text-error font-semibold" role="alert">{day.said}</p>{/if}
{/if}

{#if moving}<MoveTimes {trip} {day} close={() => (moving = false)} />{/if}

<style>
    li {
        display: grid;
        grid-template-columns: 5.5rem 3rem minmax(0, 1fr) 8rem auto;
        gap: 0.15rem 1rem;
        align-items: center;
        padding: 0.35rem 0;
    }
    @media (max-width: 700px) {
        li {
            grid-template-columns: 5rem 2.5rem 1fr auto;
        }
        li > .text-sm:not(button) {
            display: none;
        }
    }
</style>
