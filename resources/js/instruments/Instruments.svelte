<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { faultOf } from '../lib/api';
    import NumberField from '../fields/NumberField.svelte';
    import Heard from './Heard.svelte';
    import { instruments as desk } from './instruments.svelte';
    import SourceList from './SourceList.svelte';
    import SpeedCheck from './SpeedCheck.svelte';

    /** What she listens to, what is heard, and how it is put right. */
    const units = $derived(aboard.boat?.units ?? 'us');

    $effect(() => desk.follow());
</script>

<main class="mx-auto grid max-w-6xl items-start gap-x-10 gap-y-6 px-5 py-6 sm:px-8 lg:grid-cols-2">
    <div class="grid gap-6">
        <header>
            <p class="text-sm"><a class="link" href="#/boat">Boat</a></p>
            <h1 class="text-2xl font-bold">Instruments</h1>
            <p class="quiet leading-snug">
                NMEA 0183 sentences from the boat’s gateway. Where two tell the same figure the upper one is believed; the next
                takes over when it falls silent.
            </p>
        </header>
        <SourceList {desk} />
        <section aria-labelledby="right">
            <h2 id="right" class="pb-1 text-lg font-bold">Put right</h2>
            <div class="grid gap-3 sm:grid-cols-2">
                <NumberField
                    label="Transducer, below the surface"
                    id="transducer"
                    value={desk.told?.transducer}
                    change={(transducer) => void desk.keep({ transducer })}
                    clear={() => void desk.keep({ transducer: null })}
                    {units}
                    quantity="leader"
                    fault={faultOf(desk.faults, '/transducer')}
                />
                <NumberField
                    label="Speed log: true for each it shows"
                    id="log-factor"
                    value={desk.told?.log_factor}
                    change={(factor) => void desk.keep({ log_factor: factor ?? 1 })}
                    {units}
                    unit="×"
                    decimals={3}
                    fault={faultOf(desk.faults, '/log_factor')}
                />
            </div>
            <p class="quiet pt-1 text-sm leading-snug">
                Depths on Watch are from the surface. Left empty, the transducer’s own word for where it hangs is taken, or none.
            </p>
        </section>
    </div>
    <div class="grid gap-6">
        <Heard told={desk.told} {units} />
        <SpeedCheck {desk} {units} />
    </div>
</main>
