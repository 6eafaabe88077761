<script lang="ts">
    import { untrack } from 'svelte';
    import type { Drag } from '../deeds/drag.svelte';
    import SampleLine from './SampleLine.svelte';
    import SampleRow from './SampleRow.svelte';
    import { Samples } from './samples.svelte';
    import Shelf from './Shelf.svelte';
    import type { Table } from '../table.svelte';

    let { table, drag }: { table: Table; drag: Drag } = $props();
    const words = { samples: 'Samples', shelf: 'Shelf' } as const;
    const found = untrack(() => new Samples(table));

    const reach = $derived(JSON.stringify(table.page.draft.reach));
    $effect(() => {
        void [reach, found.query, table.lacking];
        const wait = setTimeout(() => void found.load(), 150);
        return () => clearTimeout(wait);
    });
</script>

<section
    class="grid border-t border-hair {table.row.isOpen
        ? 'h-31 grid-cols-[132px_minmax(0,1fr)]'
        : 'h-10 grid-cols-[auto_minmax(0,1fr)]'}"
    aria-label={words[table.row.which]}
    data-area="row"
    tabindex="-1"
>
    <div class="flex px-4 {table.row.isOpen ? 'flex-col items-start gap-1 py-2.5' : 'items-center gap-4'}">
        {#each ['samples', 'shelf'] as const as row (row)}
            <button
                class="font-name text-lg leading-tight {table.row.which === row
                    ? 'border-b-2 border-ink'
                    : 'text-quiet hover:text-ink'}"
                aria-pressed={table.row.which === row}
                onclick={() => table.row.show(row)}>{words[row]}</button
            >
        {/each}
        <button
            class="min-h-6 text-sm text-quiet hover:text-ink {table.row.isOpen ? 'mt-auto' : ''}"
            aria-expanded={table.row.isOpen}
            onclick={() => table.row.toggle()}
            >{table.row.isOpen ? 'Fold' : 'Unfold'}<span class="unseen"> this row</span></button
        >
    </div>
    {#if !table.row.isOpen}
        <SampleLine {table} {found} />
    {:else if table.row.which === 'samples'}
        <SampleRow {table} {found} />
    {:else}
        <Shelf {table} {drag} />
    {/if}
</section>
