<script lang="ts">
    import type { Snippet } from 'svelte';
    import { counted, number } from '../../lib/words';
    import type { FoundList } from './list.svelte';
    import PasteBox from './PasteBox.svelte';

    /** What is selected, how to select more or less, and what can be done with it. */
    let { list, deeds }: { list: FoundList; deeds?: Snippet } = $props();
    const { selecting } = $derived(list);
    const state = $derived(selecting.state);
    const called = $derived(counted(state.count, list.words.one, list.words.many));
</script>

<div class="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1" role="group" aria-label="Selection">
    <p role="status">
        {#if state.count === 0}<span class="text-quiet">Nothing is selected.</span>
        {:else}<strong>{called}</strong> selected.{/if}
        {#if state.gone > 0}<span class="text-quiet"
                >{counted(state.gone, 'other is', 'others are')} no longer there.</span
            >{/if}
    </p>
    {#if list.total > 0}
        <button class="word" disabled={selecting.busy} onclick={() => void selecting.all('all')}
            >select all {number(list.total)}{list.filter.selected ? '' : ' that match'}</button
        >
    {/if}
    {#if state.count > 0}
        <button class="word" disabled={selecting.busy} onclick={() => void selecting.all('allBut')}
            >all but these</button
        >
        <label class="flex items-baseline gap-1.5"
            ><input
                type="checkbox"
                checked={list.filter.selected}
                onchange={(event) => void list.find({ selected: event.currentTarget.checked })}
            />only what is selected</label
        >
    {/if}
    <PasteBox {list} />
    {#if state.count > 0}<button class="word text-quiet" onclick={() => void selecting.nothing()}>select nothing</button
        >{/if}
    {#if state.undo}<button class="word text-quiet" onclick={() => void selecting.all('undo')}
            >undo what was selected last</button
        >{/if}
</div>
{@render deeds?.()}
