<script lang="ts">
    import type { Snippet } from 'svelte';
    import { placeLabels, type Label } from './labels';
    import type { Scene } from './scene';

    /** A view's labels, set beside their marks where none covers another; a click on one chooses its rod. */
    let {
        scene,
        labels,
        width,
        right,
        top = scene.y(0) + 2,
        text,
    }: { scene: Scene; labels: Label[]; width: number; right: number; top?: number; text: Snippet<[string]> } = $props();

    const placed = $derived(placeLabels(labels, { left: 2, right: width - right, top, bottom: scene.height }));
    const holderId = (code: string) => scene.boat.holders.find((holder) => holder.code === code)?.id ?? 0;
</script>

{#each labels as label (label.id)}
    {@const place = placed.get(label.id)}
    {#if place}
        <!-- The rail is the keyboard's way to the same choice. -->
        <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
        <g
            class="label"
            data-label={label.id}
            class:chosen={holderId(label.id) === scene.chosenId}
            onclick={() => scene.choose(holderId(label.id))}
        >
            {#if place.joined}
                <path d="M{label.x} {label.y}L{place.left + label.width / 2} {place.top + label.height / 2}" class="join" />
            {/if}
            <text x={place.left} y={place.top + label.height * 0.8} class="figure">{@render text(label.id)}</text>
        </g>
    {/if}
{/each}

<style>
    .label {
        cursor: pointer;
    }
    text {
        paint-order: stroke;
        stroke: var(--water-top);
        stroke-width: 3.5px;
        stroke-linejoin: round;
        fill: var(--color-base-content);
    }
    .chosen text {
        fill: var(--color-primary);
        text-decoration: underline;
        text-decoration-thickness: 2px;
        text-underline-offset: 3px;
    }
    .join {
        fill: none;
        stroke: var(--line);
        stroke-width: 0.8;
    }
</style>
