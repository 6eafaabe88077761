<script lang="ts">
    import { number } from '../../../lib/words';
    import type { Samples } from './samples.svelte';
    import type { Table } from '../table.svelte';

    let { table, found }: { table: Table; found: Samples } = $props();
    const samples = $derived(found.samples);
    const words = $derived(table.about.pageWords);
    let list = $state<HTMLElement | null>(null);

    function onkeydown(event: KeyboardEvent): void {
        const at = samples.findIndex((sample) => sample.id === table.sample?.id);
        const next = { ArrowRight: at + 1, ArrowLeft: at - 1 }[event.key];
        const sample = next === undefined ? undefined : samples[next];
        if (!sample) return;
        event.preventDefault();
        table.show(sample);
        list?.querySelector<HTMLElement>(`[data-sample="${sample.id}"]`)?.focus();
    }
</script>

<div class="flex min-w-0 gap-3 py-2.5 pr-4">
    <label class="flex w-36 shrink-0 flex-col gap-1">
        {#if table.data.template.productId === null}
            <span class="unseen">Find a {words.one} to see the page with</span>
            <input class="field w-full" type="search" placeholder="Any {words.one}…" bind:value={found.query} />
        {/if}
        <span class="text-xs text-quiet">
            {#if table.lacking}
                {number(found.total)} without {table.lacking.words} ·
                <button class="word" onclick={() => (table.lacking = null)}>see all</button>
            {:else}
                {table.data.template.productId !== null
                    ? 'It stands on this product’s page alone.'
                    : found.query !== ''
                      ? `${number(found.total)} found`
                      : table.page.draft.reach.show.length > 0
                        ? `${number(found.total)} that it covers`
                        : `${number(found.total)} in the shop`}
            {/if}
        </span>
    </label>
    <div
        class="relative flex min-w-0 items-start gap-2 overflow-x-auto"
        role="radiogroup"
        aria-label="See the page with"
        tabindex="-1"
        bind:this={list}
        {onkeydown}
    >
        {#each samples as sample, index (sample.id)}
            {@const chosen = sample.id === table.sample?.id}
            <button
                role="radio"
                aria-checked={chosen}
                tabindex={chosen || (index === 0 && !samples.some((one) => one.id === table.sample?.id)) ? 0 : -1}
                data-sample={sample.id}
                class="w-26 shrink-0 text-left"
                onclick={() => table.show(sample)}
            >
                <span
                    class="unpictured block h-13 overflow-hidden rounded-md border-2 {chosen
                        ? 'border-ink'
                        : 'border-transparent'}"
                >
                    {#if sample.picture}
                        <img src={sample.picture} alt="" class="h-full w-full bg-sheet object-contain" />
                    {:else}
                        <span
                            class="grid h-full place-items-center px-1 text-xs"
                            aria-hidden={table.about.words.one === 'search'}
                            >{table.about.words.one === 'search' ? '“…”' : 'no picture'}</span
                        >
                    {/if}
                </span>
                <span class="mt-1 block truncate text-xs">{sample.title}</span>
                {#if sample.flags.length > 0}
                    <span class="block truncate text-xs text-trouble" title={sample.flags.join(', ')}
                        >{sample.flags.join(', ')}</span
                    >
                {/if}
            </button>
        {:else}
            <p class="self-center text-quiet">No {words.one} is called that. Try fewer words.</p>
        {/each}
        {#if found.more}<button class="word shrink-0 px-3" onclick={() => found.next()}>More</button>{/if}
    </div>
</div>
