<script lang="ts" generics="T extends string | number">
    /** One of a few things aboard. */
    let {
        label,
        value,
        options,
        change,
        fault,
        id,
    }: {
        label: string;
        value: T | null | undefined;
        options: { value: T; text: string }[];
        change: (value: T) => void;
        fault?: string;
        id?: string;
    } = $props();

    const own = $props.id();
    const field = $derived(id ?? own);

    function picked(event: Event & { currentTarget: HTMLSelectElement }): void {
        const option = options[event.currentTarget.selectedIndex];
        if (option) {
            change(option.value);
        }
    }
</script>

<label for={field} class="sr-only">{label}</label>
<select
    id={field}
    class="select select-sm pick"
    onchange={picked}
    aria-invalid={fault ? 'true' : undefined}
    aria-describedby={fault ? `${field}-wrong` : undefined}
>
    {#each options as option (option.value)}
        <option selected={option.value === value}>{option.text}</option>
    {/each}
</select>
{#if fault}<p id="{field}-wrong" class="text-error text-sm font-semibold">{fault}</p>{/if}

<style>
    /* Laid out as a block, so that a long name ends in dots ahead of the arrow instead of running under it. */
    .pick {
        display: block;
        appearance: none;
        width: 100%;
        min-width: 0;
        padding-inline: 0.5rem 1.5rem;
        overflow: hidden;
        font-size: 15px;
        line-height: 1.85rem;
        text-overflow: ellipsis;
        white-space: nowrap;
        background-position:
            calc(100% - 15px) calc(1px + 50%),
            calc(100% - 11px) calc(1px + 50%);
    }
</style>
