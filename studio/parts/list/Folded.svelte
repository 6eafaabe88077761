<script lang="ts">
    import { Popover } from 'bits-ui';
    import { untrack } from 'svelte';
    import { counted } from '../../lib/words';
    import { Folded } from './folded.svelte';

    /** A product's variants, unfolded where the list says how many there are. */
    let { product, title, count, digits }: { product: number; title: string; count: number; digits: number } = $props();
    const folded = untrack(() => new Folded(product, digits));
    let open = $state(false);

    $effect(() => {
        if (open) untrack(() => void folded.look());
    });
</script>

{#if count === 0}<span class="text-quiet">{counted(0, 'variant')}</span>
{:else}
    <Popover.Root bind:open>
        <Popover.Trigger class="word text-quiet" aria-label="{counted(count, 'variant')} of {title}"
            >{counted(count, 'variant')}</Popover.Trigger
        >
        <Popover.Portal>
            <Popover.Content
                class="float z-50 w-110 p-3"
                sideOffset={6}
                collisionPadding={12}
                role="dialog"
                aria-label="Variants of {title}"
            >
                {#if folded.lines === null}<p class="text-quiet">Looking…</p>
                {:else}
                    <table class="w-full border-collapse text-left">
                        <thead class="text-sm text-quiet"
                            ><tr
                                ><th class="pr-3 font-normal" scope="col">Variant</th><th
                                    class="pr-3 font-normal"
                                    scope="col">Stock number</th
                                ><th class="pr-3 font-normal" scope="col">Price</th><th class="font-normal" scope="col"
                                    >Stock</th
                                ></tr
                            ></thead
                        >
                        <tbody>
                            {#each folded.lines.slice(0, 12) as line (line.id)}
                                <tr class="border-t border-dashed border-hair">
                                    <th class="py-1 pr-3 font-normal" scope="row">{line.called || 'the only one'}</th>
                                    <td class="pr-3 text-quiet">{line.sku}</td>
                                    <td class="figures pr-3">{line.price}</td>
                                    <td class="figures">{line.stock}</td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                    {#if folded.lines.length > 12}<p class="mt-1 text-quiet">
                            and {counted(folded.lines.length - 12, 'more', 'more')}
                        </p>{/if}
                    <p class="mt-2">
                        <a class="word" href="/studio/catalogue/sheet?{folded.address}">change them as a sheet</a>
                    </p>
                {/if}
            </Popover.Content>
        </Popover.Portal>
    </Popover.Root>
{/if}
