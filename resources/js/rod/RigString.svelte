<script lang="ts">
    import type { Holder, SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { partsOf } from './rigging';
    import RigFigure from './RigFigure.svelte';
    import RigPick from './RigPick.svelte';

    /** The rig as a string of parts, from rod tip to hook, each edited where it hangs. */
    let {
        desk,
        holder,
        line,
        at,
        tipNote = '',
    }: { desk: SpreadDesk; holder: Holder; line: SpreadLine; at: string; tipNote?: string } = $props();

    const parts = $derived(partsOf(line, desk.locker));
</script>

<ol class="rig">
    {#each parts as { mark, fields }, i (i)}
        <li class={mark}>
            <span class="row">
                {#if mark === 'tip' && fields[0]?.figure}<span>rod tip</span>{/if}
                {#each fields.filter(({ pick, beside }) => pick || beside) as field (field.label)}
                    {#if field.pick}
                        <RigPick {desk} {holder} {line} {at} pick={field.pick} label={field.label} />
                    {:else}
                        <RigFigure {desk} {holder} {line} {at} {field} />
                    {/if}
                {/each}
            </span>
            {#if mark === 'tip' && tipNote && fields[0]?.figure}<span class="quiet -mt-1 text-[13px]">{tipNote}</span>{/if}
            {#each fields.filter(({ pick, beside }) => !pick && !beside) as field (field.figure)}
                <RigFigure {desk} {holder} {line} {at} {field} />
            {/each}
            {#if line.ball_mass && fields.some(({ pick }) => pick === 'ball')}
                <RigFigure
                    {desk}
                    {holder}
                    {line}
                    {at}
                    field={{ label: 'ball', figure: 'ball_mass', quantity: 'mass', beside: false, before: '' }}
                />
            {/if}
        </li>
    {/each}
</ol>

<style>
    .rig {
        position: relative;
        display: flex;
        flex-direction: column;
        gap: 0.15rem;
        font-size: 15px;
    }
    .rig::before {
        position: absolute;
        top: 0.6rem;
        bottom: 1rem;
        left: 5px;
        border-left: 2px solid var(--line);
        content: '';
    }
    li {
        position: relative;
        display: flex;
        flex-direction: column;
        gap: 0.25rem;
        padding-left: 1.35rem;
    }
    li::before {
        position: absolute;
        top: 0.55rem;
        left: 0;
        width: 12px;
        height: 12px;
        content: '';
        background: var(--color-base-100);
        border: 2px solid var(--line);
        border-radius: 50%;
    }
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 0.3rem;
        align-items: center;
        justify-content: space-between;
    }
    .row :global(select) {
        flex: 1 1 5rem;
    }
    .row :global(.text-error) {
        flex-basis: 100%;
    }
    .row:empty {
        display: none;
    }
    li.span::before {
        display: none;
    }
    li.weight::before,
    li.hook::before {
        background: var(--line);
    }
    li.hook::before {
        background: var(--color-primary);
        border-color: var(--color-primary);
    }
    li.board::before,
    li.diver::before {
        border-radius: 2px;
    }
</style>
