<script lang="ts">
    import { answer } from '../../lib/focus';
    import type { Deleting } from '../../lib/deleting.svelte';
    import { untrack } from 'svelte';
    import { counted, listed } from '../../lib/words';

    /** What uses a thing of the catalogue, said before it is deleted. */
    let { thing, may, deleting, ask }: { thing: string; may: boolean; deleting: Deleting; ask: () => void } = $props();
    const uses = $derived(deleting.uses ?? { products: 0, beneath: null, rules: [], pages: [], collections: [] });
    untrack(() => void deleting.look());
    const holds = $derived(thing !== 'product');
    const templates = $derived([
        ...uses.rules,
        ...uses.pages.filter((page) => !uses.rules.some((rule) => rule.id === page.id)),
    ]);
</script>

<section class="mt-7" aria-labelledby="uses-title">
    <h2 id="uses-title" class="text-lg">What uses it</h2>
    <p class="mt-1" data-uses>
        {#if deleting.uses === null}<span class="text-quiet">Looking…</span>{:else}
            {holds
                ? uses.beneath === null || uses.beneath === uses.products
                    ? `${counted(uses.products, 'product')}. `
                    : `${counted(uses.products, 'product')} filed in it itself, ${uses.beneath} with all beneath it. `
                : ''}{uses.collections.length > 0 ? `By rule: ${listed(uses.collections)}. ` : ''}
            {#each templates as template (template.id)}
                <span
                    >The template <a class="word" href="/studio/templates/{template.id}">{template.name}</a> names it.&#32;</span
                >
            {/each}
            {#if !holds && templates.length === 0 && uses.collections.length === 0}No template and no rule names it.{/if}
        {/if}
    </p>
    {#if may}
        {#if deleting.asked}
            <div class="mt-3 rounded-lg border border-dashed border-edge p-4" role="alert" {@attach answer}>
                <p>
                    {holds && uses.products > 0 && thing !== 'option'
                        ? `${counted(uses.products, 'product stands', 'products stand')} in it and will not any more. `
                        : ''}{uses.rules.length > 0 ? 'Conditions that name it will hold for nothing. ' : ''}{deleting
                        .asked.sentence || 'No page moves.'}
                </p>
                <p class="mt-2 flex gap-4">
                    <button class="button" onclick={() => void deleting.go()}>Delete it</button>
                    <button class="button" onclick={() => (deleting.asked = null)}>Keep it</button>
                </p>
                <p class="mt-1 text-sm text-quiet">It can be taken back in the history.</p>
            </div>
        {:else}
            <button class="word mt-2" onclick={ask}>Delete this {thing}…</button>
        {/if}
    {/if}
</section>
