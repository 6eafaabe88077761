<script lang="ts">
    import { untrack } from 'svelte';
    import type { Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import FactRow from './FactRow.svelte';
    import OwnPictures from './OwnPictures.svelte';
    import { Product } from './product.svelte';
    import type { ProductData } from './types';

    let { screen }: { screen: Screen<ProductData> } = $props();
    const { product, template, facts, contents } = untrack(() => screen.data);
    const state = new Product(untrack(() => screen.data));
    const may = $derived(screen.may.edit);
    const groups = [...new Set(facts.map((fact) => fact.group))];
</script>

<Frame {screen} here="Facts">
    <p><a class="word" href="/studio/facts">All products and their facts</a></p>
    <h1 class="mt-2 text-2xl">{product.title}</h1>
    <p class="mt-1 text-quiet">
        {[product.category, product.brand, product.published ? null : 'hidden from customers'].filter((one) => one !== null).join(' · ')}
    </p>
    <p class="mt-2">
        Its page is laid out by “{template.name}”.
        <a class="word" href="/studio/templates/{template.id}?sample={product.id}">Open it with this product</a> ·
        <a class="word" href="/studio/why/product/{product.slug}">why this one?</a> ·
        <a class="word" href="/p/{product.slug}">see it in the shop</a>
    </p>
    <div class="mt-7"><OwnPictures product={state} {may} /></div>
    <section class="mt-8" aria-labelledby="facts-title">
        <h2 id="facts-title" class="text-lg">Facts</h2>
        {#if facts.length === 0}
            <p class="text-quiet">The shop has no facts yet. <a class="word" href="/studio/facts">Define the first one</a>; then it can be filled in here.</p>
        {/if}
        {#each groups as group (group)}
            {#if group !== ''}<h3 class="mt-4 font-sans font-semibold">{group}</h3>{/if}
            {#each facts.filter((fact) => fact.group === group) as fact (fact.id)}
                <FactRow product={state} {fact} content={contents[fact.id] ?? null} {may} />
            {/each}
        {/each}
    </section>
</Frame>
