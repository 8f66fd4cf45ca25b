<script lang="ts">
    import { clock } from '../lib/words';
    import { figure, measure, shown, type Quantity, type Units } from '../lib/units';
    import { speedStep } from '../desk/steps';
    import type { Watch } from './watch.svelte';

    /** What she reads: her speed, the water under her, the clock. What is read no more is struck, with its age. */
    let { watch, units }: { watch: Watch; units: Units } = $props();

    interface Read {
        name: string;
        figure: string;
        says: string;
        live: boolean;
    }

    const out = $derived(watch.rods.filter(({ state }) => state !== 'in_boat').length);
    const time = $derived(clock(watch.clock));
    const read = $derived(watch.now?.speed_by.read ?? false);

    function one(name: string, quantity: Quantity, what: string): Read[] {
        const told = watch.now?.reads[name];
        const { unit } = measure(units, quantity);
        return told
            ? [
                  {
                      name,
                      figure: figure(units, quantity, told.value),
                      says: told.live ? `${unit} ${what}`.trim() : watch.age(told),
                      live: told.live,
                  },
              ]
            : [];
    }

    const reads: Read[] = $derived.by(() => {
        const depth = one('depth', 'depth', '');
        const { bottom, reads, speed_by } = watch.now ?? {};
        const planned =
            bottom === null || bottom === undefined
                ? []
                : [
                      {
                          name: 'bottom',
                          figure: figure(units, 'depth', bottom),
                          says: `${measure(units, 'depth').unit} planned`,
                          live: true,
                      },
                  ];
        const heading = reads?.['heading'];
        return [
            ...(speed_by?.by === 'log' ? one('ground_speed', 'speed', 'over ground') : []),
            ...(depth[0]?.live ? depth : [...depth, ...planned]),
            ...one('water_temperature', 'temperature', ''),
            ...(heading
                ? [
                      {
                          name: 'heading',
                          figure: `${Math.round(heading.value) % 360}°`,
                          says: heading.live ? 'heading' : watch.age(heading),
                          live: heading.live,
                      },
                  ]
                : []),
        ];
    });

    async function changeSpeed(way: -1 | 1): Promise<void> {
        const { speed } = watch.now ?? {};
        if (speed !== undefined) {
            await watch.say('speed', { kind: 'speed', speed: speed + way * speedStep(units) });
        }
    }
</script>

{#if watch.now}
    {@const { turn } = watch.now}
    <div class="reads">
        <p class="speed">
            {#if !read}<button type="button" class="btn btn-ghost" aria-label="Slower" onclick={() => void changeSpeed(-1)}
                    >−</button
                >{/if}
            <b class="figure">{figure(units, 'speed', watch.now.speed)}</b>
            {#if !read}<button type="button" class="btn btn-ghost" aria-label="Faster" onclick={() => void changeSpeed(1)}
                    >+</button
                >{/if}
        </p>
        <p class="unit">
            {measure(units, 'speed').unit}
            {watch.now.speed_by.words}{#if turn}<br /><b
                    >turning to {turn.side}, {shown(units, 'length', turn.radius)} round{turn.held
                        ? ': depths as before it'
                        : ''}</b
                >{/if}
        </p>
        <dl>
            {#each reads as { name, figure: text, says, live } (name)}
                <div data-read={name}>
                    <dd class="figure" class:old={!live}>{text}</dd>
                    <dt>{says}</dt>
                </div>
            {/each}
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
        gap: 0.5rem;
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
        flex-wrap: wrap;
        gap: 0.3rem 1rem;
        justify-content: space-evenly;
    }
    dd {
        font-size: 38px;
        font-weight: 700;
        line-height: 1;
        white-space: nowrap;
    }
    .old {
        font-weight: 500;
        text-decoration: line-through;
    }
    dt {
        font-size: 17px;
        line-height: 1.1;
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
            gap: 0.1rem 0.8rem;
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
        dd {
            font-size: 28px;
        }
        /* A phone has its own. */
        .clock dd {
            display: none;
        }
        .clock {
            align-self: center;
        }
    }
</style>
