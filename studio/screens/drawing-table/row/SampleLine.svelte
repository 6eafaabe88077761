<script lang="ts">
    import { number } from '../../../lib/words';
    import type { Table } from '../table.svelte';
    import type { Samples } from './samples.svelte';

    /** The folded row: what the page is seen with, and the ones beside it. */
    let { table, found }: { table: Table; found: Samples } = $props();
    const at = $derived(found.samples.findIndex((sample) => sample.id === table.sample?.id));
    const before = $derived(found.samples[at - 1]);
    const after = $derived(found.samples[at + 1]);

    async function next(): Promise<void> {
        if (!after && found.more) await found.next();
        if (after) table.show(after);
    }
</script>

{#if table.sample}
    <p class="flex min-w-0 items-center gap-3 pr-4">
        <span class="truncate">Seen with {table.sample.title}</span>
        {#if at >= 0}
            <span class="shrink-0 text-quiet"
                ><span class="figures">{number(at + 1)}</span> of
                <span class="figures">{number(Math.max(found.total, found.samples.length))}</span></span
            >
            <button class="word min-h-6 shrink-0" disabled={!before} onclick={() => before && table.show(before)}
                >before<span class="unseen"> this {table.about.pageWords.one}</span></button
            >
            <button class="word min-h-6 shrink-0" disabled={!after && !found.more} onclick={() => void next()}
                >next<span class="unseen"> {table.about.pageWords.one}</span></button
            >
        {/if}
    </p>
{/if}
