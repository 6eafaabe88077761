<script lang="ts">
    import { heading } from '../../../lib/focus';
    import { counted, when } from '../../../lib/words';
    import { untrack } from 'svelte';
    import type { Table } from '../table.svelte';
    import { Links } from './links.svelte';

    let { table }: { table: Table } = $props();
    const state = untrack(() => new Links(table));

    function make(event: SubmitEvent): void {
        event.preventDefault();
        void state.make();
    }
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-3xl px-8 py-8">
        <h2 class="text-2xl" {@attach heading}>Private links to “{table.data.template.name}”</h2>
        <p class="mt-1 text-quiet">
            Whoever has the link sees this draft on the shop’s {table.about.words.pages}, without signing in. Search
            engines are told to stay away, and nothing in the shop changes.
        </p>
        {#if table.mayEdit}
            <form class="mt-5 flex items-center gap-3" onsubmit={make}>
                <label
                    >For <select class="field" aria-label="How long it holds" bind:value={state.days}>
                        <option value={1}>a day</option><option value={7}>a week</option><option value={30}
                            >30 days</option
                        >
                    </select></label
                >
                <button class="button button-next">Make a link</button>
            </form>
        {/if}
        {#if state.address}
            <div class="mt-4 rounded-lg border border-dashed border-edge p-4" role="status">
                <p>Copy it now: it is shown only once.</p>
                <p class="mt-1 flex gap-2">
                    <input
                        class="field min-w-0 flex-1"
                        readonly
                        aria-label="The private link"
                        value={state.address}
                        onfocus={(event) => event.currentTarget.select()}
                    />
                    <button class="button" onclick={() => state.copy()}>{state.copied ? 'Copied' : 'Copy'}</button>
                </p>
            </div>
        {/if}
        <ul class="mt-6">
            {#each state.links ?? [] as link (link.id)}
                <li
                    class="flex flex-wrap items-baseline gap-x-4 border-b border-dashed border-hair py-2"
                    data-link={link.state}
                >
                    <span>made {when(link.madeAt)} by {link.by}</span>
                    <span class="text-quiet"
                        >{link.opened === 0 ? 'not opened yet' : `opened ${counted(link.opened, 'time')}`}</span
                    >
                    {#if link.state === 'open'}
                        <span>holds until {when(link.expiresAt)}</span>
                        {#if table.mayEdit}<button class="word ml-auto" onclick={() => state.withdraw(link)}
                                >Withdraw it</button
                            >{/if}
                    {:else}
                        <span class="text-quiet">{link.state}</span>
                    {/if}
                </li>
            {:else}
                {#if state.links}<li class="py-2 text-quiet">None yet.</li>{/if}
            {/each}
        </ul>
    </div>
</div>
