<script lang="ts">
    import { pagesOf } from '../../../lib/pages';
    import { counted, number } from '../../../lib/words';
    import MoreMenu from './MoreMenu.svelte';
    import { standsOnPages } from '../../../lib/pages';
    import type { Table } from '../table.svelte';

    let { table, mayPublish }: { table: Table; mayPublish: boolean } = $props();
    const draft = $derived(table.page.draft);
    const isPage = $derived(table.data.template.role === 'page');
    const changed = $derived(table.drawn.filter((one) => one.draft.unpublished > 0).length);
    const counts = $derived(draft.liveCounts);
    const kind = $derived(
        {
            page: standsOnPages(table.data.template.pageKind)
                ? table.data.template.pageKind
                : table.about.pageWords.page,
            card: 'card',
            part: 'kept part',
            'own-blocks': 'one product’s own blocks',
        }[table.data.template.role],
    );
    const where = $derived(
        (draft.places ?? []).length === 0
            ? 'stands on no template yet'
            : `stands on ${(draft.places ?? [])
                  .slice(0, 3)
                  .map((name) => `“${name}”`)
                  .join(', ')}${(draft.places ?? []).length > 3 ? ` and ${(draft.places ?? []).length - 3} more` : ''}`,
    );
</script>

<header
    class="flex min-h-13 flex-wrap items-center gap-x-3 gap-y-1 border-b border-hair px-4 max-[699px]:py-2 min-[700px]:h-13 min-[700px]:flex-nowrap"
>
    <a
        class="grid size-6 place-items-center font-name text-lg text-quiet hover:text-ink"
        href="/studio/templates"
        aria-label="All templates">‹</a
    >
    <h1
        class="shrink-0 truncate font-name text-lg outline-none max-[699px]:max-w-[60%] min-[700px]:max-w-[40%]"
        tabindex="-1"
        title={table.data.template.name}
    >
        {table.data.template.name}
    </h1>
    <span class="shrink-0 text-quiet">{kind}</span>
    <p class="min-w-0 max-[699px]:w-full min-[700px]:truncate" title={draft.sentence?.season || undefined}>
        <span
            class="mr-1 inline-block size-2 rounded-full border {draft.live ? 'border-live bg-live' : 'border-quiet'}"
            aria-hidden="true"
        ></span>
        {#if draft.live && counts}
            {#if counts.when === 'ahead'}
                live · will be shown on {pagesOf(table.data.template.pageKind, counts.shownOn)} {counts.season}
            {:else}
                live · covers <span class="figures">{number(counts.covers)}</span>, shown on
                <span class="figures">{number(counts.shownOn)}</span>
                {#if counts.when === 'over'}· its season is over{/if}
            {/if}
            {#if counts.elsewhere > 0}
                · <button class="word" onclick={() => (table.view = 'reach')}
                    >{counted(counts.elsewhere, 'goes elsewhere', 'go elsewhere')}</button
                >
            {/if}
            {#if draft.unpublished > 0}· {counted(draft.unpublished, 'change')} not published{/if}
        {:else if !isPage}
            {draft.live ? 'live' : 'draft, not in the shop'} · {where}
            {#if draft.live && draft.unpublished > 0}· {counted(draft.unpublished, 'change')} not published{/if}
        {:else if draft.counts}
            draft, not in the shop · would be shown on {pagesOf(
                table.data.template.pageKind,
                draft.counts.shownOn,
            )}{draft.counts.when === 'ahead' ? ` ${draft.sentence?.season ?? ''}` : ''}
        {/if}
    </p>
    <div class="flex flex-wrap items-center gap-2 max-[699px]:w-full min-[700px]:ml-auto min-[700px]:shrink-0">
        {#if table.mayEdit && !table.looksOnly}
            <button
                class="button"
                disabled={table.steps.undoable === null}
                onclick={() => table.undo()}
                title={table.steps.undoable
                    ? `Undo: ${table.steps.undoable.draft.undo} (Ctrl Z)`
                    : 'Nothing to take back'}
            >
                Undo
            </button>
            <button
                class="button"
                disabled={table.steps.redoable === null}
                onclick={() => table.redo()}
                title={table.steps.redoable
                    ? `Do again: ${table.steps.redoable.draft.redo} (Ctrl Shift Z)`
                    : 'Nothing to do again'}
            >
                Redo
            </button>
        {/if}
        {#if table.looksOnly && table.sample && isPage && !standsOnPages(table.data.template.pageKind)}<a
                class="button"
                href="{table.base}/page/{table.sample.id}?draft=1">Look at it</a
            >{/if}
        <MoreMenu {table} />
        {#if table.view === 'page' && isPage}
            <button class="button" onclick={() => (table.view = 'reach')}>Where it appears</button>
        {:else if table.view !== 'page'}
            <button class="button" onclick={() => (table.view = 'page')}>Back to the page</button>
        {/if}
        {#if mayPublish && table.view !== 'publish'}
            <button class="button button-next" onclick={() => (table.view = 'publish')}
                >{changed > 1 ? `Publish ${changed}…` : 'Publish…'}</button
            >
        {/if}
    </div>
</header>
