<script lang="ts">
    import type { DevicesDesk, Role } from './devices.svelte';
    import Square from './Square.svelte';

    /** Lets one more device in: as whom, then the code to type there, or to point its camera at. */
    let { desk }: { desk: DevicesDesk } = $props();

    let role: Role | null = $state(null);
    let seesPlaces = $state(false);

    let heading: HTMLElement;

    async function takeBack(): Promise<void> {
        heading.focus();
        await desk.hide();
    }

    /** The button that asked for it is gone. */
    const focused = (element: HTMLElement) => element.focus({ preventScroll: true });

    const minutes = $derived(`${Math.floor(desk.left / 60)}:${String(desk.left % 60).padStart(2, '0')}`);
    const address = $derived(desk.code?.addresses[0]);
</script>

<section class="border-base-300 bg-base-100 rounded-box border p-5" aria-labelledby="let-in">
    <h2 id="let-in" class="pb-2 text-xl font-bold" tabindex="-1" bind:this={heading}>Let one in</h2>
    {#if desk.code}
        <div class="grid gap-x-6 gap-y-3 sm:grid-cols-[minmax(15.5rem,1fr)_minmax(11rem,16rem)]" data-testid="code">
            <div>
                <p>
                    As <b>{desk.code.role}</b>{desk.code.role === 'guest' && seesPlaces
                        ? ', who may see where the ground is'
                        : ''}.
                </p>
                <p class="code figure" tabindex="-1" {@attach focused}>{desk.code.code.slice(0, 3)} {desk.code.code.slice(3)}</p>
                <p class="quiet">Good once, for <span class="figure font-semibold">{minutes}</span> more.</p>
                {#if address}
                    <p class="pt-4 leading-snug">On the other device, join the boat’s network and open</p>
                    <p class="address">{address}</p>
                    {#if desk.code.trusted_at}
                        <p class="pt-1 text-sm leading-snug">
                            The first time, <b>{desk.code.trusted_at}</b> shows it how to trust the boat’s certificate.
                        </p>
                    {/if}
                    {#if desk.code.addresses.length > 1}
                        <p class="quiet pt-1 text-sm leading-snug">
                            If that is not found: {desk.code.addresses.slice(1).join(', ')}
                        </p>
                    {/if}
                {:else}
                    <p class="text-error pt-4 leading-snug font-semibold">
                        No other device can reach this Admek: it answers this laptop alone. Start it with ./admek serve --boat.
                    </p>
                {/if}
            </div>
            {#if address}
                <div>
                    <Square address="{address}/#/aboard/{desk.code.code}" />
                    <p class="quiet pt-1 text-center text-sm">or point its camera here</p>
                </div>
            {/if}
        </div>
        <button type="button" class="btn mt-4" onclick={takeBack}>Take the code back</button>
    {:else}
        {#if desk.came}
            <p class="pb-3 text-lg" role="status"><b>{desk.came.name}</b> is aboard, as {desk.came.role}.</p>
        {/if}
        <fieldset>
            <legend class="quiet text-sm">As</legend>
            {#each desk.roles as choice (choice.role)}
                <label class="flex min-h-12 cursor-pointer items-center gap-3 py-1">
                    <input
                        type="radio"
                        name="role"
                        class="radio radio-sm"
                        checked={role === choice.role}
                        onchange={() => (role = choice.role)}
                    />
                    <span class="leading-tight"><b>{choice.role}</b><br /><span class="quiet text-sm">{choice.words}</span></span>
                </label>
            {/each}
        </fieldset>
        {#if role === 'guest'}
            <label class="flex min-h-11 cursor-pointer items-center gap-3 pl-8">
                <input type="checkbox" class="checkbox checkbox-sm" bind:checked={seesPlaces} />
                may see where the ground is
            </label>
        {/if}
        <button
            type="button"
            class="btn btn-primary btn-lg mt-3"
            disabled={role === null}
            onclick={() => role && void desk.show(role, role === 'guest' && seesPlaces)}>Show a code</button
        >
    {/if}
</section>

<style>
    .code {
        font-size: 4.25rem;
        font-weight: 700;
        line-height: 1.15;
        letter-spacing: 0.03em;
        white-space: nowrap;
    }
    .address {
        font-size: 1.25rem;
        font-weight: 700;
        overflow-wrap: anywhere;
    }
</style>
