<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, type Schemas } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import Dialog from '../frame/Dialog.svelte';

    /** The spread out as a file, and one in: it comes to the desk as an edit that undo takes back. */
    let { desk, close }: { desk: SpreadDesk; close: () => void } = $props();

    let said = $state('');
    let wrong = $state('');

    async function take(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
        const field = event.currentTarget;
        const file = field.files?.[0];
        said = wrong = '';
        if (!file) {
            return;
        }
        let body: Schemas['SpreadFile'];
        try {
            body = JSON.parse(await file.text()) as Schemas['SpreadFile'];
        } catch {
            wrong = `${file.name} is not JSON: a spread file is one that Admek wrote, or one like docs/spread.schema.json.`;
            field.value = '';
            return;
        }
        const answer = await ask(api.POST('/spreads/{spread}/file', { params: { path: { spread: desk.spread.id } }, body }));
        field.value = '';
        if ('silent' in answer) {
            wrong = 'The server is not answering; nothing was changed.';
        } else if ('problem' in answer) {
            const fault = answer.problem.errors?.[0];
            wrong = fault ? `${fault.pointer || file.name}: ${fault.detail}` : answer.problem.detail;
        } else {
            const { speed, lines, left_out, added } = answer.data;
            await aboard.readLocker();
            desk.lockerRead();
            desk.edit({ ...desk.plan, speed, lines });
            said = [
                `${lines.length} lines are on the desk.`,
                added.length > 0 ? `New in the locker: ${added.join(', ')}.` : '',
                left_out.length > 0 ? `No holder aboard for ${left_out.join(', ')}.` : '',
            ]
                .filter(Boolean)
                .join(' ');
        }
    }

    const address = $derived(`/api/spreads/${desk.spread.id}`);
    const SORTS = $derived([
        [`${address}/file`, 'Spread file', 'all of it in JSON, gear included: for another boat, a backup, or ./admek solve'],
        [`${address}/table`, 'Table of depths', 'CSV in your units, for a spreadsheet'],
        [`${address}/tow-case`, 'Tow case', 'every load the solver was given: why each number is what it is'],
    ]);
</script>

<Dialog title="Files" {close} look="max-w-xl">
    <ul>
        {#each SORTS as [href, title, why] (href)}
            <li class="border-base-300 flex items-center justify-between gap-4 border-t py-2">
                <span class="leading-tight"><b>{title}</b><br /><span class="quiet text-sm">{why}</span></span>
                <a class="btn btn-sm btn-neutral" {href} download>Download</a>
            </li>
        {/each}
    </ul>
    {#if aboard.may('plan')}
        <label class="border-base-300 flex flex-col gap-1 border-t pt-3">
            <b>Bring a spread file in</b>
            <input
                id="spread-file"
                type="file"
                accept=".json,application/json"
                class="file-input file-input-sm"
                onchange={take}
            />
        </label>
    {/if}
    <p class="pt-2" role="status">
        {said}<span class="text-error font-semibold">{wrong}</span>
    </p>
</Dialog>
