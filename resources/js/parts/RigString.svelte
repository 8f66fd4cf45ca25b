<script lang="ts">
    import { faultAt, faultOf, type Holder, type SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../lib/spread-desk.svelte';
    import { shown, type Quantity } from '../lib/units';
    import { ATTRACTOR } from '../lib/words';
    import NumberField from './NumberField.svelte';
    import PickField from './PickField.svelte';

    /** The rig as a string of parts, from rod tip to hook, each edited where it hangs. */
    let { desk, holder, line, at }: { desk: SpreadDesk; holder: Holder; line: SpreadLine; at: string } = $props();

    type FigureField = 'let_out' | 'colours' | 'backing' | 'lead' | 'dial' | 'board_out' | 'clip_mass' | 'leader_length';

    interface FigureOptions {
        /** Stands beside a choice, its label said but not shown. */
        beside?: boolean;
        before?: string;
        /** The figure that sets the line's depth. */
        sets?: boolean;
        unit?: string;
        quantity?: Quantity;
        /** Where else the server may point for this figure. */
        alias?: string;
    }

    const LET_OUT_TO = { flat: 'lure', diver: 'diver', clip: 'weight', core: 'lure', rigger: 'ball' };

    const units = $derived(desk.boat.units);
    const locker = $derived(desk.locker);
    const fault = (field: keyof SpreadLine) => faultAt(desk.feed.faults, `${at}/${field}`);
    const change = (figures: Partial<SpreadLine>) => desk.change(line.holder_id, figures);
    const reels = $derived(locker.reels.filter((reel) => (reel.material === 'leadcore') === (line.presentation === 'core')));
    const leaders = $derived(
        locker.leaders.flatMap(({ material, tests }) =>
            tests.map((test) => ({ value: `${material} ${test}`, text: `${material} ${test}` })),
        ),
    );

    function pickReel(reelId: number): void {
        const reel = locker.reels.find(({ id }) => id === reelId);
        change({
            reel_id: reelId,
            ...(line.presentation === 'core' && reel?.colours
                ? { colours: Math.min(line.colours ?? reel.colours, reel.colours), backing: 0 }
                : {}),
        });
    }

    function pickLeader(value: string): void {
        const [material = '', test = ''] = value.split(' ');
        change({ leader_material: material, leader_test: Number(test) });
    }
</script>

{#snippet pick(
    label: string,
    field: 'reel_id' | 'ball_id' | 'diver_id' | 'board_id' | 'lure_id',
    things: { id: number; name: string }[],
)}
    <PickField
        {label}
        id={field}
        value={line[field]}
        options={things.map(({ id, name }) => ({ value: id, text: name }))}
        change={(id) => (field === 'reel_id' ? pickReel(id) : change({ [field]: id }))}
        fault={fault(field)}
    />
{/snippet}

{#snippet number(label: string, field: FigureField, options: FigureOptions = {})}
    <NumberField
        {label}
        id={options.sets ? 'let-out' : undefined}
        hideLabel={options.beside}
        before={options.before}
        value={line[field]}
        change={(value) =>
            change(field === 'colours' ? { colours: value, backing: desk.backingAt(line, value ?? 0) } : { [field]: value })}
        {units}
        quantity={options.unit === undefined ? (options.quantity ?? 'length') : undefined}
        unit={options.unit}
        decimals={options.unit === undefined ? undefined : 1}
        fault={faultOf(desk.feed.faults, `${at}/${field}`) ??
            (options.alias ? faultOf(desk.feed.faults, `${at}/${options.alias}`) : undefined)}
    />
{/snippet}

<ol class="rig">
    <li class="tip">
        <span class="row">
            <span>{holder.kind === 'boom' ? 'boom end' : 'rod tip'}</span>
            <span class="figure font-semibold">{shown(units, 'fineLength', holder.height)} up</span>
        </span>
    </li>
    {#if line.board_id}
        <li class="board">
            <span class="row">
                {@render pick('Board', 'board_id', locker.boards)}
                {@render number('Line out to the board', 'board_out', { beside: true, before: 'at', alias: 'board/line_out' })}
            </span>
        </li>
    {/if}
    <li class="span">
        <span class="row">
            {@render pick('Reel', 'reel_id', reels)}
            {#if line.presentation === 'core'}
                {@render number('Colours let out', 'colours', { beside: true, sets: true, unit: 'col' })}
            {:else if line.presentation !== 'rigger'}
                {@render number(`Let out to the ${LET_OUT_TO[line.presentation]}`, 'let_out', { beside: true, sets: true })}
            {/if}
        </span>
        {#if line.presentation === 'core'}{@render number('backing out', 'backing')}{/if}
    </li>
    {#if line.presentation === 'rigger'}
        <li class="weight">
            <span class="row">
                {@render pick('Ball', 'ball_id', locker.balls)}
                {@render number('Cable on the counter', 'let_out', { beside: true, sets: true })}
            </span>
        </li>
        <li class="span">{@render number('lead, release to lure', 'lead')}</li>
    {:else if line.presentation === 'diver'}
        <li class="diver">
            <span class="row">
                {@render pick('Diver', 'diver_id', locker.divers)}
                {@render number('Dial', 'dial', { beside: true, before: 'dial', unit: '' })}
            </span>
        </li>
    {:else if line.presentation === 'clip'}
        <li class="weight">{@render number('clip weight', 'clip_mass', { quantity: 'clipMass', alias: 'mass' })}</li>
        <li class="span">{@render number('lead, weight to lure', 'lead')}</li>
    {/if}
    <li class="span">
        <PickField
            label="Flasher or dodger"
            id="attractor"
            value={line.attractor ?? ''}
            options={[
                { value: '', text: 'no flasher or dodger' },
                ...Object.entries(ATTRACTOR).map(([value, text]) => ({ value, text })),
            ]}
            change={(attractor) => change({ attractor: (attractor || null) as SpreadLine['attractor'] })}
            fault={fault('attractor')}
        />
    </li>
    <li class="span">
        <span class="row">
            <PickField
                label="Leader"
                value={`${line.leader_material} ${line.leader_test}`}
                options={leaders}
                change={pickLeader}
                fault={fault('leader_material') ?? faultAt(desk.feed.faults, `${at}/test`)}
            />
            {@render number('Leader length', 'leader_length', { beside: true })}
        </span>
    </li>
    <li class="hook">
        <span class="row">
            {@render pick('Lure', 'lure_id', locker.lures)}
            <span class="quiet max-w-24 text-[13px] leading-tight"
                >{locker.lures.find(({ id }) => id === line.lure_id)?.finish}</span
            >
        </span>
    </li>
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
