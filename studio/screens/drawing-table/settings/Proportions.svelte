<script lang="ts">
    import type { TreeNode } from '../../../lib/types';
    import { notices } from '../../../lib/notices.svelte';
    import { divide, parseProportions, proportionsOf, USUAL } from '../tree/proportions';
    import type { Table } from '../table.svelte';

    let { table, band }: { table: Table; band: TreeNode } = $props();
    const columns = $derived(band.children?.length ?? 0);
    const now = $derived(proportionsOf(band));

    const usual = $derived(USUAL[columns] ?? []);

    /** The columns of some proportions as boxes on 30 by 16. */
    function drawn(proportions: string): { x: number; width: number }[] {
        const shares = proportions.split(':').map(Number);
        const room = 30 - 2 - 2 * (shares.length - 1);
        const all = shares.reduce((sum, one) => sum + one, 0);
        let x = 1;
        return shares.map((share) => {
            const column = { x, width: (room * share) / all };
            x += column.width + 2;
            return column;
        });
    }

    function set(text: string): void {
        const shares = parseProportions(text, columns);
        if (shares) void table.edits.send(divide(band, shares, table.widthName));
        else
            notices.warn(
                `Proportions are ${columns} whole numbers from 1 to 100, as ${Array.from({ length: columns }, () => '1').join(' : ')}. Nothing was changed.`,
            );
    }

    function swap(): void {
        const [first, second] = band.children ?? [];
        if (first && second) void table.edits.send([{ edit: 'move', id: first.id, parent: band.id, after: second.id }]);
    }
</script>

<div class="mt-2 grid grid-cols-[92px_minmax(0,1fr)] items-center gap-x-2">
    <label class="text-quiet" for="proportions-{band.id}">Proportions</label>
    <input
        id="proportions-{band.id}"
        class="field figures min-w-0"
        value={now}
        disabled={!table.mayEdit}
        onchange={(event) => set(event.currentTarget.value)}
    />
    {#if usual.length > 0}
        <span></span>
        <div class="mt-1.5 flex flex-wrap gap-1" role="group" aria-label="Usual proportions">
            {#each usual as one (one)}
                <button
                    class="rounded border p-1 {one === now
                        ? 'border-ink bg-ink text-paper'
                        : 'border-edge bg-sheet hover:border-ink'}"
                    aria-pressed={one === now}
                    aria-label={one}
                    title={one}
                    disabled={!table.mayEdit}
                    onclick={() => set(one)}
                >
                    <svg
                        viewBox="0 0 30 16"
                        class="h-4 w-7.5"
                        aria-hidden="true"
                        fill="none"
                        stroke="currentColor"
                        stroke-width="1.5"
                    >
                        {#each drawn(one) as column (column.x)}<rect
                                x={column.x}
                                y="1"
                                width={column.width}
                                height="14"
                                rx="1"
                            />{/each}
                    </svg>
                </button>
            {/each}
        </div>
    {/if}
    <span></span>
    <span class="text-xs text-quiet">
        or drag the edge between them
        {#if columns === 2 && table.mayEdit}· <button class="word" onclick={swap}>swap them</button>{/if}
    </span>
</div>
