<script lang="ts">
    import { untrack } from 'svelte';
    import { AddressName } from '../../lib/addressName';
    import { numbers, text } from '../../lib/fields';
    import { listed } from '../../lib/words';
    import type { Reach, Screen, ThingData } from '../../lib/types';
    import Chosen from '../../parts/catalogue/Chosen.svelte';
    import History from '../../parts/catalogue/History.svelte';
    import Merge from '../../parts/catalogue/Merge.svelte';
    import Line from '../../parts/catalogue/Line.svelte';
    import Picture from '../../parts/catalogue/Picture.svelte';
    import Uses from '../../parts/catalogue/Uses.svelte';
    import PageOfItsOwn from '../../parts/PageOfItsOwn.svelte';
    import SaveBox from '../../parts/catalogue/SaveBox.svelte';
    import Frame from '../../parts/Frame.svelte';
    import ProductsField from '../../parts/ProductsField.svelte';
    import { ThingState } from './thing.svelte';
    import RuleField from '../../parts/rules/RuleField.svelte';
    import Values from './Values.svelte';
    import { words } from './words';

    let { screen }: { screen: Screen<ThingData> } = $props();
    const state = untrack(() => new ThingState(screen.data.form, screen.user.id));
    const { ledger, at, thing } = state;
    const address = new AddressName(ledger, at, thing);
    const may = $derived(screen.may.edit);
    const said = words[thing] ?? { many: '', place: '', holds: '', about: '' };
    const path: Record<string, string> = { category: '/c/', collection: '/collection/', brand: '/brand/' };
    const name = $derived(text(ledger.value(at, 'name')));
    const slug = $derived(text(ledger.stands[at]?.slug));
    const rule = $derived(thing === 'collection' ? ((ledger.value(at, 'rule') ?? null) as Reach | null) : null);
    const EMPTY: Reach = { format: 2, show: [], keepOff: [], season: {}, goesFirst: false };
    const hasPage = thing !== 'option' && thing !== 'tag';

    function named(next: string): void {
        if (state.isNew && thing !== 'option') address.named(next);
    }
</script>

<Frame {screen} here="Catalogue" place={said.place} wide>
    <div class="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 md:grid-cols-[minmax(0,1fr)_260px]">
        <div class="min-w-0">
            <p><a class="word" href={state.list}>All {said.many}</a></p>
            <h1 class="mt-2 text-2xl">{name || `A new ${thing}`}</h1>
            {#if !state.isNew && hasPage}<p class="mt-1">
                    <a class="word" href="{path[thing]}{slug}">see it in the shop</a>
                </p>{/if}
            <section class="mt-5" aria-label="What it is">
                <Line {ledger} {at} field="name" label="Name" {may} most={120} changed={named} />
                {#if thing !== 'option'}
                    <Line
                        {ledger}
                        {at}
                        field="slug"
                        label="Address name"
                        {may}
                        most={120}
                        help={screen.data.form.old.length > 0
                            ? `Before: ${listed(screen.data.form.old.slice(0, 5))}. Old links lead here still.`
                            : ''}
                    />
                    {#if thing === 'category'}<Chosen
                            {ledger}
                            {at}
                            field="parent"
                            label="Stands in"
                            things="category"
                            {may}
                        />{/if}
                    <Line {ledger} {at} field="description" label="Description" {may} long most={5000} />
                    <Picture {ledger} {at} field="picture" label="Picture" {may} />
                {/if}
            </section>
            {#if thing === 'collection' && screen.data.terms}
                <fieldset class="mt-7">
                    <legend class="font-name text-lg">Its products</legend>
                    <label class="mr-6"
                        ><input
                            type="radio"
                            name="by"
                            disabled={!may}
                            checked={rule === null}
                            onchange={() => ledger.set(at, 'rule', null)}
                        /> picked by hand, in this order</label
                    >
                    <label
                        ><input
                            type="radio"
                            name="by"
                            disabled={!may}
                            checked={rule !== null}
                            onchange={() => ledger.set(at, 'rule', ledger.stands[at]?.rule ?? EMPTY)}
                        /> by rule</label
                    >
                </fieldset>
            {/if}
            {#if rule !== null && screen.data.terms}
                <div class="mt-3">
                    <RuleField
                        terms={{ mayEdit: may, data: screen.data.terms }}
                        {rule}
                        set={(next) => ledger.set(at, 'rule', next)}
                    />
                </div>
                {#if ledger.wrong[`${at}/rule`]}<p class="mt-1 text-sm text-trouble">
                        {ledger.wrong[`${at}/rule`]?.message}
                    </p>{/if}
            {/if}
            {#if thing === 'collection' && rule === null}
                <section class="mt-2" aria-label="Picked by hand">
                    <div class="max-w-xl">
                        <ProductsField
                            {may}
                            values={numbers(ledger.value(at, 'products'))}
                            change={(next) => ledger.set(at, 'products', next)}
                        />
                    </div>
                </section>
            {/if}
            {#if !state.isNew && (thing === 'category' || thing === 'collection')}
                <p class="mt-4">
                    <a class="word" href="/studio/catalogue/{thing}/{screen.data.form.id}/order"
                        >Put its products in your own order</a
                    >
                </p>
            {/if}
            {#if thing === 'option'}<section class="mt-7" aria-labelledby="values-title">
                    <Values {state} {may} />
                </section>{/if}
            {#if thing !== 'option'}
                <section class="mt-7" aria-labelledby="search-title">
                    <h2 id="search-title" class="text-lg">For search engines</h2>
                    <Line {ledger} {at} field="searchTitle" label="Title" {may} help="Empty: the name above." />
                    <Line
                        {ledger}
                        {at}
                        field="searchDescription"
                        label="Words"
                        {may}
                        long
                        most={500}
                        help="Empty: the description."
                    />
                </section>
            {/if}
            {#if !state.isNew}
                <Uses {thing} {may} deleting={state.deleting} ask={() => state.askToDelete()} />
                {#if may}
                    <Merge {thing} id={screen.data.form.id} {name} done={(into) => state.merged(into)} />
                {/if}
            {/if}
        </div>
        <aside
            class="self-start border-hair max-md:border-t max-md:pt-4 md:sticky md:top-4 md:border-l md:pl-6"
            aria-label="Its page, saving and history"
        >
            {#if !state.isNew && thing !== 'option'}
                <p class="text-sm leading-6">
                    <a class="word" href="/studio/why/{thing}/{slug}">why does its page look like this?</a>
                </p>
                {#if may}<p class="text-sm leading-6">
                        <PageOfItsOwn pageKind={thing} subject={screen.data.form.id} one={thing} />
                    </p>{/if}
                <div class="mt-4 border-t border-hair pt-4"></div>
            {/if}
            <SaveBox {ledger} {may} leave={() => state.leave()} />
            {#if !state.isNew}<div class="mt-6 border-t border-hair pt-4">
                    <History {thing} id={screen.data.form.id} {may} {ledger} />
                </div>{/if}
        </aside>
    </div>
</Frame>
