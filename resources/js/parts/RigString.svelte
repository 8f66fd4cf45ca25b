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
            tests.map((test) => ({ value: `${material} ${test}`, text: `${material} ${test} lb` })),
        ),
    );

    function pickReel(reelId: number): void {
        const reel = locker.reels.find(({ id }) => id === reelId);
        change({
            reel_id: reelId,
            ...(line.presentation === 'core' && reel?.colours ? { colours: Math.min(line.colours ?? reel.colours, reel.colours), backing: 0 } : {}),
        });
    }

    function pickLeader(value: string): void {
        const [material = '', test = ''] = value.split(' ');
        change({ leader_material: material, leader_test: Number(test) });
    }
</script>

<ol class="rig">
    <li class="tip">
        <div class="flex justify-between gap-2">
            <span>{holder.kind === 'boom' ? 'boom end' : 'rod tip'}</span>
            <span class="figure pr-8 font-semibold">{shown(units, 'fineLength', holder.height)} up</span>
        </div>
    </li>
    {#if line.board_id}
        <li class="board">
            <PickField
                label="Board"
                value={line.board_id}
                options={locker.boards.map(({ id, name }) => ({ value: id, text: name }))}
                change={(board_id) => change({ board_id })}
                fault={fault('board_id')}
            />
            <NumberField
                label="line to the board"
                value={line.board_out}
                change={(board_out) => change({ board_out })}
                {units}
                quantity="length"
                fault={fault('board_out') ?? fault('board.line_out' as keyof SpreadLine) ?? faultAt(desk.faults, `${at}/board/line_out`)}
            />
        </li>
    {/if}
    <li class="span">
        <PickField
            label="Reel"
            value={line.reel_id}
            options={reels.map(({ id, name }) => ({ value: id, text: name }))}
            change={pickReel}
            fault={fault('reel_id')}
        />
        {#if line.presentation === 'core'}
            <NumberField
                label="colours out"
                id="let-out"
                value={line.colours}
                change={(colours) => change({ colours, backing: desk.backingAt(line, colours ?? 0) })}
                {units}
                unit="col"
                decimals={1}
                fault={fault('colours')}
            />
            <NumberField
                label="backing out"
                value={line.backing}
                change={(backing) => change({ backing })}
                {units}
                quantity="length"
                fault={fault('backing')}
            />
        {:else}
            <NumberField
                label={line.presentation === 'rigger'
                    ? 'counter reads'
                    : line.presentation === 'diver'
                      ? 'out to the diver'
                      : line.presentation === 'clip'
                        ? 'out to the weight'
                        : 'out to the lure'}
                id="let-out"
                value={line.let_out}
                change={(let_out) => change({ let_out })}
                {units}
                quantity="length"
                fault={fault('let_out')}
            />
        {/if}
    </li>
    {#if line.presentation === 'rigger'}
        <li class="weight">
            <PickField
                label="Ball"
                value={line.ball_id}
                options={locker.balls.map(({ id, name }) => ({ value: id, text: name }))}
                change={(ball_id) => change({ ball_id })}
                fault={fault('ball_id')}
            />
        </li>
    {/if}
    {#if line.presentation === 'diver'}
        <li class="diver">
            <PickField
                label="Diver"
                value={line.diver_id}
                options={locker.divers.map(({ id, name }) => ({ value: id, text: name }))}
                change={(diver_id) => change({ diver_id })}
                fault={fault('diver_id')}
            />
            <NumberField label="dial" value={line.dial} change={(dial) => change({ dial })} {units} unit="" decimals={1} fault={fault('dial')} />
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
                fault={fault('clip_mass') ?? fault('mass' as keyof SpreadLine)}
            />
        </li>
    {/if}
    {#if line.presentation === 'rigger' || line.presentation === 'clip'}
        <li class="span">
            <NumberField
                label={line.presentation === 'rigger' ? 'release to lure' : 'weight to lure'}
                value={line.lead}
                change={(lead) => change({ lead })}
                {units}
                quantity="length"
                fault={fault('lead')}
            />
        </li>
    {/if}
    <li class="span">
        <PickField
            label="Leader"
            value={`${line.leader_material} ${line.leader_test}`}
            options={leaders}
            change={pickLeader}
            fault={fault('leader_material') ?? fault('test' as keyof SpreadLine)}
        />
        <NumberField
            label="leader"
            value={line.leader_length}
            change={(leader_length) => change({ leader_length })}
            {units}
            quantity="length"
            fault={fault('leader_length')}
        />
    </li>
    <li class="hook">
        <PickField
            label="Lure"
            id="lure"
            value={line.lure_id}
            options={locker.lures.map(({ id, name, finish }) => ({ value: id, text: `${name}, ${finish}` }))}
            change={(lure_id) => change({ lure_id })}
            fault={fault('lure_id')}
        />
    </li>
</ol>

<style>
    .rig {
        position: relative;
        display: flex;
        flex-direction: column;
        gap: 0.35rem;
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
