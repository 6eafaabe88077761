<script lang="ts">
    import { counted } from '../../../lib/words';
    import BlockMenu from '../deeds/BlockMenu.svelte';
    import type { Box } from './canvas.svelte';
    import { loadOf, type Drag } from '../deeds/drag.svelte';
    import type { Table } from '../table.svelte';

    interface Props {
        table: Table;
        drag: Drag;
        box: Box;
        /** Where its values come from. */
        from: string;
    }

    /**
     * The name of what is selected, as a caption under its lower left corner with a short leader line, as in a drawing.
     */
    let { table, drag, box, from }: Props = $props();
    const LEADER = 5;
    const HEIGHT = 24;
    /** The page may be shown smaller; what is said about it is not. */
    const size = $derived(1 / table.canvas.scale);
    const room = $derived((void table.canvas.tick, table.canvas.window?.innerHeight ?? 600));
    const width = $derived((void table.canvas.tick, table.canvas.window?.innerWidth ?? 800));
    const bottom = $derived(box.top + box.height + 3);
    const tall = $derived(HEIGHT * size);
    const over = $derived(box.top - 3 - LEADER - tall);
    const fits = $derived(bottom + LEADER <= room - tall - 4);
    /**
     * Where there is no room below, it stands over the upper left corner; a block taller than the room has it at the
     * lower edge.
     */
    const above = $derived(!fits && over >= 0);
    const top = $derived(above ? over : Math.min(bottom + LEADER, room - tall - 4));
    const left = $derived(Math.max(8, Math.min(box.left + 10, width - 240 * size)));
    const corner = $derived(above ? box.top - 3 : bottom);
    const middle = $derived(top + tall / 2 - corner);

    function grip(event: PointerEvent): void {
        const node = table.selection.node;
        if (!node || event.button !== 0) return;
        (event.currentTarget as Element).releasePointerCapture(event.pointerId);
        drag.press(loadOf(table, node), event.clientX, event.clientY);
    }
    const several = $derived(table.selection.besides.length > 0);
    const words = $derived(
        several
            ? counted(table.selection.besides.length + 1, 'block')
            : table.selection.node
              ? table.about.nameOfNode(table.selection.node)
              : '',
    );
</script>

{#if table.selection.node}
    {#if fits || above}
        <svg
            class="absolute overflow-visible"
            style:left="{box.left}px"
            style:top="{corner}px"
            width="10"
            height="1"
            aria-hidden="true"
        >
            <path d="M2 0 L10 {middle}" fill="none" stroke="#1b2233" stroke-width="1" />
            <circle cx="2" cy="0" r="2" fill="#1b2233" />
        </svg>
    {/if}
    <span
        class="pointer-events-auto absolute flex h-6 max-w-76 origin-top-left items-center border-b border-[#1b2233] bg-[#fffdf8]/95 pl-1 text-xs text-[#1b2233]"
        style:left="{left}px"
        style:top="{top}px"
        style:transform={size === 1 ? undefined : `scale(${size})`}
        data-chip
    >
        <button
            class="cursor-grab touch-none pr-1.5 font-semibold"
            aria-label="Drag {table.kinds.of(table.selection.node.kind).name}"
            title="Drag it to another place; Alt ↑ and Alt ↓ do the same"
            onpointerdown={grip}
        >
            <svg width="8" height="12" viewBox="0 0 8 12" fill="currentColor" aria-hidden="true"
                ><circle cx="2" cy="2" r="1.2" /><circle cx="6" cy="2" r="1.2" /><circle cx="2" cy="6" r="1.2" /><circle
                    cx="6"
                    cy="6"
                    r="1.2"
                /><circle cx="2" cy="10" r="1.2" /><circle cx="6" cy="10" r="1.2" /></svg
            >
        </button>
        <span class="truncate"
            >{words}{#if from && !several}&nbsp;· {from}{/if}</span
        >
        <BlockMenu {table} />
    </span>
{/if}
