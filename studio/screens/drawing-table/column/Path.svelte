<script lang="ts">
    import type { Table } from '../table.svelte';
    import { pathTo } from '../tree/tree';

    let { table, isOpen, toggle }: { table: Table; isOpen: boolean; toggle: () => void } = $props();
    const path = $derived(table.selection.id === null ? [] : pathTo(table.draft.tree, table.selection.id));
</script>

<nav
    class="flex h-9 shrink-0 items-center gap-2 border-b border-dashed border-hair px-4 text-sm"
    aria-label="Where it stands"
>
    <ol class="flex min-w-0 flex-1 items-center overflow-hidden whitespace-nowrap">
        {#each path as node, at (node.id)}
            {@const last = at === path.length - 1}
            <li class="flex items-center {last ? 'min-w-0 shrink' : 'shrink-0'}">
                {#if last}<span class="truncate font-semibold" aria-current="true">{table.about.nameOfNode(node)}</span>
                {:else}<button
                        class="max-w-20 truncate underline decoration-dotted underline-offset-4"
                        title={table.about.nameOfNode(node)}
                        onclick={() => table.selection.select(node.id, true)}>{table.about.nameOfNode(node)}</button
                    ><span class="px-1 text-quiet" aria-hidden="true">›</span>{/if}
            </li>
        {/each}
    </ol>
    <button class="shrink-0 text-quiet hover:text-ink" aria-expanded={isOpen} onclick={toggle}
        >outline <span aria-hidden="true">{isOpen ? '▴' : '▾'}</span></button
    >
</nav>
