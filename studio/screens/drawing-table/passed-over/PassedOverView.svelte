<script lang="ts">
    import { heading } from '../../../lib/focus';
    import { untrack } from 'svelte';
    import type { Table } from '../table.svelte';
    import { PassedOver } from './passedOver.svelte';

    let { table }: { table: Table } = $props();
    const passed = untrack(() => new PassedOver(table));
    const answer = $derived(passed.answer);
    const revision = $derived(table.draft.revision);

    $effect(() => {
        void revision;
        void passed.look();
    });
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-3xl px-8 py-8">
        <h2 class="text-2xl" {@attach heading}>What undo passed over</h2>
        <p class="mt-1 text-quiet">
            Undo or redo went past these steps of yours: somebody else has changed the same since, or it is not there
            any more. The newest stands first.
        </p>
        {#if answer && answer.steps.length === 0}
            <p class="mt-4" role="status">Nothing is left here.</p>
        {:else if answer}
            <ol class="mt-4" data-passed-over>
                {#each answer.steps as step (step.id)}
                    <li class="flex items-baseline gap-6 border-b border-hair py-2">
                        <div class="min-w-0 flex-1">
                            <strong class="font-semibold">{step.words}</strong>
                            <p class="text-quiet">{step.why}</p>
                        </div>
                        {#if step.can && table.mayEdit}
                            <button class="word shrink-0" onclick={() => void passed.takeBack(step)}
                                >{step.undoes ? 'Take it back after all' : 'Do it again after all'}</button
                            >
                        {/if}
                    </li>
                {/each}
            </ol>
            {#if answer.more}<button class="word mt-2" onclick={() => void passed.more()}>More</button>{/if}
        {:else}
            <p class="mt-4 text-quiet">Looking for them…</p>
        {/if}
    </div>
</div>
