<script lang="ts">
    import { faultAt, type Holder, type SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../lib/spread-desk.svelte';
    import { shown } from '../lib/units';
    import NumberField from './NumberField.svelte';
    import PickField from './PickField.svelte';

    /** The rig as a string of parts, from rod tip to hook, each edited where it hangs. */
    let { desk, holder, line, at }: { desk: SpreadDesk; holder: Holder; line: SpreadLine; at: string } = $props();

    const units = $derived(desk.boat.units);
    const locker = $derived(desk.locker);
    const fault = (field: keyof SpreadLine) => faultAt(desk.faults, `${at}/${field}`);
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
                <PickField
                    label="Board"
                    value={line.board_id}
                    options={locker.boards.map(({ id, name }) => ({ value: id, text: name }))}
                    change={(board_id) => change({ board_id })}
                    fault={fault('board_id')}
                />
                <NumberField
                    label="Line out to the board"
                    hideLabel
                    before="at"
                    value={line.board_out}
                    change={(board_out) => change({ board_out })}
                    {units}
                    quantity="length"
                    fault={fault('board_out') ?? faultAt(desk.faults, `${at}/board/line_out`)}
                />
            </span>
        </li>
    {/if}
    <li class="span">
        <span class="row">
            <PickField
                label="Reel"
                value={line.reel_id}
                options={reels.map(({ id, name }) => ({ value: id, text: name }))}
                change={pickReel}
                fault={fault('reel_id')}
            />
            {#if line.presentation === 'core'}
                <NumberField
                    label="Colours let out"
                    hideLabel
                    id="let-out"
                    value={line.colours}
                    change={(colours) => change({ colours, backing: desk.backingAt(line, colours ?? 0) })}
                    {units}
                    unit="col"
                    decimals={1}
                    fault={fault('colours')}
                />
            {:else if line.presentation !== 'rigger'}
                <NumberField
                    label={line.presentation === 'diver'
                        ? 'Let out to the diver'
                        : line.presentation === 'clip'
                          ? 'Let out to the weight'
                          : 'Let out to the lure'}
                    hideLabel
                    id="let-out"
                    value={line.let_out}
                    change={(let_out) => change({ let_out })}
                    {units}
                    quantity="length"
                    fault={fault('let_out')}
                />
            {/if}
        </span>
        {#if line.presentation === 'core'}
            <NumberField
                label="backing out"
                value={line.backing}
                change={(backing) => change({ backing })}
                {units}
                quantity="length"
                fault={fault('backing')}
            />
        {/if}
    </li>
    {#if line.presentation === 'rigger'}
        <li class="weight">
            <span class="row">
                <PickField
                    label="Ball"
                    value={line.ball_id}
                    options={locker.balls.map(({ id, name }) => ({ value: id, text: name }))}
                    change={(ball_id) => change({ ball_id })}
                    fault={fault('ball_id')}
                />
                <NumberField
                    label="Cable on the counter"
                    hideLabel
                    id="let-out"
                    value={line.let_out}
                    change={(let_out) => change({ let_out })}
                    {units}
                    quantity="length"
                    fault={fault('let_out')}
                />
            </span>
        </li>
    {/if}
    {#if line.presentation === 'diver'}
        <li class="diver">
            <span class="row">
                <PickField
                    label="Diver"
                    value={line.diver_id}
                    options={locker.divers.map(({ id, name }) => ({ value: id, text: name }))}
                    change={(diver_id) => change({ diver_id })}
                    fault={fault('diver_id')}
                />
                <NumberField
                    label="Dial"
                    hideLabel
                    before="dial"
                    value={line.dial}
                    change={(dial) => change({ dial })}
                    {units}
                    unit=""
                    decimals={1}
                    fault={fault('dial')}
                />
            </span>
        </li>
    {/if}
    {#if line.presentation === 'clip'}
        <li class="weight">
            <NumberField
                label="clip weight"
                value={line.clip_mass}
                change={(clip_mass) => change({ clip_mass })}
                {units}
                quantity="clipMass"
                fault={fault('clip_mass') ?? faultAt(desk.faults, `${at}/mass`)}
            />
        </li>
    {/if}
    {#if line.presentation === 'rigger' || line.presentation === 'clip'}
        <li class="span">
            <NumberField
                label={line.presentation === 'rigger' ? 'lead, release to lure' : 'lead, weight to lure'}
                value={line.lead}
                change={(lead) => change({ lead })}
                {units}
                quantity="length"
                fault={fault('lead')}
            />
        </li>
    {/if}
    <li class="span">
        <span class="row">
            <PickField
                label="Leader"
                value={`${line.leader_material} ${line.leader_test}`}
                options={leaders}
                change={pickLeader}
                fault={fault('leader_material') ?? faultAt(desk.faults, `${at}/test`)}
            />
            <NumberField
                label="Leader length"
                hideLabel
                value={line.leader_length}
                change={(leader_length) => change({ leader_length })}
                {units}
                quantity="length"
                fault={fault('leader_length')}
            />
        </span>
    </li>
    <li class="hook">
        <span class="row">
            <PickField
                label="Lure"
                id="lure"
                value={line.lure_id}
                options={locker.lures.map(({ id, name }) => ({ value: id, text: name }))}
                change={(lure_id) => change({ lure_id })}
                fault={fault('lure_id')}
            />
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
        gap: 0.25rem;
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
