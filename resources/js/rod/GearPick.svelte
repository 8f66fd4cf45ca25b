<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { Locker } from '../lib/api';
    import { formOf, type GearList } from '../locker/gear';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import GearDialog from './GearDialog.svelte';
    import PickField from '../fields/PickField.svelte';

    /** A part chosen from the locker; one not aboard yet is typed in, one that is there wrongly is put right. */
    let {
        desk,
        label,
        list,
        things,
        value,
        change,
        id,
        fault,
        start,
    }: {
        desk: SpreadDesk;
        label: string;
        list: GearList;
        things: { id: number; name: string; retired: boolean }[];
        value: number | null | undefined;
        change: (id: number) => void;
        id: string;
        fault?: string;
        start?: Record<string, unknown>;
    } = $props();

    const TYPED = -1;
    const RIGHT = -2;

    let typing: 'new' | 'right' | null = $state(null);
    // A refused choice must leave the field as it stood: it is drawn anew.
    let drawn = $state(0);
    const chosen: Locker[GearList][number] | undefined = $derived(desk.locker[list].find((thing) => thing.id === value));

    function pick(picked: number): void {
        if (picked === TYPED || picked === RIGHT) {
            typing = picked === TYPED ? 'new' : 'right';
            drawn++;
        } else {
            change(picked);
        }
    }
</script>

{#key drawn}
    <PickField
        {label}
        {id}
        value={value ?? undefined}
        options={[
            ...things
                .filter((thing) => !thing.retired || thing.id === value)
                .map((thing) => ({ value: thing.id, text: thing.name })),
            ...(aboard.may('plan') ? [{ value: TYPED, text: `a ${formOf(list).one} not aboard yet…` }] : []),
            ...(chosen && aboard.may('plan') ? [{ value: RIGHT, text: `put ${chosen.name} right…` }] : []),
        ]}
        change={pick}
        {fault}
    />
{/key}
{#if typing}
    <GearDialog
        {desk}
        {list}
        gear={typing === 'right' ? chosen : undefined}
        {start}
        done={(stowed) => stowed !== value && change(stowed)}
        close={() => (typing = null)}
    />
{/if}
