<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { wordOf } from '../lib/catalogue';
    import type { Trip } from '../lib/api';
    import type { Units } from '../lib/units';
    import LetOutDialog from './LetOutDialog.svelte';
    import MarkDialog from './MarkDialog.svelte';
    import SignsDialog from './SignsDialog.svelte';
    import { narrow } from './narrow';
    import SoundedDialog from './SoundedDialog.svelte';
    import SwapDialog from './SwapDialog.svelte';
    import WatchChange from './WatchChange.svelte';
    import WatchFish from './WatchFish.svelte';
    import WatchNext from './WatchNext.svelte';
    import type { Kind, Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** What was told last, and what can be told of the chosen rod. */
    let {
        watch,
        trip,
        units,
        telling,
        land,
    }: {
        watch: Watch;
        trip: Trip;
        units: Units;
        /** A fish is being told of: what comes next has to wait, and leaves it its room. */
        telling: boolean;
        land: (landed: { rod: Rod; bite: string } | null) => void;
    } = $props();

    const ASKED = ['swap', 'let_out', 'sounding'] as const;
    let asking: (typeof ASKED)[number] | 'signs' | 'mark' | null = $state(null);
    const rod = $derived(watch.rod);
    const full = $derived(watch.now?.bags.filter((bag) => bag.full) ?? []);

    const sounded = $derived(watch.untrued || watch.rods.some(({ trued }) => trued));

    /** Where she is, when anything reads that; else it is asked. */
    function mark(): void {
        if (watch.now?.placed) {
            void watch.say('marker here', { kind: 'marker' });
        } else {
            asking = 'mark';
        }
    }

    /** The acts by their number, the rods by the arrows. */
    function key(event: KeyboardEvent): void {
        const { key, target } = event;
        if (
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            asking ||
            (target instanceof Element && target.matches('input, select, textarea'))
        ) {
            return;
        }
        const act = rod && aboard.may('log') ? watch.takes(rod)[Number(key) - 1] : undefined;
        if (act) {
            void take(act.kind);
        } else if (key === '0' && watch.last) {
            void watch.undo();
        } else if (key === 'ArrowRight' || key === 'ArrowLeft') {
            const { rods } = watch;
            const at = rods.findIndex(({ holder }) => holder === watch.chosen);
            watch.chosen = rods.at((at + (key === 'ArrowRight' ? 1 : at < 0 ? 0 : -1)) % rods.length)?.holder ?? null;
        } else {
            return;
        }
        event.preventDefault();
    }

    async function take(kind: Kind): Promise<void> {
        if (!rod) {
            return;
        }
        const dialog = ASKED.find((one) => one === kind);
        if (dialog) {
            asking = dialog;
            return;
        }
        land(kind === 'landed' && rod.bite ? { rod, bite: rod.bite } : null);
        const told = watch.tell(rod, kind);
        // Its place at the foot is for what comes next; with a fish on, that is its own.
        watch.chosen = narrow.current && kind !== 'bite' ? null : watch.chosen;
        await told;
    }
</script>

{#snippet small(words: string, take: () => void)}
    <button type="button" class="btn undo border-base-content bg-base-100" onclick={take}>{words}</button>
{/snippet}

<svelte:window onkeydown={key} />
<footer>
    <p class="told" role="status">
        {#if watch.said}<b class="text-error">{watch.said}</b>
        {:else if full.length > 0 && !rod}<b
                >Your limit of {full.map(({ species }) => wordOf('species', species)).join(', ')} is kept: stop.</b
            >
        {:else if watch.last}Logged: {watch.last.words}.
        {:else if !rod}Tap a rod, then what happened.
        {:else}<b class="figure">{rod.holder}</b>: {rod.lure}{/if}
    </p>
    {#if aboard.may('log') || watch.last}
        <p class="free">
            {#if watch.last}<button type="button" class="btn undo" data-undo onclick={() => void watch.undo()}>Undo</button>{/if}
            {#if aboard.may('log')}
                {#if rod?.as_planned}{@render small('As planned', () => void watch.asPlanned(rod))}{/if}
                {#if !rod && sounded}<button
                        type="button"
                        class="btn undo border-base-content {watch.untrued ? 'btn-neutral' : 'bg-base-100'}"
                        aria-pressed={watch.untrued}
                        onclick={() => void watch.showUntrued(!watch.untrued)}>Untrued</button
                    >{/if}
                {#if (!rod || !narrow.current) && watch.comeIn.length > 1}{@render small(
                        'All in',
                        () => void watch.bringIn(),
                    )}{/if}
                {#if !rod && watch.now?.follows}
                    {@render small('A follow', () => void watch.say('a fish followed', { kind: 'followed' }))}
                {/if}
                {@render small('Signs', () => (asking = 'signs'))}
                {@render small('Mark here', mark)}
            {/if}
        </p>
    {/if}
    {#if narrow.current && rod?.state === 'fish_on'}<div class="fish-on"><WatchFish {watch} {rod} /></div>{/if}
    {#if narrow.current && !rod && !telling && (watch.changes.told.length > 0 || watch.next)}
        <div class="said">
            {#if watch.changes.told.length > 0}<WatchChange {watch} />
            {:else if watch.next && aboard.may('log')}<WatchNext {watch} next={watch.next} {units} />{/if}
        </div>
    {/if}
    {#if aboard.may('log')}
        <div class="acts">
            {#each rod ? watch.takes(rod) : [] as act, i (act.kind)}
                <button
                    type="button"
                    class="btn {i === 0 ? 'btn-primary' : 'border-base-content bg-base-100'}"
                    data-act={act.kind}
                    onclick={() => void take(act.kind)}>{act.order}</button
                >
            {/each}
        </div>
    {/if}
</footer>
{#if asking === 'swap' && rod}<SwapDialog {watch} {rod} close={() => (asking = null)} />{/if}
{#if asking === 'sounding' && rod}<SoundedDialog {watch} {rod} {units} close={() => (asking = null)} />{/if}
{#if asking === 'mark'}<MarkDialog {watch} {trip} {units} close={() => (asking = null)} />{/if}
{#if asking === 'signs'}<SignsDialog {watch} close={() => (asking = null)} />{/if}
{#if asking === 'let_out' && rod}<LetOutDialog {watch} {rod} {units} close={() => (asking = null)} />{/if}

<style>
    footer {
        display: grid;
        grid-area: foot;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 0.3rem 0.6rem;
        align-items: center;
    }
    .told {
        min-height: 32px;
    }
    .said {
        display: grid;
        grid-column: 1 / -1;
    }
    .acts {
        display: grid;
        grid-auto-columns: minmax(0, 1fr);
        grid-auto-flow: column;
        grid-column: 1 / -1;
        gap: 0.6rem;
        min-height: 72px;
    }
    .acts .btn {
        height: 72px;
        font-size: 24px;
    }
    .free {
        display: flex;
        flex-wrap: wrap;
        justify-content: end;
        gap: 0.6rem;
    }
    .undo {
        height: 48px;
        font-size: 20px;
    }
    @media (max-width: 1000px) {
        footer {
            position: sticky;
            display: flex;
            flex-wrap: wrap;
            align-self: end;
            bottom: 0;
            padding: 0.3rem 0;
            background: var(--color-base-200);
        }
        .said,
        .fish-on,
        .acts {
            flex: 1 0 100%;
        }
        .acts {
            grid-auto-flow: row;
            grid-template-columns: repeat(4, minmax(0, 1fr));
            gap: 0.35rem;
            min-height: 0;
        }
        .acts .btn {
            height: 64px;
            padding: 0 0.2rem;
            font-size: 18px;
            line-height: 1.1;
        }
        .told {
            flex: 1 1 8rem;
            min-height: 24px;
            font-size: 17px;
            line-height: 1.2;
        }
    }
    /* It may cover rods, never push them, and leaves some of them in sight. */
    .fish-on {
        max-height: 45vh;
        overflow-y: auto;
        text-align: center;
    }
    @media (max-width: 700px) {
        .free {
            gap: 0.35rem;
        }
        .undo {
            height: 48px;
            padding: 0 0.55rem;
            font-size: 17px;
        }
        .acts .btn {
            font-size: 17px;
        }
    }
</style>
