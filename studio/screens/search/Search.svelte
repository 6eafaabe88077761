<script lang="ts">
    import { untrack } from 'svelte';
    import type { Screen, SearchData } from '../../lib/types';
    import { counted } from '../../lib/words';
    import Frame from '../../parts/Frame.svelte';
    import Groups from './Groups.svelte';
    import { Searching } from './search.svelte';
    import SearchRow from './SearchRow.svelte';
    import Where from './Where.svelte';

    let { screen }: { screen: Screen<SearchData> } = $props();
    const searching = new Searching(untrack(() => screen.data));
    let typing: ReturnType<typeof setTimeout> | undefined;

    function find(text: string): void {
        searching.query = text;
        clearTimeout(typing);
        typing = setTimeout(() => void searching.load(), 200);
    }

    function show(nothing: boolean): void {
        searching.nothing = nothing;
        void searching.load();
    }
</script>

<Frame {screen} here="Catalogue" place="Search">
    <h1 class="text-2xl">What customers looked for</h1>
    <p class="mt-1 text-quiet">
        In the last {counted(screen.data.days, 'day', 'days')}: words and how often, nothing about who it was.
    </p>
    <div class="mt-5 flex flex-wrap items-center gap-5">
        <p class="flex flex-wrap gap-5" role="group" aria-label="Which searches">
            <button
                class={searching.nothing ? 'font-semibold' : 'word'}
                aria-pressed={searching.nothing}
                onclick={() => show(true)}>Found nothing</button
            >
            <button
                class={searching.nothing ? 'word' : 'font-semibold'}
                aria-pressed={!searching.nothing}
                onclick={() => show(false)}>All</button
            >
        </p>
        <input
            class="field w-60"
            aria-label="Find among these searches"
            placeholder="Find…"
            maxlength="100"
            oninput={(event) => find(event.currentTarget.value)}
        />
        <p class="text-quiet" role="status" data-searches>{counted(searching.total, 'search', 'searches')}</p>
    </div>
    <ul class="mt-3">
        {#each searching.rows as row (row.id)}
            <SearchRow {searching} {row} may={screen.may.edit} />
        {:else}
            <li class="py-3 text-quiet">
                {searching.query !== ''
                    ? 'None of these.'
                    : searching.nothing
                      ? 'Whatever customers looked for, they found something. What finds nothing stands here, with what can be done about it.'
                      : 'Nobody has looked for anything yet. What customers type into the shop’s search stands here.'}
            </li>
        {/each}
    </ul>
    {#if searching.more}<button class="word mt-3" onclick={() => void searching.next()}>More</button>{/if}
    <Groups {searching} may={screen.may.edit} />
    <Where {searching} may={screen.may.edit} />
</Frame>
