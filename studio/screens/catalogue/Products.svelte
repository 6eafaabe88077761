<script lang="ts">
    import { untrack } from 'svelte';
    import { counted, number } from '../../lib/words';
    import type { ProductListData, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { asked } from './asked';
    import ClauseSentence from '../../parts/rules/ClauseSentence.svelte';
    import Folded from './Folded.svelte';
    import FilterWord from './FilterWord.svelte';
    import { Products } from './products.svelte';

    const ROW = 46;

    let { screen }: { screen: Screen<ProductListData> } = $props();
    const products = new Products(untrack(() => screen.data));
    let top = $state(0);
    let height = $state(600);
    const first = $derived(Math.max(0, Math.floor(top / ROW) - 10));
    const last = $derived(Math.min(products.total - 1, Math.ceil((top + height) / ROW) + 10));
    const places = $derived(Array.from({ length: Math.max(0, last - first + 1) }, (_, at) => first + at));
    const states = [
        { value: '', words: 'of any kind' },
        { value: 'shown', words: 'shown to customers' },
        { value: 'hidden', words: 'hidden' },
        { value: 'on-sale', words: 'on sale' },
        { value: 'sold-out', words: 'sold out' },
        { value: 'no-picture', words: 'without a picture' },
    ];

    $effect(() => products.need(first, last));
</script>

<Frame {screen} here="Catalogue" place="Products" wide>
    <div class="flex items-baseline justify-between gap-6">
        <h1 class="text-2xl">Products</h1>
        <span class="flex items-baseline gap-5">
            {#if products.total > 0}<a class="word" href="/studio/catalogue/sheet?{asked(products.filter)}"
                    >Prices and stock as a sheet</a
                >{/if}
            {#if screen.may.edit}<a class="button button-next" href="/studio/products/new">Make a product</a>{/if}
        </span>
    </div>
    <p class="mt-3 text-lg leading-9">
        Products
        <label
            ><span class="unseen">With these words in the title, or this stock number</span><input
                class="field mx-1 w-52 text-base"
                type="search"
                placeholder="of any title or number"
                value={products.filter.q}
                oninput={(event) => void products.find({ q: event.currentTarget.value })}
            /></label
        >
        in <FilterWord {products} field="category" any="any category" />
        by <FilterWord {products} field="brand" any="any brand" />
        with <FilterWord {products} field="tag" any="any tag" />
        <label
            ><span class="unseen">Of which kind</span><select
                class="field mx-1 text-base"
                value={products.filter.state}
                onchange={(event) => void products.find({ state: event.currentTarget.value })}
            >
                {#each states as state (state.value)}<option value={state.value}>{state.words}</option>{/each}
            </select></label
        >
        <span class="text-quiet">where</span>
        <ClauseSentence
            terms={{ mayEdit: true, data: screen.data.terms }}
            names={products.clause.names}
            clause={products.clause.conditions}
            phrases={products.clause.phrases}
            empty=""
            adding
            change={(next) => void products.where(next)}
        />
        <label
            ><span class="unseen">In which order</span><select
                class="field mx-1 text-base"
                value={products.filter.sort}
                onchange={(event) => void products.find({ sort: event.currentTarget.value })}
            >
                <option value="title">by title</option><option value="new">the newest first</option>
                <option value="cheap">the cheapest first</option><option value="dear">the dearest first</option>
            </select></label
        >
    </p>
    <p class="mt-2 text-quiet" role="status">{counted(products.total, 'product')}</p>
    {#if products.total === 0}
        <p class="mt-4">
            No product fits this sentence. Take something out of it{screen.may.edit ? ', or make a product' : ''}.
        </p>
    {:else}
        <div
            class="mt-2 h-[calc(100vh-300px)] min-h-80 overflow-y-auto border-y border-hair"
            bind:clientHeight={height}
            onscroll={(event) => (top = event.currentTarget.scrollTop)}
            role="table"
            aria-label="Products"
            aria-rowcount={products.total}
        >
            <div style:height="{products.total * ROW}px" class="relative" role="rowgroup">
                {#each places as at (at)}
                    {@const row = products.rows[at]}
                    <div
                        class="absolute inset-x-0 grid grid-cols-[44px_minmax(0,3fr)_minmax(0,2fr)_minmax(0,1fr)_150px_110px_80px] items-center gap-x-3 border-b border-dashed border-hair pr-3"
                        style:top="{at * ROW}px"
                        style:height="{ROW}px"
                        role="row"
                        aria-rowindex={at + 1}
                        data-product={row?.id}
                    >
                        {#if row}
                            <span role="cell">
                                {#if row.picture}<img
                                        src={row.picture}
                                        alt=""
                                        width="34"
                                        height="34"
                                        class="rounded border border-hair"
                                        loading="lazy"
                                    />
                                {:else}<span
                                        class="unpictured grid size-8.5 place-items-center rounded border border-hair text-xs"
                                        ><span class="unseen">no picture</span><span aria-hidden="true">–</span></span
                                    >{/if}
                            </span>
                            <span role="cell" class="truncate"
                                ><a class="hover:underline" href="/studio/products/{row.id}">{row.title}</a
                                >{#if !row.published}<span class="text-quiet"> · hidden</span>{/if}</span
                            >
                            <span role="cell" class="truncate text-quiet">{row.category ?? 'in no category'}</span>
                            <span role="cell" class="truncate text-quiet">{row.brand ?? ''}</span>
                            <span role="cell" class="figures">{row.price || 'no price'}</span>
                            <span role="cell"
                                >{#key row.id}<Folded
                                        product={row.id}
                                        title={row.title}
                                        count={row.variants}
                                        digits={screen.data.terms.currency.digits}
                                    />{/key}</span
                            >
                            <span role="cell" class="figures {row.stock === 0 ? 'text-trouble' : 'text-quiet'}"
                                >{row.stock === null
                                    ? 'not counted'
                                    : row.stock === 0
                                      ? 'sold out'
                                      : number(row.stock)}</span
                            >
                        {:else}
                            <span role="cell" class="col-span-7 text-quiet">…</span>
                        {/if}
                    </div>
                {/each}
            </div>
        </div>
    {/if}
</Frame>
