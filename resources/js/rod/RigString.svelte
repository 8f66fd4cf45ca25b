<script lang="ts">
    import { faultAt, faultOf, type Holder, type SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../spread/spread-desk.svelte';
    import { shown, type Quantity } from '../lib/units';
    import { boardsLike, figuresOf, reelsFor } from './rigging';
    import { ATTRACTOR, LET_OUT_TO } from '../lib/words';
    import GearPick from './GearPick.svelte';
    import NumberField from '../fields/NumberField.svelte';
    import PickField from '../fields/PickField.svelte';

    /** The rig as a string of parts, from rod tip to hook, each edited where it hangs. */
    let {
        desk,
        holder,
        line,
        at,
        tipNote = '',
    }: { desk: SpreadDesk; holder: Holder; line: SpreadLine; at: string; tipNote?: string } = $props();

    type FigureField =
        | 'let_out'
        | 'colours'
        | 'backing'
        | 'lead'
        | 'above'
        | 'dial'
        | 'board_out'
        | 'clip_out'
        | 'weight_mass'
        | 'ball_mass'
        | 'dropper_length'
        | 'leader_length'
        | 'tip_height';

    interface FigureOptions {
        /** Stands beside a choice, its label said but not shown. */
        beside?: boolean;
        before?: string;
        unit?: string;
        quantity?: Quantity;
        /** Where else the server may point for this figure. */
        alias?: string;
        /** What stands there while the line has none of its own. */
        otherwise?: number;
    }

    const units = $derived(desk.boat.units);
    const locker = $derived(desk.locker);
    const fault = (field: keyof SpreadLine) => faultAt(desk.feed.faults, `${at}/${field}`);
    const change = (figures: Partial<SpreadLine>) => desk.change(line.holder_id, figures);
    const reels = $derived(reelsFor(line.presentation, locker));
    const figures = $derived(figuresOf(line.presentation, locker));
    const has = (name: string) => figures.includes(name);
    const board = $derived(locker.boards.find(({ id }) => id === line.board_id));
    const control = $derived(desk.feed.running.get(holder.code)?.control.figure);
    const riggers = $derived(
        desk.plan.lines
            .filter(({ presentation }) => presentation === 'rigger')
            .flatMap(({ holder_id }) => desk.holders.filter(({ id }) => id === holder_id)),
    );
    const WEIGHT: Partial<Record<SpreadLine['presentation'], string>> = {
        clip: 'clip weight',
        bouncer: 'bouncer',
        dropper: 'weight',
    };
    const LEAD_FROM: Partial<Record<SpreadLine['presentation'], string>> = {
        rigger: 'lead, release to lure',
        stacker: 'lead, release to lure',
        segment: 'lighter line, core to leader',
        clip: 'lead, weight to lure',
    };
    const LIST = { reel_id: 'reels', diver_id: 'divers', board_id: 'boards', lure_id: 'lures' } as const;
    const reelMaterial = $derived(
        locker.presentations.find(({ presentation }) => presentation === line.presentation)?.reel_materials[0] ?? 'braid',
    );
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

    /** The control carries with it what must go with it, as the server told. */
    function setFigure(field: FigureField, value: number | null): void {
        change(field === control && value !== null ? desk.setting(holder.code, value) : { [field]: value });
    }

    function pickLeader(value: string): void {
        const [material = '', test = ''] = value.split(' ');
        change({ leader_material: material, leader_test: Number(test) });
    }
</script>

{#snippet pick(label: string, field: keyof typeof LIST, things: { id: number; name: string }[])}
    <GearPick
        {desk}
        {label}
        list={LIST[field]}
        {things}
        id={field}
        value={line[field]}
        change={(id) => (field === 'reel_id' ? pickReel(id) : change({ [field]: id }))}
        fault={fault(field)}
        start={field === 'reel_id' ? { material: reelMaterial } : undefined}
    />
{/snippet}

{#snippet number(label: string, field: FigureField, options: FigureOptions = {})}
    <NumberField
        {label}
        id={field === control ? 'let-out' : undefined}
        hideLabel={options.beside}
        before={options.before}
        value={line[field] ?? options.otherwise}
        change={(value) => setFigure(field, value)}
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
        {#if has('ball')}
            <span class="row">
                <span>boom end</span>
                <span class="figure font-semibold">{shown(units, 'fineLength', holder.height)} up</span>
            </span>
        {:else if has('rides_on')}
            <span class="row">
                <span>on the cable of</span>
                <PickField
                    label="Rigger it rides on"
                    id="rides_on"
                    value={line.rides_on ?? 0}
                    options={riggers.map(({ id, code }) => ({ value: id, text: code }))}
                    change={(id) => change({ rides_on: id })}
                    fault={fault('rides_on')}
                />
            </span>
        {:else}
            <span class="row">
                <span>rod tip</span>
                {@render number('Rod tip above the water', 'tip_height', {
                    beside: true,
                    quantity: 'fineLength',
                    otherwise: holder.height,
                })}
            </span>
            {#if tipNote}<span class="quiet -mt-1 text-[13px]">{tipNote}</span>{/if}
        {/if}
    </li>
    {#if line.board_id}
        <li class="board">
            <span class="row">
                {@render pick('Board', 'board_id', boardsLike(locker, board?.size === 'mast'))}
                {@render number(board?.size === 'mast' ? 'Tow line to the board' : 'Line out to the board', 'board_out', {
                    beside: true,
                    before: 'at',
                    alias: 'board/line_out',
                })}
            </span>
            {#if board?.size === 'mast'}{@render number('clip, along the tow line', 'clip_out')}{/if}
        </li>
    {/if}
    <li class="span">
        <span class="row">
            {@render pick('Reel', 'reel_id', reels)}
            {#if has('let_out') && !has('ball')}
                {@render number(`Let out to the ${LET_OUT_TO[line.presentation]}`, 'let_out', { beside: true })}
            {:else if has('colours')}
                {@render number('Colours let out', 'colours', { beside: true, unit: 'col' })}
            {/if}
        </span>
        {#if has('let_out') && has('colours')}{@render number('core spliced in', 'colours', { unit: 'col' })}{/if}
        {#if has('backing')}{@render number('backing out', 'backing')}{/if}
    </li>
    {#if has('ball')}
        <li class="weight">
            <span class="row">
                <PickField
                    label="Ball"
                    id="ball_id"
                    value={line.ball_mass ? 0 : line.ball_id}
                    options={[...locker.balls.map(({ id, name }) => ({ value: id, text: name })), { value: 0, text: 'typed…' }]}
                    change={(id) =>
                        change(
                            id === 0
                                ? { ball_mass: locker.balls.find((ball) => ball.id === line.ball_id)?.mass ?? 4.5 }
                                : { ball_id: id, ball_mass: null },
                        )}
                    fault={fault('ball_id')}
                />
                {@render number('Cable on the counter', 'let_out', { beside: true })}
            </span>
            {#if line.ball_mass}{@render number('ball', 'ball_mass', { quantity: 'mass', alias: 'mass' })}{/if}
        </li>
    {:else if has('above')}
        <li class="weight">{@render number('release above the ball', 'above')}</li>
    {:else if has('diver')}
        <li class="diver">
            <span class="row">
                {@render pick('Diver', 'diver_id', locker.divers)}
                {@render number('Dial', 'dial', { beside: true, before: 'dial', unit: '' })}
            </span>
            <PickField
                label="Side the dial works to"
                id="dial_side"
                value={line.dial_side ?? ''}
                options={[
                    ...(holder.side === 'centre' ? [] : [{ value: '', text: `dial to ${holder.side}` }]),
                    ...(['port', 'starboard'] as const)
                        .filter((side) => side !== holder.side)
                        .map((side) => ({ value: side as string, text: `dial to ${side}` })),
                ]}
                change={(side) => change({ dial_side: (side || null) as SpreadLine['dial_side'] })}
                fault={fault('dial_side')}
            />
        </li>
    {:else if has('weight_mass')}
        <li class="weight">
            {@render number(WEIGHT[line.presentation] ?? 'weight', 'weight_mass', { quantity: 'clipMass', alias: 'mass' })}
        </li>
    {/if}
    {#if has('dropper_length')}
        <li class="span">{@render number('dropper, node to weight', 'dropper_length', { quantity: 'fineLength' })}</li>
    {/if}
    {#if has('lead')}
        <li class="span">{@render number(LEAD_FROM[line.presentation] ?? 'lead', 'lead')}</li>
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
            {@render number(line.presentation === 'bouncer' ? 'Snell' : 'Leader length', 'leader_length', { beside: true })}
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
