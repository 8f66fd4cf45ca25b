<script lang="ts">
    import { kindsOf } from '../lib/catalogue';
    import { api, ask, type Schemas, type SpreadLine } from '../lib/api';
    import type { SpreadDesk } from '../desk/spread-desk.svelte';
    import { measure, typedNumber } from '../lib/units';
    import PickField from '../fields/PickField.svelte';

    /** A depth read off the real thing: what the captain saw, beside what the model said of that line then. */
    let { desk, line }: { desk: SpreadDesk; line: SpreadLine } = $props();

    const units = $derived(desk.boat.units);
    let read = $state('');
    let method: Schemas['SoundingMethod'] = $state('bottom');
    let said = $state('');

    async function keep(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const depth = typedNumber(read);
        if (depth === null || Number.isNaN(depth)) {
            said = `Must be a depth in ${measure(units, 'depth').spoken}.`;
            return;
        }
        const answer = await ask(
            api.POST('/spreads/{spread}/soundings', {
                params: { path: { spread: desk.spread.id } },
                body: {
                    ...desk.plan,
                    what_if: desk.whatIf,
                    holder_id: line.holder_id,
                    taken_at: `${new Date().toISOString().slice(0, 19)}Z`,
                    method,
                    depth: measure(units, 'depth').toSi(depth),
                },
            }),
        );
        if ('data' in answer) {
            read = '';
            said = '';
            desk.refresh();
        } else {
            said =
                'problem' in answer
                    ? (answer.problem.errors?.[0]?.detail ?? answer.problem.detail)
                    : 'The server is not answering; it was not kept.';
        }
    }
</script>

<form class="border-base-300 flex flex-wrap items-center gap-1.5 border-t pt-1 text-[15px]" onsubmit={keep}>
    <label for="sounding">It really ran at</label>
    <input
        id="sounding"
        class="input input-sm figure w-14 text-center text-base font-semibold"
        inputmode="decimal"
        autocomplete="off"
        bind:value={read}
        aria-describedby="sounding-said"
    />
    <span class="quiet text-sm">{measure(units, 'depth').unit}</span>
    <PickField
        label="How you know"
        value={method}
        options={kindsOf('soundings').map(({ value, word }) => ({ value, text: word }))}
        change={(picked) => (method = picked)}
    />
    <button class="btn btn-sm btn-neutral w-full">Keep this sounding</button>
    <p id="sounding-said" class="text-error w-full text-sm font-semibold empty:hidden" role="status">{said}</p>
</form>
