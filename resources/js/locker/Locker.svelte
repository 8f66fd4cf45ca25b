<script lang="ts">
    import { push, router } from 'svelte-spa-router';
    import { aboard } from '../lib/aboard.svelte';
    import { theCatalogue } from '../lib/catalogue';
    import { formOf, pieceWords, type GearList, type Piece } from './gear';
    import GearForm from './GearForm.svelte';
    import GearPage from './GearPage.svelte';
    import TableDialog from './TableDialog.svelte';

    /** What is aboard, list by list: found, added, changed, retired; what uses each piece, and where each lure runs. */
    let { params }: { params?: { list?: string; id?: string } } = $props();

    const LISTS = theCatalogue().gear.map(({ list }) => list);
    const list = $derived(LISTS.find((name) => name === params?.list) ?? 'lures');
    const units = $derived(aboard.boat?.units ?? 'us');
    const may = $derived(aboard.may('plan'));
    let wanted = $state('');
    let retired = $state(false);
    let adding = $state(false);
    let table = $state(false);

    const all = $derived((aboard.locker?.[list] ?? []) as Piece[]);
    const found = $derived(
        all.filter(
            (piece) =>
                (retired || !piece.retired) &&
                wanted
                    .toLowerCase()
                    .split(/\s+/)
                    .every((word) =>
                        `${piece.name} ${pieceWords(list, piece, units)} ${piece.note ?? ''}`.toLowerCase().includes(word),
                    ),
        ),
    );
    const chosen = $derived(all.find(({ id }) => id === Number(params?.id)));
    const aside = $derived(all.filter((piece) => piece.retired).length);

    function go(to: GearList, id?: number): void {
        adding = false;
        void push(id === undefined ? `/locker/${to}` : `/locker/${to}/${id}`);
    }
    $effect(() => {
        void router.location;
        adding = false;
    });
</script>

<main class="locker">
    <header class="border-base-300 bg-base-100 flex flex-wrap items-center gap-x-4 gap-y-1 border-b px-4 py-2">
        <h1 class="text-lg font-bold">Locker</h1>
        <span class="flex flex-wrap gap-x-1" role="group" aria-label="Lists">
            {#each LISTS as name (name)}
                <a class="shelf" href="#/locker/{name}" aria-current={name === list ? 'page' : undefined}
                    >{name}
                    <span class="quiet figure">{(aboard.locker?.[name] ?? []).filter((piece) => !piece.retired).length}</span></a
                >
            {/each}
        </span>
        <span class="ml-auto flex flex-wrap gap-2">
            {#if aboard.nextTrip}<a class="btn btn-sm" href="#/trips/{aboard.nextTrip.id}/lures">Lure box for today</a>{/if}
            <a class="btn btn-sm" href="#/locker/true-up">True-up</a>
            <a class="btn btn-sm" href="#/locker/labels">Labels and tapes</a>
            <button type="button" class="btn btn-sm" onclick={() => (table = true)}>Table…</button>
        </span>
    </header>
    <section class="found" class:behind={chosen || adding} aria-label={list}>
        <div class="flex items-center gap-3 pb-2">
            <input
                type="search"
                class="input input-sm min-w-0 flex-1 text-base"
                placeholder="Find by name, finish, family…"
                aria-label="Find in the {list}"
                bind:value={wanted}
            />
            {#if may}<button type="button" class="btn btn-sm btn-primary" onclick={() => (adding = true)}
                    >Add a {formOf(list).one}</button
                >{/if}
        </div>
        <ul>
            {#each found as piece (piece.id)}
                <li>
                    <button
                        type="button"
                        class="piece"
                        class:chosen={piece.id === chosen?.id && !adding}
                        onclick={() => go(list, piece.id)}
                    >
                        <b>{piece.name}</b>
                        {#if piece.retired}<span class="quiet text-sm">retired</span>{/if}
                        <span class="quiet text-sm">{pieceWords(list, piece, units)}</span>
                    </button>
                </li>
            {:else}
                <li class="quiet py-3">
                    {wanted
                        ? `Nothing among the ${list} is called so.`
                        : `No ${list} are aboard yet. Add one, or read a table of them.`}
                </li>
            {/each}
        </ul>
        {#if aside > 0}
            <label class="flex min-h-11 cursor-pointer items-center gap-2 text-sm">
                <input type="checkbox" class="checkbox checkbox-sm border-current" bind:checked={retired} />the retired too, {aside}
            </label>
        {/if}
    </section>
    <section class="page border-base-300 bg-base-100" class:empty={!chosen && !adding} aria-label="The piece">
        {#if adding || chosen}
            <button type="button" class="btn btn-sm mb-2 min-[951px]:hidden" onclick={() => go(list)}>← all {list}</button>
        {/if}
        {#if adding}
            <h2 class="pb-2 text-xl font-bold">A {formOf(list).one} not aboard yet</h2>
            <div class="max-w-md"><GearForm {list} done={(id) => go(list, id)} /></div>
        {:else if chosen}
            {#key chosen.id}<GearPage {list} piece={chosen} {units} />{/key}
        {:else}
            <p class="quiet">
                Choose a piece to see what uses it{list === 'lures'
                    ? ', where it runs behind each reel, and what bit on it'
                    : ''}.
            </p>
        {/if}
    </section>
</main>
{#if table}<TableDialog {list} close={() => (table = false)} />{/if}

<style>
    .locker {
        display: grid;
        grid-template: auto minmax(0, 1fr) / minmax(0, 26rem) minmax(0, 1fr);
        height: 100%;
    }
    header {
        grid-column: 1 / -1;
    }
    .shelf {
        display: inline-flex;
        gap: 5px;
        align-items: center;
        min-height: 36px;
        padding: 0 9px;
        border-bottom: 3px solid transparent;
    }
    .shelf[aria-current='page'] {
        font-weight: 700;
        border-bottom-color: var(--color-primary);
    }
    .found,
    .page {
        min-height: 0;
        padding: 0.75rem 1rem;
        overflow-y: auto;
    }
    .page {
        border-left-width: 1px;
    }
    .piece {
        display: flex;
        flex-wrap: wrap;
        gap: 0 0.6rem;
        align-items: baseline;
        width: 100%;
        min-height: 44px;
        padding: 6px 8px;
        line-height: 1.25;
        text-align: left;
        cursor: pointer;
        border-bottom: 1px solid var(--color-base-300);
    }
    .piece.chosen {
        background: var(--color-base-100);
        box-shadow: inset 4px 0 0 var(--color-primary);
    }
    @media (max-width: 950px) {
        .locker {
            display: block;
            height: auto;
        }
        .behind,
        .empty {
            display: none;
        }
        .page {
            border-left-width: 0;
        }
    }
</style>
