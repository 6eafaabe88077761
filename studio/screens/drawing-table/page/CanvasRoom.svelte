<script lang="ts">
    import { untrack } from 'svelte';
    import { CanvasHands } from './pointing';
    import type { Drag } from '../deeds/drag.svelte';
    import Glance from './Glance.svelte';
    import Overlay from './Overlay.svelte';
    import PhoneBeside from './PhoneBeside.svelte';
    import Ruler from './Ruler.svelte';
    import { sameOnEvery } from './everyPage';
    import type { Table } from '../table.svelte';

    let { table, drag }: { table: Table; drag: Drag } = $props();
    const canvas = $derived(table.canvas);
    let room = $state(0);
    let height = $state(0);
    /** The room of the wide page: beside a phone, what that leaves. */
    const phoneRoom = $derived(table.beside.on ? Math.min(390, Math.round(room * 0.3)) : 0);
    const pageRoom = $derived(room - (phoneRoom === 0 ? 0 : phoneRoom + 16));
    const padding = $derived(table.looksOnly ? 0 : 12);
    /** Where there is room for a desktop but for a few pixels, the page is drawn a little smaller. */
    const DESKTOP = 900;
    const widest = $derived(Math.max(room > 760 ? DESKTOP : 320, room - 2 * padding));
    const width = $derived(table.width || widest);
    const address = $derived(table.sample ? `${table.page.base}/canvas/${table.sample.id}` : null);
    const hands = untrack(() => new CanvasHands(table, drag));

    $effect(() => {
        if (room > 0 && table.width === 0) table.width = widest;
    });
    $effect(() => {
        canvas.scale = Math.min(1, (pageRoom - 2 * padding) / width);
        canvas.moved();
    });

    $effect(() => {
        if (canvas.ready) canvas.hatch(table.hatched ? sameOnEvery(table.draft.tree, table.kinds) : []);
    });

    function loaded(): void {
        canvas.loaded();
        table.cards.arrived();
        hands.attach();
        table.typeIn = (id) => hands.typeIn(id);
    }
</script>

<div class="relative flex min-h-0 min-w-0 flex-col bg-room" data-area="page" tabindex="-1" bind:clientWidth={room}>
    {#if !table.looksOnly}<div style:width="{pageRoom}px"><Ruler {table} {width} {widest} /></div>{/if}
    <div class="relative min-h-0 flex-1 overflow-hidden" bind:clientHeight={height}>
        {#if address}
            <div
                class="absolute top-0 origin-top-left"
                style:left="{pageRoom / 2}px"
                style:width="{width}px"
                style:height="{height / canvas.scale}px"
                style:transform="translateX({(-width * canvas.scale) / 2}px) scale({canvas.scale})"
            >
                <iframe
                    title="The page with {table.sample?.title}"
                    src={address}
                    class="h-full w-full border-0 bg-white {drag.load ? 'pointer-events-none' : ''}"
                    bind:this={canvas.frame}
                    onload={loaded}
                ></iframe>
                {#if table.glance}<Glance {table} />{/if}
                {#if canvas.ready && !table.plain && !table.glance && !table.looksOnly}<Overlay {table} {drag} />{/if}
            </div>
            {#if table.beside.on}<PhoneBeside {table} {address} room={phoneRoom} {height} />{/if}
        {:else}
            <p class="p-10">
                There is no {table.about.words.one} in the shop yet to see this page with. Add one to the catalogue first.
            </p>
        {/if}
    </div>
</div>
