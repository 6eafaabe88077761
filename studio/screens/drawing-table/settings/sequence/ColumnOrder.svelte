<script lang="ts">
    import type { Edit, TreeNode } from '../../../../lib/types';
    import type { Table } from '../../table.svelte';
    import { parentOf, styleAt } from '../../tree/tree';

    let { table, node }: { table: Table; node: TreeNode } = $props();
    const band = $derived(parentOf(table.draft.tree, node.id));
    const place = (column: TreeNode): number => {
        const { value } = styleAt(column, 'order', table.widthName);
        return typeof value === 'number' ? value : 0;
    };
    const columns = $derived((band?.children ?? []).toSorted((one, other) => place(one) - place(other)));
    const at = $derived(columns.findIndex((one) => one.id === node.id));
    const isOne = $derived(
        band !== null &&
            table.widthName !== 'desktop' &&
            table.draft.sequences[band.id]?.[table.widthName]?.set === true,
    );
    const own = $derived(columns.filter((one) => one.how?.[table.widthName]?.order !== undefined));
    const PLACES = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth'];
    const words = $derived(
        columns.length < 2 ? 'it stands alone' : at === columns.length - 1 ? 'last' : (PLACES[at] ?? 'in between'),
    );

    const said = (column: TreeNode, value: number | null): Edit => ({
        edit: 'set',
        id: column.id,
        question: 'how',
        width: table.widthName,
        setting: 'order',
        value,
    });

    function step(by: -1 | 1): void {
        const order = columns.filter((one) => one.id !== node.id);
        order.splice(at + by, 0, node);
        void table.edits.send(order.map((one, nth) => said(one, nth + 1)));
    }
</script>

<div class="mt-1.5 grid grid-cols-[96px_minmax(0,1fr)] items-baseline gap-x-2" data-style="order">
    <span class="text-quiet">Order</span>
    {#if isOne && band}
        <p class="min-w-0 text-sm">
            The band is one sequence here:
            <button class="word" onclick={() => table.selection.select(band.id)}>put it in order there</button>
        </p>
    {:else}
        <p class="flex flex-wrap items-baseline gap-x-3">
            <span role="status">{words}</span>
            {#if columns.length > 1 && columns.length <= PLACES.length && table.mayEdit}
                <button class="word text-sm disabled:opacity-50" disabled={at === 0} onclick={() => step(-1)}
                    >earlier</button
                >
                <button
                    class="word text-sm disabled:opacity-50"
                    disabled={at === columns.length - 1}
                    onclick={() => step(1)}>later</button
                >
            {/if}
            {#if own.length > 0 && table.mayEdit}<button
                    class="word ml-auto text-xs"
                    onclick={() => void table.edits.send(own.map((one) => said(one, null)))}
                    >back<span class="unseen"> to the order in which they are drawn</span></button
                >{/if}
        </p>
    {/if}
</div>
