<script lang="ts">
    import { push } from 'svelte-spa-router';
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultOf, faultsIn, type Fault, type Schemas } from '../lib/api';
    import { wordOf } from '../lib/catalogue';
    import { clock, counted, tripWords } from '../lib/words';
    import StoreField from '../trip/StoreField.svelte';
    import { answered, queue } from './queue.svelte';

    /** The end of a day: what was used, what is still open, what is given away, and tomorrow. */
    let { params }: { params: { trip: string } } = $props();

    const id = $derived(Number(params.trip));
    const trip = $derived(aboard.trips.find((one) => one.id === id));
    const units = $derived(aboard.boat?.units ?? 'us');
    let end: Schemas['DayEnd'] | null = $state.raw(null);
    let said = $state('Reading…');
    /** Of each item, as it is counted now. */
    let left: Record<string, number> = $state.raw({});
    let faults: Fault[] = $state.raw([]);
    const next = $derived(aboard.trips.find((one) => one.id === end?.next));

    async function read(): Promise<void> {
        const answer = await ask(api.GET('/trips/{trip}/end', { params: { path: { trip: id } } }));
        if ('data' in answer) {
            end = answer.data;
            said = '';
        } else {
            said = faultsIn(answer)[0]?.detail ?? '';
        }
    }
    $effect(() => void read());

    async function tell(...told: Parameters<typeof queue.event>[0][]): Promise<void> {
        faults = await queue.tellTyped(id, ...told.map((one) => queue.event(one)));
        await Promise.all([read(), aboard.readTrips()]);
    }

    /** A sounding the bottom contradicts: so all the same, or never told. */
    async function answer(one: Schemas['DayEnd']['soundings']['asked'][number], sure: boolean): Promise<void> {
        const holder_id = aboard.boat?.holders.find(({ code }) => code === one.holder)?.id;
        const { at, depth, method } = one;
        await tell(...answered(one.uuid, { kind: 'sounding', holder_id, at, depth, method }, sure && holder_id !== undefined));
    }

    let again = $state('');
    async function sameTomorrow(): Promise<void> {
        const answer = await ask(api.POST('/trips/{trip}/again', { params: { path: { trip: id } } }));
        if ('data' in answer) {
            await aboard.readTrips();
            await push(`/trips/${answer.data.id}/prepare`);
        } else {
            again = faultsIn(answer)[0]?.detail ?? '';
        }
    }
</script>

<main class="mx-auto max-w-3xl px-4 py-5 text-lg sm:px-8" data-testid="day-end">
    {#if end && trip}
        <h1 class="text-2xl font-bold">End of the day: {tripWords(trip)}</h1>
        {#if faults[0] && !faults[0].pointer.startsWith('/left/')}<p class="text-error font-semibold" role="alert">
                {faults[0].detail}
            </p>{/if}
        <p class="pt-1">
            {#if end.first && end.last}Lines fished from <b class="figure">{clock(end.first)}</b> to
                <b class="figure">{clock(end.last)}</b>, <b class="figure">{end.line_hours.toFixed(1)}</b> line-hours;
                {counted(end.bites, 'bite')}.{:else if end.bites > 0}{counted(end.bites, 'bite')}; when lines went out was not
                told.
            {:else}No line fished.{/if}
        </p>
        {#if end.fish.length > 0}
            <ul class="pt-1" aria-label="Fish">
                {#each end.fish as { species, landed, kept, released } (species)}
                    <li>
                        <b>{species ? wordOf('species', species) : 'not said what'}</b>:
                        {landed} landed, {kept} kept, {released} released
                    </li>
                {/each}
            </ul>
        {/if}
        {#if end.out.length > 0}
            <p class="pt-2 font-semibold">
                Still out: {end.out.join(', ')}. <a class="link" href="#/trips/{id}/watch">Bring them in on Watch</a>.
            </p>
        {/if}

        {#if end.stores.length > 0}
            <section aria-labelledby="used">
                <h2 id="used">What is left aboard</h2>
                <table class="w-full max-w-xl">
                    <thead class="quiet text-left text-base">
                        <tr
                            ><th class="font-normal">Item</th><th class="pr-3 text-right font-normal">Before</th><th
                                class="text-right font-normal">Left</th
                            ></tr
                        >
                    </thead>
                    <tbody>
                        {#each end.stores as item (item.key)}
                            <tr class="border-base-300 border-t" data-item={item.key}>
                                <td class="py-1">{item.name}</td>
                                <td class="figure pr-3 text-right whitespace-nowrap">{item.aboard_said}</td>
                                <td>
                                    <StoreField
                                        {item}
                                        label="{item.name} left"
                                        value={left[item.key] ?? (end.ended ? item.aboard : null)}
                                        change={(amount) => (left = { ...left, [item.key]: amount ?? 0 })}
                                        {units}
                                        fault={faultOf(faults, `/left/${item.key}`)}
                                    />
                                </td>
                            </tr>
                        {/each}
                    </tbody>
                </table>
                <p class="quiet text-base">What is not counted stays as it was. It is kept with the end of the day.</p>
            </section>
        {/if}

        <section aria-labelledby="open">
            <h2 id="open">Still open</h2>
            <ul class="grid gap-2">
                {#each end.unfinished as { bite, holder, at, words } (bite)}
                    <li>
                        <b class="figure">{holder}</b> at <span class="figure">{clock(at)}</span>: {words}
                        <a class="link" href="#/trips/{id}/log">Tell it in the log</a>
                    </li>
                {/each}
                {#each end.soundings.asked as one (one.uuid)}
                    <li>
                        {one.words}
                        <button type="button" class="btn btn-sm" onclick={() => void answer(one, true)}>It did</button>
                        <button type="button" class="btn btn-sm" onclick={() => void answer(one, false)}>Take it back</button>
                    </li>
                {/each}
                {#if end.photographs.landed > end.photographs.pictured}
                    <li>
                        {end.photographs.pictured} of {counted(end.photographs.landed, 'fish', 'fish')} landed
                        {end.photographs.pictured === 1 ? 'has' : 'have'} a photograph.
                        <a class="link" href="#/trips/{id}/log">Add them in the log</a>
                    </li>
                {/if}
                {#if end.unfinished.length + end.soundings.asked.length === 0 && end.photographs.landed <= end.photographs.pictured}
                    <li class="quiet">Nothing: every bite and every sounding is told to its end.</li>
                {/if}
            </ul>
            {#if end.soundings.taken > 0}<p class="quiet text-base">
                    {counted(end.soundings.taken, 'sounding')} of today taken.
                </p>{/if}
        </section>

        <section class="flex flex-wrap gap-3" aria-label="What is done with the day">
            {#if end.ended}
                <p class="basis-full" role="status">The day was ended at <b class="figure">{clock(end.ended)}</b>.</p>
                <button
                    type="button"
                    class="btn border-base-content bg-base-100 btn-lg"
                    onclick={() => void tell({ kind: 'void', of: end?.end ?? '' })}>It goes on: take that back</button
                >
            {:else}
                <button
                    type="button"
                    class="btn btn-primary btn-lg"
                    onclick={() => void tell({ kind: 'ended', ...(Object.keys(left).length > 0 ? { left } : {}) })}
                    >End the day</button
                >
            {/if}
            <a
                class="btn border-base-content bg-base-100 btn-lg"
                href="/api/trips/{id}/guests-page"
                target="_blank"
                rel="noopener">The guests’ page</a
            >
            <a class="btn border-base-content bg-base-100 btn-lg" href="#/trips/{id}/log">Look at the day</a>
            {#if next}
                <a class="btn border-base-content bg-base-100 btn-lg" href="#/trips/{next.id}/prepare">Next: {tripWords(next)}</a>
            {:else if aboard.may('plan')}
                <button type="button" class="btn border-base-content bg-base-100 btn-lg" onclick={() => void sameTomorrow()}
                    >Same spread tomorrow</button
                >
            {/if}
        </section>
        {#if again}<p class="text-error font-semibold" role="alert">{again}</p>{/if}
    {:else}
        <p class="quiet">{said}</p>
    {/if}
</main>

<style>
    section {
        padding-top: 1.4rem;
    }
    h2 {
        padding-bottom: 0.3rem;
        font-size: 1.25rem;
        font-weight: 700;
    }
</style>
