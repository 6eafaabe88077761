<script lang="ts">
    import type { TreeNode } from '../../../lib/types';
    import { notices } from '../../../lib/notices.svelte';
    import { divide, parseProportions, proportionsOf, USUAL } from '../proportions';
    import type { Table } from '../table.svelte';

    let { table, band }: { table: Table; band: TreeNode } = $props();
    const columns = $derived(band.children?.length ?? 0);
    const now = $derived(proportionsOf(band));

    function set(text: string): void {
        const shares = parseProportions(text, columns);
        if (shares) void table.send(divide(band, shares, table.widthName));
        else
            notices.warn(
                `Proportions are ${columns} whole numbers from 1 to 100, as ${Array.from({ length: columns }, () => '1').join(' : ')}. Nothing was changed.`,
            );
    }

    function swap(): void {
        const [first, second] = band.children ?? [];
        if (first && second) void table.send([{ edit: 'move', id: first.id, parent: band.id, after: second.id }]);
    }
</script>

<div class="mt-2 grid grid-cols-[92px_minmax(0,1fr)] items-center gap-x-2">
    <label class="text-quiet" for="proportions-{band.id}">Proportions</label>
    <div class="flex min-w-0 gap-2">
        <input
            id="proportions-{band.id}"
            class="field figures min-w-0 flex-1"
            value={now}
            disabled={!table.mayEdit}
            onchange={(event) => set(event.currentTarget.value)}
        />
        <select class="field w-20" aria-label="Usual proportions" value="" disabled={!table.mayEdit} onchange={(event) => set(event.currentTarget.value)}>
            <option value="">usual…</option>
            {#each USUAL[columns] ?? [] as usual (usual)}<option value={usual}>{usual}</option>{/each}
        </select>
    </div>
    <span></span>
    <span class="text-xs text-quiet">
        or drag the edge between them
        {#if columns === 2 && table.mayEdit}· <button class="word" onclick={swap}>swap them</button>{/if}
    </span>
</div>
