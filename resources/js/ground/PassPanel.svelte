<script lang="ts">
    import type { PassReport } from './ground.svelte';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import { figure, shown, type Units } from '../lib/units';

    /** The pass as it would be run: how long, both ways, its turns against what is safe, the bottom under the planned gear. */
    let { pass, units, reckon }: { pass: PassReport; units: Units; reckon: () => void } = $props();
    let judging = $state(false);

    const NAMES = { drawn: 'As laid', reversed: 'The other way' } as const;
    const minutes = (seconds: number) => (seconds / 60).toFixed(0);
    const depths = $derived(pass.bottom.map(({ depth }) => depth));
    const WIDTH = 330;
    const HEIGHT = 74;
    const deepest = $derived(Math.max(1, ...depths) * 1.1);
    const profile = $derived(
        pass.bottom
            .map(
                ({ along, depth }, i) =>
                    `${i ? 'L' : 'M'}${((along / Math.max(1, pass.length)) * WIDTH).toFixed(1)} ${((depth / deepest) * HEIGHT).toFixed(1)}`,
            )
            .join(''),
    );
</script>

<section aria-label="The pass" class="flex flex-col gap-1.5">
    <p class="leading-tight">
        <b class="figure text-2xl">{shown(units, 'distance', pass.length)}</b>
        <span class="quiet"
            >{pass.bottom.length > 0
                ? `over ${figure(units, 'depth', Math.min(...depths))}–${shown(units, 'depth', Math.max(...depths))} of bottom`
                : 'off the chart: its bottom is not known'}</span
        >
    </p>
    {#if pass.bottom.length > 1}
        <svg viewBox="0 0 {WIDTH} {HEIGHT}" class="w-full" role="img" aria-label="Bottom along the pass">
            <rect width={WIDTH} height={HEIGHT} style:fill="var(--water-top)" />
            <path d="{profile}L{WIDTH} {HEIGHT}L0 {HEIGHT}Z" style:fill="var(--bottom)" fill-opacity="0.45" />
            <path d={profile} style:stroke="var(--bottom)" fill="none" stroke-width="2" />
        </svg>
    {/if}
    <p class="font-semibold leading-snug">{pass.why}</p>
    {#each ['drawn', 'reversed'] as const as name (name)}
        {@const way = pass.ways[name]}
        <div class="border-base-300 border-t py-1 leading-tight" data-way={name} class:better={pass.better === name}>
            <b>{NAMES[name]}, {way.point}</b>
            {#if way.takes !== null}
                <span class="figure text-lg font-bold">{minutes(way.takes)} min</span>
                <span class="quiet text-sm"
                    >steer {way.heading?.toFixed(0)}°, slowest {shown(units, 'speed', way.slowest ?? 0)} made good, {shown(
                        units,
                        'distance',
                        way.fished ?? 0,
                    )} of water fished</span
                >
            {:else}<span class="text-error font-semibold">cannot be held in this current</span>{/if}
            {#if way.lift}<span class="text-error block text-sm font-semibold">{way.lift}</span>{/if}
            {#if way.turns.length > 0}
                <span class="block text-sm" class:text-error={way.turns.some(({ safe }) => safe === false)}>{way.turns_said}</span
                >
            {/if}
        </div>
    {/each}
    {#if pass.touches.length > 0}
        <ul class="text-sm">
            {#each pass.touches as touch (touch.holders.join())}
                <li class="text-error font-semibold">{touch.reason}</li>
            {/each}
        </ul>
    {:else if pass.bottom.length > 0}
        <p class="text-sm font-semibold">The planned gear clears the bottom all along it.</p>
    {/if}
    <button type="button" class="link quiet self-start text-sm" onclick={() => (judging = true)}>How it is judged…</button>
</section>
{#if judging}
    <RuleBookDialog book="pass" changed={reckon} close={() => (judging = false)} />
{/if}

<style>
    .better {
        padding-left: 8px;
        border-left: 4px solid var(--color-primary);
    }
</style>
