<script lang="ts">
    import { counted } from '../../lib/words';
    import type { Searching } from './search.svelte';

    let { searching, may }: { searching: Searching; may: boolean } = $props();
    let typing: ReturnType<typeof setTimeout> | undefined;

    function tryOut(text: string): void {
        clearTimeout(typing);
        typing = setTimeout(() => void searching.tryOut(text), 200);
    }
</script>

<section class="mt-10" aria-labelledby="where-searched">
    <h2 id="where-searched" class="text-xl">Where is searched, and how much it counts</h2>
    <p class="mt-1 text-quiet">
        A code that is just what was typed comes first, then what has all words in its title, then in title and brand,
        then the rest; what can be had before what is sold out. Among those alike, this decides. 0 is not searched.
    </p>
    <div class="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <ul>
            {#each searching.weights as one (one.field)}
                <li class="grid grid-cols-[minmax(0,1fr)_8rem_2rem] items-center gap-3 py-1">
                    <label for="weight-{one.field}">{one.words}</label>
                    <input
                        id="weight-{one.field}"
                        type="range"
                        class="accent-ink"
                        min="0"
                        max="10"
                        step="1"
                        value={one.weight}
                        disabled={!may}
                        onchange={(event) => void searching.weigh(one.field, Number(event.currentTarget.value))}
                    />
                    <span class="figures text-right">{one.weight}</span>
                </li>
            {/each}
        </ul>
        <div class="min-w-0">
            <label for="try-search" class="text-quiet">Try a search</label>
            <input
                id="try-search"
                class="field w-full"
                maxlength="200"
                oninput={(event) => tryOut(event.currentTarget.value)}
            />
            <div aria-live="polite">
                {#if searching.preview}
                    <p class="mt-2">
                        {counted(searching.preview.total, 'product', 'products')}{searching.preview.total >
                        searching.preview.rows.length
                            ? `, the first ${searching.preview.rows.length.toString()}`
                            : ''}
                    </p>
                    {#each searching.preview.taken as taken (taken)}<p class="text-quiet">{taken}</p>{/each}
                {/if}
            </div>
            <ol class="mt-1">
                {#each searching.preview?.rows ?? [] as row (row.id)}
                    <li class="border-b border-dashed border-hair py-1.5" data-found={row.title}>
                        <a class="word" href={row.address}>{row.title}</a>{#if row.soldOut}<span class="text-quiet">
                                · sold out</span
                            >{/if}
                        <span class="block text-xs text-quiet"
                            >{row.why.length === 0 ? 'its code begins so' : row.why.join(' · ')}</span
                        >
                    </li>
                {/each}
            </ol>
        </div>
    </div>
</section>
