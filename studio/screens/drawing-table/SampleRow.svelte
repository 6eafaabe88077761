<script lang="ts">
    import { number } from '../../lib/words';
    import { untrack } from 'svelte';
    import { get } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import type { Sample } from '../../lib/types';
    import type { Table } from './table.svelte';
    import type { SamplePage } from './types';

    let { table }: { table: Table } = $props();
    let samples = $state.raw<Sample[]>(untrack(() => withChosen(table.samples.samples)));
    let total = $state(untrack(() => table.samples.total));
    let more = $state(untrack(() => table.samples.more));
    let query = $state('');
    let page = 1;
    let list = $state<HTMLElement | null>(null);
    let asked = 0;

    const reach = $derived(JSON.stringify(table.draft.reach));
    $effect(() => {
        void reach;
        const words = query;
        void table.lacking;
        const wait = setTimeout(() => void load(words, 1), 150);
        return () => clearTimeout(wait);
    });

    async function load(words: string, wanted: number): Promise<void> {
        const mine = ++asked;
        try {
            const answer = await get<SamplePage>(
                `${table.base}/samples?q=${encodeURIComponent(words)}&page=${wanted}${table.lacking ? `&lacking=${table.lacking.source}&of=${table.lacking.of ?? ''}` : ''}`,
            );
            if (mine !== asked) return;
            samples = wanted === 1 ? (words === '' && !table.lacking ? withChosen(answer.samples) : answer.samples) : [...samples, ...answer.samples];
            if (wanted === 1 && words === '' && !table.lacking) table.samples = answer;
            ({ total, more } = answer);
            page = wanted;
        } catch (error) {
            notices.trouble(error);
        }
    }

    function withChosen(found: Sample[]): Sample[] {
        const chosen = table.sample;
        return chosen && !found.some((sample) => sample.id === chosen.id) ? [chosen, ...found] : found;
    }

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
            <span class="unseen">Find a {table.words.one} to see the page with</span>
            <input class="field w-full" type="search" placeholder="Any {table.words.one}…" bind:value={query} />
        {/if}
        <span class="text-xs text-quiet">
            {#if table.lacking}
                {number(total)} without {table.lacking.words} · <button class="word" onclick={() => (table.lacking = null)}>see all</button>
            {:else}
                {table.data.template.productId !== null
                    ? 'It stands on this product’s page alone.'
                    : query !== ''
                      ? `${number(total)} found`
                      : table.draft.reach.show.length > 0
                        ? `${number(total)} that it covers`
                        : `${number(total)} in the shop`}
            {/if}
        </span>
    </label>
    <div class="flex min-w-0 items-start gap-2 overflow-x-auto" role="radiogroup" aria-label="See the page with" tabindex="-1" bind:this={list} {onkeydown}>
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
                <span class="unpictured block h-13 overflow-hidden rounded-md border-2 {chosen ? 'border-ink' : 'border-transparent'}">
                    {#if sample.picture}
                        <img src={sample.picture} alt="" class="h-full w-full bg-sheet object-contain" />
                    {:else}
                        <span class="grid h-full place-items-center text-xs">no picture</span>
                    {/if}
                </span>
                <span class="mt-1 block truncate text-xs">{sample.title}</span>
                {#if sample.flags.length > 0}
                    <span class="block truncate text-xs text-trouble" title={sample.flags.join(', ')}>{sample.flags.join(', ')}</span>
                {/if}
            </button>
        {:else}
            <p class="self-center text-quiet">No {table.words.one} is called that. Try fewer words.</p>
        {/each}
        {#if more}<button class="word shrink-0 px-3" onclick={() => load(query, page + 1)}>More</button>{/if}
    </div>
</div>
