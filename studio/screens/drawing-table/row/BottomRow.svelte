<script lang="ts">
    import type { Drag } from '../deeds/drag.svelte';
    import SampleRow from './SampleRow.svelte';
    import Shelf from './Shelf.svelte';
    import type { Table } from '../table.svelte';

    let { table, drag }: { table: Table; drag: Drag } = $props();
    let folded = $state(false);
    const words = { samples: 'Samples', shelf: 'Shelf' } as const;
</script>

<section
    class="grid border-t border-hair {folded
        ? 'h-10 grid-cols-[auto_minmax(0,1fr)]'
        : 'h-31 grid-cols-[132px_minmax(0,1fr)]'}"
    aria-label={words[table.row]}
    data-area="row"
>
    <div class="flex px-4 {folded ? 'items-center gap-4' : 'flex-col items-start gap-1 py-2.5'}">
        {#each ['samples', 'shelf'] as const as row (row)}
            <button
                class="font-name text-lg leading-tight {table.row === row
                    ? 'border-b-2 border-ink'
                    : 'text-quiet hover:text-ink'}"
                aria-pressed={table.row === row}
                onclick={() => {
                    table.row = row;
                    folded = false;
                }}>{words[row]}</button
            >
        {/each}
        <button
            class="text-xs text-quiet hover:text-ink {folded ? '' : 'mt-auto'}"
            aria-expanded={!folded}
            onclick={() => (folded = !folded)}>{folded ? 'Unfold' : 'Fold'}</button
        >
    </div>
    {#if folded}
        <p class="self-center truncate pr-4 text-quiet">{table.sample ? `Seen with ${table.sample.title}` : ''}</p>
    {:else if table.row === 'samples'}
        <SampleRow {table} />
    {:else}
        <Shelf {table} {drag} />
    {/if}
</section>
