<script lang="ts">
    import type { Snippet } from 'svelte';
    import { counted } from '../../lib/words';
    import type { FoundData, Screen } from '../../lib/types';
    import KeptFilters from './KeptFilters.svelte';
    import type { FoundList } from './list.svelte';
    import Order from './Order.svelte';
    import Rows from './Rows.svelte';
    import SelectionBar from './SelectionBar.svelte';
    import Sentence from './Sentence.svelte';

    interface Props {
        screen: Screen<FoundData>;
        list: FoundList;
        /** How the sentence begins. */
        begin: Snippet;
        /** What can be done with what is selected. */
        deeds?: Snippet;
        empty?: string;
    }

    let { screen, list, begin, deeds, empty = '' }: Props = $props();
</script>

<div class="mt-3 text-lg leading-9">{@render begin()} <Sentence {screen} {list} /></div>
<div class="mt-1 flex flex-wrap items-baseline justify-between gap-x-6">
    <p class="text-quiet">
        <span role="status">{counted(list.total, list.words.one, list.words.many)}</span>, <Order {list} />
    </p>
    <KeptFilters {list} mayKeep={screen.may.edit} />
</div>
{#if list.selects}<SelectionBar {list} {deeds} />{/if}
{#if list.total === 0}
    <p class="mt-4">No {list.words.one} fits this sentence. Take something out of it{empty}.</p>
{:else}
    <Rows {list} digits={screen.data.terms?.currency.digits ?? 2} />
{/if}
