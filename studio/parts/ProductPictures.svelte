<script lang="ts">
    import type { ProductRow } from '../lib/types';

    let { products, size = 34 }: { products: ProductRow[]; size?: number } = $props();
</script>

<ul class="flex flex-wrap gap-1.5">
    {#each products as product (product.id)}
        <li>
            {#if product.picture}
                <img
                    src={product.picture}
                    alt={product.title}
                    title={product.title}
                    width={size}
                    height={size}
                    class="rounded border border-hair"
                    loading="lazy"
                />
            {:else}
                <span
                    class="unpictured grid place-items-center rounded border border-hair text-xs"
                    style:width="{size}px"
                    style:height="{size}px"
                    title={product.title}><span class="unseen">{product.title}, no picture</span><span aria-hidden="true">–</span></span
                >
            {/if}
        </li>
    {/each}
</ul>
