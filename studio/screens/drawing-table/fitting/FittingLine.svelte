<script lang="ts">
    import { subjects } from '../../../lib/pages';
    import { counted, number } from '../../../lib/words';
    import { untrack } from 'svelte';
    import type { Table } from '../table.svelte';
    import { Fitting } from './fitting.svelte';

    let { table }: { table: Table } = $props();
    const fitting = untrack(() => new Fitting(table));
    const report = $derived(fitting.report);
    const revision = $derived(table.draft.revision);

    $effect(() => {
        void revision;
        void fitting.begin();
        return () => fitting.leave();
    });
</script>

<!-- Its line is there from the beginning: what stands below does not move away from under a click. -->
{#if !report && !fitting.gaveUp}
    <p class="mt-4 text-quiet">Fitting: trying it on…</p>
{:else if report && report.state !== 'none' && (report.total > 0 || report.state === 'running')}
    <p class="mt-4 text-quiet" data-fitting-line={report.state}>
        {#if report.state === 'running'}
            Fitting: tried on {number(report.done)} of {subjects(table.data.template.pageKind, report.total)}…
        {:else if report.state === 'failed'}
            The fitting broke off.
        {:else if report.groups.length === 0}
            Fitting: tried on {subjects(table.data.template.pageKind, report.total)}, nothing stands out.
        {:else}
            Fitting: tried on {subjects(table.data.template.pageKind, report.total)}, {counted(
                report.groups.length,
                'thing stands',
                'things stand',
            )} out.
        {/if}
        <button class="word" onclick={() => (table.view = 'fitting')}>See it</button>
    </p>
{/if}
