<script lang="ts">
    import { pageWords } from '../../lib/pages';
    import { when } from '../../lib/words';
    import { CARDS, type Templates } from './templates.svelte';
    import type { DeletedRow } from './types';

    let { templates, may }: { templates: Templates; may: { edit: boolean; publish: boolean } } = $props();
    const shown = $derived(
        templates.deleted.filter(
            (one) =>
                (templates.kind === '' || (one.what === 'card' ? CARDS : one.pageKind) === templates.kind) &&
                one.name.toLowerCase().includes(templates.query.trim().toLowerCase()),
        ),
    );

    function what(row: DeletedRow): string {
        if (row.what === 'card') return 'card';
        return row.what === 'part' ? 'kept part' : `template for ${pageWords(row.pageKind).called}`;
    }
</script>

{#if shown.length > 0}
    <section class="mt-10" aria-labelledby="deleted">
        <h2 id="deleted" class="text-lg">Deleted</h2>
        <p class="text-sm text-quiet">
            Kept for 30 days with all that it had: its layout and history, where it appears, its place in the hand
            order.
        </p>
        <ul class="mt-2">
            {#each shown as row (row.id)}
                <li class="flex flex-wrap items-baseline gap-x-3 border-b border-hair py-2" data-deleted={row.name}>
                    <span class="font-name text-lg">{row.name}</span>
                    <span class="text-quiet">{what(row)} · deleted {when(row.deletedAt)}</span>
                    {#if row.what === 'template' ? may.publish : may.edit}
                        <button class="word ml-auto" onclick={() => void templates.restore(row.id)}
                            >Take this back<span class="unseen">: {row.name}</span></button
                        >
                    {/if}
                </li>
            {/each}
        </ul>
    </section>
{/if}
