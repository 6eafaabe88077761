<script lang="ts">
    import { untrack } from 'svelte';
    import SampleLine from '../row/SampleLine.svelte';
    import { Samples } from '../row/samples.svelte';
    import type { Table } from '../table.svelte';

    /** Above the page in a narrow window: what can be done here, and what cannot. */
    let { table }: { table: Table } = $props();
    const found = untrack(() => new Samples(table));
    void untrack(() => found.load());
</script>

<div class="border-b border-dashed border-hair px-4 py-2">
    <p>Laying out wants a wider window: at least 700 px. Here you see the page as it is drawn, and can publish it.</p>
    <SampleLine {table} {found} />
</div>
