<script lang="ts">
    import { figure, measure, type Units } from '../lib/units';
    import { speedStep } from '../desk/steps';
    import type { Watch } from './watch.svelte';

    /** What she reads: her speed, the water under her, the clock. */
    let { watch, units }: { watch: Watch; units: Units } = $props();

    const out = $derived(watch.rods.filter(({ state }) => state !== 'in_boat').length);
    const time = $derived(new Date(watch.clock).toLocaleTimeString('en', { hour: 'numeric', minute: '2-digit' }));

    async function changeSpeed(way: -1 | 1): Promise<void> {
        const { speed } = watch.now ?? {};
        if (speed !== undefined) {
            await watch.say('speed', { kind: 'speed', speed: speed + way * speedStep(units) });
        }
    }
</script>

{#if watch.now}
    <div class="reads">
        <p class="speed">
            <button type="button" class="btn btn-ghost" aria-label="Slower" onclick={() => void changeSpeed(-1)}>−</button>
            <b class="figure">{figure(units, 'speed', watch.now.speed)}</b>
            <button type="button" class="btn btn-ghost" aria-label="Faster" onclick={() => void changeSpeed(1)}>+</button>
        </p>
        <p class="unit">
            {measure(units, 'speed').unit}
            {watch.now.speed === watch.now.planned_speed ? 'planned' : 'as told'}
        </p>
        <dl>
            {#if watch.now.bottom !== null}
                <div>
                    <dd class="figure">{figure(units, 'depth', watch.now.bottom)}</dd>
                    <dt>{measure(units, 'depth').unit} planned</dt>
                </div>
            {/if}
            <div class="clock">
                <dd class="figure">{time}</dd>
                <dt>{out} of {watch.rods.length} lines out</dt>
            </div>
        </dl>
    </div>
{/if}

<style>
    .reads {
        display: grid;
        gap: 0.6rem;
    }
    .speed {
        display: flex;
        align-items: center;
        justify-content: center;
    }
    .speed b {
        font-size: 96px;
        line-height: 0.9;
    }
    .speed button {
        width: 64px;
        height: 64px;
        font-size: 34px;
    }
    dl {
        display: flex;
        justify-content: space-around;
        gap: 1rem;
    }
    dd {
        font-size: 44px;
        font-weight: 700;
        line-height: 1;
        white-space: nowrap;
    }
    dt {
        font-size: 17px;
    }
    @media (max-width: 1000px) {
        .reads {
            grid-template-columns: auto minmax(0, 1fr);
            gap: 0 0.5rem;
            align-items: center;
        }
        .speed b {
            font-size: 56px;
        }
        .unit {
            font-size: 16px;
        }
        dl {
            grid-area: 1 / 2 / 3 / 3;
            gap: 0.5rem;
        }
        dd {
            font-size: 34px;
        }
        dt {
            font-size: 15px;
            line-height: 1.2;
        }
    }
    @media (max-width: 700px) {
        /* A phone has its own. */
        .clock dd {
            display: none;
        }
        .clock {
            align-self: center;
        }
    }
</style>
