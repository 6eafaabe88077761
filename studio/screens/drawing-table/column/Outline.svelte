<script lang="ts">
    import { counted } from '../../../lib/words';
    import Inline from '../../../parts/Inline.svelte';
    import type { TreeNode } from '../../../lib/types';
    import { loadOf, type Drag } from '../deeds/drag.svelte';
    import { appearsOnly } from '../tree/absent';
    import { departures, rows } from '../tree/tree';
    import { proportionsOf } from '../tree/proportions';
    import type { Row } from '../tree/tree';
    import type { Table } from '../table.svelte';

    let { table, drag }: { table: Table; drag: Drag } = $props();
    const all = $derived(rows(table.draft.tree).slice(1));
    let query = $state('');
    const shown = $derived.by(() => {
        const wanted = query.trim().toLowerCase();
        return wanted === '' ? all : all.filter((row) => wordsOf(row.node).toLowerCase().includes(wanted));
    });
    let list = $state<HTMLElement | null>(null);

    const LANDING = {
        above: 'rounded-none shadow-[0_-2px_0_var(--color-ink)]',
        below: 'rounded-none shadow-[0_2px_0_var(--color-ink)]',
        inside: 'outline-2 outline-ink outline-dashed',
    };

    $effect(() => {
        drag.outline = list;
        return () => (drag.outline = null);
    });

    let inside = false;
    $effect(() => {
        void all;
        const row = list?.querySelector<HTMLElement>(`[data-row="${table.selection.id ?? ''}"]`);
        row?.scrollIntoView({ block: 'nearest' });
        // A row that moves in the list loses the focus; it gets it back.
        if (inside && document.activeElement === document.body) row?.focus();
    });

    /** What a block can be found by: its name, its kind and the words typed into it. */
    function wordsOf(node: TreeNode): string {
        const typed = Object.values(node.what ?? {}).filter((value) => typeof value === 'string');
        return [table.about.nameOfNode(node), table.kinds.of(node.kind).name, ...typed]
            .join(' ')
            .replace(/<[^>]*>/g, ' ');
    }

    function name(node: TreeNode, called: string): void {
        table.naming = null;
        const next = called.trim();
        if (next !== String(node.what?.called ?? ''))
            void table.values.set(node.id, 'what', 'called', next === '' ? null : next);
    }

    /** By its key, like everything that is done with a block; by hand here. */
    function switchOff(node: TreeNode, value: boolean): void {
        void table.edits.send([
            { edit: 'set', id: node.id, question: 'when', width: 'desktop', setting: 'off', value },
        ]);
    }

    const today = new Date().toLocaleDateString('sv-SE');

    function conditionsOf(id: string): string[] {
        return (table.draft.conditions[id] ?? []).map((phrase) =>
            [phrase.what, phrase.values].filter(Boolean).join(' '),
        );
    }

    /** One of several that are selected drags them all; unless it is dragged, the press means it alone. */
    function press(event: PointerEvent, node: TreeNode): void {
        if (
            event.button !== 0 ||
            event.pointerType === 'touch' ||
            table.naming !== null ||
            event.ctrlKey ||
            event.metaKey ||
            event.shiftKey
        )
            return;
        (event.currentTarget as Element).releasePointerCapture(event.pointerId);
        const { selection } = table;
        const among = selection.besides.length > 0 && selection.isChosen(node.id);
        if (!among) selection.select(node.id, true);
        drag.press(loadOf(table, node), event.clientX, event.clientY, () => among && selection.select(node.id, true));
    }

    /** A finger drags the list itself, and taps rows; a key presses without a pointer. */
    function isMouse(event: MouseEvent): boolean {
        return event.detail > 0 && !(event instanceof PointerEvent && event.pointerType === 'touch');
    }

    function detail({ node }: Row): string {
        const absent = appearsOnly(node, table.widthName, conditionsOf(node.id), today);
        if (absent !== '') return absent;
        if (table.draft.unreplaced.includes(node.id)) return 'words it came with';
        const own = departures(node);
        if (table.kinds.role(node.kind) === 'band' && table.kinds.of(node.kind).filledWith === null)
            return proportionsOf(node);
        if (table.kinds.of(node.kind).filledWith === 'part') return 'shared part';
        if (table.cards.of(node) && table.about.isPage) return `card: ${table.cards.of(node)?.name ?? ''}`;
        if (table.kinds.role(node.kind) === 'column')
            return node.how?.desktop?.staysInView === true ? 'stays in view' : '';
        return own > 0 ? counted(own, 'departure') : '';
    }

    function onkeydown(event: KeyboardEvent): void {
        if (event.altKey) return;
        if (table.naming !== null) return;
        const cursor = (event.target as HTMLElement).dataset.row ?? table.selection.id;
        const at = shown.findIndex((row) => row.node.id === cursor);
        if (event.key === ' ' && cursor !== null && cursor !== undefined) {
            event.preventDefault();
            if (event.ctrlKey || event.metaKey) table.selection.selectToo(cursor);
            else table.selection.select(cursor, true);
            return;
        }
        const next = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: shown.length - 1 }[event.key];
        const row = next === undefined ? undefined : shown[Math.max(0, Math.min(shown.length - 1, next))];
        if (!row) return;
        event.preventDefault();
        // With Ctrl the cursor goes on and nothing is selected yet; the space bar selects.
        if (!event.ctrlKey && !event.metaKey) table.selection.click(row.node.id, event, true);
        list?.querySelector<HTMLElement>(`[data-row="${row.node.id}"]`)?.focus();
    }
</script>

<section class="flex h-full flex-col" aria-labelledby="outline-title">
    <div class="flex items-baseline gap-3 px-4 pt-2.5 pb-1">
        <h2 id="outline-title" class="text-lg">Outline</h2>
        <input
            class="field h-7 min-w-0 flex-1 text-sm"
            type="search"
            placeholder="Find in it…"
            aria-label="Find a part of the page"
            bind:value={query}
        />
        <span class="shrink-0 text-sm text-quiet">{counted(all.length, 'part')}</span>
    </div>
    <div
        class="min-h-0 flex-1 overflow-y-auto px-2 pb-2"
        role="tree"
        aria-multiselectable="true"
        aria-label="Outline of the {table.about.thing}"
        tabindex="-1"
        bind:this={list}
        {onkeydown}
        onfocusin={() => (inside = true)}
        onfocusout={(event) => event.relatedTarget && (inside = false)}
    >
        {#each shown as row, index (row.node.id)}
            {@const chosen = table.selection.isChosen(row.node.id)}
            {@const landing = drag.landing?.row?.id === row.node.id ? drag.landing.row.at : null}
            <div
                role="treeitem"
                aria-label={`${table.about.nameOfNode(row.node)} ${detail(row)}`.trim()}
                aria-level={row.depth}
                aria-selected={chosen}
                tabindex={row.node.id === table.selection.id ||
                (index === 0 && !shown.some((one) => one.node.id === table.selection.id))
                    ? 0
                    : -1}
                data-row={row.node.id}
                data-landing={landing}
                class="group flex cursor-default items-baseline justify-between gap-2 rounded px-2 py-0.75 select-none {chosen
                    ? 'bg-ink text-paper'
                    : 'hover:bg-room'} {landing === null ? '' : LANDING[landing]}"
                style:padding-left="{row.depth * 14 - 6}px"
                onpointerdown={(event) => press(event, row.node)}
                onclick={(event) =>
                    (event.ctrlKey || event.metaKey || event.shiftKey || !isMouse(event)) &&
                    table.selection.click(row.node.id, event, true)}
                ondblclick={() => table.typeIn(row.node.id)}
                onkeydown={(event) =>
                    event.key === 'Enter' &&
                    table.naming === null &&
                    (event.preventDefault(), table.selection.select(row.node.id, true), table.typeIn(row.node.id))}
            >
                {#if table.naming === row.node.id}
                    <Inline
                        small
                        label="Name of this part"
                        value={String(row.node.what?.called ?? '')}
                        max={60}
                        placeholder={table.kinds.of(row.node.kind).name}
                        done={(text) => name(row.node, text)}
                        leave={() => (table.naming = null)}
                    />
                {:else}
                    <span class="truncate {row.node.when?.off === true ? 'line-through' : ''}"
                        >{table.about.nameOfNode(row.node)}</span
                    >
                {/if}
                <span class="ml-auto shrink-0 text-xs {chosen ? '' : 'text-quiet'}">{detail(row)}</span>
                {#if table.mayEdit}
                    {@const isOff = row.node.when?.off === true}
                    <button
                        class="-my-0.5 min-h-6 min-w-6 shrink-0 text-xs underline decoration-dotted underline-offset-4 {chosen
                            ? ''
                            : 'opacity-0 group-hover:opacity-100 focus-visible:opacity-100'}"
                        tabindex="-1"
                        aria-label="{isOff ? 'Switch on' : 'Switch off'}: {table.about.nameOfNode(row.node)}"
                        title={isOff ? 'Switch it on' : 'Switch it off: it stays here and is not in the shop'}
                        onpointerdown={(event) => event.stopPropagation()}
                        onclick={(event) => {
                            event.stopPropagation();
                            switchOff(row.node, !isOff);
                        }}
                        onkeydown={(event) => ['Enter', ' '].includes(event.key) && event.stopPropagation()}
                        ondblclick={(event) => event.stopPropagation()}>{isOff ? 'on' : 'off'}</button
                    >
                {/if}
            </div>
        {:else}
            <p class="px-2 text-quiet">
                {query === ''
                    ? `Nothing is on the ${table.about.thing} yet. Open the shelf below.`
                    : 'Nothing on this page is called that.'}
            </p>
        {/each}
    </div>
</section>
