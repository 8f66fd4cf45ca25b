<script lang="ts">
    import { api, ask, type Schemas, type Trip } from '../lib/api';
    import { tripWords } from '../lib/words';

    /** What the record says the next trip is begun with. */
    let { trip, unread }: { trip: Trip; unread: number } = $props();

    let start = $state.raw<Schemas['Start'] | null>(null);
    const all = $derived(unread === 0);
    $effect(() => {
        // Asked once, and again when every day is read.
        void all;
        void ask(api.GET('/trips/{trip}/start', { params: { path: { trip: trip.id } } })).then((answer) => {
            start = 'data' in answer ? answer.data : null;
        });
    });
</script>

{#if start && start.bites > 0}
    <section class="border-base-300 bg-base-100 border px-4 py-3" aria-labelledby="start" data-testid="start">
        <div class="flex flex-wrap items-baseline justify-between gap-x-4">
            <h2 id="start" class="text-[1.05rem] font-bold">
                Begin with <span class="quiet font-normal">· {tripWords(trip)}</span>
            </h2>
            <p class="quiet text-sm">
                by {start.of}, {start.bites} bites in {start.hours.toFixed(0)} line-hours{start.unread > 0
                    ? `, ${start.unread} ${start.unread === 1 ? 'day' : 'days'} not read yet`
                    : ''}
            </p>
        </div>
        <div class="grid gap-x-8 gap-y-2 pt-1 md:grid-cols-[auto_1fr_auto]">
            <ul class="flex flex-col gap-1">
                {#each start.depths as depth (depth.words)}
                    <li><b class="figure text-2xl">{depth.words}</b><span class="why">{depth.reason}</span></li>
                {:else}<li class="quiet">No depth stands out yet.</li>{/each}
            </ul>
            <ol class="flex flex-col gap-1">
                {#each start.lures as lure (lure.lure_id)}
                    <li>
                        <a class="link font-bold" href="#/locker/lures/{lure.lure_id}">{lure.name}</a><span class="why"
                            >{lure.reason}</span
                        >
                    </li>
                {:else}<li class="quiet">No lure stands out yet.</li>{/each}
                {#if start.test}
                    <li>
                        Keep testing <a class="link font-bold" href="#/locker/lures/{start.test.lure_id}">{start.test.name}</a
                        ><span class="why">{start.test.reason}</span>
                    </li>
                {/if}
            </ol>
            <a class="btn btn-sm self-start" href="#/trips/{trip.id}/water">To its water</a>
        </div>
    </section>
{/if}

<style>
    .why {
        display: block;
        font-size: 14px;
        line-height: 1.3;
        color: var(--quiet);
    }
    ul {
        max-width: 22rem;
    }
</style>
