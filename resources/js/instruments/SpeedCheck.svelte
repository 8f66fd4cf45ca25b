<script lang="ts">
    import { shown, type Units } from '../lib/units';
    import type { instruments } from './instruments.svelte';

    /** The speed log held against the ground, on a run out and a run back. */
    let { desk, units }: { desk: typeof instruments; units: Units } = $props();

    const run = $derived(desk.runs.length + 1);
    const wrong = $derived(desk.checkFaults[0]?.detail);
</script>

<section aria-labelledby="check">
    <h2 id="check" class="pb-1 text-lg font-bold">Speed check</h2>
    {#if desk.checked}
        {@const { factor, factor_error, drift, set, current_error, samples } = desk.checked}
        <p class="text-lg leading-snug" data-checked>
            True speed is <b class="figure">{factor.toFixed(3)} ±{factor_error.toFixed(3)}</b> times what the log shows.
        </p>
        <p class="leading-snug">
            The current was <b class="figure">{shown(units, 'speed', drift)}</b>
            <span class="figure">±{shown(units, 'speed', current_error)}</span>, setting
            <b class="figure">{String(Math.round(set) % 360).padStart(3, '0')}°</b>.
            <span class="quiet">By {samples.out} readings out and {samples.back} back.</span>
        </p>
        <p class="flex gap-3 pt-2">
            <button
                type="button"
                class="btn btn-primary"
                onclick={async () => {
                    if (await desk.keep({ log_factor: factor })) {
                        desk.again();
                    }
                }}>Take {factor.toFixed(3)}</button
            >
            <button type="button" class="btn border-base-300" onclick={() => desk.again()}>Leave it</button>
        </p>
    {:else}
        <p class="leading-snug">
            Hold her straight and steady at trolling speed for a minute and a half; then come about and run back on the opposite
            heading as long.
        </p>
        {#if wrong}<p class="text-error pt-1 font-semibold" role="alert">{wrong}</p>{/if}
        <p class="flex flex-wrap items-center gap-3 pt-2">
            {#if desk.began}
                <button type="button" class="btn btn-primary" onclick={() => void desk.end()}>End run {run}</button>
                <span class="figure text-2xl font-bold" role="timer">{desk.running} s</span>
            {:else}
                <button type="button" class="btn border-base-300" disabled={!desk.told} onclick={() => desk.begin()}
                    >Begin run {run}</button
                >
                {#if run === 2}<span>Now on the opposite heading.</span>{/if}
            {/if}
            {#if desk.began || run > 1}<button type="button" class="btn border-base-300" onclick={() => desk.again()}
                    >Begin anew</button
                >{/if}
        </p>
    {/if}
</section>
