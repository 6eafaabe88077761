<script lang="ts">
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
</script>

<section class="px-4 pt-3 text-quiet" aria-label="Settings">
    <h2 class="text-lg text-ink">Nothing is selected</h2>
    <p class="mt-2">
        Click a block on the page or in the outline to change what it shows, how it looks and when it appears.
    </p>
    {#if table.about.isCard}
        <p class="mt-2">
            To change the card itself: <button class="word" onclick={() => table.selection.select(table.draft.tree.id)}
                >its distances, ground and link</button
            >.
        </p>
    {:else if table.about.isPage}
        <p class="mt-2">
            To change the {table.about.thing} itself:
            <button class="word" onclick={() => table.selection.select(table.draft.tree.id)}
                >{table.about.thing === 'page'
                    ? 'its background, header and footer'
                    : table.about.thing === 'header'
                      ? 'its background, and what it does on scrolling'
                      : 'its background'}</button
            >.
        </p>
    {/if}
    {#if table.about.isEmpty && table.mayEdit}
        <div class="mt-3 border-t border-dashed border-hair pt-2">
            <p>The {table.about.thing} is empty. Begin with a block from the shelf, or with a start:</p>
            <ul class="mt-1">
                {#each table.now.data.starts as start (start.name)}
                    <li>
                        <button class="word min-h-6" title={start.words} onclick={() => void table.edits.begin(start)}
                            >{start.title}</button
                        >
                    </li>
                {/each}
            </ul>
        </div>
    {/if}
    <p class="mt-2">
        To put something new on the {table.about.thing}, open the
        <button class="word" onclick={() => table.row.show('shelf')}>shelf</button> below.
    </p>
</section>
