<script lang="ts">
    import { untrack } from 'svelte';
    import type { FoundData, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { asked } from '../../parts/list/address';
    import { FoundList } from '../../parts/list/list.svelte';
    import Deeds from '../../parts/list/Deeds.svelte';
    import PageList from '../../parts/list/PageList.svelte';

    let { screen }: { screen: Screen<FoundData> } = $props();
    const list = untrack(() => new FoundList(screen.data));
</script>

<Frame {screen} here="Catalogue" place="Products" wide>
    <div class="flex items-baseline justify-between gap-6">
        <h1 class="text-2xl">Products</h1>
        <span class="flex items-baseline gap-5">
            {#if list.total > 0}<a class="word" href="/studio/catalogue/sheet?{asked(list.filter)}"
                    >Prices and stock as a sheet</a
                >{/if}
            {#if screen.may.edit}<a class="button button-next" href="/studio/products/new">Make a product</a>{/if}
        </span>
    </div>
    <PageList {screen} {list} empty={screen.may.edit ? ', or make a product' : ''}>
        {#snippet begin()}Products{/snippet}
        {#snippet deeds()}<Deeds {screen} {list} />{/snippet}
    </PageList>
</Frame>
