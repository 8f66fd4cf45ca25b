<script lang="ts">
    import type { Fault } from '../lib/api';
    import { allowed, figure, measure, type Quantity, type Units, typedNumber } from '../lib/units';

    /** A figure typed in the boat's units. What is typed stays until it is understood; what is wrong is said beneath. */
    let {
        label,
        value,
        change,
        clear,
        units,
        quantity,
        unit,
        decimals,
        fault,
        hideLabel = false,
        id,
        before = '',
        steps,
    }: {
        label: string;
        value: number | null | undefined;
        change: (value: number | null) => void;
        /** What an emptied field does, where a figure may be missing. */
        clear?: () => void;
        units: Units;
        quantity?: Quantity;
        unit?: string;
        decimals?: number;
        fault?: Fault;
        hideLabel?: boolean;
        id?: string;
        /** A word ahead of the figure, where its label is hidden. */
        before?: string;
        /** What the arrow keys step it by, within what it can be; SI. */
        steps?: { least: number; most: number; by: number };
    } = $props();

    const own = $props.id();
    const field = $derived(id ?? own);
    const written = $derived.by(() => {
        if (value === null || value === undefined) {
            return '';
        }
        return quantity ? figure(units, quantity, value, decimals) : String(Number(value.toFixed(decimals ?? 2)));
    });
    let typed: string | null = $state(null);
    let misread = $state('');
    const wrong = $derived(misread || allowed(fault, units, quantity));

    function commit(): void {
        if (typed === null || typed.trim() === written) {
            typed = null;
            misread = '';
            return;
        }
        const number = typedNumber(typed);
        if (number === null && clear) {
            typed = null;
            misread = '';
            clear();
            return;
        }
        if (number === null || Number.isNaN(number)) {
            misread = number === null ? 'Must be a number.' : `“${typed.trim().slice(0, 20)}” is not a number.`;
            return;
        }
        misread = '';
        typed = null;
        change(quantity ? measure(units, quantity).toSi(number) : number);
    }

    function keyed(event: KeyboardEvent): void {
        const way = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (way && steps && typeof value === 'number') {
            event.preventDefault();
            typed = null;
            misread = '';
            const next = Math.round((value + way * steps.by) / steps.by) * steps.by;
            change(Math.min(steps.most, Math.max(steps.least, next)));
        } else if (event.key === 'Enter') {
            commit();
        } else if (event.key === 'Escape') {
            typed = null;
            misread = '';
        }
    }
</script>

<div class={hideLabel ? 'contents' : 'field'}>
    <label for={field} class={hideLabel ? 'sr-only' : 'quiet text-sm'}>{label}</label>
    <span class="flex items-center justify-end gap-1" title={hideLabel ? label : undefined}>
        {#if before}<span class="quiet text-sm">{before}</span>{/if}
        <input
            id={field}
            class="input input-sm figure w-14 px-1.5 text-right text-[16px] font-semibold"
            class:input-error={wrong}
            inputmode="decimal"
            autocomplete="off"
            value={typed ?? written}
            oninput={(event) => (typed = event.currentTarget.value)}
            onblur={commit}
            onkeydown={keyed}
            aria-invalid={wrong ? 'true' : undefined}
            data-misread={misread || undefined}
            aria-describedby={wrong ? `${field}-wrong` : undefined}
        />
        <span class="quiet w-6 text-sm">{unit ?? (quantity ? measure(units, quantity).short : '')}</span>
    </span>
    {#if wrong}
        <p id="{field}-wrong" class="text-error col-span-full text-sm font-semibold">{wrong}</p>
    {/if}
</div>

<style>
    .field {
        display: grid;
        grid-template-columns: 1fr auto;
        align-items: center;
        column-gap: 0.5rem;
    }
</style>
