<script lang="ts">
    import type { TreeNode } from '../../../../lib/types';
    import { besideInSequence, putInSequence, standsBelow } from '../../deeds/sequences';
    import type { Table } from '../../table.svelte';
    import { placeInWords, sequenceOf } from '../../tree/sequence';

    let { table, node }: { table: Table; node: TreeNode } = $props();
    const of = $derived(sequenceOf(table.draft, table.widthName, node.id));
    const shown = $derived(
        of !== null &&
            node.id !== of.band.id &&
            table.selection.besides.length === 0 &&
            (of.sequence.set || standsBelow(table, of.band.id)),
    );
    const name = (id: string): string => table.about.nameOf(id);

    function step(by: -1 | 1): void {
        const after = of ? besideInSequence(of, [of.item], by) : undefined;
        if (of && after !== undefined) void putInSequence(table, of, [of.item], after);
    }
</script>

{#if shown && of}
    {@const at = of.sequence.seen.indexOf(of.item)}
    <div class="mt-1.5 grid grid-cols-[96px_minmax(0,1fr)] items-baseline gap-x-2" data-place={of.item}>
        <span class="text-quiet">Place</span>
        <div class="min-w-0">
            <p role="status">{placeInWords(of.sequence.seen, of.item, name)}</p>
            {#if of.item !== node.id && of.sequence.whole[of.item]}
                <p class="text-xs text-quiet">
                    It moves with {name(of.item)}, which moves as a whole: {of.sequence.whole[of.item]}.
                </p>
            {/if}
            {#if table.mayEdit}
                <p class="flex flex-wrap gap-x-3 text-sm">
                    <button class="word disabled:opacity-50" disabled={at === 0} onclick={() => step(-1)}
                        >earlier</button
                    >
                    <button
                        class="word disabled:opacity-50"
                        disabled={at === of.sequence.seen.length - 1}
                        onclick={() => step(1)}>later</button
                    >
                    <button class="word" onclick={() => table.selection.select(of.band.id)}>the whole order</button>
                </p>
            {/if}
        </div>
    </div>
{/if}
