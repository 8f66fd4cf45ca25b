<script lang="ts">
    import type { Locker } from '../lib/api';
    import { formOf, type GearList } from '../locker/gear';
    import GearForm from '../locker/GearForm.svelte';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import Dialog from '../frame/Dialog.svelte';

    /** A piece of gear typed into the locker from the rod it is for, or put right there. */
    let {
        desk,
        list,
        gear,
        start = {},
        done,
        close,
    }: {
        desk: SpreadDesk;
        list: GearList;
        /** What is put right; none where a new piece is typed in. */
        gear?: Locker[GearList][number];
        /** Figures a new piece starts from. */
        start?: Record<string, unknown>;
        done: (id: number) => void;
        close: () => void;
    } = $props();

    function stowed(id: number): void {
        desk.lockerRead();
        done(id);
        desk.refresh();
        close();
    }
</script>

<Dialog title={gear ? `Put ${gear.name} right` : `A ${formOf(list).one} not aboard yet`} {close}>
    <GearForm {list} {gear} {start} done={stowed} />
</Dialog>
