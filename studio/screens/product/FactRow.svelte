<script lang="ts">
    import FilesField from '../../parts/FilesField.svelte';
    import PictureField from '../../parts/PictureField.svelte';
    import ProductsField from '../../parts/ProductsField.svelte';
    import RichField from '../../parts/rich/RichField.svelte';
    import { shown, typed } from '../../parts/facts/sheet';
    import type { Fact } from '../../parts/facts/types';
    import type { Product } from './product.svelte';
    import type { Content } from './types';

    interface Props {
        product: Product;
        fact: Fact;
        content: Content | null;
        may: boolean;
    }

    let { product, fact, content, may }: Props = $props();
    const values = $derived(product.values[fact.id] ?? []);
    const wrong = $derived(product.wrong[fact.id] ?? '');
    const fill = (written: string[]): void => void product.fill(fact, written);
    const open = (): void => void product.open(fact);
    let html = $state<string | null>(null);
    const id = $derived(`fact-${fact.id}`);
    const labelled = $derived(!['blocks', 'files', 'products', 'picture', 'rich-text'].includes(fact.kind));
    const numbers = $derived(values.map(Number));
    const picture = $derived(fact.kind === 'picture' ? product.known[numbers[0] ?? 0] : undefined);

    function plain(text: string): string {
        return new DOMParser().parseFromString(text, 'text/html').body.textContent ?? '';
    }

    function keep(): void {
        if (html !== null) fill(plain(html).trim() === '' && !html.includes('<img') ? [] : [html]);
        html = null;
    }
</script>

<div
    class="grid items-start gap-x-4 border-b border-dashed border-hair py-2.5 sm:grid-cols-[180px_minmax(0,1fr)]"
    data-fact={fact.name}
>
    <label class="pt-1" for={labelled ? id : undefined}
        >{fact.name}{#if fact.unit}<span class="text-quiet">, {fact.unit}</span>{/if}</label
    >
    <div class="max-w-120 min-w-0">
        {#if fact.kind === 'rich-text'}
            {#key values.join()}
                <RichField
                    {id}
                    label={fact.name}
                    editable={may}
                    value={values[0] ?? ''}
                    change={(next) => (html = next)}
                />
            {/key}
            {#if html !== null && html !== (values[0] ?? '')}<button class="button mt-1" onclick={keep}
                    >Save {fact.name}</button
                >{/if}
        {:else if fact.kind === 'choice' || fact.kind === 'yes-no'}
            <select
                {id}
                class="field"
                disabled={!may}
                value={values[0] ?? ''}
                onchange={(event) => fill(typed(fact, event.currentTarget.value))}
            >
                <option value="">–</option>
                {#each fact.kind === 'yes-no' ? ['yes', 'no'] : fact.choices as choice (choice)}<option value={choice}
                        >{choice}</option
                    >{/each}
            </select>
        {:else if fact.kind === 'picture'}
            {#if picture}
                <p class="flex items-center gap-3 pb-1">
                    <img class="h-16 rounded border border-hair" src={picture.small} alt={picture.alt} />
                    {#if may}<button class="word" aria-label="Without {fact.name}" onclick={() => fill([])}>out</button
                        >{/if}
                </p>
            {/if}
            <PictureField {id} value={numbers[0] ?? null} disabled={!may} change={(next) => fill([String(next)])} />
        {:else if fact.kind === 'files'}
            <FilesField
                label={fact.name}
                use="download"
                values={numbers}
                most={12}
                {may}
                change={(next) => fill(next.map(String))}
            />
        {:else if fact.kind === 'products'}
            <ProductsField {may} values={numbers} change={(next) => fill(next.map(String))} />
        {:else if fact.kind === 'blocks'}
            <p>
                {content === null || content.empty
                    ? 'Nothing is laid out yet.'
                    : content.live
                      ? content.changed
                          ? 'Live, with changes that are not published.'
                          : 'Live.'
                      : 'Laid out, not published yet.'}
                {#if may || content}<button class="word" onclick={open}
                        >{content === null || content.empty
                            ? 'Lay it out on the drawing table'
                            : 'Open it on the drawing table'}</button
                    >{/if}
            </p>
        {:else}
            <input
                {id}
                class="field w-full {wrong ? 'border-trouble' : ''}"
                aria-invalid={wrong ? 'true' : undefined}
                aria-describedby={wrong ? `${id}-wrong` : undefined}
                type={fact.kind === 'date' ? 'date' : 'text'}
                inputmode={fact.kind === 'number' ? 'decimal' : undefined}
                placeholder={fact.kind === 'link' ? '/c/inks or https://…' : undefined}
                title={fact.kind === 'list' ? 'Several, separated by semicolons' : undefined}
                disabled={!may}
                value={shown(fact, values)}
                onchange={(event) => fill(typed(fact, event.currentTarget.value))}
            />
        {/if}
        {#if wrong}<p id="{id}-wrong" class="text-sm text-trouble">{wrong}</p>{/if}
    </div>
</div>
