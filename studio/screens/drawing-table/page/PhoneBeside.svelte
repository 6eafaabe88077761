<script lang="ts">
    import type { Table } from '../table.svelte';
    import { find } from '../tree/tree';

    let { table, address, room, height }: { table: Table; address: string; room: number; height: number } = $props();
    const PHONE = 390;
    const { beside } = $derived(table);
    const scale = $derived(Math.min(1, room / PHONE));
    const box = $derived.by(() => {
        void beside.canvas.tick;
        void table.draft;
        return table.selection.id === null ? null : beside.canvas.box(table.selection.id);
    });

    $effect(() => {
        beside.canvas.scale = scale;
    });

    // What is selected on the wide page is brought into view here too.
    $effect(() => {
        const id = table.selection.id;
        if (id !== null && beside.canvas.ready && !beside.touched) beside.canvas.reveal(id);
    });

    function loaded(): void {
        const { canvas } = beside;
        canvas.loaded();
        const page = canvas.document;
        page?.addEventListener('click', (event) => event.preventDefault(), true);
        page?.addEventListener('submit', (event) => event.preventDefault(), true);
        page?.addEventListener('pointerdown', (event) => {
            const id = canvas.idsAt(event.clientX, event.clientY).find((one) => find(table.draft.tree, one));
            const node = id === undefined ? null : find(table.draft.tree, id);
            beside.touched = true;
            if (node && !table.kinds.isRoot(node.kind)) table.selection.select(node.id, true);
        });
    }
</script>

<figure class="absolute top-0 right-2 flex h-full flex-col" style:width="{room}px">
    <figcaption class="flex h-6 items-center justify-between text-xs text-quiet">
        <span>phone <span class="figures">{PHONE}</span></span>
        <span role="status">styles go to {beside.phone ? 'the phone' : `the ${table.widthName}`}</span>
    </figcaption>
    <div class="relative min-h-0 flex-1 overflow-hidden border {beside.phone ? 'border-ink' : 'border-hair'}">
        <div
            class="absolute top-0 left-0 origin-top-left"
            style:width="{PHONE}px"
            style:height="{(height - 26) / scale}px"
            style:transform="scale({scale})"
        >
            <iframe
                title="The page on the phone"
                src={address}
                class="h-full w-full border-0 bg-white"
                bind:this={beside.canvas.frame}
                onload={loaded}
            ></iframe>
            {#if box && beside.canvas.ready}
                <div
                    class="pointer-events-none absolute border-2 border-[#1b2233]"
                    style:left="{box.left - 2}px"
                    style:top="{box.top - 2}px"
                    style:width="{box.width + 4}px"
                    style:height="{box.height + 4}px"
                ></div>
            {/if}
        </div>
    </div>
</figure>
