<script lang="ts">
    import { api, type Schemas } from '../lib/api';
    import { wordOf } from '../lib/catalogue';
    import { figure, measure, shown, type Units } from '../lib/units';
    import { ago } from '../lib/words';

    /** Soundings beside what all of them together make of each: what does not count says why, and can be held to. */
    let { soundings, units, changed }: { soundings: readonly Schemas['SoundingTold'][]; units: Units; changed: () => void } =
        $props();

    async function judge(id: number, confirmed: boolean): Promise<void> {
        await api.PATCH('/soundings/{sounding}', { params: { path: { sounding: id } }, body: { confirmed } });
        changed();
    }

    async function forget(id: number): Promise<void> {
        await api.DELETE('/soundings/{sounding}', { params: { path: { sounding: id } } });
        changed();
    }
</script>

<ul class="text-[15px]" data-testid="soundings">
    {#each soundings as one (one.id)}
        <li class:out={!one.used}>
            <span class="what">
                <b class="figure read">{shown(units, 'depth', one.depth)}</b>
                <span class="leading-tight">
                    {one.holder ?? ''}
                    {wordOf('soundings', one.method)}
                    {#if one.trued !== null && one.untrued !== null}
                        <span class="quiet figure block text-sm"
                            >reckoned {figure(units, 'depth', one.trued)}, untrued {shown(units, 'depth', one.untrued)} · {shown(
                                units,
                                'speed',
                                one.speed,
                            )} · {ago(one.taken_at)}</span
                        >
                    {/if}
                </span>
                <button
                    type="button"
                    class="btn btn-ghost btn-sm px-2"
                    aria-label="Forget this sounding of {figure(units, 'depth', one.depth)} {measure(units, 'depth').spoken}"
                    title="Forget it"
                    onclick={() => forget(one.id)}>✕</button
                >
            </span>
            {#if one.says}
                <p class="leading-snug">
                    <b>Does not count:</b>
                    {one.says}
                    {#if one.off !== null}
                        <button type="button" class="btn btn-sm mt-1 block" onclick={() => judge(one.id, true)}
                            >It is true: count it</button
                        >
                    {/if}
                </p>
            {:else if one.confirmed}
                <button type="button" class="cursor-pointer text-sm underline" onclick={() => judge(one.id, false)}
                    >counts because you say so: let it be judged</button
                >
            {/if}
        </li>
    {/each}
</ul>

<style>
    li {
        padding: 4px 0;
        border-top: 1px solid var(--color-base-300);
    }
    .what {
        display: flex;
        gap: 0.6rem;
        align-items: center;
    }
    .what > :nth-child(2) {
        flex: 1;
    }
    .read {
        min-width: 3.2rem;
        font-size: 20px;
    }
    .out .read {
        text-decoration: line-through;
    }
    .out p {
        padding-left: 0.6rem;
        margin: 2px 0 4px;
        border-left: 4px solid var(--color-error);
    }
</style>
