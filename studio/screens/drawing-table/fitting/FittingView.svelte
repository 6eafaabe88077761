<script lang="ts">
    import { heading } from '../../../lib/focus';
    import { subjects } from '../../../lib/pages';
    import { counted, number } from '../../../lib/words';
    import { untrack } from 'svelte';
    import type { FittingGroup, PageRow } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { Fitting, MATTERS } from './fitting.svelte';

    let { table }: { table: Table } = $props();
    const fitting = untrack(() => new Fitting(table));
    const report = $derived(fitting.report);
    const revision = $derived(table.draft.revision);

    $effect(() => {
        void revision;
        if (table.saving === 'saved') void fitting.begin();
        return () => fitting.leave();
    });

    function see(group: FittingGroup, page: PageRow | undefined): void {
        if (page) table.show({ ...page, flags: [] });
        table.view = 'page';
        // What stands in a shared part is named by the place and itself.
        if (group.block !== null) table.selection.select(group.block.split('-')[0] ?? null, true);
    }
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-3xl px-8 py-8" data-fitting={report?.state ?? 'none'}>
        <h2 class="text-2xl" {@attach heading}>Fitting of “{table.data.template.name}”</h2>
        {#if !report || report.state === 'none'}
            <p class="mt-2 text-quiet" role="status">The draft is being tried on…</p>
        {:else if report.state === 'running'}
            <p class="mt-2" role="status">
                Tried on {number(report.done)} of {subjects(table.data.template.pageKind, report.total)}. You can go on
                working meanwhile.
            </p>
            <progress class="mt-2 w-full" max={report.total} value={report.done} aria-label="Fitting"></progress>
        {:else if report.state === 'failed'}
            <p class="mt-2" role="alert">
                The fitting broke off. Nothing was changed. <button class="word" onclick={() => fitting.begin()}
                    >Try it again</button
                >
            </p>
        {:else if report.total === 0}
            <p class="mt-2">
                The draft would be shown on no page, so there is nothing to try it on.
                <button class="word" onclick={() => (table.view = 'reach')}>Say where it appears</button>
            </p>
        {:else}
            <p class="mt-2" role="status" data-fitted>
                Tried on {subjects(table.data.template.pageKind, report.total)}:
                {report.groups.length === 0
                    ? 'nothing stands out.'
                    : `${counted(report.groups.length, 'thing stands', 'things stand')} out.`}
            </p>
        {/if}
        {#each MATTERS as matter (matter.matter)}
            {@const groups = report?.groups.filter((group) => group.matter === matter.matter) ?? []}
            {#if groups.length > 0}
                <section class="mt-6" aria-label={matter.title} data-matter={matter.matter}>
                    <h3 class="text-lg">{matter.title}</h3>
                    <p class="text-quiet">{matter.todo}</p>
                    {#each groups as group, index (index)}
                        <div class="mt-2 border-t border-dashed border-hair pt-2">
                            <p>
                                {group.about}
                                <span class="text-quiet"
                                    >{group.count === report?.total
                                        ? `on all ${number(group.count)}`
                                        : `on ${number(group.count)} of ${number(report?.total ?? 0)}`}</span
                                >
                            </p>
                            <ul class="mt-1 flex flex-wrap gap-x-4 gap-y-0.5">
                                {#each group.pages.slice(0, 6) as page (page.id)}
                                    <li><button class="word" onclick={() => see(group, page)}>{page.title}</button></li>
                                {/each}
                                {#if group.count > 6}<li class="text-quiet">and {number(group.count - 6)} more</li>{/if}
                            </ul>
                        </div>
                    {/each}
                </section>
            {/if}
        {/each}
    </div>
</div>
