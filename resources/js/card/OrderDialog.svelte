<script lang="ts">
    import { tick } from 'svelte';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { figure, plusMinus } from '../lib/units';
    import { kindsOf, lineWords, settingWords } from '../lib/catalogue';
    import Dialog from '../frame/Dialog.svelte';

    /** The order lines go in, by the captain's school or as dragged; what would cross; what to clear for a fish. */
    let { desk, close }: { desk: SpreadDesk; close: () => void } = $props();

    const units = $derived(desk.boat.units);
    let dragged: string | null = $state(null);
    let over: string | null = $state(null);

    const setting = $derived(desk.ahead.setting);
    /** As it was just put, until the server has looked at it. */
    let put: string[] | null = $state.raw(null);
    const order = $derived(put ?? setting?.order ?? []);
    $effect(() => {
        void setting;
        put = null;
    });

    const holderOf = (code: string) => desk.holders.find((holder) => holder.code === code);
    const crossings = (code: string) => setting?.crossings.filter(({ breach }) => breach.holders[0] === code) ?? [];

    function move(code: string, to: number): void {
        const rest = order.filter((other) => other !== code);
        const at = Math.max(0, Math.min(rest.length, to));
        const next = [...rest.slice(0, at), code, ...rest.slice(at)];
        put = next;
        desk.setOrder(next);
    }

    function moved(event: PointerEvent): void {
        if (dragged === null) {
            return;
        }
        const row = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-order]');
        over = row?.dataset.order ?? over;
    }

    function dropped(): void {
        if (dragged !== null && over !== null && over !== dragged) {
            move(dragged, order.indexOf(over));
        }
        dragged = over = null;
    }

    function keyed(event: KeyboardEvent, code: string, at: number): void {
        const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
        if (by !== undefined) {
            event.preventDefault();
            move(code, at + by);
            // The row has moved in the page, and focus with it only if it is led there.
            void tick().then(() => document.querySelector<HTMLElement>(`[data-order="${code}"] button`)?.focus());
        }
    }
</script>

<svelte:window onpointermove={moved} onpointerup={dropped} />

<Dialog title="Setting order" {close} look="max-w-3xl w-[50rem]">
    <div class="flex items-start gap-4 pb-2">
        {#each kindsOf('schools') as { value: school, word, why } (school)}
            <label class="flex flex-1 cursor-pointer items-start gap-2">
                <input
                    type="radio"
                    class="radio radio-sm mt-1"
                    name="school"
                    value={school}
                    checked={desk.plan.school === school && desk.plan.setting_order === null}
                    onchange={() => desk.edit({ ...desk.plan, school, setting_order: null })}
                />
                <span class="leading-tight"
                    ><b class="inline-block first-letter:uppercase">{word}</b><br /><span class="quiet text-sm">{why}</span></span
                >
            </label>
        {/each}
        <p class="quiet w-36 text-sm leading-tight">
            {desk.plan.setting_order === null ? 'Drag a row to put it elsewhere.' : 'As you have put it.'} Retrieve in reverse.
        </p>
    </div>
    {#if setting}
        <ol class="max-h-[calc(100vh-17rem)] overflow-y-auto" aria-label="Lines in the order they are set">
            {#each order as code, i (code)}
                {@const holder = holderOf(code)}
                {@const line = holder && desk.lineAt(holder.id)}
                {@const running = desk.feed.running.get(code)}
                {#if line}
                    <li
                        class="border-base-300 grid grid-cols-[2.6rem_3rem_4.2rem_1fr_auto] items-center gap-2 border-t py-1"
                        class:over={over === code && dragged !== code}
                        class:dragged={dragged === code}
                        data-order={code}
                    >
                        <button
                            type="button"
                            class="grip figure"
                            aria-label="{code} is number {i + 1}; arrow keys move it"
                            onpointerdown={(event) => {
                                event.preventDefault();
                                event.currentTarget.focus();
                                dragged = code;
                            }}
                            onkeydown={(event) => keyed(event, code, i)}>⠿ {i + 1}</button
                        >
                        <b class="figure text-lg">{code}</b>
                        <span class="figure whitespace-nowrap"
                            ><b class="text-xl">{running ? figure(units, 'depth', running.depth) : ''}</b>{#if running?.doubt}
                                <span class="quiet text-sm">{plusMinus(units, running.doubt)}</span>{/if}</span
                        >
                        <span class="figure">{lineWords(line, units)}, {settingWords(line, units)}</span>
                        <span class="quiet text-sm"
                            >fish on: clear {setting.clearing[code]?.length ? setting.clearing[code].join(', ') : 'nothing'}</span
                        >
                        {#each crossings(code) as { breach, cure } (breach.holders[1])}
                            <span class="text-error col-span-full pl-11 text-sm font-semibold"
                                >{breach.reason}
                                {#if cure}<button type="button" class="btn btn-xs" onclick={() => desk.setOrder(cure)}
                                        >Set {breach.holders[0]} before {breach.holders[1]}</button
                                    >{/if}</span
                            >
                        {/each}
                    </li>
                {/if}
            {/each}
        </ol>
        <p class="pt-2 text-sm" role="status">
            {setting.crossings.length === 0
                ? 'No line is let out across another.'
                : `${setting.crossings.length} ${setting.crossings.length === 1 ? 'line is' : 'lines are'} let out across another.`}
            Nothing in the prop wash while lines go in; balls swing: lower them with the boom steady, hands clear.
        </p>
    {:else}
        <p class="quiet">Reckoning…</p>
    {/if}
</Dialog>

<style>
    .grip {
        min-height: 32px;
        touch-action: none;
        cursor: grab;
    }
    .over {
        box-shadow: inset 0 3px 0 var(--color-primary);
    }
    .dragged {
        opacity: 0.5;
    }
</style>
