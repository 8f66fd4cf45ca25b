<script lang="ts">
    import { settingWords } from '../lib/catalogue';
    import { figure, type Units } from '../lib/units';
    import type { Rod } from './states';
    import type { Watch } from './watch.svelte';

    /** The rod that is set next, to be chosen. */
    let { watch, next, units }: { watch: Watch; next: Rod; units: Units } = $props();

    const counter = $derived(next.counter === null ? '' : `, ${figure(units, 'length', next.counter)} on its counter`);
</script>

<button type="button" class="next btn border-base-content" onclick={() => (watch.chosen = next.holder)}
    ><span>Set next: <b class="figure">{next.holder}</b>, {settingWords(next.line, units)}{counter}</span></button
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
