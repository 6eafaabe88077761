<script lang="ts">
    import { drawing } from '../../../lib/drawing';
    import type { Definition, NewNode } from '../../../lib/types';
    import type { Drag } from '../deeds/drag.svelte';
    import { insertPart } from '../deeds/keptParts';
    import type { Table } from '../table.svelte';
    import type { KeptPart } from '../tree/types';

    let { table, drag, tall = false }: { table: Table; drag: Drag; tall?: boolean } = $props();
    const groups = {
        show: 'Show',
        choose: 'Choose',
        reassure: 'Reassure',
        more: 'More to see',
        say: 'Say',
        arrange: 'Arrange',
    };
    /** Blocks that say nothing on such a page by themselves. */
    const elsewhere = $derived(
        table.data.template.pageKind === 'product'
            ? 'On pages of other kinds'
            : 'Inside a card or a holder that shows a product',
    );
    let query = $state('');
    let row = $state<HTMLElement | null>(null);
    const found = $derived(
        [
            ...Object.entries(groups).map(([shelf, words]) => ({ words, items: itemsOf(shelf) })),
            { words: 'Kept', items: kept() },
            {
                words: elsewhere,
                items: table.about.isCard ? [] : Object.keys(groups).flatMap((shelf) => itemsOf(shelf, false)),
            },
        ].filter((group) => group.items.length > 0),
    );

    interface Item {
        definition: Definition;
        name: string;
        kind: string;
        what: { node: NewNode } | { part: KeptPart };
        drawing: string;
    }

    function kept(): Item[] {
        const wanted = query.trim().toLowerCase();
        return table.parts
            .filter((part) => part.name.toLowerCase().includes(wanted))
            .map((part) => {
                const definition = table.kinds.of(part.kind);
                const kind = table.sharing && table.about.isPage ? table.kinds.sharing(part.bands) : part.kind;
                return { definition, name: part.name, kind, what: { part }, drawing: definition.drawing };
            });
    }

    function itemsOf(shelf: string, fitting = true): Item[] {
        const wanted = query.trim().toLowerCase();
        return (
            table.data.definitions
                .filter((definition) => definition.shelf === shelf && table.about.fits(definition.kind) === fitting)
                // What is made for such pages stands before what stands on any.
                .toSorted((one, other) => Number(other.subjects.length > 0) - Number(one.subjects.length > 0))
                .flatMap((definition) =>
                    definition.starters.map((starter) => ({
                        definition,
                        name: starter.name,
                        kind: starter.node.kind,
                        what: { node: starter.node },
                        drawing: starter.drawing ?? definition.drawing,
                    })),
                )
                .filter(
                    (item) =>
                        wanted === '' || `${item.name} ${item.definition.searchWords}`.toLowerCase().includes(wanted),
                )
        );
    }

    function goTo(group: string): void {
        row?.querySelector(`[data-group="${group}"]`)?.scrollIntoView({ block: 'nearest', inline: 'start' });
    }

    function press(event: PointerEvent, item: Item): void {
        if (event.button !== 0) return;
        (event.currentTarget as Element).releasePointerCapture(event.pointerId);
        drag.press({ ...item.what, kind: item.kind, name: item.name }, event.clientX, event.clientY);
    }
</script>

<div class="flex min-w-0 gap-4 py-2.5 pr-4 {tall ? 'flex-col px-4' : ''}">
    <div class="shrink-0 {tall ? '' : 'w-79'}">
        <label>
            <span class="unseen">Find a block</span>
            <input
                class="field {tall ? 'w-full' : 'w-44'}"
                type="search"
                placeholder="Find a block…"
                title="Drag a block into the page, or click it to put it after what is selected"
                bind:value={query}
            />
        </label>
        {#if table.selection.holds && table.selection.place === null}
            <p class="mt-1 truncate text-xs text-quiet" role="group" aria-label="A click puts the block">
                A click puts it
                {#each [{ words: 'after', inside: false }, { words: 'inside', inside: true }] as way (way.words)}
                    <button
                        class="min-h-6 min-w-6 {table.selection.inside === way.inside
                            ? 'font-semibold text-ink'
                            : 'underline decoration-dotted underline-offset-2 hover:text-ink'}"
                        aria-pressed={table.selection.inside === way.inside}
                        onclick={() => (table.selection.inside = way.inside)}>{way.words}</button
                    >{way.inside ? '' : ' or '}
                {/each}
                <span class="ml-0.5">{table.about.nameOf(table.selection.id ?? '')}</span>
            </p>
        {/if}
        {#if !tall}
            <p class="mt-1 flex flex-wrap gap-x-2.5 text-xs" role="group" aria-label="Go along the shelf to">
                {#each found as group (group.words)}
                    <button
                        class="min-h-6 min-w-6 text-quiet underline decoration-dotted underline-offset-2 hover:text-ink"
                        onclick={() => goTo(group.words)}>{group.words}</button
                    >
                {/each}
            </p>
        {/if}
    </div>
    <div class="flex min-w-0 gap-5 {tall ? 'max-h-64 flex-col overflow-y-auto' : 'overflow-x-auto'}" bind:this={row}>
        {#each found as group (group.words)}
            <div class="shrink-0" role="group" aria-label={group.words} data-group={group.words}>
                <p class="flex gap-2 text-xs text-quiet">
                    {group.words}
                    {#if group.words === 'Kept' && table.about.isPage}
                        <span role="group" aria-label="Kept parts are placed as"
                            >placed as
                            {#each [{ words: 'shared', sharing: true }, { words: 'copies', sharing: false }] as way (way.words)}
                                <button
                                    class="ml-1 min-w-6 {table.sharing === way.sharing
                                        ? 'font-semibold text-ink'
                                        : 'underline decoration-dotted underline-offset-2 hover:text-ink'}"
                                    aria-pressed={table.sharing === way.sharing}
                                    title={way.sharing
                                        ? 'A shared part changes everywhere at once'
                                        : 'A copy goes its own way'}
                                    onclick={() => (table.sharing = way.sharing)}>{way.words}</button
                                >
                            {/each}</span
                        >
                    {/if}
                </p>
                <div class="mt-1 flex items-start gap-1.5 {tall ? 'flex-wrap' : ''}">
                    {#each group.items as item (item.name)}
                        <button
                            class="w-20 touch-none rounded-md p-1 text-center select-none hover:bg-room {group.words ===
                            elsewhere
                                ? 'text-quiet'
                                : ''}"
                            title={group.words === elsewhere
                                ? `Works ${elsewhere.charAt(0).toLowerCase()}${elsewhere.slice(1)}`
                                : undefined}
                            data-shelf={item.name}
                            disabled={!table.mayEdit}
                            onpointerdown={(event) => press(event, item)}
                            onclick={() =>
                                void ('part' in item.what
                                    ? insertPart(table, item.what.part)
                                    : table.edits.insert(item.what.node))}
                        >
                            <span
                                class="mx-auto block w-18 rounded border border-hair bg-sheet"
                                aria-hidden="true"
                                {@attach drawing(item.drawing)}
                            ></span>
                            <span class="mt-0.5 block text-xs leading-tight">{item.name}</span>
                        </button>
                    {/each}
                </div>
            </div>
        {:else}
            <p class="self-center text-quiet">No block is called that. Try “picture”, “words” or “columns”.</p>
        {/each}
    </div>
</div>
