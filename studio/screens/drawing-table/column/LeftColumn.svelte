<script lang="ts">
    import { inBrowser } from '../../../lib/storage';
    import { tick, untrack } from 'svelte';
    import CardHead from './CardHead.svelte';
    import Outline from './Outline.svelte';
    import Path from './Path.svelte';
    import Settings from '../settings/Settings.svelte';
    import type { Drag } from '../deeds/drag.svelte';
    import type { Table } from '../table.svelte';

    let { table, drag }: { table: Table; drag: Drag } = $props();
    const KEPT = 'vestibra-column';
    const kept = untrack(() => keptNumbers());
    let width = $state(kept.width);
    let outlineHeight = $state(kept.outline);
    let isOpen = $state(kept.open);
    let settings = $state<HTMLElement | null>(null);
    let outline = $state<HTMLElement | null>(null);
    /** The outline stays while somebody works in it. */
    let within = $state(false);
    const shown = $derived(isOpen || within || table.selection.node === null);

    // What is selected anew is read from its beginning.
    $effect(() => {
        void table.selection.id;
        settings?.scrollTo({ top: 0, behavior: 'instant' });
    });

    function keptNumbers(): { width: number; outline: number; open: boolean } {
        const [across = 0, down = 0, open = ''] = (inBrowser.get(KEPT) ?? '').split(' ');
        return { width: clampWidth(Number(across) || 344), outline: Number(down) || 260, open: open === 'open' };
    }

    function keep(): void {
        inBrowser.set(KEPT, `${width} ${outlineHeight} ${isOpen ? 'open' : ''}`);
    }

    function clampWidth(next: number): number {
        return Math.round(Math.max(304, Math.min(520, next)));
    }

    function clampHeight(next: number): number {
        return Math.round(Math.max(90, Math.min(window.innerHeight - 320, next)));
    }

    function slide(event: PointerEvent, along: 'x' | 'y'): void {
        const bar = event.currentTarget as HTMLElement;
        bar.setPointerCapture(event.pointerId);
        const start = along === 'x' ? event.clientX - width : event.clientY - outlineHeight;
        bar.onpointermove = (move) => {
            if (along === 'x') width = clampWidth(move.clientX - start);
            else outlineHeight = clampHeight(move.clientY - start);
        };
        bar.onpointerup = () => {
            bar.onpointermove = null;
            keep();
        };
    }

    function slideByKey(event: KeyboardEvent, along: 'x' | 'y'): void {
        const step = { ArrowUp: -24, ArrowDown: 24, ArrowLeft: -24, ArrowRight: 24 }[event.key];
        if (step === undefined) return;
        event.preventDefault();
        if (along === 'x') width = clampWidth(width + step);
        else outlineHeight = clampHeight(outlineHeight + step);
        keep();
    }

    /** Whoever comes by the keyboard finds it open, on what is selected. */
    async function enter(event: FocusEvent): Promise<void> {
        within = true;
        if (event.target !== outline) return;
        await tick();
        outline?.querySelector<HTMLElement>('[role="treeitem"][tabindex="0"]')?.focus();
    }

    /** Whoever turns to the settings needs their room. */
    function styling(panel: HTMLElement): void {
        panel.addEventListener('pointerdown', () => table.row.giveWay());
        panel.addEventListener(
            'keydown',
            (event) => !['Tab', 'Shift', 'F6'].includes(event.key) && table.row.giveWay(),
        );
    }

    function toggle(): void {
        isOpen = !isOpen;
        within = false;
        keep();
    }
</script>

<div class="relative flex min-h-0 flex-col border-r border-hair" style:width="{width}px">
    {#if table.about.isCard}<CardHead {table} />{/if}
    {#if table.selection.node}<Path {table} isOpen={shown} {toggle} />{/if}
    <div
        class="min-h-0 shrink-0 overflow-hidden"
        style:height={shown ? `${table.selection.node ? outlineHeight : Math.max(outlineHeight, 300)}px` : '0'}
        data-area="outline"
        tabindex="-1"
        bind:this={outline}
        onfocusin={(event) => void enter(event)}
        onfocusout={(event) =>
            event.relatedTarget && !outline?.contains(event.relatedTarget as Node) && (within = false)}
    >
        {#if shown}<Outline {table} {drag} />{/if}
    </div>
    {#if shown}
        <div
            role="slider"
            aria-label="Room for the outline"
            aria-orientation="vertical"
            aria-valuenow={outlineHeight}
            tabindex="0"
            class="relative z-10 -my-[9px] flex h-6 cursor-row-resize touch-none items-center before:h-1.5 before:w-full before:border-t before:border-hair hover:before:bg-glow"
            onpointerdown={(event) => slide(event, 'y')}
            onkeydown={(event) => slideByKey(event, 'y')}
        ></div>
    {/if}
    <div
        class="min-h-0 flex-1 overflow-y-auto"
        data-settings
        data-area="settings"
        tabindex="-1"
        bind:this={settings}
        {@attach styling}
    >
        <Settings {table} />
    </div>
    <div
        role="slider"
        aria-label="Width of this column"
        aria-orientation="horizontal"
        aria-valuenow={width}
        aria-valuemin={304}
        aria-valuemax={520}
        tabindex="0"
        class="absolute top-1 -right-3 z-10 flex h-7 w-6 cursor-col-resize touch-none items-center justify-center text-quiet hover:text-ink"
        title="Drag for more room"
        onpointerdown={(event) => slide(event, 'x')}
        onkeydown={(event) => slideByKey(event, 'x')}
    >
        <span class="h-4 w-1.5 border-x border-current" aria-hidden="true"></span>
    </div>
</div>
