<script lang="ts">
    import { tick, untrack } from 'svelte';
    import type { OrderData, OrderRow, Screen } from '../../lib/types';
    import { counted } from '../../lib/words';
    import Frame from '../../parts/Frame.svelte';
    import GripDots from '../../parts/GripDots.svelte';
    import NumberPlace from './NumberPlace.svelte';
    import { OwnOrder } from './order.svelte';

    let { screen }: { screen: Screen<OrderData> } = $props();
    const data = untrack(() => screen.data);
    const order = new OwnOrder(data);
    const may = $derived(screen.may.edit);
    let list: HTMLElement | undefined = $state();
    /** What is being dragged, and before which of the loaded ones it would land. */
    let dragged = $state<{ row: OrderRow; at: number } | null>(null);
    const NEWS = 4000;
    $effect(() => {
        const news = setInterval(() => dragged || void order.news(), NEWS);
        return () => clearInterval(news);
    });
    const path = data.thing === 'category' ? '/c/' : '/collection/';

    async function keep(row: OrderRow, moved: Promise<void>): Promise<void> {
        await moved;
        await tick();
        list?.querySelector<HTMLElement>(`[data-handle="${row.id.toString()}"]`)?.focus();
    }

    function key(event: KeyboardEvent, row: OrderRow): void {
        const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
        if (by === undefined && event.key !== 'Home' && event.key !== 'End') return;
        event.preventDefault();
        void keep(
            row,
            event.key === 'Home'
                ? order.moveTo(row, () => 0)
                : event.key === 'End'
                  ? order.toTheEnd(row)
                  : order.moveTo(row, (from) => from + (by ?? 0)),
        );
    }

    function start(event: PointerEvent, row: OrderRow): void {
        if (event.button !== 0 || !may) return;
        event.preventDefault();
        const handle = event.currentTarget as HTMLElement;
        handle.setPointerCapture(event.pointerId);
        handle.focus();
        dragged = { row, at: order.rows.findIndex((one) => one.id === row.id) };
    }

    function drag(event: PointerEvent): void {
        if (!dragged || !list) return;
        const rows = [...list.querySelectorAll('[data-row]')];
        const at = rows.findIndex((one) => {
            const box = one.getBoundingClientRect();
            return event.clientY < box.top + box.height / 2;
        });
        dragged = { ...dragged, at: at < 0 ? rows.length : at };
        const edge = 60;
        if (event.clientY < edge) window.scrollBy(0, -16);
        else if (event.clientY > window.innerHeight - edge) window.scrollBy(0, 16);
    }

    function drop(): void {
        if (!dragged) return;
        const { row, at } = dragged;
        dragged = null;
        const from = order.rows.findIndex((one) => one.id === row.id);
        const place = at > from ? at - 1 : at;
        void keep(
            row,
            order.moveTo(row, () => place),
        );
    }
</script>

<Frame {screen} here="Catalogue" place={data.thing === 'category' ? 'Categories' : 'Collections'}>
    <p><a class="word" href="/studio/catalogue/{data.thing}/{data.id}">{data.name}</a></p>
    <h1 class="mt-2 text-2xl">Your own order of {data.name}</h1>
    <p class="mt-1 max-w-2xl text-quiet">
        Drag a product by its grip, or give it the focus and press the arrow keys; Home and End take it to the top and
        to the end. Customers see it at once where the list stands in <em>the usual order</em> or in <em>our order</em>.
    </p>
    <p class="mt-3 flex flex-wrap items-baseline gap-x-5" role="status">
        <span>{counted(order.total, 'product')}. {order.said}</span>
        <a class="word" href="{path}{data.slug}?sort=own">see it in the shop</a>
        {#if may && order.placed > 0 && data.thing === 'category'}<button
                class="word"
                onclick={() => void order.clear()}>the newest first again</button
            >{/if}
    </p>
    {#if order.rows.length === 0}
        <p class="mt-6 text-quiet">
            No product that customers can see is in it yet. As soon as there are some, they stand here.
        </p>
    {:else}
        <ol class="mt-4" bind:this={list} aria-label="Products in order" aria-busy={order.busy}>
            {#each order.rows as row, at (row.id)}
                <li
                    data-row={row.id}
                    class="relative flex items-center gap-3 border-b border-dashed border-hair py-1.5 {dragged?.row
                        .id === row.id
                        ? 'opacity-50'
                        : ''}"
                >
                    {#if dragged?.at === at}<span
                            class="absolute -top-px right-0 left-0 h-0.5 bg-ink"
                            data-landing
                            aria-hidden="true"
                        ></span>{/if}
                    {#if may}
                        <button
                            class="grid size-8 cursor-grab touch-none place-items-center text-quiet hover:text-ink"
                            data-handle={row.id}
                            aria-label="Move {row.title}, now at place {row.place}"
                            onpointerdown={(event) => start(event, row)}
                            onpointermove={drag}
                            onpointerup={drop}
                            onpointercancel={() => (dragged = null)}
                            onkeydown={(event) => key(event, row)}><GripDots /></button
                        >
                        <NumberPlace
                            {row}
                            most={order.total}
                            move={(place) => void keep(row, order.moveToPlace(row, place))}
                        />
                    {:else}
                        <span class="figures w-12 text-right">{row.place}</span>
                    {/if}
                    {#if row.picture}<img
                            src={row.picture}
                            alt=""
                            width="40"
                            height="40"
                            class="size-10 rounded object-cover"
                            loading="lazy"
                        />{:else}<span class="size-10 rounded bg-hair"></span>{/if}
                    <a class="min-w-0 flex-1 truncate hover:underline" href="/studio/products/{row.id}">{row.title}</a>
                    {#if !row.placed}<span class="text-sm text-quiet">by its date</span>{/if}
                </li>
            {/each}
            {#if dragged?.at === order.rows.length}<li class="h-0.5 bg-ink" data-landing aria-hidden="true"></li>{/if}
        </ol>
        {#if order.more}<button class="word mt-3" onclick={() => void order.next()}>More</button>{/if}
    {/if}
</Frame>
