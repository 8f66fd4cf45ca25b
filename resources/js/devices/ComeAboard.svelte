<script lang="ts">
    import { aboard } from '../lib/aboard.svelte';
    import { api, ask, faultAt, faultsIn, type Fault } from '../lib/api';
    import { queue } from '../day/queue.svelte';
    import TextField from '../fields/TextField.svelte';

    /** What a device that is not let in sees, and all it sees: the captain's code lets it in. */
    const NAMED = 'admek.device-name';
    /** The address a code's square holds. */
    const CODE_IN = /^#\/aboard\/(\d+)$/;

    let code = $state(CODE_IN.exec(location.hash)?.[1] ?? '');
    let name = $state(localStorage.getItem(NAMED) ?? '');
    let faults: Fault[] = $state.raw([]);
    let asking = $state(false);

    const general = $derived(faults.find(({ pointer }) => pointer !== '/code' && pointer !== '/name')?.detail);

    async function come(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        asking = true;
        const answer = await ask(api.POST('/aboard', { body: { code, name } }));
        asking = false;
        faults = faultsIn(answer);
        if ('data' in answer) {
            localStorage.setItem(NAMED, name.trim());
            if (CODE_IN.test(location.hash)) {
                location.hash = '#/';
            }
            await aboard.letIn(answer.data);
        }
    }
</script>

<main class="bg-base-200 fixed inset-0 z-30 grid place-items-center overflow-y-auto p-4">
    <form class="border-base-300 bg-base-100 rounded-box w-full max-w-md border p-6" onsubmit={come}>
        <p class="text-xl font-extrabold">Admek</p>
        <h1 class="pt-3 text-2xl font-bold">This device is not aboard</h1>
        <p class="pt-1 pb-4 leading-snug">
            Ask the captain to let it in: <b>Devices</b> on the captain’s screen shows six digits, and a square this device’s camera
            reads.
        </p>
        <div class="digits">
            <TextField label="The six digits" bind:value={code} inputmode="numeric" fault={faultAt(faults, '/code')} />
        </div>
        <TextField
            class="pt-3"
            label="A name for this device"
            bind:value={name}
            hint="As the others will know it: “Anna’s phone”, “Cockpit”."
            fault={faultAt(faults, '/name')}
        />
        {#if general}<p class="text-error pt-2 font-semibold" role="alert">{general}</p>{/if}
        <button class="btn btn-primary btn-lg mt-4 w-full" disabled={asking}>Come aboard</button>
        {#if queue.length > 0}
            <p class="pt-3 text-sm font-semibold">
                What was told on this device waits here ({queue.length}), and will be sent once it is aboard.
            </p>
        {/if}
        <p class="quiet pt-3 text-sm leading-snug">
            On the laptop Admek runs on, open it as <b>localhost</b>: no digits are needed there.
        </p>
    </form>
</main>

<style>
    .digits :global(.input) {
        height: 4rem;
        font-family: var(--font-figure);
        font-size: 2.25rem;
        font-weight: 700;
        letter-spacing: 0.12em;
        text-align: center;
    }
</style>
