<script lang="ts">
    import { counted } from '../../lib/words';
    import MatterSteps from '../MatterSteps.svelte';
    import type { FoundList } from './list.svelte';
    import { RuleMatters } from './matters.svelte';

    /** What the rules for these pages need, beside the list; looked for once the list is there. */
    let { list, mayPublish }: { list: FoundList; mayPublish: boolean } = $props();
    const found = new RuleMatters();
    const { matters } = $derived(found);

    $effect(() => {
        if (list.ruled >= 0) void found.look(list.filter.kind);
    });
</script>

{#if matters.length > 0}
    <details class="mt-1" data-rule-matters>
        <summary class="cursor-pointer text-quiet"
            >{counted(matters.length, 'thing', 'things')} in the rules for these pages to look at</summary
        >
        <ul class="mt-1 max-w-3xl">
            {#each matters as matter (matter.words)}
                <li class="border-b border-dashed border-hair py-2" data-matter={matter.what}>
                    <p>{matter.words}</p>
                    <p class="flex gap-4">
                        <MatterSteps
                            {matter}
                            {mayPublish}
                            again={() => {
                                list.ruled++;
                                void list.again();
                            }}
                        />
                    </p>
                </li>
            {/each}
        </ul>
    </details>
{/if}
