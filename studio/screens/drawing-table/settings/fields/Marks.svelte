<script lang="ts">
    /** Small drawings of what words would say longer. */
    let { of }: { of: string } = $props();
    const lines: Record<string, [number, number][]> = {
        start: [
            [2, 14],
            [2, 10],
            [2, 12],
        ],
        center: [
            [2, 14],
            [4, 12],
            [3, 13],
        ],
        end: [
            [2, 14],
            [6, 14],
            [4, 14],
        ],
        justify: [
            [2, 14],
            [2, 14],
            [2, 14],
        ],
    };
    /** Columns as boxes: left, top, width and height of each. */
    const boxes: Record<string, [number, number, number, number][]> = {
        row: [
            [2, 3, 5, 10],
            [9, 3, 5, 10],
        ],
        column: [
            [3, 2, 10, 5],
            [3, 9, 10, 5],
        ],
        'column-reverse': [
            [3, 2, 10, 5],
            [3, 9, 10, 5],
        ],
        'columns stretch': [
            [2, 3, 5, 10],
            [9, 3, 5, 10],
        ],
        'columns start': [
            [2, 3, 5, 10],
            [9, 3, 5, 5],
        ],
        'columns center': [
            [2, 3, 5, 10],
            [9, 5.5, 5, 5],
        ],
        'columns end': [
            [2, 3, 5, 10],
            [9, 8, 5, 5],
        ],
    };
    const name = $derived(of.replace('flex-', ''));
</script>

<svg viewBox="0 0 16 16" class="size-4" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="1.5">
    {#each boxes[name] ?? [] as [x, y, width, height], at (at)}
        <rect {x} {y} {width} {height} rx="1" fill={name === 'column-reverse' && at === 0 ? 'currentColor' : 'none'} />
    {/each}
    {#each lines[name] ?? [] as [from, to], at (at)}<path d="M{from} {4 + at * 4}H{to}" />{/each}
</svg>
