<script lang="ts">
    import { lineWords } from '../lib/catalogue';
    import { figure, plusMinus, type Units } from '../lib/units';
    import Glyph from '../rod/Glyph.svelte';
    import { stateOf, type Rod } from './states';

    interface Shown {
        rod: Rod;
        units: Units;
        /** ms by the server's clock. */
        clock: number;
        /** She turns too hard to say where it is: it is told as before the turn. */
        turning: boolean;
        /** Until it is to be looked at. */
        minutes: number;
        chosen: boolean;
        waits: boolean;
        choose: () => void;
    }

    /** One rod on the watch: where it runs, how it stands, when it is to be looked at. */
    let { rod, units, clock, turning, minutes, chosen, waits, choose }: Shown = $props();

    const since = $derived(rod.since === null ? 0 : Math.max(0, Math.floor((clock - new Date(rod.since).getTime()) / 1000)));
    const words = $derived(stateOf(rod)?.words ?? '');
    const stands = $derived.by(() => {
        if (rod.state === 'fish_on') {
            return `${words} ${Math.floor(since / 60)}:${String(since % 60).padStart(2, '0')}`;
        }
        if (rod.state !== 'fishing') {
            return words;
        }
        return minutes === Infinity ? words : minutes > 0 ? `check ${minutes} min` : 'check now';
    });
    const urgent = $derived(rod.state === 'fish_on' || rod.state === 'fouled' || minutes <= 0);
</script>

<button
    type="button"
    class="rod border-base-300 bg-base-100"
    class:chosen
    class:idle={rod.state === 'in_boat'}
    class:fish={rod.state === 'fish_on'}
    aria-pressed={chosen}
    data-rod={rod.holder}
    data-state={rod.state}
    onclick={choose}
>
    <span class="top"
        ><b class="figure code">{rod.holder}</b><span class="what"><Glyph line={rod.line} /> {lineWords(rod.line, units)}</span
        ><span class="stands" class:urgent>{stands}</span></span
    >
    <span class="low"
        ><b class="figure depth">{rod.depth === null ? '—' : figure(units, 'depth', rod.depth)}</b><span class="beside"
            ><span class="figure doubt">{plusMinus(units, rod.doubt)}</span>
            {#if rod.on_bottom}<span class="lies">lies on bottom</span>
            {:else if turning && rod.state !== 'in_boat'}<span class="lies">turning</span>
            {:else if rod.planned !== null}<span class="meant"
                    ><span class="of-it">meant</span> for {figure(units, 'depth', rod.planned)}</span
                >{/if}</span
        >
        <span class="lure">{waits ? 'waiting to be sent' : rod.lure}</span></span
    >
</button>

<style>
    .rod {
        display: flex;
        flex-direction: column;
        justify-content: center;
        min-width: 0;
        min-height: 64px;
        padding: 0.15rem 0.7rem;
        text-align: left;
        cursor: pointer;
        border-width: 1px;
        border-radius: 7px;
        touch-action: manipulation;
        /* Brought into sight it is not under what is told at the foot. */
        scroll-margin-bottom: 190px;
    }
    .top,
    .low {
        display: flex;
        gap: 0.6rem;
        align-items: baseline;
        min-width: 0;
    }
    .code {
        font-size: 22px;
    }
    .what {
        display: inline-flex;
        gap: 0.3rem;
        align-items: center;
        overflow: hidden;
        font-size: 17px;
        white-space: nowrap;
    }
    .stands {
        margin-left: auto;
        font-size: 18px;
        white-space: nowrap;
    }
    .urgent {
        padding: 0 0.4rem;
        font-weight: 800;
        color: var(--color-base-100);
        background: var(--color-base-content);
        border-radius: 4px;
    }
    .depth {
        font-size: 56px;
        line-height: 1;
    }
    /* One under the other: beside the depth there is not always room for both. */
    .beside {
        display: flex;
        flex-direction: column;
        justify-content: end;
        min-width: 0;
        line-height: 1.1;
    }
    .doubt {
        white-space: nowrap;
        font-size: 18px;
    }
    .lure {
        margin-left: auto;
        overflow: hidden;
        text-overflow: ellipsis;
        font-size: 17px;
        white-space: nowrap;
    }
    .meant,
    .lies {
        font-size: 16px;
    }
    .lies {
        font-weight: 700;
    }
    .idle {
        border-style: dashed;
        background: transparent;
    }
    .idle .depth {
        font-size: 30px;
        font-weight: 500;
    }
    .chosen {
        outline: 4px solid var(--color-primary);
        outline-offset: -4px;
    }
    .fish {
        border-width: 3px;
        border-color: var(--color-primary);
    }
    @media (max-width: 700px) {
        .rod {
            padding: 0.1rem 0.45rem;
        }
        .what,
        .meant {
            display: none;
        }
        .depth {
            font-size: 34px;
        }
        .stands {
            font-size: 15px;
        }
        .lure,
        .doubt {
            font-size: 14px;
        }
        .top,
        .low {
            line-height: 1.1;
        }
        .low {
            gap: 0.35rem;
        }
        /* The name of the lure gives way, not the doubt. */
        .beside {
            flex: none;
        }
    }
</style>
