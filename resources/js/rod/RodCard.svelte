<script lang="ts">
    import type { Holder, Locker, RunningLine, SpreadLine } from '../lib/api';
    import { figure, sidesOf, type Units } from '../lib/units';
    import { lineWords, secondWords, settingWords } from '../lib/catalogue';
    import Glyph from './Glyph.svelte';

    let {
        holder,
        line,
        running,
        locker,
        units,
        chosen,
        marked,
        planned,
        faulty,
        unsteady,
        choose,
    }: {
        holder: Holder;
        line: SpreadLine | undefined;
        running: RunningLine | undefined;
        locker: Locker;
        units: Units;
        chosen: boolean;
        marked: boolean;
        /** The same line as planned, while something tried is compared with it. */
        planned: RunningLine | undefined;
        faulty: boolean;
        /** Whether its line has no steady run just now. */
        unsteady: boolean;
        choose: () => void;
    } = $props();

    const lure = $derived(locker.lures.find(({ id }) => id === line?.lure_id)?.name ?? '');

    const depth = $derived(running ? figure(units, 'depth', running.depth) : '');

    const letOut = $derived(line ? settingWords(line, units) : '');
    const second = $derived(line ? secondWords(line, units) : '');

    const flag = $derived.by(() => {
        if (!line || faulty || (!running && unsteady)) {
            return line ? (faulty ? 'not usable' : 'no steady run') : '';
        }
        return running?.board?.pulled_under
            ? 'board under'
            : running?.surfaced.length
              ? 'on the surface'
              : running?.on_bottom
                ? 'on bottom'
                : '';
    });

    let button: HTMLButtonElement;
    $effect(() => {
        if (chosen && document.activeElement?.closest('[role=listbox]')) {
            button.focus();
        }
    });
</script>

<button
    bind:this={button}
    type="button"
    role="option"
    aria-selected={chosen}
    tabindex={chosen ? 0 : -1}
    onclick={choose}
    class="card bg-base-100"
    class:chosen
    class:marked
    class:empty={!line}
    class:flagged={flag !== ''}
    data-holder={holder.code}
>
    <span class="head">
        <b class="figure">{holder.code}</b>
        {#if line}<Glyph {line} size={17} />{:else}<span class="quiet kind">empty</span>{/if}
    </span>
    {#if line}
        {#if running}
            <span class="depth figure" class:stale={faulty} class:long={depth.length > 2}>
                <b>{depth}</b>
                <small class:apart={running.doubt?.skewed}
                    >{#each sidesOf(units, running.doubt) as side (side)}<span>{side}</span>{/each}</small
                >
            </span>
        {:else if unsteady && !faulty}<span class="depth figure"><b>—</b></span>{/if}
        <span class="kind figure" class:was={running && planned}
            >{running && planned ? `plan ${figure(units, 'depth', planned.depth)}` : lineWords(line, units)}</span
        >
        <span class="out figure">{letOut}</span>
        {#if flag}<span class="flag">{flag}</span>{:else}<span class="quiet second figure">{second}</span>{/if}
        <span class="lure figure">{lure}</span>
    {:else}
        <span class="quiet text-sm">Choose to rig it</span>
    {/if}
</button>

<style>
    .card {
        position: relative;
        display: flex;
        flex-direction: column;
        align-items: stretch;
        min-width: 0;
        height: 9.5rem;
        container-type: inline-size;
        padding: 4px 4px 5px 5px;
        overflow: hidden;
        text-align: left;
        border: 1px solid var(--color-base-300);
        border-radius: 5px;
        cursor: pointer;
    }
    .card.chosen {
        border-color: var(--color-primary);
        box-shadow: 0 0 0 2px var(--color-primary);
    }
    .card.marked {
        border: 2px dashed var(--color-primary);
    }
    .card.empty {
        background: transparent;
        border-style: dashed;
    }
    .head {
        display: flex;
        align-items: center;
        justify-content: space-between;
        font-size: 17px;
        line-height: 1.15;
        white-space: nowrap;
    }
    .kind,
    .lure {
        overflow: hidden;
        font-size: 15px;
        font-weight: 500;
        line-height: 1.2;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
    .depth {
        display: flex;
        align-items: baseline;
        gap: 3px;
        min-height: 44px;
        line-height: 1;
        margin: 0 0 2px;
    }
    .depth b {
        font-size: 44px;
        font-weight: 700;
        letter-spacing: -0.01em;
    }
    .depth small {
        font-size: 16px;
        font-weight: 500;
    }
    /* The shallower side above, the deeper below, as they lie in the water. */
    .depth small.apart {
        display: flex;
        flex-direction: column;
        align-self: center;
        font-size: 14px;
        line-height: 1.1;
    }
    .depth.long b {
        font-size: 34px;
    }
    .depth.long small {
        font-size: 14px;
    }
    .was {
        font-weight: 700;
        color: var(--quiet);
    }
    .depth.stale {
        text-decoration: line-through;
    }
    .chosen .depth b {
        color: var(--color-primary);
    }
    .out,
    .second {
        font-size: 15px;
        line-height: 1.2;
        white-space: nowrap;
    }
    .out {
        font-size: 16px;
        font-weight: 600;
    }
    .lure {
        margin-top: auto;
        font-size: 14px;
        font-weight: 600;
    }
    /* Sixteen rods at arm's length: narrower, never clipped. */
    @container (max-width: 72px) {
        .depth b {
            font-size: 36px;
        }
        .depth.long b {
            font-size: 28px;
        }
        .depth small,
        .depth.long small {
            font-size: 12.5px;
        }
        .depth {
            gap: 1px;
            margin-inline: -2px;
        }
        .out {
            font-size: 13.5px;
            letter-spacing: -0.03em;
        }
        .second,
        .kind,
        .lure {
            font-size: 12.5px;
            letter-spacing: -0.03em;
        }
    }
    /* On a phone the rail is an index under the thumb: code, depth, let-out. */
    @media (max-width: 900px) {
        .card {
            height: 5.4rem;
        }
        .depth b {
            font-size: 30px;
        }
        .depth {
            min-height: 30px;
        }
        .kind,
        .second,
        .lure,
        .flagged .out {
            display: none;
        }
    }
    .flag {
        align-self: start;
        padding: 1px 3px;
        font-size: 12px;
        line-height: 1.2;
        white-space: nowrap;
        font-weight: 700;
        color: var(--color-error-content);
        background: var(--color-error);
        border-radius: 3px;
    }
</style>
