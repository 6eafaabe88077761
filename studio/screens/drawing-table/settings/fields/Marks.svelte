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
    const name = $derived(of.replace('flex-', ''));
</script>

<svg viewBox="0 0 16 16" class="size-4" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="1.5">
    {#each lines[name] ?? [] as [from, to], at (at)}<path d="M{from} {4 + at * 4}H{to}" />{/each}
</svg>
