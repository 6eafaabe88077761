<script lang="ts">
    import type { TreeNode } from '../../../lib/types';
    import type { Box } from './canvas.svelte';
    import { divide, resting } from '../tree/proportions';
    import type { Table } from '../table.svelte';
    import { find, pathTo } from '../tree/tree';

    let { table }: { table: Table } = $props();
    const canvas = $derived(table.canvas);
    /** The band that is selected or holds what is. */
    const band = $derived.by(() => {
        const path = table.selection.id === null ? [] : pathTo(table.draft.tree, table.selection.id);
        return path.find((node) => table.kinds.role(node.kind) === 'band') ?? null;
    });
    const boxes = $derived.by(() => {
        void canvas.tick;
        void table.draft;
        const found = (band?.children ?? []).map((column) => canvas.box(column.id));
        const standing = found.filter((box): box is Box => box !== null && box.width > 0);
        return standing.length === found.length &&
            standing.every((box, at) => at === 0 || box.left >= (standing[at - 1]?.left ?? 0) + 1)
            ? standing
            : [];
    });
    let dragged = $state.raw<{ edge: number; shares: number[]; x: number } | null>(null);

    function sharesAt(edge: number, x: number): number[] {
        const total = boxes.reduce((sum, box) => sum + box.width, 0);
        const [left, right] = [boxes[edge], boxes[edge + 1]];
        if (!left || !right) return [];
        const both = left.width + right.width;
        const percent = resting((100 * (x - left.left)) / (right.left + right.width - left.left));
        return boxes.map((box, at) => {
            const width =
                at === edge ? (both * percent) / 100 : at === edge + 1 ? (both * (100 - percent)) / 100 : box.width;
            return Math.max(1, Math.round((100 * width) / total));
        });
    }

    function press(event: PointerEvent, edge: number): void {
        if (!table.mayEdit || event.button !== 0) return;
        event.preventDefault();
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
        dragged = { edge, shares: [], x: canvas.inside(event.clientX, event.clientY).x };
    }

    function follow(event: PointerEvent): void {
        if (!dragged) return;
        const { x } = canvas.inside(event.clientX, event.clientY);
        dragged = { edge: dragged.edge, shares: sharesAt(dragged.edge, x), x };
    }

    function release(): void {
        if (dragged && dragged.shares.length > 0) divideBy(dragged.shares);
        dragged = null;
    }

    function divideBy(shares: number[]): void {
        const now: TreeNode | null = band && find(table.draft.tree, band.id);
        if (now) void table.edits.send(divide(now, shares, table.widthName));
    }

    function onkeydown(event: KeyboardEvent, edge: number): void {
        const step = { ArrowLeft: -5, ArrowRight: 5 }[event.key];
        const [left, right] = [boxes[edge], boxes[edge + 1]];
        if (step === undefined || !left || !right || event.altKey) return;
        event.preventDefault();
        event.stopPropagation();
        const reach = right.left + right.width - left.left;
        const middle = (left.left + left.width + right.left) / 2;
        divideBy(sharesAt(edge, middle + (step / 100) * reach));
    }
</script>

{#if band && boxes.length > 1 && table.mayEdit}
    {#each boxes.slice(0, -1) as box, edge (edge)}
        {@const next = boxes[edge + 1]}
        {#if next}
            {@const x = dragged?.edge === edge ? dragged.x : (box.left + box.width + next.left) / 2}
            <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
            <div
                class="pointer-events-auto absolute flex w-6 -translate-x-1/2 cursor-ew-resize touch-none justify-center"
                role="separator"
                aria-orientation="vertical"
                aria-label="Edge between columns {edge + 1} and {edge + 2}: arrow keys move it"
                aria-valuenow={Math.round((100 * box.width) / (box.width + next.width))}
                aria-valuemin={5}
                aria-valuemax={95}
                tabindex="0"
                data-edge={edge}
                style:left="{x}px"
                style:top="{box.top}px"
                style:height="{Math.max(24, Math.min(box.height, next.height))}px"
                onpointerdown={(event) => press(event, edge)}
                onpointermove={follow}
                onpointerup={release}
                onpointercancel={() => (dragged = null)}
                onkeydown={(event) => onkeydown(event, edge)}
            >
                <span
                    class="h-full border-l-[1.5px] {dragged?.edge === edge
                        ? 'border-[#1b2233]'
                        : 'border-dashed border-[#8d8573]'}"
                ></span>
                {#if dragged?.edge === edge && dragged.shares.length > 0}
                    <span
                        class="absolute top-8 rounded border border-[#1b2233] bg-[#fffdf8] px-2 text-xs whitespace-nowrap text-[#1b2233]"
                        data-shares>{dragged.shares.join(' : ')}</span
                    >
                {/if}
            </div>
        {/if}
    {/each}
{/if}
