<script lang="ts">
    import type { Boat, Locker, Schemas, Trip } from '../lib/api';
    import { readings, readingUnit, trueWords } from './counter-words';
    import { figure, measure, plusMinus, shown, logShows } from '../lib/units';
    import { lineWords, rigWords } from '../lib/catalogue';
    import { bottomWords, dateWords, speciesList, timeOfDay } from '../lib/words';

    /** The sheet the mate sets from: setting order, what to read at three speeds, rig, what to clear. One page, black on white. */
    let {
        card,
        trip,
        boat,
        locker,
    }: {
        card: Schemas['DeckCard'];
        trip: Trip;
        boat: Boat;
        locker: Locker;
    } = $props();

    const units = $derived(boat.units);
    const sinking = $derived(new Map(card.out_of_gear.lines.map(({ holder, brief }) => [holder, brief])));
</script>

<article class="sheet mx-auto max-w-4xl" class:many={card.rows.length > 12} class:few={card.rows.length < 10}>
    <header>
        <h1>{dateWords(trip.date)}{trip.ground && ` · ${trip.ground}`}</h1>
        <p>
            {boat.name} · lines in <b class="figure">{timeOfDay(trip.lines_in)}</b> · back by
            <b class="figure">{timeOfDay(trip.back_by)}</b>
            ·
            {trip.anglers} anglers · {speciesList(trip.species)}{trip.bottom ? ` · bottom ${bottomWords(trip)}` : ''}
        </p>
    </header>
    <table>
        <thead>
            <tr>
                <th scope="col"><span class="sr-only">Order</span></th>
                <th scope="col">Rod</th>
                <th scope="col" class="num">Depth, {measure(units, 'depth').unit}</th>
                {#each card.speeds as speed, i (speed)}
                    <th scope="col" class="num" class:planned={i === 1}
                        >at {figure(units, 'speed', speed)}
                        {measure(units, 'speed').unit}
                        {logShows(units, speed, boat.log_factor)}</th
                    >
                {/each}
                <th scope="col">Lure and rig</th>
                <th scope="col">Fish on: clear</th>
            </tr>
        </thead>
        <tbody>
            {#each card.rows as row, i (row.running.holder)}
                {@const { line } = row}
                <tr>
                    <td class="order figure">{i + 1}</td>
                    <td
                        ><b class="rod figure">{row.running.holder}</b><br /><span class="small">{lineWords(line, units)}</span
                        >{#if row.otherwise}<br /><span class="small">as told on the water</span>{/if}</td
                    >
                    <td class="num figure">
                        <b class="depth">{figure(units, 'depth', row.running.depth)}</b>
                        <span class="small">{plusMinus(units, row.running.doubt)}</span>
                    </td>
                    {#each readings(row, units) as reading, j (j)}
                        <td class="num figure" class:planned={j === 1}>
                            {reading}{#if j === 1}<span class="small unit">{readingUnit(row, units)}</span>{/if}
                        </td>
                    {/each}
                    <td
                        ><b>{locker.lures.find(({ id }) => id === line.lure_id)?.name}</b>
                        <span class="small">{trueWords(row, units)}</span><br /><span class="small"
                            >{rigWords(line, locker, units)}</span
                        ></td
                    >
                    <td class="figure clear"
                        >{row.clear_first.join(' ') || '—'}{#if sinking.get(row.running.holder)}<br /><span class="small"
                                >bottom {sinking.get(row.running.holder)}</span
                            >{/if}</td
                    >
                </tr>
            {:else}
                <tr><td colspan="8">No line is planned yet.</td></tr>
            {/each}
        </tbody>
    </table>
    <footer>
        {#each card.crossings as crossing (crossing.holders.join())}
            <b>{crossing.reason}</b>
        {/each}
        Set from the top, retrieve from the foot. Each reading holds the planned depth at that speed through the water; — means it cannot.
        Bottom, how soon a line touches it out of gear{card.out_of_gear.bottom === null
            ? ''
            : ` over ${shown(units, 'depth', card.out_of_gear.bottom)}`}. ± two times in three. Balls swing: lower with the boom
        steady, hands clear. No wraps of line round a hand.
    </footer>
</article>

<style>
    /* The card is paper: black on white in every light but red, where the screen stays dark. */
    .sheet {
        padding: 1.25rem 1.5rem;
        color: #000;
        background: #fff;
        border: 1px solid var(--color-base-300);
    }
    :global([data-theme='red']) .sheet {
        color: var(--color-base-content);
        background: var(--color-base-100);
    }
    h1 {
        font-size: 1.4rem;
        font-weight: 700;
    }
    table {
        width: 100%;
        margin-top: 0.4rem;
        border-collapse: collapse;
    }
    th {
        padding: 0.2rem 0.35rem;
        font-size: 0.85rem;
        font-weight: 600;
        text-align: left;
        vertical-align: bottom;
        border-bottom: 2px solid currentColor;
    }
    td {
        padding: 0.18rem 0.35rem;
        line-height: 1.12;
        vertical-align: top;
        border-bottom: 1px solid currentColor;
    }
    .num {
        font-size: 1.15rem;
        text-align: right;
        white-space: nowrap;
    }
    th.num {
        font-size: 0.85rem;
    }
    td.planned {
        font-size: 1.5rem;
        font-weight: 700;
        border-inline: 1px solid currentColor;
    }
    .unit {
        display: inline-block;
        width: 3.4rem;
        padding-left: 0.25rem;
        text-align: left;
    }
    .depth {
        font-size: 1.5rem;
    }
    .rod {
        font-size: 1.35rem;
    }
    .order {
        font-size: 1.1rem;
    }
    .small {
        font-size: 0.78rem;
        font-weight: 400;
    }
    .clear {
        width: 5.6rem;
        font-size: 1rem;
        font-weight: 600;
    }
    footer {
        padding-top: 0.5rem;
        font-size: 0.8rem;
    }
    @media print {
        .sheet {
            max-width: none;
            padding: 0;
            color: #000 !important;
            background: #fff !important;
            border: 0;
        }
        tr {
            break-inside: avoid;
        }
        /* Thirteen to sixteen lines still go on one page. */
        .sheet.many {
            zoom: 0.76;
        }
        /* Fewer are written as large as the page has room for: it is read at arm's length. */
        .sheet.few td {
            padding-block: 0.42rem;
        }
        .sheet.few .small {
            font-size: 0.92rem;
        }
        .sheet.few :is(.depth, .rod, td.planned) {
            font-size: 2rem;
        }
        .sheet.few td.num {
            font-size: 1.45rem;
        }
        .sheet.few td.planned {
            font-size: 2rem;
        }
    }
</style>
