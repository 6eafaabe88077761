<script lang="ts">
    import type { FoundList } from './list.svelte';

    /** In which order the list stands. */
    let { list }: { list: FoundList } = $props();
    const sorts = $derived([
        { value: 'title', words: 'by title' },
        ...(list.isProducts
            ? [
                  { value: 'new', words: 'the newest first' },
                  { value: 'cheap', words: 'the cheapest first' },
                  { value: 'dear', words: 'the dearest first' },
              ]
            : []),
        { value: 'template', words: 'by template' },
    ]);
</script>

<select
    aria-label="In which order"
    class="field ml-2 min-h-7 py-0.5"
    value={list.filter.sort}
    onchange={(event) => void list.find({ sort: event.currentTarget.value })}
>
    {#each sorts as sort (sort.value)}<option value={sort.value}>{sort.words}</option>{/each}
</select>
