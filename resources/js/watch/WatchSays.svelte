<script lang="ts">
    import { onDestroy } from 'svelte';
    import { MediaQuery } from 'svelte/reactivity';
    import type { Watch } from './watch.svelte';

    /** What is to be known of the bottom, the soonest first; what is close sounds until it is silenced, each line by itself. */
    let { watch }: { watch: Watch } = $props();

    const phone = new MediaQuery('max-width: 700px');
    const EVERY_MS = 4000;
    const BEEP = { hertz: 660, seconds: 0.25, loud: 0.15 };

    const ahead = $derived(watch.now?.ahead ?? null);
    const shown = $derived(ahead?.contacts.slice(0, phone.current ? 1 : 2) ?? []);
    const more = $derived((ahead?.contacts.length ?? 0) - shown.length);
    const called = $derived(ahead?.alarm ? (ahead.contacts[0]?.holder ?? '') : '');
    let silenced: string[] = $state([]);
    const sounds = $derived(called !== '' && !silenced.includes(called));

    let audio: AudioContext | undefined;

    function beep(): void {
        audio ??= new AudioContext();
        const tone = audio.createOscillator();
        const volume = audio.createGain();
        volume.gain.value = BEEP.loud;
        tone.frequency.value = BEEP.hertz;
        tone.connect(volume).connect(audio.destination);
        tone.start();
        tone.stop(audio.currentTime + BEEP.seconds);
    }

    $effect(() => {
        if (sounds) {
            beep();
            const again = setInterval(beep, EVERY_MS);
            return () => clearInterval(again);
        }
        return undefined;
    });
    // What is clear again is called out anew when it comes near again.
    $effect(() => {
        const near = new Set(ahead?.contacts.map(({ holder }) => holder));
        if (silenced.some((holder) => !near.has(holder))) {
            silenced = silenced.filter((holder) => near.has(holder));
        }
    });
    onDestroy(() => void audio?.close());
</script>

{#if ahead && shown.length > 0}
    <section class="says border-base-content" class:alarm={ahead.alarm} aria-label="Bottom" data-alarm={ahead.alarm}>
        <div role={ahead.alarm ? 'alert' : 'status'}>
            {#if ahead.alarm}<p class="word">Bottom</p>{/if}
            <ul>
                {#each shown as { holder, words }, i (holder)}<li>
                        {words}{more > 0 && i === shown.length - 1 ? ` And ${more} more.` : ''}
                    </li>{/each}
            </ul>
        </div>
        {#if sounds}
            <button type="button" class="btn border-base-content" onclick={() => (silenced = [...silenced, called])}
                >Silence</button
            >
        {/if}
    </section>
{/if}

<style>
    .says {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 0.5rem;
        align-items: center;
        min-width: 0;
        padding: 0.2rem 0.7rem;
        overflow: hidden;
        font-size: 17px;
        line-height: 1.2;
        border-width: 1px;
        border-radius: 7px;
    }
    .alarm {
        border-width: 4px;
    }
    .word {
        font-weight: 800;
        text-transform: uppercase;
    }
    .btn {
        height: 64px;
    }
    @media (max-width: 700px) {
        .says {
            padding: 0.1rem 0.5rem;
            font-size: 16px;
        }
    }
</style>
