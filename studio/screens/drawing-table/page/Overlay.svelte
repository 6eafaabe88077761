<script lang="ts">
    import Caption from './Caption.svelte';
    import Distances from './Distances.svelte';
    import Edges from './Edges.svelte';
    import type { Box } from './canvas.svelte';
    import type { Drag } from '../deeds/drag.svelte';
    import type { Landing } from './landing';
    import { CanvasHands } from './pointing';
    import Shelf from '../row/Shelf.svelte';
    import type { Table } from '../table.svelte';
    import { find } from '../tree/tree';

    let { table, drag }: { table: Table; drag: Drag } = $props();
    const canvas = $derived(table.canvas);
    let gap = $state.raw<Landing | null>(null);
    let open = $state(false);
    /** How high a note about an empty block is. */
    const NOTE = 20;

    const selected = $derived.by(() => {
        void canvas.tick;
        void table.draft;
        const box = table.selection.id === null ? null : canvas.box(table.selection.id);
        // What does not appear takes no room: the frame stands around the note that says why.
        const isNote =
            box && box.height < NOTE && canvas.element(table.selection.id ?? '')?.dataset.absent !== undefined;
        return isNote ? { ...box, top: box.top - NOTE / 2, height: NOTE } : box;
    });
    /** The very card that is worked on, framed while one of its blocks is selected. */
    const card = $derived.by(() => {
        void canvas.tick;
        void table.draft;
        return table.about.isCard ? canvas.box(table.draft.tree.id) : null;
    });
    const besides = $derived.by(() => {
        void canvas.tick;
        return table.selection.besides.flatMap((id) => canvas.box(id) ?? []);
    });
    const absent = $derived.by(() => {
        void canvas.tick;
        void table.draft;
        // Of cards, what does not appear is told of the one that is looked at.
        const marks = [...((canvas.card ?? canvas.document)?.querySelectorAll<HTMLElement>('[data-absent]') ?? [])];
        return marks.flatMap((mark) => {
            const id = mark.dataset.b ?? '';
            const box = canvas.box(id);
            const node = find(table.draft.tree, id);
            return box && node && (mark.offsetParent || box.width > 0)
                ? [{ id, box, words: `${table.kinds.of(node.kind).name}: ${mark.dataset.absent ?? ''}` }]
                : [];
        });
    });
    const notes = $derived.by(() => {
        void canvas.tick;
        void table.draft;
        return [...(canvas.document?.querySelectorAll<HTMLElement>('[data-note]') ?? [])].flatMap((mark) => {
            const id = mark.dataset.b ?? '';
            const box = canvas.box(id);
            return box ? [{ id, box, words: mark.dataset.note ?? '' }] : [];
        });
    });
    const fromPage = $derived(`from the ${table.about.words.one}`);
    const from = $derived.by(() => {
        const definition = table.selection.node && table.kinds.of(table.selection.node.kind);
        if (table.about.sharedPart) return 'shared';
        if (table.about.isCard && table.kinds.isRoot(table.selection.node?.kind ?? 'page')) return 'all others follow';
        if (table.about.isPage && table.cards.of(table.selection.node)) return 'click a product to edit its card';
        if (!definition || definition.role !== 'block') return '';
        if (table.selection.node?.what?.from === 'own') return 'chosen here';
        const sourced = definition.settings.filter((setting) => setting.sourced);
        if (sourced.length === 0)
            return ['show', 'choose', 'reassure', 'more'].includes(definition.shelf ?? '') ? fromPage : '';
        return sourced.some(
            (setting) => typeof (table.selection.node?.what?.[setting.name] ?? setting.default) === 'object',
        )
            ? fromPage
            : 'typed in';
    });

    $effect(() => {
        const page = canvas.document;
        if (!page || !canvas.ready) return;
        const follow = (event: PointerEvent): void => {
            if (!drag.load && !open && table.mayEdit) gap = CanvasHands.gapAt(table, event.clientX, event.clientY, 9);
        };
        page.addEventListener('pointermove', follow);
        return () => page.removeEventListener('pointermove', follow);
    });

    function closeShelf(): void {
        open = false;
        gap = null;
        table.selection.place = null;
    }

    function put(box: Box, grow = 0): string {
        return `left:${box.left - grow}px;top:${box.top - grow}px;width:${box.width + 2 * grow}px;height:${box.height + 2 * grow}px`;
    }
</script>

<svelte:window onkeydown={(event) => open && event.key === 'Escape' && closeShelf()} />

<div class="pointer-events-none absolute inset-0 overflow-hidden">
    {#each absent as note (note.id)}
        <button
            class="pointer-events-auto absolute h-5 max-w-full -translate-y-1/2 truncate rounded border border-dashed border-edge bg-sheet px-2 text-left text-xs leading-[18px] text-quiet"
            style:left="{note.box.left}px"
            style:top="{note.box.top}px"
            style:width="{note.box.width}px"
            onclick={() => table.selection.select(note.id)}>{note.words}</button
        >
    {/each}
    {#each notes as note (note.id)}
        <button
            class="pointer-events-auto absolute h-5 max-w-full truncate rounded border border-dashed border-edge bg-sheet px-2 text-left text-xs leading-[18px] text-quiet"
            style:left="{note.box.left}px"
            style:top="{note.box.top + note.box.height + 2}px"
            style:max-width="{note.box.width}px"
            title={note.words}
            onclick={() => table.selection.select(note.id)}>{note.words}</button
        >
    {/each}
    {#each besides as box, index (index)}<div
            class="absolute rounded border-[1.5px] border-dashed border-[#1b2233]"
            style={put(box, 3)}
        ></div>{/each}
    {#if card && !drag.load && table.selection.id !== table.draft.tree.id}<div
            class="absolute rounded-lg border border-[#1b2233]"
            style={put(card, 7)}
            data-card-frame
        ></div>{/if}
    {#if selected && table.selection.node && !drag.load}
        <div class="absolute rounded border-[1.5px] border-[#1b2233]" style={put(selected, 3)}></div>
        <Caption {table} {drag} box={selected} {from} />
    {/if}
    {#if selected && !drag.load}
        <Distances {table} />
        <Edges {table} />
    {/if}
    {#if drag.load && 'ids' in drag.load}
        {#each drag.load.ids as id (id)}
            {@const box = canvas.box(id)}
            {#if box}<div class="absolute bg-[#f1e9dc]/70" style={put(box)}></div>{/if}
        {/each}
    {/if}
    {#if drag.landing && !drag.landing.row}
        {@const line = drag.landing.line}
        <div
            class="absolute bg-[#1b2233]"
            data-landing
            style:left="{line.left - (drag.landing.upright ? 1.5 : 0)}px"
            style:top="{line.top - (drag.landing.upright ? 0 : 1.5)}px"
            style:width="{drag.landing.upright ? 3 : line.width}px"
            style:height="{drag.landing.upright ? line.height : 3}px"
        ></div>
    {/if}
    {#if gap && !drag.load}
        <div
            class="absolute border-t-[1.5px] border-dashed border-[#1b2233]"
            style:left="{gap.line.left}px"
            style:top="{gap.line.top}px"
            style:width="{gap.line.width}px"
        ></div>
        <button
            class="pointer-events-auto absolute -translate-x-1/2 -translate-y-1/2 rounded-full border border-[#1b2233] bg-[#fffdf8] px-2 text-xs text-[#1b2233]"
            style:left="{gap.line.left + gap.line.width / 2}px"
            style:top="{gap.line.top}px"
            aria-expanded={open}
            onclick={() => {
                open = true;
                table.selection.place = gap?.place ?? null;
            }}>+ put a block here</button
        >
        {#if open}
            <div
                class="float pointer-events-auto absolute z-10 w-84 -translate-x-1/2 text-ink"
                role="dialog"
                aria-label="Put a block here"
                style:left="{Math.max(176, gap.line.left + gap.line.width / 2)}px"
                style:top="{Math.min(gap.line.top + 14, Math.max(20, (canvas.window?.innerHeight ?? 600) - 360))}px"
                onclickcapture={(event) => {
                    if ((event.target as Element).closest('[data-shelf]')) setTimeout(closeShelf);
                }}
            >
                <Shelf {table} {drag} tall />
                <button class="px-4 pb-3 text-quiet" onclick={closeShelf}>Close</button>
            </div>
        {/if}
    {/if}
</div>
