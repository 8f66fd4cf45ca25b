<script lang="ts">
    import { faultAt, type Holder, type SpreadLine } from '../lib/api';
    import { entryOf, theCatalogue, type Field } from '../lib/catalogue';
    import { shown } from '../lib/units';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { boardsOfKind, hasCable, kindOf } from './rigging';
    import GearPick from './GearPick.svelte';
    import PickField from '../fields/PickField.svelte';

    /** One choice on a rig: a piece of gear, or what a word says. */
    let {
        desk,
        holder,
        line,
        at,
        pick,
        label,
    }: { desk: SpreadDesk; holder: Holder; line: SpreadLine; at: string; pick: NonNullable<Field['pick']>; label: string } =
        $props();

    const locker = $derived(desk.locker);
    const entry = $derived(entryOf(line.presentation));
    const fault = (field: keyof SpreadLine) => faultAt(desk.feed.faults, `${at}/${field}`);
    const change = (figures: Partial<SpreadLine>) => desk.change(line.holder_id, figures);
    let refused = $state('');

    async function pickReel(id: number): Promise<void> {
        refused = await desk.rig(line.holder_id, kindOf(line, locker), id);
    }

    const riggers = $derived(
        desk.plan.lines.filter(hasCable).flatMap(({ holder_id }) => desk.holders.filter(({ id }) => id === holder_id)),
    );
    const leaders = $derived(
        theCatalogue().leader_lines.flatMap(({ material, tests }) =>
            tests.map((test) => ({ value: `${material} ${test}`, text: `${material} ${test}` })),
        ),
    );

    function pickLeader(value: string): void {
        const [material = '', test = ''] = value.split(' ');
        change({ leader_material: material, leader_test: Number(test) });
    }
</script>

{#if pick === 'boom'}
    <span>{label}</span>
    <span class="figure font-semibold">{shown(desk.boat.units, 'leader', holder.height)} up</span>
{:else if pick === 'rides_on'}
    <span>on the cable of</span>
    <PickField
        {label}
        id="rides_on"
        value={line.rides_on ?? 0}
        options={riggers.map(({ id, code }) => ({ value: id, text: code }))}
        change={(id) => change({ rides_on: id })}
        fault={fault('rides_on')}
    />
{:else if pick === 'reel'}
    <GearPick
        {desk}
        {label}
        list="reels"
        id="reel_id"
        things={locker.reels.filter(({ material }) => entry.reels.includes(material))}
        value={line.reel_id}
        change={pickReel}
        fault={refused || fault('reel_id')}
        start={{ material: entry.reels[0] }}
    />
{:else if pick === 'board'}
    <GearPick
        {desk}
        {label}
        list="boards"
        id="board_id"
        things={boardsOfKind(locker, kindOf(line, locker).board)}
        value={line.board_id}
        change={(id) => change({ board_id: id })}
        fault={fault('board_id')}
    />
{:else if pick === 'diver'}
    <GearPick
        {desk}
        {label}
        list="divers"
        id="diver_id"
        things={locker.divers}
        value={line.diver_id}
        change={(id) => change({ diver_id: id })}
        fault={fault('diver_id')}
    />
{:else if pick === 'lure'}
    <GearPick
        {desk}
        {label}
        list="lures"
        id="lure_id"
        things={locker.lures}
        value={line.lure_id}
        change={(id) => change({ lure_id: id })}
        fault={fault('lure_id')}
    />
    <span class="quiet max-w-24 text-[13px] leading-tight">{locker.lures.find(({ id }) => id === line.lure_id)?.finish}</span>
{:else if pick === 'ball'}
    <PickField
        {label}
        id="ball_id"
        value={line.ball_mass ? 0 : line.ball_id}
        options={[...locker.balls.map(({ id, name }) => ({ value: id, text: name })), { value: 0, text: 'typed…' }]}
        change={(id) =>
            change(
                id === 0
                    ? { ball_mass: locker.balls.find((ball) => ball.id === line.ball_id)?.mass ?? null }
                    : { ball_id: id, ball_mass: null },
            )}
        fault={fault('ball_id')}
    />
{:else if pick === 'dial_side'}
    <PickField
        {label}
        id="dial_side"
        value={line.dial_side ?? ''}
        options={[
            ...(holder.side === 'centre' ? [] : [{ value: '', text: `dial to ${holder.side}` }]),
            ...(['port', 'starboard'] as const)
                .filter((side) => side !== holder.side)
                .map((side) => ({ value: side, text: `dial to ${side}` })),
        ]}
        change={(side) => change({ dial_side: (side || null) as SpreadLine['dial_side'] })}
        fault={fault('dial_side')}
    />
{:else if pick === 'attractor'}
    <PickField
        {label}
        id="attractor"
        value={(line.attractor_id ?? line.attractor ?? '') as string | number}
        options={[
            { value: '', text: 'no flasher or dodger' },
            ...locker.attractors.map(({ id, name }) => ({ value: id, text: name })),
            ...Object.entries(theCatalogue().attractors).map(([value, text]) => ({ value, text })),
        ]}
        change={(picked) =>
            change(
                typeof picked === 'number'
                    ? { attractor_id: picked, attractor: null }
                    : { attractor_id: null, attractor: (picked || null) as SpreadLine['attractor'] },
            )}
        fault={fault('attractor')}
    />
{:else}
    <PickField
        {label}
        id="leader"
        value={`${line.leader_material} ${line.leader_test}`}
        options={leaders}
        change={pickLeader}
        fault={fault('leader_material') ?? faultAt(desk.feed.faults, `${at}/test`)}
    />
{/if}
