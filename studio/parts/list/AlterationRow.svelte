<script lang="ts">
    import type { TableFact } from '../../lib/types';
    import NamePicker from '../NamePicker.svelte';
    import type { Alteration, What } from './fields.svelte';

    interface Props {
        one: Alteration;
        facts: TableFact[];
        /** Whether it is the only one: deleting goes with nothing else. */
        alone: boolean;
        changed: () => void;
        remove: (() => void) | null;
    }

    let { one, facts, alone, changed, remove }: Props = $props();
    const whats: { value: What; words: string }[] = $derived([
        { value: 'price', words: 'the price' },
        { value: 'sale', words: 'the sale price' },
        { value: 'stock', words: 'the stock' },
        { value: 'brand', words: 'the brand' },
        { value: 'tags', words: 'tags' },
        { value: 'categories', words: 'categories' },
        { value: 'collections', words: 'collections' },
        ...(facts.length > 0 ? [{ value: 'fact' as const, words: 'a fact' }] : []),
        { value: 'published', words: 'whether customers see it' },
        ...(alone ? [{ value: 'delete' as const, words: 'delete them' }] : []),
    ]);
    const THINGS: Partial<Record<What, string>> = {
        brand: 'brand',
        tags: 'tag',
        categories: 'category',
        collections: 'collection',
    };
    const isMoney = $derived(one.what === 'price' || one.what === 'sale');
    const fact = $derived(facts.find((known) => known.id === one.fact));
</script>

<div
    class="mt-2 flex flex-wrap items-start gap-2"
    oninput={changed}
    onchange={changed}
    role="group"
    aria-label="Change"
>
    <select
        class="field"
        aria-label="What is changed"
        data-first
        value={one.what}
        onchange={(event) => one.become(event.currentTarget.value as What)}
    >
        {#each whats as what (what.value)}<option value={what.value}>{what.words}</option>{/each}
    </select>
    {#if isMoney}
        <select class="field" aria-label="How" bind:value={one.how}>
            <option value="percent">by per cent</option>
            <option value="by">by an amount</option>
            <option value="to">set to</option>
            {#if one.what === 'sale'}<option value="none">ends</option>{/if}
        </select>
        {#if one.how !== 'none'}
            <input
                class="field w-24"
                aria-label={one.how === 'percent' ? 'Per cent' : 'Amount'}
                placeholder={one.how === 'percent' ? '-10' : one.how === 'by' ? '-1.50' : '12.90'}
                bind:value={one.amount}
            />
            {#if one.how !== 'to'}<label class="flex items-center gap-1.5 text-quiet"
                    >ending in<input class="field w-16" placeholder=".90" bind:value={one.ending} /></label
                >{/if}
            {#if one.what === 'sale'}
                <label class="flex items-center gap-1.5 text-quiet"
                    >from<input class="field" type="date" bind:value={one.from} /></label
                >
                <label class="flex items-center gap-1.5 text-quiet"
                    >until<input class="field" type="date" bind:value={one.until} /></label
                >
            {/if}
        {/if}
    {:else if one.what === 'stock'}
        <select class="field" aria-label="How" bind:value={one.how}>
            <option value="to">set to</option>
            <option value="by">more or less by</option>
            <option value="uncounted">no longer counted</option>
        </select>
        {#if one.how !== 'uncounted'}<input
                class="field w-24"
                aria-label="Number"
                placeholder={one.how === 'by' ? '-3' : '20'}
                bind:value={one.amount}
            />{/if}
    {:else if one.what === 'published'}
        <select
            class="field"
            aria-label="How"
            value={one.shown ? 'shown' : 'hidden'}
            onchange={(event) => (one.shown = event.currentTarget.value === 'shown')}
        >
            <option value="hidden">hide them</option>
            <option value="shown">show them</option>
        </select>
    {:else if one.what === 'fact'}
        <select class="field" aria-label="Which fact" bind:value={one.fact}>
            <option value={0}>choose one…</option>
            {#each facts as known (known.id)}<option value={known.id}>{known.name}</option>{/each}
        </select>
        {#if fact}
            {#if fact.kind === 'yes-no'}
                <select class="field" aria-label="Value" bind:value={one.written}>
                    <option value="">empty</option><option value="yes">yes</option><option value="no">no</option>
                </select>
            {:else}
                <input
                    class="field w-52"
                    aria-label="Value"
                    type={fact.kind === 'date' ? 'date' : 'text'}
                    placeholder={fact.kind === 'list' ? 'with commas between; empty empties it' : 'empty empties it'}
                    bind:value={one.written}
                />{#if fact.unit}<span class="self-center text-quiet">{fact.unit}</span>{/if}
            {/if}
        {/if}
    {:else if one.what !== 'delete'}
        {#if one.what !== 'brand'}
            <select class="field" aria-label="How" bind:value={one.taking}>
                <option value="in">add</option>
                <option value="out">take away</option>
            </select>
        {/if}
        <div class="w-64">
            {#key one.what}<NamePicker
                    things={THINGS[one.what] ?? ''}
                    names={{}}
                    values={one.things}
                    set={(ids) => {
                        one.things = one.what === 'brand' ? ids.slice(-1) : ids;
                        changed();
                    }}
                />{/key}
            {#if one.what === 'brand' && one.things.length === 0}<p class="text-sm text-quiet">
                    None: they lose their brand.
                </p>{/if}
        </div>
    {/if}
    {#if remove}<button type="button" class="word self-center text-sm text-quiet" onclick={remove}>take out</button
        >{/if}
</div>
