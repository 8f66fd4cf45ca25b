<script lang="ts">
    /** Over an empty column of water: what goes there, and the one next step. */
    let { begin }: { begin: () => void } = $props();
</script>

<p>
    <button type="button" class="btn btn-neutral" onclick={begin}>Type or drop the temperatures</button>
    <span>Without them the bands go by season and habit.</span>
</p>

<style>
    p {
        position: absolute;
        top: 30%;
        left: 60px;
        display: flex;
        flex-direction: column;
        gap: 6px;
        align-items: flex-start;
        font-size: 15px;
        font-weight: 600;
        pointer-events: none;
    }
    button {
        pointer-events: auto;
    }
</style>
