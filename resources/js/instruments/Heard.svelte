<script lang="ts">
    import { figure, measure, type Units } from '../lib/units';
    import { longAgo } from '../lib/words';
    import type { Instruments } from './instruments.svelte';

    /** Each figure as it is heard, from whom, how long ago; what others tell beside it. */
    let { told, units }: { told: Instruments | null; units: Units } = $props();

    type Told = Instruments['figures'][number];

    const FINE = 4;
    const words = ({ quantity }: Told, value: number): string =>
        quantity === 'angle'
            ? `${figure(units, quantity, value)}°`
            : quantity
              ? `${figure(units, quantity, value)} ${measure(units, quantity).unit}`
              : `${value.toFixed(FINE)}°`;
</script>

<section aria-labelledby="heard">
    <h2 id="heard" class="pb-1 text-lg font-bold">What is heard</h2>
    {#if told && !told.listens}
        <p>Nothing listens just now: the instruments are read while Admek is served on the boat’s laptop.</p>
    {:else if told && told.figures.length === 0}
        <p>Nothing yet.</p>
    {:else if told}
        <table class="w-full text-left leading-snug">
            <thead class="quiet text-sm">
                <tr
                    ><th scope="col" class="font-normal">Figure</th><th scope="col" class="text-right font-normal">Now</th><th
                        scope="col"
                        class="pl-4 font-normal">From</th
                    ><th scope="col" class="text-right font-normal">Age</th></tr
                >
            </thead>
            <tbody>
                {#each told.figures as one (one.figure)}
                    <tr class="border-base-300 border-t align-top" data-figure={one.figure}>
                        <th scope="row" class="py-1 font-normal">{one.words}</th>
                        <td class="figure py-1 text-right text-lg font-semibold whitespace-nowrap" class:line-through={!one.live}
                            >{words(one, one.value)}</td
                        >
                        <td class="py-1 pl-4"
                            >{one.source.replace('/', ', ')}
                            {#each one.others as other (other.source)}
                                <span class="quiet block text-sm"
                                    >{other.source.replace('/', ', ')}:
                                    <span class="figure">{words(one, other.value)}</span></span
                                >
                            {/each}</td
                        >
                        <td class="figure py-1 text-right whitespace-nowrap">{one.live ? 'live' : longAgo(one.age)}</td>
                    </tr>
                {/each}
            </tbody>
        </table>
    {/if}
</section>
