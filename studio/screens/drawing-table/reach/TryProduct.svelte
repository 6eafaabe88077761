<script lang="ts">
    import { get } from '../../../lib/http';
    import { notices } from '../../../lib/notices.svelte';
    import type { Table } from '../table.svelte';

    interface Name {
        id: number;
        name: string;
    }

    let { table, product, choose }: { table: Table; product: Name | null; choose: (product: Name | null) => void } = $props();
    let query = $state('');
    let found = $state.raw<Name[]>([]);
    let asked = 0;

    async function find(): Promise<void> {
        const mine = ++asked;
        if (query.trim() === '') {
            found = [];
            return;
        }
        try {
            const answer = await get<{ names: Name[] }>(`/studio/names/product?q=${encodeURIComponent(query)}`);
            if (mine === asked) found = answer.names.slice(0, 6);
        } catch (error) {
            notices.trouble(error);
        }
    }

    function take(name: Name): void {
        choose(name);
        query = '';
        found = [];
    }
</script>

<div class="flex flex-wrap items-center gap-3 text-base">
    <label>
        <span class="text-quiet">Try a product: </span>
        <input
            class="field w-56"
            type="search"
            placeholder="Any product…"
            bind:value={query}
            oninput={find}
            onkeydown={(event) => event.key === 'Enter' && found[0] && take(found[0])}
        />
    </label>
    {#if table.sample && table.sample.id !== product?.id && found.length === 0}
        <button class="word" onclick={() => table.sample && take({ id: table.sample.id, name: table.sample.title })}>{table.sample.title}</button>
    {/if}
    {#each found as name (name.id)}<button class="word" onclick={() => take(name)}>{name.name}</button>{/each}
    {#if product}<button class="text-sm text-quiet hover:text-ink" onclick={() => choose(null)}>stop trying</button>{/if}
</div>
