<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas } from '../lib/api';
    import { entryOf, theCatalogue, wordOf } from '../lib/catalogue';
    import { figure, measure, shown } from '../lib/units';

    /** Labels for lure boxes and reels, and tape for rods, to print and cut out: each says for which boat and water, and by what. */
    type Labels = Schemas['Labels'];

    let labels = $state.raw<Labels | null>(null);
    let said = $state('Reading…');
    void ask(api.GET('/labels')).then((answer) => {
        labels = 'data' in answer ? answer.data : null;
        said = labels ? '' : 'The server is not answering. Reload this page when it does.';
    });

    const units = aboard.boat?.units ?? 'us';
    const lure = (id: number) => aboard.locker?.lures.find((one) => one.id === id);
    const reel = (id: number) => aboard.locker?.reels.find((one) => one.id === id);
    const depth = (si: number | null) => (si === null ? '—' : figure(units, 'depth', si));

    /** What is out, in the control's own unit. */
    function out(kind: string, value: number): string {
        const quantity = { colours: 'colours', weight: 'small_mass', dial: 'count' }[kind] as Schemas['Quantity'] | undefined;
        return shown(units, quantity ?? 'length', value);
    }

    /** "+4 to 5 ft", or what it takes off. */
    function adds([least = 0, most = 0]: readonly number[]): string {
        const [from, to] = [figure(units, 'depth', least), figure(units, 'depth', most)];
        const signed = (text: string) => (text === '0' ? text : text.startsWith('-') ? text.replace('-', '−') : `+${text}`);
        return from === to
            ? `${signed(from)} ${measure(units, 'depth').unit}`
            : `${signed(from)} to ${signed(to)} ${measure(units, 'depth').unit}`;
    }

    const speeds = $derived((labels?.speeds ?? []).map((speed) => figure(units, 'speed', speed)));
    const water = $derived(
        labels
            ? `${labels.boat}, ${wordOf('waters', labels.water)} water${labels.temperature === null ? '' : `, ${shown(units, 'temperature', labels.temperature)}`}`
            : '',
    );
</script>

<main class="labels">
    <header class="flex flex-wrap items-center gap-4 pb-3 print:hidden">
        <h1 class="text-lg font-bold">Labels and tapes</h1>
        <p class="quiet min-w-0 flex-1 text-sm max-sm:order-last max-sm:basis-full">
            Depths at {speeds.join(', ')}
            {measure(units, 'speed').unit} through the water. Print them, or save them as a PDF from the print dialog.
        </p>
        <a class="btn btn-sm" href="#/locker">Locker</a>
        <button type="button" class="btn btn-sm btn-primary" disabled={!labels} onclick={() => window.print()}>Print</button>
    </header>
    {#if labels}
        <h2>Lure boxes</h2>
        <div class="sheet">
            {#each labels.lures as label (label.lure)}
                {@const one = lure(label.lure)}
                <article class="tag" data-label={one?.name}>
                    <b class="name">{one?.name}</b>
                    <span>{theCatalogue().lures[one?.kind ?? '']}, {one?.finish}</span>
                    {#if label.adds}
                        <b class="figure big">{adds(label.adds)}</b>
                        <span
                            >under {shown(units, 'colours', labels.colours)} of core at {speeds[0]}–{speeds.at(-1)}
                            {measure(units, 'speed').unit}</span
                        >
                    {:else}<span>No core aboard to tell it under.</span>{/if}
                    <small>by {label.trued ? 'soundings' : 'the model'} · {water}</small>
                </article>
            {/each}
        </div>
        {#if labels.reels.length > 0}
            <h2>Reels of core</h2>
            <div class="sheet wide">
                {#each labels.reels as tape (tape.reel)}
                    <article class="tag" data-label={reel(tape.reel)?.name}>
                        <b class="name">{reel(tape.reel)?.name}</b>
                        <table class="figure">
                            <thead
                                ><tr
                                    ><th>colour</th>{#each speeds as speed (speed)}<th>{speed} {measure(units, 'speed').unit}</th
                                        >{/each}</tr
                                ></thead
                            >
                            <tbody>
                                {#each tape.marks as mark (mark.out)}
                                    <tr
                                        ><td>{mark.out}</td>{#each mark.depths as at, i (i)}<td>{depth(at)}</td>{/each}</tr
                                    >
                                {/each}
                            </tbody>
                        </table>
                        <small
                            >{measure(units, 'depth').unit} down with {tape.lure} · by {tape.trued ? 'soundings' : 'the model'} · {water}</small
                        >
                    </article>
                {/each}
            </div>
        {/if}
        {#if labels.rods.length > 0}
            <h2>Tape for the rods as planned</h2>
            <div class="sheet wide">
                {#each labels.rods as tape (tape.holder)}
                    <article class="tag" data-label={tape.holder}>
                        <b class="name"><span class="figure big">{tape.holder}</span> {entryOf(tape.presentation).name}</b>
                        <span>{lure(tape.lure)?.name} on {reel(tape.reel)?.name}</span>
                        <table class="figure">
                            <thead
                                ><tr
                                    ><th>out</th>{#each speeds as speed (speed)}<th>{speed} {measure(units, 'speed').unit}</th
                                        >{/each}</tr
                                ></thead
                            >
                            <tbody>
                                {#each tape.marks as mark (mark.out)}
                                    <tr
                                        ><td>{out(tape.kind, mark.out)}</td>{#each mark.depths as at, i (i)}<td>{depth(at)}</td
                                            >{/each}</tr
                                    >
                                {/each}
                            </tbody>
                        </table>
                        <small>{measure(units, 'depth').unit} down · by {tape.trued ? 'soundings' : 'the model'} · {water}</small>
                    </article>
                {/each}
            </div>
        {/if}
    {:else}<p class="quiet">{said}</p>{/if}
</main>

<style>
    .labels {
        padding: 0.75rem 1rem 2rem;
    }
    h2 {
        padding: 0.75rem 0 0.4rem;
        font-size: 1.1rem;
        font-weight: 700;
    }
    .sheet {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
        gap: 6px;
    }
    .sheet.wide {
        grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    }
    .tag {
        display: flex;
        flex-direction: column;
        gap: 1px;
        padding: 8px 10px;
        line-height: 1.25;
        break-inside: avoid;
        background: var(--color-base-100);
        border: 1px dashed var(--quiet);
    }
    .name {
        font-size: 1.1rem;
    }
    .big {
        font-size: 1.5rem;
        line-height: 1.15;
    }
    small {
        margin-top: auto;
        padding-top: 3px;
        font-size: 12px;
        color: var(--quiet);
    }
    th {
        padding-right: 10px;
        font-size: 13px;
        font-weight: 400;
        text-align: right;
    }
    td {
        padding-right: 10px;
        font-size: 1.05rem;
        font-weight: 600;
        text-align: right;
        border-top: 1px solid var(--color-base-300);
    }
    @media print {
        .labels {
            padding: 0;
        }
        .tag {
            color: #000;
            background: #fff;
            border-color: #000;
        }
        small,
        th {
            color: #000;
        }
    }
</style>
