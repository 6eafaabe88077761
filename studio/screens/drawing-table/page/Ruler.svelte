<script lang="ts">
    import type { Table } from '../table.svelte';

    let { table, width, widest }: { table: Table; width: number; widest: number } = $props();
    const stops = [
        { words: 'phone', width: 390 },
        { words: 'tablet', width: 820 },
        { words: 'desktop', width: 1280 },
    ];
    const glances = [
        { glance: 'before', words: 'hold to see it before', title: 'the page before the last change', keys: 'F7' },
        { glance: 'live', words: 'hold to see it live', title: 'the page as it is live', keys: 'Shift F7' },
    ] as const;
    const scale = $derived(table.canvas.scale);
    const drawn = $derived(width * scale);
    const ticks = $derived(
        Array.from({ length: Math.floor(Math.max(width, widest) / 100) + 1 }, (_, index) => index * 100),
    );

    function slide(event: PointerEvent): void {
        const handle = event.currentTarget as HTMLElement;
        handle.setPointerCapture(event.pointerId);
        const [startX, startWidth] = [event.clientX, width];
        handle.onpointermove = (move) => resize(startWidth + (move.clientX - startX) * 2);
        handle.onpointerup = () => (handle.onpointermove = null);
    }

    function resize(wanted: number): void {
        table.width = Math.round(Math.max(320, Math.min(1920, wanted)));
        table.canvas.moved();
    }

    function onkeydown(event: KeyboardEvent): void {
        const step = { ArrowRight: 10, ArrowLeft: -10 }[event.key];
        if (step === undefined) return;
        event.preventDefault();
        resize(width + step * (event.shiftKey ? 10 : 1));
    }
</script>

<div class="relative h-10 shrink-0 text-xs text-quiet select-none" role="group" aria-label="Width of the page">
    <div class="absolute bottom-0 left-1/2 h-full" style:width="{drawn}px" style:margin-left="{-drawn / 2}px">
        <svg class="figures absolute bottom-0 h-3.5 w-full overflow-hidden text-xs" aria-hidden="true">
            {#each ticks as tick (tick)}
                <line x1={tick * scale + 0.5} x2={tick * scale + 0.5} y1="2" y2="14" stroke="currentColor" />
                {#each [50, 60, 70, 80, 90] as part (part)}
                    <line
                        x1={(tick + part) * scale + 0.5}
                        x2={(tick + part) * scale + 0.5}
                        y1="11"
                        y2="14"
                        stroke="currentColor"
                        opacity="0.6"
                    />
                {/each}
                <text x={tick * scale + 4} y="11" fill="currentColor">{tick}</text>
            {/each}
        </svg>
        <div
            role="slider"
            tabindex="0"
            aria-label="Width of the page in pixels"
            aria-valuenow={Math.round(width)}
            aria-valuemin="320"
            aria-valuemax="1920"
            class="absolute right-0 bottom-0 z-10 flex size-6 translate-x-1/2 cursor-ew-resize touch-none items-end justify-center"
            onpointerdown={slide}
            {onkeydown}
        >
            <span class="h-5 w-1.25 rounded-sm bg-ink"></span>
        </div>
    </div>
    <div class="absolute top-1 left-3 flex items-center gap-3 whitespace-nowrap">
        {#each stops as stop (stop.words)}
            <button
                class="rounded px-1 {Math.round(width) === stop.width ? 'font-semibold text-ink' : 'hover:text-ink'}"
                aria-pressed={Math.round(width) === stop.width}
                onclick={() => resize(stop.width)}>{stop.words} <span class="figures">{stop.width}</span></button
            >
        {/each}
        {#if !table.beside.on}<button
                class="rounded px-1 {Math.round(width) === Math.round(widest)
                    ? 'font-semibold text-ink'
                    : 'hover:text-ink'}"
                onclick={() => resize(widest)}
            >
                all the room <span class="figures">{Math.round(widest)}</span>
            </button>{/if}
        <button
            class="rounded px-1 {table.beside.on ? 'font-semibold text-ink' : 'hover:text-ink'}"
            aria-pressed={table.beside.on}
            onclick={() => {
                table.beside.toggle();
                if (table.beside.on) resize(1280);
                else resize(widest);
            }}>phone beside desktop</button
        >
        {#if !table.beside.on}<span class="figures text-ink"
                >now {Math.round(width)} px{#if scale < 0.995}, drawn at {Math.round(scale * 100)} %{/if}</span
            >{/if}
    </div>
    <div
        class="absolute top-1 right-10 gap-2 {table.beside.on ? 'hidden' : 'flex'}"
        role="group"
        aria-label="While held, see the page"
    >
        {#each glances as one (one.glance)}
            <button
                class="rounded px-1 hover:text-ink disabled:opacity-50"
                disabled={one.glance === 'live' && !table.draft.live}
                title="Hold to see {one.title} ({one.keys})"
                onpointerdown={() => (table.glance = one.glance)}
                onpointerup={() => (table.glance = null)}
                onpointerleave={() => (table.glance = null)}
                onkeydown={(event) => [' ', 'Enter'].includes(event.key) && (table.glance = one.glance)}
                onkeyup={() => (table.glance = null)}>{one.words}</button
            >
        {/each}
    </div>
</div>
