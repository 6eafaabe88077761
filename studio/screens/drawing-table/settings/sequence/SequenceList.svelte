<script lang="ts">
    import { tick } from 'svelte';
    import type { TreeNode } from '../../../../lib/types';
    import GripDots from '../../../../parts/GripDots.svelte';
    import { orderBand, putInSequence, standsBelow } from '../../deeds/sequences';
    import type { Table } from '../../table.svelte';
    import { placeInWords } from '../../tree/sequence';
    import { styleAt } from '../../tree/tree';

    let { table, band }: { table: Table; band: TreeNode } = $props();
    const width = $derived(table.widthName);
    const sequence = $derived(width === 'desktop' ? undefined : table.draft.sequences[band.id]?.[width]);
    const style = $derived(styleAt(band, 'sequence', width));
    const own = $derived(style.from === width);
    /** Where columns stand one below another anyway their blocks are put in order at once. */
    const listed = $derived(sequence !== undefined && (sequence.set || standsBelow(table, band.id)));
    let list: HTMLElement | undefined = $state();
    let dragged = $state.raw<{ id: string; at: number } | null>(null);
    let said = $state('');

    async function move(id: string, after: string | null): Promise<void> {
        if (!sequence) return;
        await putInSequence(table, { band, sequence, item: id }, [id], after);
        await tick();
        const now = table.draft.sequences[band.id]?.[width === 'tablet' ? 'tablet' : 'phone'];
        if (now) said = `${name(id)}: ${placeInWords(now.seen, id, name)}.`;
        list?.querySelector<HTMLElement>(`[data-grip="${id}"]`)?.focus();
    }

    /** To the place at which so many others stand before it. */
    function moveTo(id: string, at: number): void {
        const others = (sequence?.seen ?? []).filter((one) => one !== id);
        const place = Math.max(0, Math.min(at, others.length));
        if ((sequence?.seen ?? []).indexOf(id) !== place)
            void move(id, place === 0 ? null : (others[place - 1] ?? null));
    }

    function key(event: KeyboardEvent, id: string, at: number): void {
        const to = { ArrowUp: at - 1, ArrowDown: at + 1, Home: 0, End: Infinity }[event.key];
        if (to === undefined) return;
        event.preventDefault();
        moveTo(id, to);
    }

    function start(event: PointerEvent, id: string, at: number): void {
        if (event.button !== 0) return;
        event.preventDefault();
        const grip = event.currentTarget as HTMLElement;
        grip.setPointerCapture(event.pointerId);
        grip.focus();
        dragged = { id, at };
    }

    function drag(event: PointerEvent): void {
        if (!dragged || !list) return;
        const rows = [...list.querySelectorAll('li')];
        const at = rows.findIndex((row) => {
            const box = row.getBoundingClientRect();
            return event.clientY < box.top + box.height / 2;
        });
        dragged = { ...dragged, at: at < 0 ? rows.length : at };
    }

    function drop(): void {
        if (!dragged) return;
        const { id, at } = dragged;
        dragged = null;
        moveTo(id, at > (sequence?.seen ?? []).indexOf(id) ? at - 1 : at);
    }

    const name = (id: string): string => table.about.nameOf(id);
    const drawn = $derived(sequence?.drawn ?? []);
    /** Where what is read elsewhere stands on the page as it is drawn. */
    const readAfter = (id: string): string => {
        const before = drawn[drawn.indexOf(id) - 1];
        return before === undefined ? 'first' : `after ${name(before)}`;
    };
</script>

<div class="mt-2" data-sequence={width}>
    <div class="flex flex-wrap items-baseline gap-x-2">
        <h4 class="font-sans font-normal text-quiet">
            {width === 'desktop' ? 'Order on narrow screens' : `Order on the ${width}`}
        </h4>
        {#if own && table.mayEdit}<button
                class="word ml-auto text-xs"
                onclick={() => void orderBand(table, band.id, null)}>back to the order of the columns</button
            >{:else if style.from !== null && width !== 'desktop'}<span class="ml-auto text-xs text-quiet"
                >as on the {style.from}</span
            >{/if}
    </div>
    {#if width === 'desktop'}
        <p class="mt-1 flex flex-wrap gap-x-3 text-sm">
            <button class="word" onclick={() => (table.width = 820)}>on the tablet…</button>
            <button class="word" onclick={() => (table.width = 390)}>on the phone…</button>
        </p>
    {:else if !listed && table.mayEdit}
        <p class="mt-1 text-sm">
            The columns stand side by side.
            <button class="word" onclick={() => void orderBand(table, band.id, sequence?.seen ?? [])}
                >One below another, in an order of its own</button
            >
        </p>
    {/if}
    {#if listed && sequence}
        <ol class="mt-1" bind:this={list} aria-label="Order on the {width}">
            {#each sequence.seen as id, at (id)}
                <li
                    class="relative flex min-h-7 items-center gap-1.5 {dragged?.id === id ? 'opacity-50' : ''}"
                    data-item={id}
                >
                    {#if dragged && (dragged.at === at || (at === sequence.seen.length - 1 && dragged.at > at))}<span
                            class="absolute right-0 left-0 h-0.5 bg-ink {dragged.at > at ? '-bottom-px' : '-top-px'}"
                            data-landing
                            aria-hidden="true"
                        ></span>{/if}
                    {#if table.mayEdit}<button
                            class="grid size-6 shrink-0 cursor-grab touch-none place-items-center text-quiet hover:text-ink"
                            data-grip={id}
                            aria-label="Move {name(id)}: {placeInWords(sequence.seen, id, name)}"
                            title="Drag, or press the arrow keys"
                            onpointerdown={(event) => start(event, id, at)}
                            onpointermove={drag}
                            onpointerup={drop}
                            onpointercancel={() => (dragged = null)}
                            onkeydown={(event) => key(event, id, at)}><GripDots /></button
                        >{/if}
                    <span class="min-w-0 truncate">{name(id)}</span>
                    {#if sequence.whole[id]}<span class="shrink-0 text-xs text-quiet" title={sequence.whole[id]}
                            >as a whole</span
                        >{/if}
                </li>
            {/each}
        </ol>
        {#each Object.entries(sequence.whole) as [id, why] (id)}
            <p class="mt-1 text-xs text-quiet">{name(id)} moves as a whole: {why}.</p>
        {/each}
    {/if}
    {#if sequence && sequence.elsewhere.length > 0}
        <p class="mt-1 text-xs text-quiet" data-read-elsewhere>
            Newer browsers also read it aloud, and go through it by keyboard, in this order. Older ones go by the order
            of the desktop: {sequence.elsewhere.map((id) => `${name(id)} ${readAfter(id)}`).join(', ')}.
        </p>
    {/if}
    <span class="unseen" role="status">{said}</span>
</div>
