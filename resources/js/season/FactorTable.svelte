<script lang="ts">
    import type { Schemas } from '../lib/api';

    /** Levels of one factor, sorted as asked: how often it bit as it looks, and all else alike, each within its interval. */
    let { factor }: { factor: Schemas['Season']['factors'][number] } = $props();

    type Level = Schemas['Season']['factors'][number]['levels'][number];
    type Column = 'words' | 'hours' | 'bites' | 'rate' | 'times';

    let by: Column = $state('rate');
    let down = $state(true);

    const value = (level: Level, column: Column): number | string =>
        column === 'words' ? (level.order ?? level.words) : (level[column] ?? 0);
    const levels = $derived(
        factor.levels.toSorted((a, b) => {
            const [one, other] = [value(a, by), value(b, by)];
            const order = one < other ? -1 : one > other ? 1 : 0;
            return down ? -order : order;
        }),
    );
    const top = $derived(Math.max(...factor.levels.map(({ high, early, rate }) => (early ? rate : high)), 1e-9));
    const at = (rate: number) => `${Math.min(100, (100 * rate) / top)}%`;

    /** Half and twice as many lie as far to either side of as many. */
    const RANGE = Math.log(3);
    const place = (times: number) => Math.max(0, Math.min(100, 50 + (50 * Math.log(times)) / RANGE));

    function sort(column: Column): void {
        down = by === column ? !down : column !== 'words';
        by = column;
    }
    const COLUMNS: [Column, string][] = [
        ['words', ''],
        ['hours', 'line-hours'],
        ['bites', 'bites'],
        ['rate', 'an hour of one line, as it looks'],
        ['times', 'all else alike'],
    ];
</script>

<table class="w-full text-[15px]" data-testid="factor">
    <thead>
        <tr>
            {#each COLUMNS as [column, words] (column)}
                <th aria-sort={by === column ? (down ? 'descending' : 'ascending') : undefined} class={column}>
                    <button type="button" onclick={() => sort(column)}
                        >{words === '' ? factor.word : words}{by === column ? (down ? ' ↓' : ' ↑') : ''}</button
                    >
                </th>
            {/each}
        </tr>
    </thead>
    <tbody>
        {#each levels as level (level.level)}
            <tr class:early={level.early}>
                <th scope="row">{level.words}</th>
                <td class="figure">{level.hours.toFixed(level.hours < 10 ? 1 : 0)}</td>
                <td class="figure">{level.bites}</td>
                <td>
                    <span class="look">
                        <b class="figure">{level.rate.toFixed(2)}</b>
                        <span class="bar" aria-hidden="true"
                            ><i class="span" style:left={at(level.low)} style:width="calc({at(level.high)} - {at(level.low)})"
                            ></i><i class="dot" style:left={at(level.rate)}></i></span
                        >
                        <span class="quiet figure ends">{level.low.toFixed(2)}–{level.high.toFixed(2)}</span>
                    </span>
                </td>
                <td>
                    {#if level.early}<span class="quiet">too early to say</span>
                    {:else if level.times !== null && level.times_low !== null && level.times_high !== null}
                        <span class="look">
                            <b class="figure">×{level.times.toFixed(1)}</b>
                            <span class="bar alike" aria-hidden="true"
                                ><i class="one"></i><i
                                    class="span"
                                    style:left="{place(level.times_low)}%"
                                    style:width="{place(level.times_high) - place(level.times_low)}%"
                                ></i><i class="dot" style:left="{place(level.times)}%"></i></span
                            >
                            <span class="quiet figure ends">{level.times_low.toFixed(1)}–{level.times_high.toFixed(1)}</span>
                        </span>
                    {:else}<span class="quiet">nothing to tell it from</span>{/if}
                </td>
            </tr>
        {/each}
    </tbody>
</table>
<p class="quiet pt-1 text-sm">
    Each interval holds the truth four times in five. <i>As it looks</i> is bites over hours, drawn to the boat’s mean where there
    is little;
    <i>all else alike</i> is what is left of it when depth, light and the rest are allowed for.
</p>

<style>
    thead th {
        padding: 0 10px 0 0;
        font-size: 14px;
        font-weight: 400;
        color: var(--quiet);
        text-align: left;
    }
    thead button {
        min-height: 36px;
        text-align: left;
        cursor: pointer;
    }
    thead [aria-sort] {
        font-weight: 700;
        color: var(--color-base-content);
    }
    tbody th {
        font-weight: 600;
        text-align: left;
    }
    tbody th,
    td {
        padding: 5px 10px 5px 0;
        border-top: 1px solid var(--color-base-300);
    }
    .rate,
    .times {
        width: 31%;
    }
    .look {
        display: grid;
        grid-template-columns: 3rem minmax(3rem, 1fr) 5.2rem;
        gap: 0.5rem;
        align-items: center;
    }
    .bar {
        position: relative;
        height: 16px;
    }
    .bar i {
        position: absolute;
        top: 5px;
        bottom: 5px;
    }
    .span {
        background: var(--line);
        border-radius: 3px;
        opacity: 0.55;
    }
    .bar .dot {
        top: 2px;
        bottom: 2px;
        width: 5px;
        margin-left: -2px;
        background: var(--color-primary);
        border-radius: 2px;
    }
    .bar .one {
        top: 0;
        bottom: 0;
        left: 50%;
        width: 1px;
        background: var(--color-base-content);
    }
    .early th,
    .early .look b {
        font-weight: 400;
        color: var(--quiet);
    }
    .early .dot {
        opacity: 0.35;
    }
    @media (max-width: 760px) {
        .look {
            grid-template-columns: 2.4rem 1fr;
        }
        .ends {
            display: none;
        }
        thead .hours,
        tbody td:nth-child(2) {
            display: none;
        }
        tbody th,
        td,
        thead th {
            padding-right: 6px;
            font-size: 13.5px;
        }
    }
</style>
