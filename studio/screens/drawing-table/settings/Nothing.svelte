<script lang="ts">
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
</script>

<section class="px-4 pt-3 text-quiet" aria-label="Settings">
    <h2 class="text-lg text-ink">Nothing is selected</h2>
    <p class="mt-2">
        Click a block on the page or in the outline to change what it shows, how it looks and when it appears.
    </p>
    {#if table.isCard}
        <p class="mt-2">
            To change the card itself: <button class="word" onclick={() => table.select(table.draft.tree.id)}
                >its distances, ground and link</button
            >.
        </p>
    {:else if table.isPage}
        <p class="mt-2">
            To change the {table.thing} itself:
            <button class="word" onclick={() => table.select(table.draft.tree.id)}
                >{table.thing === 'page'
                    ? 'its background, header and footer'
                    : table.thing === 'header'
                      ? 'its background, and what it does on scrolling'
                      : 'its background'}</button
            >.
        </p>
    {/if}
    {#if table.isEmpty && table.mayEdit}
        <div class="mt-3 border-t border-dashed border-hair pt-2">
            <p>The {table.thing} is empty. Begin with a block from the shelf, or with a start:</p>
            <ul class="mt-1">
                {#each table.now.data.starts as start (start.name)}
                    <li>
                        <button class="word min-h-6" title={start.words} onclick={() => void table.begin(start)}
                            >{start.title}</button
                        >
                    </li>
                {/each}
            </ul>
        </div>
    {/if}
    <p class="mt-2">
        To put something new on the {table.thing}, open the
        <button class="word" onclick={() => (table.row = 'shelf')}>shelf</button> below.
    </p>
</section>
