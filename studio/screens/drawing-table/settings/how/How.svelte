<script lang="ts">
    import { untrack } from 'svelte';
    import { counted } from '../../../../lib/words';
    import type { Piece, Setting, TreeNode } from '../../../../lib/types';
    import type { Table } from '../../table.svelte';
    import { departures } from '../../tree/tree';
    import { overruledBy } from '../effects';
    import { others, sharedPieces } from '../shared';
    import Proportions from '../Proportions.svelte';
    import StyleRow from '../StyleRow.svelte';
    import { panel } from './panel.svelte';
    import BlockPlace from '../sequence/BlockPlace.svelte';
    import ColumnOrder from '../sequence/ColumnOrder.svelte';
    import SequenceList from '../sequence/SequenceList.svelte';
    import PieceFold from './PieceFold.svelte';
    import { elementsOf, ownOf } from './styles';

    let { table, node, settings }: { table: Table; node: TreeNode; settings: Setting[] } = $props();
    const pieces = $derived(sharedPieces(table, table.kinds.of(node.kind).pieces));
    const own = $derived([node, ...others(table)].reduce((sum, one) => sum + departures(one), 0));
    const first = $derived(pieces.find((one) => one.chief) ?? pieces[0]);
    const splits = $derived(
        table.selection.besides.length === 0 &&
            table.kinds.role(node.kind) === 'band' &&
            (node.children?.length ?? 0) > 1 &&
            panel.finds('proportions'),
    );
    const id = $derived([node.id, ...table.selection.besides].join(' '));
    /** Those that differ stand first, as they did when one came here. */
    const inOrder = $derived.by(() => {
        void id;
        return untrack(() => pieces.toSorted((one, other) => rank(one) - rank(other)));
    });
    const rank = (piece: Piece): number => (ownOf(node, piece.name) > 0 ? 0 : piece === first ? 1 : 2);

    /** While a state is looked at, the page shows it. */
    $effect(() => {
        void table.canvas.ready;
        void table.draft;
        const piece = pieces.find((one) => panel.stateOf(node.id, one.name) !== 'usual');
        const state = piece && panel.stateOf(node.id, piece.name);
        const block = table.canvas.element(node.id);
        const there =
            piece &&
            state &&
            ['chosen', 'unavailable'].includes(state) &&
            elementsOf(block, piece.selectors[state] ?? '').length > 0;
        if (!piece || !state || there) table.canvas.letGo();
        else
            table.canvas.hold(
                elementsOf(block, piece.selectors.usual ?? '').slice(0, 1),
                node.id,
                state,
                piece.selectors[state] ?? '',
            );
    });

    /** What is said of columns counts for nothing where their blocks stand in one order. */
    function sequenced(setting: Setting): string {
        const at = table.widthName === 'desktop' ? undefined : table.draft.sequences[node.id]?.[table.widthName];
        return at?.set && ['stack', 'gap', 'align'].includes(setting.name)
            ? 'the blocks stand in an order of their own'
            : '';
    }

    function allBack(): void {
        void table.edits.send(
            [node, ...others(table)].flatMap((one) =>
                Object.entries(one.how ?? {}).flatMap(([width, layer]) =>
                    Object.keys(layer).map((setting) => ({
                        edit: 'set' as const,
                        id: one.id,
                        question: 'how' as const,
                        width: width as typeof table.widthName,
                        setting,
                        value: null,
                    })),
                ),
            ),
        );
    }
</script>

<h3 class="flex flex-wrap items-baseline gap-x-2 font-sans text-base font-semibold">
    <span class="question shrink-0 outline-none" tabindex="-1">How it looks</span>
    {#if table.widthName !== 'desktop'}<span class="font-normal">on the {table.widthName}</span>{/if}
    {#if own > 0}
        <span class="own ml-auto rounded px-1.5 text-xs font-normal">
            {counted(own, 'departure')} from the house style{#if table.mayEdit}
                · <button class="word" onclick={allBack}>all back<span class="unseen"> to the house style</span></button
                >{/if}
        </span>
    {/if}
</h3>
{#if splits}<Proportions {table} band={node} />{/if}
<BlockPlace {table} {node} />
{#each settings.filter((one) => panel.finds(one.label)) as setting (`${node.id}.${setting.name}`)}
    {#if setting.type === 'order'}
        {#if table.selection.besides.length === 0 && table.draft.sequences[node.id]}<SequenceList
                {table}
                band={node}
            />{/if}
    {:else if setting.property === 'order'}
        {#if table.selection.besides.length === 0}<ColumnOrder {table} {node} />{/if}
    {:else}
        <StyleRow {table} {node} {setting} idle={overruledBy(table, node, setting) || sequenced(setting)} />
    {/if}
{/each}
{#each inOrder as piece (`${node.id}.${piece.name}`)}
    <PieceFold {table} {node} {piece} usually={piece === first} />
{/each}
