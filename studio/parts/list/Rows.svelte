<script lang="ts">
    import { tick } from 'svelte';
    import { number, when } from '../../lib/words';
    import { pageWords } from '../../lib/pages';
    import type { ListRow } from '../../lib/types';
    import ChooseColumns from './ChooseColumns.svelte';
    import { COLUMNS } from './columns';
    import Folded from './Folded.svelte';
    import type { FoundList } from './list.svelte';

    /** The rows of the list: only those that are in sight, with headings that stay. */
    let { list, digits }: { list: FoundList; digits: number } = $props();
    const HEAD = 34;
    /** Below that a row has two lines: what it is called, and what its columns say. */
    const NARROW = 980;
    /** And below that its page in the shop is reached from its own. */
    const PHONE = 560;
    let top = $state(0);
    let height = $state(600);
    let width = $state(1000);
    let scroller: HTMLElement | undefined = $state();
    /** What stands above the list, which has the rest of the window. */
    let above = $state(320);
    /** The row whose tick the Tab key leads to. */
    let here = $state(0);
    const isNarrow = $derived(width < NARROW);
    const isPhone = $derived(width < PHONE);
    const ROW = $derived(isNarrow ? 68 : 46);
    const first = $derived(Math.max(0, Math.floor(top / ROW) - 10));
    const last = $derived(Math.min(list.total - 1, Math.ceil((top + height) / ROW) + 10));
    const places = $derived(Array.from({ length: Math.max(0, last - first + 1) }, (_, at) => first + at));
    const columns = $derived(
        COLUMNS.filter((one) => list.columns.includes(one.name) && (list.isProducts || !one.products)),
    );
    const grid = $derived(
        [
            list.selects ? '34px 44px' : '44px',
            'minmax(0,4fr)',
            ...(isNarrow ? [] : columns.map((one) => one.width)),
        ].join(' '),
    );
    const selecting = $derived(list.selecting);

    $effect(() => list.need(first, last));
    $effect(() => {
        const body = new ResizeObserver(() => {
            if (scroller) above = scroller.getBoundingClientRect().top + window.scrollY;
        });
        body.observe(document.body);
        for (const one of scroller?.parentElement?.children ?? []) if (one !== scroller) body.observe(one);
        return () => body.disconnect();
    });
    $effect(() => {
        if (here >= list.total) here = Math.max(0, list.total - 1);
    });

    /** The cursor goes to a row as soon as it is there. */
    let isWanted = $state(false);
    $effect(() => {
        if (!isWanted || !list.rows[here]) return;
        void tick().then(() => {
            document.getElementById(`tick-${here}`)?.focus({ preventScroll: true });
            isWanted = false;
        });
    });

    const KEYS: Record<string, (rows: number) => number> = {
        ArrowDown: () => here + 1,
        ArrowUp: () => here - 1,
        PageDown: (rows) => here + rows,
        PageUp: (rows) => here - rows,
        Home: () => 0,
        End: () => list.total - 1,
    };

    function go(to: number): void {
        here = Math.max(0, Math.min(list.total - 1, to));
        const begins = here * ROW;
        if (scroller && begins < scroller.scrollTop) scroller.scrollTop = begins;
        else if (scroller && begins + ROW + HEAD > scroller.scrollTop + height)
            scroller.scrollTop = begins + ROW + HEAD - height;
        isWanted = true;
    }

    async function key(event: KeyboardEvent, row: ListRow): Promise<void> {
        if (event.key === ' ' && event.shiftKey) {
            event.preventDefault();
            await selecting.tick(here, !row.selected, true);
            return;
        }
        const to = KEYS[event.key]?.(Math.floor(height / ROW) - 1);
        if (to === undefined) return;
        event.preventDefault();
        const from = here;
        go(to);
        if (event.shiftKey) await selecting.range(Math.min(from, here), Math.max(from, here), true);
    }

    function click(event: MouseEvent & { currentTarget: HTMLInputElement }, at: number): void {
        here = at;
        void selecting.tick(at, event.currentTarget.checked, event.shiftKey);
    }
</script>

<div
    bind:this={scroller}
    class="relative mt-2 min-h-80 overflow-auto border-y border-hair"
    style:height="calc(100vh - {above + 20}px)"
    bind:clientHeight={height}
    bind:clientWidth={width}
    onscroll={(event) => (top = event.currentTarget.scrollTop)}
    role="table"
    aria-label={list.isProducts ? 'Products' : 'Pages'}
    aria-rowcount={list.total + 1}
    aria-busy={list.waiting ? 'true' : undefined}
>
    <div class="sticky top-0 z-10 border-b border-hair bg-paper text-quiet" role="rowgroup">
        <div
            class="grid items-center gap-x-3 pr-3"
            style:grid-template-columns={grid}
            style:height="{HEAD}px"
            role="row"
            aria-rowindex={1}
        >
            {#if list.selects}<span role="columnheader"><span class="unseen">Selected</span></span>{/if}
            <span role="columnheader"><span class="unseen">Picture</span></span>
            <span role="columnheader" class="flex items-baseline justify-between gap-2 truncate"
                ><span>{list.words.one.charAt(0).toUpperCase() + list.words.one.slice(1)}</span><ChooseColumns
                    {list}
                /></span
            >
            {#each columns as one (one.name)}<span
                    role="columnheader"
                    class={isNarrow ? 'unseen' : one.name === 'price' || one.name === 'stock' ? 'text-right' : ''}
                    >{one.name === 'filed' && !list.isProducts ? 'Filed in' : one.words}</span
                >{/each}
        </div>
    </div>
    <div style:height="{list.total * ROW}px" class="relative" role="rowgroup">
        {#each places as at (at)}
            {@const row = list.rows[at]}
            <div
                class="absolute inset-x-0 grid items-center gap-x-3 border-b border-dashed border-hair pr-3 {row?.selected
                    ? 'bg-glow'
                    : ''}"
                style:grid-template-columns={grid}
                style:top="{at * ROW}px"
                style:height="{ROW}px"
                role="row"
                aria-rowindex={at + 2}
                data-page={row?.id}
                data-product={row && list.isProducts ? row.id : undefined}
            >
                {#if row}
                    {#if list.selects}
                        <span role="cell" class="pl-2 {isNarrow ? 'row-span-2' : ''}"
                            ><input
                                id="tick-{at}"
                                type="checkbox"
                                class="size-4 accent-ink"
                                aria-label="Select {row.title}"
                                tabindex={at === here ? 0 : -1}
                                checked={row.selected}
                                onclick={(event) => click(event, at)}
                                onfocus={() => (here = at)}
                                onkeydown={(event) => void key(event, row)}
                            /></span
                        >
                    {/if}
                    <span role="cell" class={isNarrow ? 'row-span-2' : ''}>
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
                    <span role="cell" class="flex min-w-0 items-baseline gap-2">
                        {#if row.pageKind === 'product'}<a
                                class="truncate hover:underline"
                                href="/studio/products/{row.id}">{row.title}</a
                            >{:else}<a class="truncate hover:underline" href={row.address}>{row.title}</a>{/if}
                        {#if !isPhone && (!row.cells || row.cells.published)}<a
                                class="word shrink-0 text-xs text-quiet"
                                href={row.address}>in the shop<span class="unseen">: {row.title}</span></a
                            >{/if}
                        {#if row.cells && !row.cells.published}<span class="shrink-0 text-quiet">hidden</span>{/if}
                        {#if row.cells && row.cells.variants !== 1}
                            <span class="shrink-0 text-sm"
                                >{#key row.id}<Folded
                                        product={row.id}
                                        title={row.title}
                                        count={row.cells.variants}
                                        {digits}
                                    />{/key}</span
                            >
                        {/if}
                    </span>
                    {#if isNarrow}
                        <span
                            role="presentation"
                            class="-mt-3 {list.selects
                                ? 'col-start-3'
                                : 'col-start-2'} flex min-w-0 items-baseline overflow-hidden whitespace-nowrap {isPhone
                                ? 'gap-2 text-xs [&_*]:text-xs'
                                : 'gap-3 text-sm'}">{@render cells(row)}</span
                        >
                    {:else}{@render cells(row)}{/if}
                {:else}
                    <span role="cell" class="text-quiet" style:grid-column="1 / -1">…</span>
                {/if}
            </div>
        {/each}
    </div>
</div>

{#snippet cells(row: ListRow)}
    {#each columns as one (one.name)}
        {#if one.name === 'filed'}
            <span role="cell" class="truncate text-quiet {isPhone ? 'hidden' : ''}"
                >{row.cells
                    ? row.cells.category || 'in no category'
                    : list.filter.kind === 'all'
                      ? pageWords(row.pageKind).page
                      : row.filed || 'nothing'}</span
            >
        {:else if one.name === 'brand'}
            <span role="cell" class="truncate text-quiet {isPhone ? 'hidden' : ''}">{row.cells?.brand}</span>
        {:else if one.name === 'price'}
            <span role="cell" class="figures text-right">{row.cells?.price || 'no price'}</span>
        {:else if one.name === 'stock'}
            <span role="cell" class="figures text-right {row.cells?.stock === 0 ? 'text-trouble' : 'text-quiet'}"
                >{!row.cells || row.cells.stock === null
                    ? 'not counted'
                    : row.cells.stock === 0
                      ? 'sold out'
                      : number(row.cells.stock)}</span
            >
        {:else if one.name === 'template'}
            <span role="cell" class="flex items-baseline gap-1 {isNarrow ? 'order-first shrink-0' : 'min-w-0'}">
                {#if row.template === null}<span class="text-quiet">hidden, so on no page</span>
                {:else}
                    {#if row.template > 0}<a
                            class="truncate hover:underline"
                            href="/studio/templates/{row.template}?sample={row.id}">{row.templateName}</a
                        >{:else}<span class="truncate">{row.templateName}</span>{/if}
                    <span class="shrink-0 text-sm text-quiet">· {row.by} ·</span>
                    <a class="word shrink-0 text-sm" href="/studio/why/{row.pageKind}/{row.slug}"
                        >why?<span class="unseen"> {row.title}</span></a
                    >
                {/if}
            </span>
        {:else}
            <span role="cell" class="truncate text-sm"
                >{#if row.next}→ {row.next.templateName}
                    <span class="text-quiet">{row.next.at ? when(row.next.at) : 'by a draft'}</span>{/if}</span
            >
        {/if}
    {/each}
{/snippet}
