<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultsIn, type Schemas } from '../lib/api';
    import Dialog from '../frame/Dialog.svelte';
    import type { GearList } from './gear';

    /** A list out as a table, and one in: looked at first, bad rows named, then kept. */
    let { list, close }: { list: GearList; close: () => void } = $props();

    let text = $state('');
    let name = $state('');
    let found = $state.raw<Schemas['GearTableFound'] | null>(null);
    let said = $state('');
    let kept = $state(false);

    async function look(): Promise<void> {
        const answer = await ask(api.POST('/locker/{list}/table', { params: { path: { list } }, body: { text } }));
        found = 'data' in answer ? answer.data : null;
        said = faultsIn(answer)[0]?.detail ?? '';
        kept = false;
    }

    async function read(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const file = event.currentTarget.files?.[0];
        if (file) {
            name = file.name;
            text = await file.text();
            await look();
        }
    }

    async function keep(): Promise<void> {
        const answer = await ask(api.PUT('/locker/{list}/table', { params: { path: { list } }, body: { text } }));
        said = faultsIn(answer)[0]?.detail ?? '';
        if ('data' in answer) {
            found = answer.data;
            kept = true;
            await aboard.readLocker();
        }
    }
</script>

<Dialog title="The {list} as a table" {close} look="max-w-2xl">
    <p class="flex flex-wrap items-center gap-3 pb-3">
        <a class="btn btn-sm" href="/api/locker/{list}/table" download>Write them out (CSV)</a>
        <span class="quiet text-sm">Names, figures in your units, a row a piece.</span>
    </p>
    {#if aboard.may('plan')}
        <label class="block font-semibold" for="gear-table">Read a table in</label>
        <p class="quiet pb-1 text-sm">
            A spreadsheet’s own CSV does: a heading names the columns, with units where they are others than yours. A piece of a
            name that is aboard is changed; what the table does not tell of it stays.
        </p>
        <input id="gear-table" type="file" accept=".csv,.txt,text/*" class="file-input file-input-sm" onchange={read} />
        {#if said}<p class="text-error pt-2 font-semibold" role="alert">{name ? `${name}: ` : ''}{said}</p>{/if}
        {#if found}
            <div class="pt-3" role="status" data-testid="found">
                {#if found.added.length > 0}<p><b>{found.added.length} new:</b> {found.added.join(', ')}</p>{/if}
                {#if found.changed.length > 0}<p><b>{found.changed.length} changed:</b> {found.changed.join(', ')}</p>{/if}
                {#if found.same > 0}<p class="quiet">{found.same} {found.same === 1 ? 'is' : 'are'} so already.</p>{/if}
                {#if found.ignored.length > 0}<p class="quiet">Not read, columns of {found.ignored.join(', ')}.</p>{/if}
                {#if found.bad_rows > 0}
                    <p class="pt-1">
                        <b class="text-error">{found.bad_rows} {found.bad_rows === 1 ? 'row' : 'rows'} cannot be used:</b>
                    </p>
                    <ul class="list-disc pl-5">
                        {#each found.bad as row (row.line)}<li><b>line {row.line}</b>, {row.text}: {row.reason}</li>{/each}
                    </ul>
                {/if}
                {#if kept}
                    <p class="pt-2 font-bold">Kept.</p>
                {:else if found.added.length + found.changed.length > 0}
                    <button type="button" class="btn btn-primary mt-3" onclick={() => void keep()}
                        >Keep {found.added.length + found.changed.length} of them</button
                    >
                {:else}<p class="pt-2 font-semibold">There is nothing in it to keep.</p>{/if}
            </div>
        {/if}
    {/if}
</Dialog>
