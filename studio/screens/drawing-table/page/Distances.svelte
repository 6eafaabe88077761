<script lang="ts">
    import type { Table } from '../table.svelte';
    import { parentOf } from '../tree/tree';

    let { table }: { table: Table } = $props();

    interface Gap {
        left: number;
        top: number;
        width: number;
        height: number;
        pixels: number;
        near: boolean;
    }

    /** The gaps between the blocks of the column or holder that the selected one stands in, one below another. */
    const gaps = $derived.by((): Gap[] => {
        void table.canvas.tick;
        const parent = table.selection.id === null ? null : parentOf(table.draft.tree, table.selection.id);
        if (!parent || !['column', 'holder'].includes(parent.kind)) return [];
        const element = table.canvas.element(parent.id);
        const inside = element?.querySelector(':scope > .column-inner') ?? element;
        const boxes = [...(inside?.children ?? [])].flatMap((child) => {
            const { b } = (child as HTMLElement).dataset;
            const { left, top, width, height } = child.getBoundingClientRect();
            return height > 0 ? [{ id: b, left, top, width, height }] : [];
        });
        return boxes.slice(1).flatMap((box, at) => {
            const above = boxes[at];
            if (!above || box.top < above.top + above.height - 1) return [];
            const pixels = Math.round(box.top - above.top - above.height);
            const near = box.id === table.selection.id || above.id === table.selection.id;
            return [
                {
                    left: box.left,
                    top: above.top + above.height,
                    width: Math.min(box.width, above.width),
                    height: box.top - above.top - above.height,
                    pixels,
                    near,
                },
            ];
        });
    });
    const usual = $derived.by(() => {
        const times = (pixels: number): number => gaps.filter((gap) => gap.pixels === pixels).length;
        return [...gaps].sort((one, other) => times(other.pixels) - times(one.pixels))[0]?.pixels ?? 0;
    });
</script>

{#each gaps as gap, index (index)}
    {@const uneven = Math.abs(gap.pixels - usual) > 1}
    {#if gap.near || uneven}
        <div
            class="absolute flex items-center justify-end {uneven ? 'border-y border-dashed border-[#a3262a]' : ''}"
            data-gap={gap.pixels}
            data-uneven={uneven}
            style:left="{gap.left}px"
            style:top="{gap.top}px"
            style:width="{gap.width}px"
            style:height="{gap.height}px"
        >
            <span class="rounded bg-[#fffdf8]/90 px-1 text-xs leading-4 {uneven ? 'text-[#a3262a]' : 'text-[#5f6472]'}"
                >{gap.pixels}{uneven ? `, others ${usual}` : ''}</span
            >
        </div>
    {/if}
{/each}
