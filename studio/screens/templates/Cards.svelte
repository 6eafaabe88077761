<script lang="ts">
    import { counted, when } from '../../lib/words';
    import DeedMenu from '../../parts/DeedMenu.svelte';
    import Inline from '../../parts/Inline.svelte';
    import Thumbnail from '../../parts/Thumbnail.svelte';
    import type { Deeds } from '../../lib/deeds.svelte';
    import WhatItWouldDo from '../../parts/WhatItWouldDo.svelte';
    import type { CardList } from './cards.svelte';
    import type { CardRow } from './types';

    let {
        cards,
        deeds,
        query,
        may,
    }: { cards: CardList; deeds: Deeds; query: string; may: { edit: boolean; publish: boolean } } = $props();
    let renaming = $state<number | null>(null);
    const MOST_PLACES = 4;

    function rename(card: CardRow, name: string): void {
        renaming = null;
        void cards.rename(card, name);
    }

    function deedsOf(card: CardRow) {
        return [
            { words: 'Rename', can: may.edit, do: () => (renaming = card.id) },
            { words: 'Copy', can: may.edit, do: () => void cards.copy(card) },
            {
                words: 'Make it the fallback…',
                can: may.publish && card.live && !card.fallback,
                do: () => cards.makeFallback(card),
            },
            { words: 'Delete', can: may.edit, do: () => void cards.drop(card) },
        ].filter((deed) => deed.can);
    }
</script>

<section class="mt-10" aria-labelledby="cards">
    <h2 id="cards" class="text-lg">Cards</h2>
    <p class="text-sm text-quiet">
        How one product looks in a list. Click a product on a page that is being drawn to change its card where it
        stands.
    </p>
    <table class="stacks mt-2 w-full border-collapse text-left">
        <thead class="text-quiet">
            <tr class="border-b border-hair">
                <th class="py-2 pr-4 font-normal" scope="col"><span class="unseen">Look</span></th>
                <th class="py-2 pr-4 font-normal" scope="col">Card</th>
                <th class="py-2 pr-4 font-normal" scope="col">State</th>
                <th class="py-2 pr-4 font-normal" scope="col">Stands on</th>
                <th class="py-2 pr-4 font-normal" scope="col">Changed</th>
                <th class="py-2 font-normal" scope="col"><span class="unseen">Do</span></th>
            </tr>
        </thead>
        <tbody>
            {#each cards.named(query) as card (card.id)}
                <tr class="border-b border-hair align-baseline" data-card={card.name}>
                    <td class="w-28 py-3 pr-4 align-top"
                        ><Thumbnail
                            address="/studio/templates/{card.id}/look"
                            words="{card.name} as it looks"
                            height={66}
                        /></td
                    >
                    <td class="py-3 pr-4">
                        {#if renaming === card.id}
                            <Inline
                                label="New name"
                                value={card.name}
                                max={80}
                                done={(text) => rename(card, text)}
                                leave={() => (renaming = null)}
                            />
                        {:else}
                            <a class="font-name text-lg hover:underline" href="/studio/templates/{card.id}"
                                >{card.name}</a
                            >
                        {/if}
                        {#if card.fallback}<p class="text-sm text-quiet">
                                the fallback: wherever no other was chosen
                            </p>{/if}
                    </td>
                    <td class="py-3 pr-4"
                        >{card.live ? 'live' : 'draft, not in the shop yet'}{card.live && card.unpublished > 0
                            ? ` · ${counted(card.unpublished, 'change')} not published`
                            : ''}</td
                    >
                    <td class="py-3 pr-4">
                        {#each card.places.slice(0, MOST_PLACES) as place, index (place.id)}{index > 0 ? ', ' : ''}<a
                                class="word"
                                href="/studio/templates/{place.id}">{place.name}</a
                            >{place.live ? '' : ' (draft)'}{:else}<span class="text-quiet">no template</span>{/each}
                        {#if card.places.length > MOST_PLACES}and {card.places.length - MOST_PLACES} more{/if}
                    </td>
                    <td class="py-3 pr-4 text-quiet"
                        >{when(card.changedAt)}{#if card.changedBy}, {card.changedBy}{/if}</td
                    >
                    <td class="py-3 text-right whitespace-nowrap">
                        {#if may.edit}<DeedMenu name={card.name} deeds={deedsOf(card)} />{/if}
                    </td>
                </tr>
                {#if deeds.asked?.deed.at === String(card.id)}
                    <tr
                        ><td colspan="6" class="py-3"
                            ><WhatItWouldDo {deeds} words={deeds.asked.deed.words} impact={deeds.asked.impact} /></td
                        ></tr
                    >
                {/if}
            {:else}
                <tr><td colspan="6" class="py-3 text-quiet">No card is called that.</td></tr>
            {/each}
        </tbody>
    </table>
</section>
