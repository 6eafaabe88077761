<script lang="ts">
    import { counted } from '../../../lib/words';
    import Inline from '../../../parts/Inline.svelte';
    import type { TreeNode } from '../../../lib/types';
    import { departures, rows } from '../tree/tree';
    import { proportionsOf } from '../tree/proportions';
    import type { Row } from '../tree/tree';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    const all = $derived(rows(table.draft.tree).slice(1));
    let query = $state('');
    const shown = $derived.by(() => {
        const wanted = query.trim().toLowerCase();
        return wanted === '' ? all : all.filter((row) => wordsOf(row.node).toLowerCase().includes(wanted));
    });
    let list = $state<HTMLElement | null>(null);

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

    function detail({ node }: Row): string {
        if (node.when?.off === true) return 'switched off';
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
        const at = shown.findIndex((row) => row.node.id === table.selection.id);
        const next = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: shown.length - 1 }[event.key];
        const row = next === undefined ? undefined : shown[Math.max(0, Math.min(shown.length - 1, next))];
        if (!row) return;
        event.preventDefault();
        if (event.shiftKey) table.selection.selectToo(row.node.id);
        else table.selection.select(row.node.id, true);
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
        aria-label="Outline of the {table.about.thing}"
        tabindex="-1"
        bind:this={list}
        {onkeydown}
        onfocusin={() => (inside = true)}
        onfocusout={(event) => event.relatedTarget && (inside = false)}
    >
        {#each shown as row, index (row.node.id)}
            {@const chosen = row.node.id === table.selection.id || table.selection.besides.includes(row.node.id)}
            <div
                role="treeitem"
                aria-level={row.depth}
                aria-selected={chosen}
                tabindex={row.node.id === table.selection.id ||
                (index === 0 && !shown.some((one) => one.node.id === table.selection.id))
                    ? 0
                    : -1}
                data-row={row.node.id}
                class="flex cursor-default items-baseline justify-between gap-2 rounded px-2 py-0.75 {chosen
                    ? 'bg-ink text-paper'
                    : 'hover:bg-room'}"
                style:padding-left="{row.depth * 14 - 6}px"
                onclick={(event) =>
                    event.ctrlKey || event.metaKey
                        ? table.selection.selectToo(row.node.id)
                        : table.selection.select(row.node.id, true)}
                ondblclick={() => table.typeIn(row.node.id)}
                onkeydown={(event) =>
                    event.key === 'Enter' &&
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
                <span class="shrink-0 text-xs {chosen ? '' : 'text-quiet'}">{detail(row)}</span>
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
