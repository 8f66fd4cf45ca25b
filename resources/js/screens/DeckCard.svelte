<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas, type Spread, type SpreadLine } from '../lib/api';
    import { doubt, figure, measure, shown } from '../lib/units';
    import { ATTRACTOR, dayWords, lineWords, speciesList } from '../lib/words';

    /** The sheet the mate sets from: setting order, let-out at three speeds, lure, rig. Black on white, one page. */
    let { params }: { params: { trip: string } } = $props();

    let card: Schemas['DeckCard'] | null = $state.raw(null);
    let spread: Spread | null = $state.raw(null);
    let said = $state('Reckoning…');

    const trip = $derived(aboard.trips.find(({ id }) => id === Number(params.trip)));
    const units = $derived(aboard.boat?.units ?? 'us');

    $effect(() => {
        const id = trip?.spreads[0]?.id;
        if (id === undefined) {
            said = 'There is no such trip.';
            return;
        }
        const at = { params: { path: { spread: id } } };
        void Promise.all([ask(api.GET('/spreads/{spread}', at)), ask(api.GET('/spreads/{spread}/deck-card', at))]).then(
            ([plan, answer]) => {
                if ('data' in plan && 'data' in answer) {
                    spread = plan.data;
                    card = answer.data;
                } else {
                    said = 'problem' in answer ? answer.problem.detail : 'The server is not answering.';
                }
            },
        );
    });

    const lineOf = (code: string): SpreadLine | undefined => {
        const holder = aboard.boat?.holders.find((candidate) => candidate.code === code);
        return spread?.lines.find((line) => line.holder_id === holder?.id);
    };

    function setting(kind: Schemas['ControlKind'], value: number | null): string {
        if (value === null) {
            return '—';
        }
        return kind === 'colours' ? Number(value.toFixed(1)).toString() : figure(units, 'length', value);
    }

    function settingUnit(line: SpreadLine): string {
        return line.presentation === 'core'
            ? 'colours'
            : line.presentation === 'rigger'
              ? `${measure(units, 'length').unit} cable`
              : measure(units, 'length').unit;
    }

    function rig(line: SpreadLine): string {
        const gear = aboard.locker;
        const part = (list: { id: number; name: string }[] | undefined, id: number | null | undefined) =>
            list?.find((item) => item.id === id)?.name ?? '';
        return [
            line.board_id ? `${part(gear?.boards, line.board_id)} at ${shown(units, 'length', line.board_out ?? 0)}` : '',
            line.ball_id ? part(gear?.balls, line.ball_id) : '',
            line.diver_id ? `${part(gear?.divers, line.diver_id)}, dial ${line.dial}` : '',
            line.weight_mass ? `${shown(units, 'clipMass', line.weight_mass)} clip` : '',
            line.attractor ? ATTRACTOR[line.attractor] : '',
            line.lead ? `lead ${shown(units, 'length', line.lead)}` : '',
            line.backing ? `backing ${shown(units, 'length', line.backing)}` : '',
            line.leader_length
                ? `${shown(units, 'length', line.leader_length)} ${line.leader_material} ${line.leader_test} lb`
                : '',
        ]
            .filter(Boolean)
            .join(' · ');
    }
</script>

<main class="min-h-full p-4 sm:p-8 print:p-0">
    {#if card && spread && trip}
        <p class="mx-auto flex max-w-4xl items-center justify-between gap-4 pb-4 print:hidden">
            <span class="quiet">In setting order: farthest boards first, riggers last. Retrieve in reverse.</span>
            <button type="button" class="btn btn-primary" onclick={() => window.print()}>Print</button>
        </p>
        <article class="sheet mx-auto max-w-4xl">
            <header>
                <h1>{dayWords(trip.date)} · {trip.ground}</h1>
                <p>
                    {aboard.boat?.name} · lines in <b class="figure">{trip.lines_in}</b> · back by
                    <b class="figure">{trip.back_by}</b>
                    ·
                    {trip.anglers} anglers · {speciesList(trip.species)}{trip.bottom
                        ? ` · bottom ${shown(units, 'depth', trip.bottom)}`
                        : ''}
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
                                >at {figure(units, 'speed', speed)} {measure(units, 'speed').unit}</th
                            >
                        {/each}
                        <th scope="col">Lure and rig</th>
                    </tr>
                </thead>
                <tbody>
                    {#each card.rows as row, i (row.running.holder)}
                        {@const line = lineOf(row.running.holder)}
                        {#if line}
                            <tr>
                                <td class="order figure">{i + 1}</td>
                                <td
                                    ><b class="rod figure">{row.running.holder}</b><br /><span class="small"
                                        >{lineWords(line)}</span
                                    ></td
                                >
                                <td class="num figure">
                                    <b class="depth">{figure(units, 'depth', row.running.depth)}</b> ±{doubt(
                                        units,
                                        row.running.deviation ?? 0,
                                    )}
                                </td>
                                {#each row.settings as value, j (j)}
                                    <td class="num figure" class:planned={j === 1}>
                                        {setting(row.running.control.kind, value)}{#if j === 1}<span class="small unit"
                                                >{settingUnit(line)}</span
                                            >{/if}
                                    </td>
                                {/each}
                                <td
                                    ><b>{aboard.locker?.lures.find(({ id }) => id === line.lure_id)?.name}</b><br /><span
                                        class="small">{rig(line)}</span
                                    ></td
                                >
                            </tr>
                        {/if}
                    {:else}
                        <tr><td colspan="7">No line is planned yet.</td></tr>
                    {/each}
                </tbody>
            </table>
            <footer>
                Each let-out holds the planned depth at that speed through the water; — means it cannot. Depth ± is one standard
                deviation. Balls swing: lower with the boom steady, hands clear. No wraps of line round a hand.
            </footer>
        </article>
    {:else}
        <p class="quiet">{said}</p>
    {/if}
</main>

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
        margin-top: 0.6rem;
        border-collapse: collapse;
    }
    th {
        padding: 0.2rem 0.4rem;
        font-size: 0.85rem;
        font-weight: 600;
        text-align: left;
        vertical-align: bottom;
        border-bottom: 2px solid currentColor;
    }
    td {
        padding: 0.22rem 0.4rem;
        line-height: 1.15;
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
        font-size: 0.82rem;
        font-weight: 400;
    }
    footer {
        padding-top: 0.6rem;
        font-size: 0.82rem;
    }
    /* On a phone each rod is a block: what to set above what is on it. */
    @media screen and (max-width: 640px) {
        .sheet {
            padding: 0.75rem;
        }
        thead {
            display: none;
        }
        tbody tr {
            display: grid;
            grid-template-columns: 1.6rem 5.2rem 1fr auto;
            padding: 0.4rem 0;
            border-bottom: 1px solid currentColor;
        }
        td {
            padding: 0.1rem 0.2rem;
            border: 0;
        }
        td.planned {
            font-size: 2rem;
            border: 0;
        }
        .num:not(.planned):nth-child(n + 4) {
            display: none;
        }
        td:last-child {
            grid-column: 2 / -1;
        }
        .unit {
            width: auto;
            font-size: 1rem;
        }
    }
    @media print {
        @page {
            margin: 11mm;
        }
        :global(html),
        :global(body),
        :global(#app) {
            height: auto !important;
            background: #fff !important;
        }
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
    }
</style>
