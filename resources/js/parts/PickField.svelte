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
    class="select select-sm w-full min-w-0 ps-2! pe-6! text-[15px] text-ellipsis"
    onchange={picked}
    aria-invalid={fault ? 'true' : undefined}
    aria-describedby={fault ? `${field}-wrong` : undefined}
>
    {#each options as option (option.value)}
        <option selected={option.value === value}>{option.text}</option>
    {/each}
</select>
{#if fault}<p id="{field}-wrong" class="text-error text-sm font-semibold">{fault}</p>{/if}
