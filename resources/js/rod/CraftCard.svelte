<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import type { SpreadLine } from '../lib/api';
    import { crafts, type Rig } from './crafts.svelte';

    /** How a line is fished, part by part; the captain's own words in place of Admek's where he has put them. */
    let { line, bait = false }: { line: SpreadLine; bait?: boolean } = $props();

    $effect(() => crafts.want());
    const cards = $derived(crafts.of(line));
    let writing: { rig: Rig['rig']; part: string } | null = $state.raw(null);
    let words = $state('');
    let said = $state('');

    function write(rig: Rig['rig'], part: Rig['parts'][number]): void {
        writing = { rig, part: part.part };
        words = part.words;
        said = '';
    }

    async function keep(text: string | null): Promise<void> {
        if (writing) {
            said = await crafts.say(writing.rig, writing.part, text);
            writing = said ? writing : null;
        }
    }
</script>

{#each cards as card (card.rig)}
    {#if cards.length > 1}<h3 class="pt-1 font-bold capitalize">{card.name}</h3>{/if}
    <dl data-craft={card.rig}>
        {#each card.parts as part (part.part)}
            <div class="border-base-300 border-b py-1.5">
                <dt class="flex items-baseline justify-between gap-2">
                    <b>{part.title}</b>
                    {#if aboard.may('plan')}
                        <button
                            type="button"
                            class="link quiet min-h-6 text-[13px]"
                            aria-label="Change: {part.title}"
                            onclick={() => write(card.rig, part)}>{part.own ? 'your words' : 'change'}</button
                        >
                    {/if}
                </dt>
                {#if writing?.rig === card.rig && writing.part === part.part}
                    <dd>
                        <textarea class="textarea w-full text-[15px]" rows="4" aria-label={part.title} bind:value={words}
                        ></textarea>
                        {#if said}<p class="text-error text-sm font-semibold" role="alert">{said}</p>{/if}
                        <p class="flex flex-wrap gap-2 pt-1">
                            <button type="button" class="btn btn-sm btn-primary" onclick={() => void keep(words)}>Keep it</button>
                            {#if part.own}<button type="button" class="btn btn-sm" onclick={() => void keep(null)}
                                    >As it was</button
                                >{/if}
                            <button type="button" class="btn btn-sm" onclick={() => (writing = null)}>Never mind</button>
                        </p>
                    </dd>
                {:else}<dd class="text-[15px] leading-snug whitespace-pre-line">{part.words}</dd>{/if}
            </div>
        {/each}
    </dl>
{:else}<p class="quiet">Reading…</p>{/each}
{#if bait && crafts.all}<p class="pt-1.5 text-[15px] leading-snug">{crafts.all.cut_bait}</p>{/if}
