<script lang="ts">
    import { untrack } from 'svelte';
    import type { MoneyPage, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { Money } from './money.svelte';

    let { screen }: { screen: Screen<MoneyPage> } = $props();
    const money = untrack(() => new Money(screen.data));
    const may = $derived(screen.may.edit);
</script>

{#snippet choice(name: 'tax' | 'volume' | 'weight', label: string, ways: [string, string][])}
    <fieldset class="grid gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]" disabled={!may}>
        <legend class="float-left contents">{label}</legend>
        <div class="col-start-2 flex flex-wrap gap-x-5">
            {#each ways as [value, words] (value)}
                <label class="flex min-h-6 items-center gap-2">
                    <input
                        type="radio"
                        {name}
                        {value}
                        checked={money.wanted[name] === value}
                        onchange={() => money.set(name, value as never)}
                    />
                    {words}
                </label>
            {/each}
        </div>
    </fieldset>
{/snippet}

<Frame {screen} here="Catalogue" place="Money and measures">
    <h1 class="text-2xl">Money and measures</h1>
    <p class="mt-1 text-quiet">How prices are written all over the shop. It is live when saved.</p>
    <form
        class="mt-4 max-w-3xl"
        onsubmit={(event) => {
            event.preventDefault();
            void money.save();
        }}
    >
        <div class="grid items-start gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]">
            <label class="pt-1" for="currency">Currency</label>
            <div>
                <select
                    id="currency"
                    class="field w-full max-w-md"
                    disabled={!may}
                    value={money.wanted.currency}
                    onchange={(event) => money.set('currency', event.currentTarget.value)}
                >
                    {#each screen.data.currencies as one (one.code)}<option value={one.code}
                            >{one.code}, {one.name}</option
                        >{/each}
                </select>
                <div role="status">
                    {#if money.words.length > 0}
                        <ul class="mt-2 list-disc border-l-2 border-ink pl-8" aria-label="What another currency does">
                            {#each money.words as words (words)}<li class="py-0.5">{words}</li>{/each}
                        </ul>
                    {/if}
                </div>
            </div>
        </div>
        {@render choice('tax', 'Beside prices', [
            ['none', 'nothing about tax'],
            ['included', 'that tax is in them'],
            ['added', 'that tax comes on top'],
        ])}
        {#if money.wanted.tax !== 'none'}
            <div class="grid items-start gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]">
                <label class="pt-1" for="rate">Rate of tax</label>
                <div>
                    <input
                        id="rate"
                        class="field figures w-20"
                        inputmode="decimal"
                        maxlength="6"
                        disabled={!may}
                        value={money.wanted.rate}
                        oninput={(event) => money.set('rate', event.currentTarget.value)}
                    />
                    %
                    <p class="text-sm text-quiet">
                        Only said, never added up: prices stay as they are. Empty says no number.
                    </p>
                </div>
            </div>
        {/if}
        {@render choice('volume', 'Liquids', [
            ['ml', 'price for 100 ml'],
            ['l', 'price for 1 l'],
        ])}
        {@render choice('weight', 'Weights', [
            ['g', 'price for 100 g'],
            ['kg', 'price for 1 kg'],
        ])}
        <p class="py-2 text-quiet">
            A bottle of 30 ml: {money.example}. What a variant holds stands in its product, under <em>Contents</em>.
        </p>
        {#if money.wrong}<p class="py-1 text-trouble" role="alert">{money.wrong}</p>{/if}
        {#if may}
            <p class="mt-3 flex gap-5">
                <button class="button" disabled={!money.changed || money.busy}>{money.busy ? 'Saving…' : 'Save'}</button
                >
                {#if money.changed && !money.busy}<button type="button" class="word" onclick={() => money.putBack()}
                        >Put it back</button
                    >{/if}
            </p>
        {/if}
    </form>
</Frame>
