<script lang="ts">
    import type { Table } from '../table.svelte';
    import type { Reaching } from './reach.svelte';

    let { table, state: reaching }: { table: Table; state: Reaching } = $props();
    const found = $derived(reaching.found);
    const trying = $derived(reaching.trying);
</script>

<div class="flex flex-wrap items-center gap-3 text-base">
    <label>
        <span class="text-quiet">Try a {table.about.words.one}: </span>
        <input
            class="field w-56"
            type="search"
            placeholder="Any {table.about.words.one}…"
            bind:value={reaching.query}
            oninput={() => reaching.find()}
            onkeydown={(event) => event.key === 'Enter' && found[0] && reaching.take(found[0])}
        />
    </label>
    {#if table.sample && table.sample.id !== trying?.id && found.length === 0}
        <button class="word" onclick={() => table.sample && reaching.take(table.sample)}>{table.sample.title}</button>
    {/if}
    {#each found as one (one.id)}<button class="word" onclick={() => reaching.take(one)}>{one.title}</button>{/each}
    {#if trying}<button class="text-sm text-quiet hover:text-ink" onclick={() => reaching.take(null)}
            >stop trying</button
        >{/if}
</div>
