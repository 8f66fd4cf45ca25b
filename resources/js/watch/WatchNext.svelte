<script lang="ts">
    import { settingWords } from '../lib/catalogue';
    import { figure, type Units } from '../lib/units';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** What comes next while lines are in the boat: the rod that is set, or the day's end once all of them came in. */
    let { watch, next, units }: { watch: Watch; next: Rod; units: Units } = $props();

    const counter = $derived(next.counter === null ? '' : `, ${figure(units, 'length', next.counter)} on its counter`);
</script>

{#if watch.allIn}
    <a class="next btn btn-primary" href="#/trips/{watch.trip}/end"
        >{watch.now?.ended ? 'The day is over: look at its end' : 'All lines are in: end the day'}</a
    >
{/if}
<button type="button" class="next btn border-base-content" onclick={() => (watch.chosen = next.holder)}
    ><span
        >{watch.allIn ? 'Or set again' : 'Set next'}: <b class="figure">{next.holder}</b>, {settingWords(
            next.line,
            units,
        )}{counter}</span
    ></button
>

<style>
    .next {
        height: auto;
        min-height: 64px;
        font-size: 19px;
        font-weight: 500;
        line-height: 1.25;
    }
</style>
