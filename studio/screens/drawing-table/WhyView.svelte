<script lang="ts">
    import { heading } from '../../lib/focus';
    import LadderView from '../../parts/LadderView.svelte';
    import { Why } from '../../parts/why.svelte';
    import type { Table } from './table.svelte';

    let { table, mayPublish }: { table: Table; mayPublish: boolean } = $props();
    const why = new Why();
    const sample = $derived(table.sample);
    const look = (id: number): void => void why.look(table.data.template.pageKind, id);

    $effect(() => {
        void why.at;
        if (sample) look(sample.id);
    });
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-3xl px-8 py-8">
        <h2 class="text-2xl" {@attach heading}>
            Why does {sample?.title ?? `this ${table.about.words.one}`}
            {table.about.thing === 'page' ? 'look like this' : `have this ${table.about.thing}`}?
        </h2>
        {#if why.ladder && sample}
            <LadderView ladder={why.ladder} {mayPublish} changed={() => look(sample.id)} />
        {:else}
            <p class="text-quiet">Asking every template…</p>
        {/if}
        <div class="mt-5 flex items-center gap-4">
            <button class="button" onclick={() => (table.view = 'page')}>Back to the page</button>
            <label class="text-quiet">As on <input class="field ml-1" type="date" bind:value={why.at} /></label>
        </div>
    </div>
</div>
