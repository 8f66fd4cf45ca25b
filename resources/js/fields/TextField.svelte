<script lang="ts">
    import type { HTMLInputAttributes } from 'svelte/elements';

    let {
        label,
        value = $bindable(),
        fault,
        hint,
        type = 'text',
        inputmode,
        oninput,
        class: extra = '',
    }: {
        label: string;
        value: string;
        fault?: string;
        hint?: string;
        type?: 'text' | 'date' | 'time';
        inputmode?: HTMLInputAttributes['inputmode'];
        oninput?: (value: string) => void;
        class?: string;
    } = $props();

    const id = $props.id();
</script>

<div class={extra}>
    <label for={id} class="quiet text-sm">{label}</label>
    <input
        {id}
        {type}
        {inputmode}
        bind:value
        oninput={(event) => oninput?.(event.currentTarget.value)}
        autocomplete="off"
        class="input w-full text-base"
        class:input-error={fault}
        aria-invalid={fault ? 'true' : undefined}
        aria-describedby={fault ? `${id}-wrong` : undefined}
    />
    {#if fault}
        <p id="{id}-wrong" class="text-error text-sm font-semibold">{fault}</p>
    {:else if hint}
        <p class="quiet text-sm">{hint}</p>
    {/if}
</div>
