<script lang="ts">
    import { create } from 'qrcode';

    /** An address as a square that a camera reads (ISO/IEC 18004), with the quiet edge it asks for. */
    let { address }: { address: string } = $props();

    const EDGE = 4;

    const read = $derived(create(address, { errorCorrectionLevel: 'M' }).modules);
    const size = $derived(read.size + 2 * EDGE);
    const path = $derived(
        Array.from({ length: read.size * read.size }, (_, i) => i)
            .filter((i) => read.data[i])
            .map((i) => `M${(i % read.size) + EDGE} ${Math.floor(i / read.size) + EDGE}h1v1h-1z`)
            .join(''),
    );
</script>

<svg viewBox="0 0 {size} {size}" shape-rendering="crispEdges" role="img" aria-label="The same, for a camera: {address}">
    <rect width={size} height={size} class="light" />
    <path d={path} class="dark" />
</svg>

<style>
    svg {
        width: 100%;
        border-radius: 6px;
    }
    /* Cameras read dark on light: in dark themes the colours change places. */
    .light {
        fill: var(--color-base-100);
    }
    .dark {
        fill: var(--color-base-content);
    }
    :global([data-theme='dusk']) .light,
    :global([data-theme='red']) .light {
        fill: var(--color-base-content);
    }
    :global([data-theme='dusk']) .dark,
    :global([data-theme='red']) .dark {
        fill: var(--color-base-100);
    }
</style>
