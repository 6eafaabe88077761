<script lang="ts">
    import { products } from '../../lib/words';
    import { untrack } from 'svelte';
    import { get } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import type { ProductRow, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';

    interface Row extends ProductRow {
        brand: string | null;
        category: string | null;
        template: number;
        templateName: string;
        by: string;
    }

    interface Page {
        rows: Row[];
        total: number;
        more: boolean;
    }

    let { screen }: { screen: Screen<{ templates: { id: number; name: string }[]; first: Page }> } = $props();
    let rows = $state.raw(untrack(() => screen.data.first.rows));
    let total = $state(untrack(() => screen.data.first.total));
    let more = $state(untrack(() => screen.data.first.more));
    const asked = new URLSearchParams(location.search);
    let query = $state('');
    let template = $state(asked.get('template') ?? '');
    let pinned = $state(asked.get('pinned') === '1');
    let page = 1;
    let asking = 0;

    async function load(wanted: number): Promise<void> {
        const mine = ++asking;
        try {
            const answer = await get<Page>(`/studio/who/rows?q=${encodeURIComponent(query)}&template=${template}&pinned=${pinned ? 1 : 0}&page=${wanted}`);
            if (mine !== asking) return;
            page = wanted;
            rows = wanted === 1 ? answer.rows : [...rows, ...answer.rows];
            ({ total, more } = answer);
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<Frame {screen} here="Who gets what">
    <h1 class="text-2xl">Who gets what</h1>
    <p class="mt-3 text-lg">
        Products
        <label
            ><span class="unseen">With these words in the title</span><input
                class="field mx-1 w-44 text-base"
                type="search"
                placeholder="of any title"
                bind:value={query}
                oninput={() => load(1)}
            /></label
        >
        shown with
        <label>
            <span class="unseen">Template</span>
            <select class="field mx-1 text-base" bind:value={template} onchange={() => load(1)}>
                <option value="">any template</option>
                {#each screen.data.templates as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
            </select>
        </label>
        <label class="text-base"><input type="checkbox" bind:checked={pinned} onchange={() => load(1)} /> pinned ones only</label>
    </p>
    <p class="mt-2 text-quiet" role="status">{products(total)}</p>
    {#if rows.length === 0}
        <p class="mt-4">No product fits this sentence. Take something out of it.</p>
    {:else}
        <table class="mt-2 w-full border-collapse text-left">
            <thead class="text-quiet">
                <tr class="border-b border-hair">
                    <th class="py-2 pr-4 font-normal" scope="col">Product</th>
                    <th class="py-2 pr-4 font-normal" scope="col">Category</th>
                    <th class="py-2 pr-4 font-normal" scope="col">Brand</th>
                    <th class="py-2 font-normal" scope="col">Template, and why</th>
                </tr>
            </thead>
            <tbody>
                {#each rows as row (row.id)}
                    <tr class="border-b border-hair">
                        <td class="py-1.5 pr-4">
                            <span class="flex items-center gap-3">
                                {#if row.picture}
                                    <img src={row.picture} alt="" width="32" height="32" class="rounded border border-hair" loading="lazy" />
                                {:else}
                                    <span class="unpictured grid size-8 place-items-center rounded border border-hair text-xs" aria-hidden="true">–</span>
                                {/if}
                                <a class="hover:underline" href="/studio/products/{row.id}">{row.title}</a>
                                <a class="word shrink-0 text-sm text-quiet" href="/p/{row.slug}">in the shop<span class="unseen">: {row.title}</span></a>
                            </span>
                        </td>
                        <td class="py-1.5 pr-4 text-quiet">{row.category ?? 'none'}</td>
                        <td class="py-1.5 pr-4 text-quiet">{row.brand ?? 'none'}</td>
                        <td class="py-1.5">
                            <a class="hover:underline" href="/studio/templates/{row.template}?sample={row.id}">{row.templateName}</a>
                            <span class="text-quiet">· {row.by} ·</span>
                            <a class="word text-sm" href="/studio/why/product/{row.slug}">why?<span class="unseen"> {row.title}</span></a>
                        </td>
                    </tr>
                {/each}
            </tbody>
        </table>
        {#if more}<button class="button mt-4" onclick={() => load(page + 1)}>More</button>{/if}
    {/if}
</Frame>
