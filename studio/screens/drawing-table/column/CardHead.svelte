<script lang="ts">
    import { counted } from '../../../lib/words';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    const card = $derived(table.now);
    const places = $derived(card.draft.places ?? []);
    const onPage = $derived(table.cards.open !== null);
    const grid = $derived(table.cards.grid === null || !onPage ? '' : nameOnPage());
    let asked = $state(false);

    function nameOnPage(): string {
        const node = table.cards.gridNode;
        return node ? table.about.nameOfNode(node) : '';
    }
</script>

<section class="border-b border-dashed border-hair px-4 py-2" aria-label="The card">
    {#if onPage}
        <p class="text-sm">
            <button class="word" onclick={() => table.cards.leave(false)}
                >{table.about.pageWords.page[0]?.toUpperCase()}{table.about.pageWords.page.slice(1)}</button
            >
            › <button class="word" onclick={() => table.cards.leave()}>{grid}</button> ›
            <strong class="font-semibold">Card</strong>
        </p>
        <p class="mt-1.5 truncate font-name text-lg" title={card.data.template.name}>{card.data.template.name}</p>
        <p class="text-sm text-quiet">
            card · {card.draft.unpublished > 0 ? `${counted(card.draft.unpublished, 'change')} not published` : 'live'}
        </p>
    {/if}
    <p class="mt-0.5 text-sm">
        {#if places.length === 0}Stands on no template yet.
        {:else}
            Stands in {card.draft.grids == null ? 'grids' : counted(card.draft.grids, 'grid')} on {counted(
                places.length,
                'template',
            )}.
            <button class="word" aria-expanded={asked} onclick={() => (asked = !asked)}>where?</button>
        {/if}
        {#if onPage && table.mayEdit && places.length + (card.draft.grids ?? 2) > 2}
            · <button
                class="word"
                title="Gives the products here a card of their own"
                onclick={() => void table.cards.onlyHere()}>only here</button
            >
        {/if}
        {#if onPage && card.draft.unpublished > 0}· <a class="word" href="{card.base}?view=publish">publish it alone</a
            >{/if}
    </p>
    {#if asked}
        <p class="mt-1 text-sm text-quiet">On {places.join(', ')}. All change together when the card is published.</p>
    {/if}
</section>
