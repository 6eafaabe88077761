<script lang="ts">
    import type { Search } from '../../lib/types';
    import { counted } from '../../lib/words';
    import type { Searching } from './search.svelte';

    let { searching, row, may }: { searching: Searching; row: Search; may: boolean } = $props();
    const day = (written: string): string =>
        new Date(`${written}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' });
    let open = $state(false);
    let near = $state.raw<string[] | null>(null);
    let typed = $state('');

    async function unfold(): Promise<void> {
        open = !open;
        if (open && near === null) near = await searching.near(row.name);
    }

    async function same(word: string): Promise<void> {
        if (word.trim() !== '' && (await searching.keep([row.name, word.trim()]))) open = false;
    }
</script>

<li class="border-b border-dashed border-hair py-2.5" data-search={row.name}>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <span class="min-w-0 flex-1 break-words">“{row.name}”</span>
        <span class="figures text-quiet"
            >{counted(row.times, 'time', 'times')}{row.lastOn ? `, last on ${day(row.lastOn)}` : ''}</span
        >
        <span class="figures w-28 text-right {row.results === 0 ? 'text-trouble' : ''}"
            >{row.results === 0 ? 'found nothing' : `found ${row.results.toString()}`}</span
        >
        <a class="word" href="/search?q={encodeURIComponent(row.name)}">in the shop</a>
        {#if may && row.results === 0}
            <button class="word" aria-expanded={open} onclick={() => void unfold()}>what did they mean?</button>
        {/if}
    </div>
    {#if open}
        <div class="mt-2 rounded bg-sheet p-3">
            {#if near !== null && near.length > 0}
                <p class="flex flex-wrap items-baseline gap-x-3 gap-y-1">
                    <span class="text-quiet">It means the same as</span>
                    {#each near as word (word)}<button class="word" onclick={() => void same(word)}>“{word}”</button
                        >{/each}
                </p>
            {:else if near !== null}
                <p class="text-quiet">No word of the shop is written like it.</p>
            {/if}
            <form
                class="mt-2 flex flex-wrap items-center gap-2"
                onsubmit={(event) => {
                    event.preventDefault();
                    void same(typed);
                }}
            >
                <label for="same-{row.id}" class="text-quiet">or the same as</label>
                <input
                    id="same-{row.id}"
                    class="field w-56"
                    maxlength="60"
                    bind:value={typed}
                    placeholder="a word that you use"
                />
                <button class="button" disabled={typed.trim() === ''}>Keep it</button>
            </form>
        </div>
    {/if}
</li>
