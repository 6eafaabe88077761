<script lang="ts">
    import { heading } from '../../../lib/focus';
    import { counted } from '../../../lib/words';
    import { untrack } from 'svelte';
    import BeforeAfter from '../../../parts/BeforeAfter.svelte';
    import type { Table } from '../table.svelte';
    import { Comparing } from './compare.svelte';

    let { table }: { table: Table } = $props();
    const state = untrack(() => new Comparing(table));
    const answer = $derived(state.answer);
    const revision = $derived(table.draft.revision);

    $effect(() => {
        void revision;
        void state.look();
    });

    function go(id: string): void {
        table.view = id === '' ? 'reach' : 'page';
        if (id !== '') table.selection.select(id, true);
    }
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-6xl px-8 py-8">
        <h2 class="text-2xl" {@attach heading}>Draft and live</h2>
        {#if answer && !answer.live}
            <p class="mt-2">“{table.data.template.name}” is not live yet, so there is nothing to compare it with.</p>
        {:else if answer}
            <p class="mt-1 text-quiet" role="status">
                {answer.differences.length === 0
                    ? 'They are the same.'
                    : `${counted(answer.differences.length, 'thing is', 'things are')} different.`}
            </p>
            <ol class="mt-3 columns-2 gap-8">
                {#each answer.differences as difference, index (index)}
                    <li class="py-0.5">
                        <button class="word text-left" onclick={() => go(difference.id)}>{difference.words}</button>
                    </li>
                {/each}
            </ol>
            {#if table.sample}
                <div class="mt-5">
                    {#key revision}
                        <BeforeAfter
                            height={480}
                            before={{
                                words: `Live, with ${table.sample.title}`,
                                address: `${table.base}/page/${table.sample.id}`,
                            }}
                            after={{ words: 'The draft', address: `${table.base}/page/${table.sample.id}?draft=1` }}
                        />
                    {/key}
                </div>
            {/if}
            <div class="mt-6 flex gap-3">
                <button class="button" onclick={() => (table.view = 'page')}>Back to the page</button>
                {#if table.mayEdit && answer.differences.length > 0}
                    <button class="button" onclick={() => table.edits.throwAway()}>Throw the draft away</button>
                    <span class="self-center text-quiet">Like every step it can be taken back.</span>
                {/if}
            </div>
        {:else}
            <p class="mt-2 text-quiet">Looking for differences…</p>
        {/if}
    </div>
</div>
