<script lang="ts">
    import { text } from '../../lib/fields';
    import Merge from '../../parts/catalogue/Merge.svelte';
    import type { ThingState } from './thing.svelte';

    let { state, may }: { state: ThingState; may: boolean } = $props();
    const ledger = $derived(state.ledger);
    /** Those that are saved: only they can be merged. */
    const saved = $derived(
        state.values
            .filter((key) => ledger.stands[key])
            .map((key) => ({ id: Number(key.split('/')[1]), name: text(ledger.stands[key]?.label) })),
    );
    const wrongs = $derived(
        state.values.flatMap((key) =>
            ['', '/label', '/swatch'].map((field) => ledger.wrong[`${key}${field}`]).filter((one) => one !== undefined),
        ),
    );
</script>

<h2 id="values-title" class="text-lg">What can be chosen</h2>
<ol class="mt-2">
    {#each state.values as key, place (key)}
        {@const label = text(ledger.value(key, 'label'))}
        {@const id = Number(key.split('/')[1])}
        <li class="flex flex-wrap items-center gap-3 py-1" data-value={key}>
            <input
                class="field w-56"
                aria-label="Value {place + 1}"
                maxlength="80"
                disabled={!may}
                value={label}
                oninput={(event) => ledger.set(key, 'label', event.currentTarget.value)}
            />
            <input
                type="color"
                class="h-7.5 w-10"
                aria-label="Colour of {label || `value ${place + 1}`}"
                disabled={!may}
                value={text(ledger.value(key, 'swatch')) || '#ffffff'}
                onchange={(event) => ledger.set(key, 'swatch', event.currentTarget.value)}
            />
            {#if text(ledger.value(key, 'swatch')) === ''}<span class="text-sm text-quiet">no colour</span>
            {:else if may}<button class="word text-sm" onclick={() => ledger.set(key, 'swatch', null)}
                    >no colour<span class="unseen"> for {label}</span></button
                >{/if}
            {#if may}
                <button
                    class="word min-h-6 min-w-6"
                    disabled={place === 0}
                    aria-label="{label} up"
                    onclick={() => state.moveValue(key, -1)}>↑</button
                >
                <button
                    class="word min-h-6 min-w-6"
                    disabled={place === state.values.length - 1}
                    aria-label="{label} down"
                    onclick={() => state.moveValue(key, 1)}>↓</button
                >
                <button class="word text-sm" aria-label="Delete {label}" onclick={() => ledger.drop(key)}>delete</button
                >
                {#if saved.length > 1 && ledger.stands[key]}
                    <Merge
                        thing="option-value"
                        {id}
                        name={label}
                        among={saved.filter((one) => one.id !== id)}
                        done={() => location.reload()}
                    />
                {/if}
            {/if}
        </li>
    {:else}
        <li class="text-quiet">Nothing yet. Add the first value.</li>
    {/each}
</ol>
{#each wrongs as one (one)}<p class="text-sm text-trouble" role="alert">{one.message}</p>{/each}
{#if may}<button class="word mt-2" onclick={() => state.addValue()}>Add a value</button>{/if}
