<script lang="ts">
    import type { Schemas } from '../lib/api';
    import { theCatalogue } from '../lib/catalogue';
    import { measure, type Units, typedNumber } from '../lib/units';

    /** How the next marks are: how many, bunched or scattered, how big; and marking by a typed depth. */
    let {
        count = $bindable(),
        tight = $bindable(),
        size = $bindable(),
        mark,
        units,
    }: {
        count: number;
        tight: boolean;
        size: Schemas['MarkSize'];
        mark: (depth: number) => Promise<string>;
        units: Units;
    } = $props();

    const { counts, sizes } = theCatalogue().marks;
    let typed = $state('');
    let wrong = $state('');

    async function add(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const figure = typedNumber(typed);
        if (figure === null || Number.isNaN(figure)) {
            wrong = 'Must be a depth.';
            return;
        }
        wrong = await mark(measure(units, 'depth').toSi(figure));
        typed = wrong === '' ? '' : typed;
    }
</script>

<form class="flex flex-wrap items-center gap-x-2 gap-y-1" onsubmit={add}>
    <span class="flex items-center gap-1.5" role="group" aria-label="Fish in a mark">
        <span class="quiet text-sm">Tap fish in:</span>
        <span class="join">
            {#each counts as option (option)}
                <button
                    type="button"
                    class="btn btn-sm join-item figure px-2 text-base"
                    class:btn-neutral={count === option}
                    aria-pressed={count === option}
                    onclick={() => (count = option)}>{option}</button
                >
            {/each}
        </span>
    </span>
    <span class="join" role="group" aria-label="How they lie">
        <button
            type="button"
            class="btn btn-sm join-item px-2"
            class:btn-neutral={!tight}
            aria-pressed={!tight}
            onclick={() => (tight = false)}>scattered</button
        >
        <button
            type="button"
            class="btn btn-sm join-item px-2"
            class:btn-neutral={tight}
            aria-pressed={tight}
            onclick={() => (tight = true)}>bunched</button
        >
    </span>
    <span class="join" role="group" aria-label="How big">
        {#each sizes as option (option)}
            <button
                type="button"
                class="btn btn-sm join-item px-2"
                class:btn-neutral={size === option}
                aria-pressed={size === option}
                onclick={() => (size = option)}>{option}</button
            >
        {/each}
    </span>
    <span class="flex items-center gap-1.5">
        <label class="quiet text-sm" for="mark-depth">or at</label>
        <input
            id="mark-depth"
            class="input input-sm figure w-14 text-right text-base"
            class:input-error={wrong}
            inputmode="decimal"
            autocomplete="off"
            bind:value={typed}
            aria-describedby="mark-said"
        />
        <span class="quiet text-sm">{measure(units, 'depth').unit}</span>
        <button class="btn btn-sm">Mark</button>
        <span id="mark-said" class="text-error text-sm font-semibold" role="status">{wrong}</span>
    </span>
</form>
