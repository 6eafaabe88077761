<script lang="ts">
    import { untrack } from 'svelte';
    import { AddressName } from '../../lib/addressName';
    import { text } from '../../lib/fields';
    import type { Screen } from '../../lib/types';
    import Chosen from '../../parts/catalogue/Chosen.svelte';
    import History from '../../parts/catalogue/History.svelte';
    import Line from '../../parts/catalogue/Line.svelte';
    import PageOfItsOwn from '../../parts/PageOfItsOwn.svelte';
    import SaveBox from '../../parts/catalogue/SaveBox.svelte';
    import Uses from '../../parts/catalogue/Uses.svelte';
    import Frame from '../../parts/Frame.svelte';
    import Rich from '../../parts/catalogue/Rich.svelte';
    import Days from './Days.svelte';
    import FactRow from './FactRow.svelte';
    import { ProductForm } from './form.svelte';
    import Options from './Options.svelte';
    import OwnPictures from './OwnPictures.svelte';
    import { Product } from './product.svelte';
    import type { ProductData } from './types';
    import Variants from './Variants.svelte';

    let { screen }: { screen: Screen<ProductData> } = $props();
    const { product, facts, contents } = untrack(() => screen.data);
    const form = untrack(() => new ProductForm(screen.data.form, screen.data.template, screen.user.id));
    const { ledger, at } = form;
    const address = new AddressName(ledger, at, 'product');
    const state = new Product(
        untrack(() => screen.data),
        form.isNew ? { ledger, at } : null,
    );
    const may = $derived(screen.may.edit);
    const groups = [...new Set(facts.map((fact) => fact.group))];
    const template = $derived(form.template);
    /** The address name that is stored: what is typed leads nowhere yet. */
    const slug = $derived(text(ledger.stands[at]?.slug));
    const title = $derived(text(ledger.value(at, 'title')));

    $effect(() => {
        const pictures = state.pictures;
        if (!form.isNew) untrack(() => ledger.know(at, 'pictures', pictures));
    });

    function named(next: string): void {
        if (form.isNew) address.named(next);
    }

    function leave(): void {
        ledger.putBack();
        if (form.isNew) location.assign('/studio/catalogue');
    }
</script>

<Frame {screen} here="Catalogue" place="Products" wide>
    <div class="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 md:grid-cols-[minmax(0,1fr)_260px]">
        <div class="min-w-0">
            <h1 class="text-2xl">{form.isNew ? title || 'A new product' : title}</h1>
            {#if !form.isNew}
                <p class="mt-1 text-quiet">
                    {ledger.value(at, 'published') === true ? '' : 'Hidden from customers · '}<a
                        class="word"
                        href="/p/{slug}">see it in the shop</a
                    >
                </p>
            {/if}
            <section class="mt-5" aria-label="What it is">
                <Line {ledger} {at} field="title" label="Title" {may} changed={named} />
                <Line
                    {ledger}
                    {at}
                    field="slug"
                    label="Address name"
                    {may}
                    most={120}
                    help="In the shop at /p/{text(ledger.value(at, 'slug'))}"
                />
                <Rich {ledger} {at} field="shortDescription" label="Short description" {may} />
                <Rich {ledger} {at} field="description" label="Description" {may} />
                <Chosen {ledger} {at} field="brand" label="Brand" things="brand" {may} />
                <Chosen
                    {ledger}
                    {at}
                    field="categories"
                    main="mainCategory"
                    label="Categories"
                    things="category"
                    {may}
                    several
                />
                <Chosen {ledger} {at} field="tags" label="Tags" things="tag" {may} several />
                <label class="grid gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]">
                    <span>Customers see it</span>
                    <input
                        class="justify-self-start"
                        type="checkbox"
                        disabled={!may}
                        checked={ledger.value(at, 'published') === true}
                        onchange={(event) => ledger.set(at, 'published', event.currentTarget.checked)}
                    />
                </label>
                <Days {ledger} {at} zone={screen.data.form.zone} {may} />
            </section>
            <div class="mt-7"><OwnPictures product={state} {may} /></div>
            <section class="mt-7" aria-labelledby="variants-title">
                <h2 id="variants-title" class="text-lg">What is sold</h2>
                <div class="mt-2"><Options {form} {may} /></div>
                <div class="mt-3"><Variants {form} {may} /></div>
            </section>
            <section class="mt-7" aria-labelledby="search-title">
                <h2 id="search-title" class="text-lg">For search engines</h2>
                <Line {ledger} {at} field="searchTitle" label="Title" {may} help="Empty: the title above." />
                <Line
                    {ledger}
                    {at}
                    field="searchDescription"
                    label="Words"
                    {may}
                    long
                    most={500}
                    help="Empty: the short description."
                />
            </section>
            {#if form.isNew}
                <p class="mt-7 text-quiet">Facts follow once it is saved.</p>
            {:else}
                <section class="mt-8" aria-labelledby="facts-title">
                    <h2 id="facts-title" class="text-lg">Facts</h2>
                    {#if facts.length === 0}
                        <p class="text-quiet">
                            The shop has no facts yet. <a class="word" href="/studio/facts">Define the first one</a>;
                            then it can be filled in here.
                        </p>
                    {/if}
                    {#each groups as group (group)}
                        {#if group !== ''}<h3 class="mt-4 font-sans font-semibold">{group}</h3>{/if}
                        {#each facts.filter((fact) => fact.group === group) as fact (fact.id)}
                            <FactRow product={state} {fact} content={contents[fact.id] ?? null} {may} />
                        {/each}
                    {/each}
                </section>
                <Uses thing="product" {may} deleting={form.deleting} ask={() => form.askToDelete()} />
                {#if may}<p class="mt-2">
                        <button class="word" onclick={() => form.makeAlike()}>Make another one like it…</button>
                    </p>{/if}
            {/if}
        </div>
        <aside
            class="self-start border-hair max-md:border-t max-md:pt-4 md:sticky md:top-4 md:border-l md:pl-6"
            aria-label="Its page"
        >
            {#if template}
                <p>Its page is laid out by</p>
                <p class="font-name text-lg">{template.name}</p>
                <p class="text-sm leading-6">
                    <a class="word" href="/studio/why/product/{slug}">why this one?</a> ·
                    <a class="word" href="/studio/templates/{template.id}?sample={product.id}"
                        >open it with this product</a
                    >
                </p>
                {#if may}<p class="text-sm leading-6">
                        <PageOfItsOwn pageKind="product" subject={product.id} one="product" />
                    </p>{/if}
            {/if}
            <div class="mt-5 border-t border-hair pt-4"><SaveBox {ledger} {may} {leave} /></div>
            {#if !form.isNew}<div class="mt-6 border-t border-hair pt-4">
                    <History thing="product" id={product.id} {may} {ledger} />
                </div>{/if}
        </aside>
    </div>
</Frame>
