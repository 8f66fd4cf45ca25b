<script lang="ts">
    import type { Schemas } from '../lib/api';
    import type { PreparationDesk } from './preparation.svelte';
    import { aboard } from '../lib/aboard.svelte';
    import { ago, shortTime, timeOfDay } from '../lib/words';
    import RuleBookDialog from '../boat/RuleBookDialog.svelte';
    import ForecastDialog from './ForecastDialog.svelte';

    /** Fit to go or not: the verdict with its reason, then every hour of the trip by every limit. */
    let { desk, go, clock }: { desk: PreparationDesk; go: Schemas['GoNoGo']; clock: Schemas['Preparation']['clock'] } = $props();

    const VERDICT: Record<Schemas['Verdict'], string> = { go: 'Go', caution: 'Caution', unknown: 'Not known', no_go: 'No-go' };
    const PHASE: Record<Schemas['TripPhase'], string> = { way_out: 'out', fishing: 'on the ground', way_home: 'home' };
    /** Told beside the figure, so that colour is a help only. */
    const SIGN: Record<Schemas['Verdict'], string> = { go: '', caution: '!', unknown: '?', no_go: '✕' };

    const criteria = $derived(go.hours[0]?.findings ?? []);
    const phases = $derived(
        go.hours.reduce<{ phase: Schemas['TripPhase']; hours: number }[]>((all, { phase }) => {
            const last = all.at(-1);
            return last?.phase === phase
                ? [...all.slice(0, -1), { phase, hours: last.hours + 1 }]
                : [...all, { phase, hours: 1 }];
        }, []),
    );
    let opened: 'forecast' | 'limits' | null = $state(null);
</script>

<section aria-labelledby="go-title" class="flex flex-col gap-1.5" data-verdict={go.verdict}>
    <div class="flex items-start gap-4">
        <h2 id="go-title" class="verdict {go.verdict}">{VERDICT[go.verdict]}</h2>
        <div class="min-w-0 flex-1 leading-snug" role="status">
            {#each go.worst.slice(0, 2) as { said } (said)}<p class="font-semibold">{said}</p>{:else}
                <p class="font-semibold">
                    Every hour is inside your limits, from {timeOfDay(clock.cast_off)} to {timeOfDay(clock.back_by)}.
                </p>
            {/each}
            {#if go.worst.length > 2}<p class="quiet text-sm">and {go.worst.length - 2} more, marked below.</p>{/if}
            {#if go.fit_until}<p>
                    Fit until <b class="figure">{timeOfDay(go.fit_until)}</b> and no longer: back before it, or not at all.
                </p>{/if}
        </div>
        <span class="flex shrink-0 flex-col gap-1">
            {#if aboard.may('plan')}
                <button type="button" class="btn btn-sm btn-neutral" onclick={() => (opened = 'forecast')}>Forecast…</button>
            {/if}
            <button type="button" class="btn btn-sm" onclick={() => (opened = 'limits')}>Your limits…</button>
        </span>
    </div>
    <table class="hours figure">
        <thead>
            <tr class="quiet">
                <td></td>
                {#each phases as { phase, hours }, i (i)}<th scope="colgroup" colspan={hours}>{PHASE[phase]}</th>{/each}
            </tr>
            <tr>
                <td></td>
                {#each go.hours as hour (hour.clock)}<th scope="col">{shortTime(hour.clock)}</th>{/each}
            </tr>
        </thead>
        <tbody>
            {#each criteria as { criterion, name, unit }, row (criterion)}
                <tr>
                    <th scope="row">{name} <span class="quiet">{unit}</span></th>
                    {#each go.hours as hour (hour.clock)}
                        {@const finding = hour.findings[row]}
                        {#if finding}
                            <td class={finding.verdict} title={finding.sentence}
                                >{finding.figure}{#if SIGN[finding.verdict] && criterion !== 'front'}<span class="sign"
                                        >{SIGN[finding.verdict]}</span
                                    >{/if}</td
                            >
                        {/if}
                    {/each}
                </tr>
            {/each}
        </tbody>
    </table>
    <p class="text-sm leading-snug">
        {#each go.whole as finding (finding.criterion)}<span class="{finding.verdict} whole">{finding.sentence}</span
            >{/each}{go.lee}
    </p>
    <p class="quiet text-sm leading-snug">
        {#if go.forecast}From: {go.forecast.source ?? 'not said'}{go.forecast.issued ? `, issued ${go.forecast.issued}` : ''};
            entered {ago(go.forecast.entered_at)}.{:else}No forecast is entered yet.{/if}
        <b>Check the official marine forecast.</b>
    </p>
</section>

{#if opened === 'forecast'}
    <ForecastDialog {desk} {go} close={() => (opened = null)} />
{:else if opened === 'limits'}
    <RuleBookDialog book="go" changed={() => void desk.read()} close={() => (opened = null)}>
        Yours to set, for this boat and crew. Empty is not judged. Admek knows no law and makes no forecast.
    </RuleBookDialog>
{/if}

<style>
    .verdict {
        min-width: 7.2rem;
        padding: 4px 12px;
        font-size: 1.9rem;
        font-weight: 800;
        line-height: 1.15;
        text-align: center;
        border: 3px solid currentColor;
        border-radius: 4px;
    }
    .verdict.go {
        color: var(--color-success);
    }
    .verdict.caution,
    .verdict.unknown {
        color: var(--color-warning);
    }
    .verdict.unknown {
        border-style: dashed;
    }
    .verdict.no_go {
        color: var(--color-error-content);
        background: var(--color-error);
        border-color: var(--color-error);
    }
    .hours {
        width: 100%;
        font-size: 16px;
        table-layout: fixed;
        border-collapse: collapse;
    }
    .hours th,
    .hours td {
        height: 25px;
        font-weight: 600;
        text-align: center;
    }
    .hours tbody th {
        font-weight: 500;
        text-align: left;
        white-space: nowrap;
    }
    .hours tr > :first-child {
        width: 104px;
    }
    .hours thead th {
        font-weight: 500;
        border-bottom: 1px solid var(--color-base-300);
    }
    .hours tbody td {
        border-bottom: 1px solid var(--color-base-300);
    }
    td.no_go {
        font-weight: 700;
        color: var(--color-error-content);
        background: var(--color-error);
    }
    td.caution {
        outline: 2px solid var(--color-warning);
        outline-offset: -3px;
    }
    td.unknown {
        color: var(--color-warning);
    }
    .sign {
        padding-left: 3px;
        font-weight: 700;
    }
    .whole {
        margin-right: 0.4em;
    }
    .whole.no_go {
        font-weight: 700;
        color: var(--color-error);
    }
    .whole.caution,
    .whole.unknown {
        font-weight: 600;
        color: var(--color-warning);
    }
</style>
