<script lang="ts">
    import { tick, untrack } from 'svelte';
    import { MediaQuery } from 'svelte/reactivity';
    import { sameAgain } from '../../lib/focus';
    import type { Screen } from '../../lib/types';
    import BottomRow from './row/BottomRow.svelte';
    import CanvasRoom from './page/CanvasRoom.svelte';
    import { onKey } from './deeds/commands';
    import { Drag } from './deeds/drag.svelte';
    import CompareView from './compare/CompareView.svelte';
    import PassedOverView from './passed-over/PassedOverView.svelte';
    import { onClipboard } from './deeds/clipboard';
    import FittingView from './fitting/FittingView.svelte';
    import KeepPart from './help/KeepPart.svelte';
    import Palette from './help/Palette.svelte';
    import Shortcuts from './help/Shortcuts.svelte';
    import LinksView from './links/LinksView.svelte';
    import LookOnly from './page/LookOnly.svelte';
    import LeftColumn from './column/LeftColumn.svelte';
    import PublishView from './publish/PublishView.svelte';
    import ReachView from './reach/ReachView.svelte';
    import StatusLine from './work/StatusLine.svelte';
    import { Table } from './table.svelte';
    import TopBar from './bar/TopBar.svelte';
    import Unsaved from './work/Unsaved.svelte';
    import WhyView from './WhyView.svelte';
    import type { TableData } from './tree/types';

    let { screen }: { screen: Screen<TableData> } = $props();
    const table = untrack(() => new Table(screen.data, screen.may.edit, screen.user));
    const drag = new Drag(table);
    /** Too narrow to lay out in: the page, its state, publishing and looking are there all the same. */
    const narrow = new MediaQuery('max-width: 699px');
    $effect(() => {
        table.looksOnly = narrow.current;
    });

    // Back on the page, what led away from it has the cursor again, or the name of what is drawn.
    let wasAway = true;
    $effect(() => {
        const isAway = table.view !== 'page';
        if (wasAway && !isAway)
            void tick().then(() => {
                if (document.activeElement === document.body)
                    sameAgain(table.cameFrom, 'h1')?.focus({ preventScroll: true });
            });
        wasAway = isAway;
    });
</script>

<svelte:window
    onkeydown={(event) => (event.key === 'Escape' && drag.load ? drag.cancel() : onKey(event, table))}
    onkeyup={(event) => event.key === 'F7' && (table.glance = null)}
    onblur={() => (table.glance = null)}
    onpointermove={(event) => drag.to(event.clientX, event.clientY)}
    onpointerup={() => drag.drop()}
    onbeforeunload={(event) => !['saved', 'kept'].includes(table.saving) && event.preventDefault()}
    oncopy={(event) => onClipboard(event, table)}
    oncut={(event) => onClipboard(event, table)}
    onpaste={(event) => onClipboard(event, table)}
/>

<div
    class="fixed inset-0 grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_auto_minmax(0,1fr)_auto_auto] overflow-clip {drag.load
        ? 'cursor-grabbing select-none'
        : ''}"
>
    <TopBar {table} mayPublish={screen.may.publish} />
    <main class="contents">
        <div><Unsaved {table} /></div>
        {#if table.view === 'reach'}
            <ReachView {table} mayPublish={screen.may.publish} />
        {:else if table.view === 'publish'}
            <PublishView {table} mayPublish={screen.may.publish} />
        {:else if table.view === 'why'}
            <WhyView {table} mayPublish={screen.may.publish} />
        {:else if table.view === 'compare'}
            <CompareView {table} />
        {:else if table.view === 'passed-over'}
            <PassedOverView {table} />
        {:else if table.view === 'fitting'}
            <FittingView {table} />
        {:else if table.view === 'links'}
            <LinksView {table} />
        {/if}
        <div
            class="grid min-h-0 {narrow.current
                ? 'grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)]'
                : 'grid-cols-[auto_minmax(0,1fr)]'} {table.view === 'page' ? '' : 'hidden'}"
        >
            {#if narrow.current}<LookOnly {table} />{:else}<LeftColumn {table} {drag} />{/if}
            <CanvasRoom {table} {drag} />
        </div>
        <div>
            {#if table.view === 'page' && !narrow.current}<BottomRow {table} {drag} />{/if}
        </div>
    </main>
    <StatusLine {table} />
</div>
{#if drag.load}
    <div
        class="float pointer-events-none fixed z-50 px-3 py-1.5 font-semibold"
        style:left="{drag.x + 14}px"
        style:top="{drag.y + 10}px"
    >
        {drag.load.name}
        {#if drag.landing}<span class="font-normal text-quiet">{drag.landing.words}</span>{/if}
    </div>
{/if}
<Palette {table} />
<Shortcuts {table} />
<KeepPart {table} />
