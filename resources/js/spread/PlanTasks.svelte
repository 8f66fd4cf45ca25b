<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { Schemas } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import DraftDialog from './DraftDialog.svelte';
    import FilesDialog from './FilesDialog.svelte';
    import KeyList from '../frame/KeyList.svelte';
    import OrderDialog from '../card/OrderDialog.svelte';
    import Popover from '../frame/Popover.svelte';
    import TemplatesDialog from './TemplatesDialog.svelte';
    import WaterDialog from './WaterDialog.svelte';

    /** What is done to a plan as a whole, each in a dialog of its own. */
    let { desk }: { desk: SpreadDesk } = $props();

    type Task = 'keys' | 'draft' | 'templates' | 'order' | 'files' | 'water' | 'time';

    let task: Task | null = $state(null);
    let open = $state(false);

    const TASKS: [Task, string, string, Schemas['Ability']][] = [
        ['draft', 'Draft a spread…', 'd', 'plan'],
        ['templates', 'Start from a kept spread…', '', 'lines'],
        ['order', 'Setting order…', 'o', 'lines'],
        ['time', 'In time', 'm', 'lines'],
        ['water', 'Bands and bottom…', '', 'plan'],
        ['files', 'Files…', '', 'lines'],
    ];
    const offered = $derived(TASKS.filter(([, , , needs]) => aboard.may(needs)));

    export function begin(which: Task): void {
        open = false;
        if (which === 'time') {
            desk.goThroughTime(!desk.inTime);
            return;
        }
        task = which === 'keys' || offered.some(([name]) => name === which) ? which : null;
    }

    const end = () => (task = null);
</script>

<Popover id="plan-tasks" bind:open look="btn-neutral" pane="right-0 w-64 py-1">
    {#snippet face()}Plan{/snippet}
    {#each offered as [name, words, key] (name)}
        <button type="button" class="task" onclick={() => begin(name)}>{words}<kbd class="quiet text-sm">{key}</kbd></button>
    {/each}
</Popover>

{#if task === 'keys'}
    <KeyList close={end} />
{:else if task === 'draft'}
    <DraftDialog {desk} close={end} />
{:else if task === 'templates'}
    <TemplatesDialog {desk} close={end} />
{:else if task === 'order'}
    <OrderDialog {desk} close={end} />
{:else if task === 'files'}
    <FilesDialog {desk} close={end} />
{:else if task === 'water'}
    <WaterDialog {desk} close={end} />
{/if}

<style>
    .task {
        display: flex;
        align-items: center;
        justify-content: space-between;
        width: 100%;
        min-height: 44px;
        padding: 0 1rem;
        text-align: left;
        cursor: pointer;
    }
    .task:hover {
        background: var(--color-base-200);
    }
</style>
