<script lang="ts">
    import type { Snippet } from 'svelte';
    import { router } from 'svelte-spa-router';
    import { aboard } from '../lib/aboard.svelte';
    import type { Schemas } from '../lib/api';
    import { queue } from '../day/queue.svelte';
    import { THEMES, theme } from './theme.svelte';
    import Unserved from './Unserved.svelte';

    let { children }: { children: Snippet } = $props();

    const here = $derived(/^\/trips\/(\d+)/.exec(router.location)?.[1]);
    /** The trip that was looked at last stays the one whose screens are a tap away, until another is looked at. */
    let last: string | undefined;
    const kept = $derived.by(() => {
        last = here ?? last;
        return aboard.trips.find(({ id }) => String(id) === last)?.id;
    });
    const trip = $derived.by(() => {
        // Asked for at every place, so that it sees each trip that is looked at.
        const looked = kept;
        return here ?? looked ?? aboard.nextTrip?.id;
    });
    const SCREENS: [Schemas['Screen'], string, RegExp][] = [
        ['prepare', 'Prepare', /\/prepare$/],
        ['water', 'Water', /\/(water|ground|lures)$/],
        ['spread', 'Spread', /\/spread$/],
        ['deck-card', 'Deck card', /\/deck-card$/],
        ['watch', 'Watch', /\/(watch|end)$/],
        ['log', 'Log', /\/log$/],
    ];
    /** What is the boat's, whatever the trip. */
    const OF_THE_BOAT: [Schemas['Screen'], string][] = [
        ['season', 'Season'],
        ['drills', 'Drills'],
        ['locker', 'Locker'],
        ['boat', 'Boat'],
        ['devices', 'Devices'],
    ];
    const ofTheBoat = $derived(
        OF_THE_BOAT.filter(([screen]) => aboard.shows(screen)).map(([screen, name]) => ({
            name,
            href: `#/${screen}`,
            here: router.location.startsWith(`/${screen}`),
        })),
    );
    /** On a phone a place is called by its first word. */
    const first = (name: string) => name.split(' ')[0] ?? name;
    const places = $derived([
        { name: 'Trips', href: '#/', here: router.location === '/' },
        ...SCREENS.filter(([screen]) => trip !== undefined && aboard.shows(screen)).map(([screen, name, here]) => ({
            name,
            href: `#/trips/${trip}/${screen}`,
            here: here.test(router.location),
        })),
    ]);
</script>

<div class="flex h-full flex-col-reverse sm:flex-row">
    <nav
        class="border-base-300 bg-base-200 flex shrink-0 border-t sm:w-[102px] sm:flex-col sm:border-t-0 sm:border-r print:hidden"
        aria-label="Screens"
    >
        <p class="hidden px-3 pt-3.5 pb-5 text-xl font-extrabold sm:block">Admek</p>
        {#each places as place (place.name)}
            <a
                href={place.href}
                aria-current={place.here ? 'page' : undefined}
                class="flex min-h-12 flex-1 items-center justify-center px-0.5 text-[13px] whitespace-nowrap sm:min-h-11 sm:text-[15px] sm:flex-none sm:justify-start sm:px-3 sm:border-l-4"
                class:here={place.here}
                ><span>{first(place.name)}<span class="max-sm:hidden">{place.name.slice(first(place.name).length)}</span></span
                ></a
            >
        {/each}
        <div class="hidden flex-1 sm:block"></div>
        <div class="hidden sm:block">{@render news()}</div>
        {#each ofTheBoat as place (place.name)}
            <a
                href={place.href}
                aria-current={place.here ? 'page' : undefined}
                class="hidden min-h-11 items-center border-l-4 px-3 text-[15px] sm:flex"
                class:here={place.here}>{place.name}</a
            >
        {/each}
        {#if aboard.me && !aboard.shows('devices')}
            <p class="quiet hidden px-3 py-2 text-sm leading-tight break-words sm:block">{aboard.me.name}, {aboard.me.role}</p>
        {/if}
        <button
            type="button"
            class="quiet min-h-12 px-1.5 text-[13px] sm:hidden"
            aria-label="Light: {theme.current}; change it"
            onclick={() => theme.choose(THEMES[(THEMES.indexOf(theme.current) + 1) % THEMES.length] ?? 'day')}
            >{theme.current}</button
        >
        <fieldset class="hidden px-3 pb-3 sm:block">
            <legend class="quiet pb-1 text-sm">Light</legend>
            {#each THEMES as name (name)}
                <label class="flex min-h-7 cursor-pointer items-center gap-2 text-sm">
                    <input
                        type="radio"
                        name="theme"
                        class="radio radio-xs border-current"
                        checked={theme.current === name}
                        onchange={() => theme.choose(name)}
                    />{name}
                </label>
            {/each}
        </fieldset>
    </nav>
    <div class="flex min-h-0 min-w-0 flex-1 flex-col">
        {#if aboard.unserved}<Unserved />{/if}
        <div class="relative min-h-0 flex-1 overflow-auto">{@render children()}</div>
    </div>
    <!-- On a phone the bar has no room for it: it stands above the page, and covers none of it. -->
    <div class="shrink-0 text-center sm:hidden print:hidden">{@render news()}</div>
</div>

{#snippet news()}
    {#if queue.unsafe || queue.loose > 0}
        <p class="stays text-error px-3 py-2 text-sm font-semibold" role="alert">
            {queue.loose > 0
                ? `${queue.loose} kept on no disk yet: leave this page open.`
                : 'What is told waits nowhere safely on this device.'}
            <span class="font-normal">{queue.unsafe}</span>
        </p>
    {/if}
    {#if queue.length > 0}
        <p class="news px-3 py-2 text-sm font-semibold" role="status">
            {queue.length} waiting to be sent{#if queue.why && !aboard.unserved}: <span class="font-normal">{queue.why}</span
                >{/if}
        </p>
    {/if}
    {#if queue.refused[0]}
        <p class="news px-3 py-2 text-sm font-semibold" role="status">
            <a class="text-error underline" href="#/trips/{queue.refused[0].trip}/log"
                >{queue.refused.length} refused: see the log</a
            >
        </p>
    {/if}
{/snippet}

<style>
    a {
        border-color: transparent;
    }
    @media (max-width: 639px) {
        .news,
        .stays {
            padding: 0.15rem;
            background: var(--color-base-100);
            border-bottom: 1px solid var(--color-base-content);
        }
        .news {
            /* What is sent at once pushes nothing: only what goes on waiting is told. */
            animation: sent-at-once 2.5s !important;
        }
    }
    @keyframes sent-at-once {
        from,
        to {
            height: 0;
            padding: 0;
            overflow: hidden;
            border: 0;
        }
    }
    .here {
        border-color: var(--color-primary);
        background: var(--color-base-100);
        font-weight: 700;
    }
</style>
