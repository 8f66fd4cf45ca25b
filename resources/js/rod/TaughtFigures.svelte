<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, type Schemas } from '../lib/api';
    import { shown, type Units } from '../lib/units';

    /** Figures of the gear before soundings and now, each on its own scale of how unsure it was. */
    let {
        figures,
        units,
        changed,
        named = true,
    }: {
        figures: readonly Schemas['TaughtFigure'][];
        units: Units;
        changed: () => void;
        /** Whether it is said whose each is. */
        named?: boolean;
    } = $props();

    type Figure = Schemas['TaughtFigure'];

    /** Deviations of before that the picture is wide to either side. */
    const WIDE = 2.5;

    const signed = (text: string) => (text.startsWith('-') ? text.replace('-', '−') : `+${text}`);

    /** "+8 ± 6 %", or so much faster. */
    function told({ of_water, now }: Figure): string {
        return of_water
            ? `${signed(shown(units, 'speed', now.value))} ± ${shown(units, 'speed', now.deviation)}`
            : `${signed(((now.value - 1) * 100).toFixed(0))} ± ${(now.value * now.deviation * 100).toFixed(0)} %`;
    }

    function before({ of_water, prior }: Figure): string {
        return of_water ? `± ${shown(units, 'speed', prior.deviation)}` : `± ${(prior.deviation * 100).toFixed(0)} %`;
    }

    /** Where it stands and how wide, in hundredths of the picture. */
    function at({ of_water, prior, now }: Figure): { from: number; to: number; mid: number } {
        const place = (deviations: number) => Math.min(100, Math.max(0, 50 + (50 * deviations) / WIDE));
        const middle = of_water ? now.value / prior.deviation : Math.log(now.value) / prior.deviation;
        const side = now.deviation / prior.deviation;
        return { from: place(middle - side), to: place(middle + side), mid: place(middle) };
    }

    /** The one whose acts are open. */
    let open = $state('');
    const keyOf = ({ figure, owner }: Figure) => `${figure} ${owner}`;

    async function mark(one: Figure, how: { aside: boolean } | { forgotten_at: string }): Promise<void> {
        await api.PUT('/soundings/figure', { body: { figure: one.figure, owner: one.owner, ...how } });
        changed();
    }
</script>

<ul data-testid="taught">
    {#each figures as one (keyOf(one))}
        {@const place = at(one)}
        <li class:aside={one.aside}>
            <button
                type="button"
                class="row"
                disabled={!aboard.may('lines')}
                aria-expanded={open === keyOf(one)}
                onclick={() => (open = open === keyOf(one) ? '' : keyOf(one))}
            >
                <span class="leading-tight"
                    >{one.word}{#if named}<span class="quiet block text-sm">{one.of}</span>{/if}</span
                >
                <span class="picture" aria-hidden="true">
                    <i class="prior" style:left="{50 - 50 / WIDE}%" style:right="{50 - 50 / WIDE}%"></i>
                    <i class="now" style:left="{place.from}%" style:right="{100 - place.to}%"></i>
                    <i class="mid" style:left="{place.mid}%"></i>
                </span>
                <span class="figure text-right leading-tight"
                    ><b>{one.aside ? 'set aside' : told(one)}</b><span class="quiet block text-sm">was {before(one)}</span></span
                >
            </button>
            {#if open === keyOf(one)}
                <span class="flex flex-wrap gap-2 py-1">
                    <button type="button" class="btn btn-sm" onclick={() => mark(one, { aside: !one.aside })}
                        >{one.aside ? 'Go by it again' : 'Set it aside'}</button
                    >
                    {#if !one.of_water}
                        <button
                            type="button"
                            class="btn btn-sm"
                            title="What was sounded until now tells nothing of it: a fresh spool, a bent lip"
                            onclick={() => mark(one, { forgotten_at: `${new Date().toISOString().slice(0, 19)}Z` })}
                            >It has changed: forget</button
                        >
                    {/if}
                </span>
            {/if}
        </li>
    {/each}
</ul>

<style>
    ul {
        container-type: inline-size;
    }
    li {
        font-size: 15px;
        border-top: 1px solid var(--color-base-300);
    }
    .row {
        display: grid;
        grid-template-columns: minmax(7rem, 1.2fr) minmax(5rem, 1fr) 7.5rem;
        gap: 0 0.75rem;
        align-items: center;
        width: 100%;
        min-height: 48px;
        padding: 5px 0;
        text-align: left;
        cursor: pointer;
    }
    .picture {
        position: relative;
        height: 22px;
    }
    .picture i {
        position: absolute;
        top: 5px;
        bottom: 5px;
    }
    .prior {
        border: 1px solid var(--line);
        border-radius: 2px;
    }
    .now {
        background: var(--color-primary);
        border-radius: 2px;
        opacity: 0.55;
    }
    .picture .mid {
        top: 1px;
        bottom: 1px;
        width: 3px;
        margin-left: -1px;
        background: var(--color-base-content);
    }
    .aside .now,
    .aside .mid {
        display: none;
    }
    @container (max-width: 22rem) {
        .row {
            grid-template-columns: minmax(0, 1fr) 7rem;
        }
        .picture {
            grid-row: 2;
            grid-column: 1 / -1;
        }
    }
</style>
