<script lang="ts">
    import { get } from '../../../lib/http';
    import { notices } from '../../../lib/notices.svelte';
    import type { PageRow } from '../../../lib/types';
    import type { SamplePage } from '../types';
    import type { Table } from '../table.svelte';

    let { table, page, choose }: { table: Table; page: PageRow | null; choose: (page: PageRow | null) => void } = $props();
    let query = $state('');
    let found = $state.raw<PageRow[]>([]);
    let asked = 0;

    async function find(): Promise<void> {
        const mine = ++asked;
        if (query.trim() === '') {
            found = [];
            return;
        }
        try {
            const answer = await get<SamplePage>(`${table.base}/samples?q=${encodeURIComponent(query)}`);
            if (mine === asked) found = answer.samples.slice(0, 6);
        } catch (error) {
            notices.trouble(error);
        }
    }

    function take(one: PageRow): void {
        choose(one);
        query = '';
        found = [];
    }
</script>

<div class="flex flex-wrap items-center gap-3 text-base">
    <label>
        <span class="text-quiet">Try a {table.words.one}: </span>
        <input
            class="field w-56"
            type="search"
            placeholder="Any {table.words.one}…"
            bind:value={query}
            oninput={find}
            onkeydown={(event) => event.key === 'Enter' && found[0] && take(found[0])}
        />
    </label>
    {#if table.sample && table.sample.id !== page?.id && found.length === 0}
        <button class="word" onclick={() => table.sample && take(table.sample)}>{table.sample.title}</button>
    {/if}
    {#each found as one (one.id)}<button class="word" onclick={() => take(one)}>{one.title}</button>{/each}
    {#if page}<button class="text-sm text-quiet hover:text-ink" onclick={() => choose(null)}>stop trying</button>{/if}
</div>
