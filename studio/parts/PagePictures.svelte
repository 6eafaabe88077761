<script lang="ts">
    import type { PageRow } from '../lib/types';

    let { pages, size = 34 }: { pages: PageRow[]; size?: number } = $props();
</script>

<ul class="flex flex-wrap gap-1.5">
    {#each pages as page (page.id)}
        <li>
            {#if page.picture}
                <img
                    src={page.picture}
                    alt={page.title}
                    title={page.title}
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
                    title={page.title}
                    ><span class="unseen">{page.title}, no picture</span><span aria-hidden="true">–</span></span
                >
            {/if}
        </li>
    {/each}
</ul>
