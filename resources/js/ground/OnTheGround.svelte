<script lang="ts">
    import { measure } from '../lib/units';
    import type { GroundDesk } from './ground.svelte';

    /** What is drawn on the ground, and files of it in and out. */
    let {
        desk,
        structures,
        say,
    }: { desk: GroundDesk; structures: NonNullable<GroundDesk['chart']>['structures']; say: (words: string) => void } = $props();

    async function read(event: Event & { currentTarget: HTMLInputElement }, what: 'structures' | 'chart'): Promise<void> {
        const file = event.currentTarget.files?.[0];
        if (file) {
            say((await desk.read(file, what)) || `${file.name} is on the chart.`);
        }
    }
</script>

<h2 class="border-base-300 border-t pt-2 text-lg font-bold">On the ground</h2>
<ul class="text-[15px]">
    {#each structures as { id, name: title, kind, source } (id)}
        <li class="flex items-center gap-2">
            <b>{title}</b>
            <span class="quiet text-sm">{kind}{source && source !== 'drawn' ? `, ${source}` : ''}</span>
            <button
                type="button"
                class="btn btn-ghost btn-xs ml-auto"
                aria-label="Take {title} off the chart"
                onclick={() => void desk.drop(id)}>✕</button
            >
        </li>
    {:else}<li class="quiet">Nothing yet: draw it, or read a file in.</li>{/each}
</ul>
<p class="flex flex-wrap gap-2">
    <a class="btn btn-xs" href="/api/structures/file/gpx" download>Out as GPX</a>
    <a class="btn btn-xs" href="/api/structures/file/geojson" download>Out as GeoJSON</a>
</p>
<label class="quiet text-sm" for="ground-file">Tracks, routes, waypoints: GPX or GeoJSON</label>
<input
    id="ground-file"
    type="file"
    accept=".gpx,.json,.geojson"
    class="file-input file-input-sm"
    onchange={(event) => void read(event, 'structures')}
/>
<label class="quiet text-sm" for="chart-file">Your own bottom as a grid, in {measure('metric', 'depth').spoken}</label>
<input
    id="chart-file"
    type="file"
    accept=".json"
    class="file-input file-input-sm"
    onchange={(event) => void read(event, 'chart')}
/>
