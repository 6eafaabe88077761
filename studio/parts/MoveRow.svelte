<script lang="ts">
    import { pagesOf } from '../lib/pages';
    import { either, number } from '../lib/words';
    import type { Move, PageRow } from '../lib/types';
    import BeforeAfter from './BeforeAfter.svelte';
    import { MovedPages } from './moves.svelte';
    import PagePictures from './PagePictures.svelte';

    let {
        move,
        group,
        drafts,
        compact,
    }: { move: Move; group: string | undefined; drafts: number[]; compact: boolean } = $props();
    const pages = new MovedPages(
        () => group ?? '',
        () => move,
    );
    let listed = $state(false);
    let compared = $state.raw<PageRow | null>(null);
    const look = $derived(move.from === move.to);

    async function list(): Promise<void> {
        await pages.next();
        listed = pages.rows.length > 0;
    }

    function through(template: number, one: PageRow, then: boolean): string {
        const address = `/studio/templates/${template}/page/${one.id}`;
        return then ? `${address}?with=${drafts.join(',')}${drafts.includes(template) ? '&draft=1' : ''}` : address;
    }
</script>

{#if compact}
    <div class="mt-2 flex flex-wrap items-center gap-3">
        <span
            >{look
                ? `${pagesOf(move.pageKind, move.count)} of “${move.toName}” with a new look`
                : `${pagesOf(move.pageKind, move.count)} from “${move.fromName}” to “${move.toName}”`}</span
        >
        <PagePictures pages={move.pages} size={28} />
    </div>
{:else}
    <div class="border-b border-dashed border-hair py-4" data-move={look ? 'new look' : 'moves'}>
        <div class="grid items-center gap-5 sm:grid-cols-[minmax(0,1fr)_auto_minmax(0,1fr)]">
            <div>
                <p class="font-name text-lg">{move.fromName}</p>
                <p class="text-sm text-quiet">{look ? 'as it is now' : 'now'}</p>
            </div>
            <div class="flex items-center gap-3">
                <PagePictures pages={move.pages} />
                <strong class="figures">{number(move.count)}</strong>
                <svg width="64" height="8" viewBox="0 0 64 8" aria-hidden="true"
                    ><path d="M0 4h62M58 1l4 3-4 3" fill="none" stroke="currentColor" stroke-width="1.5" /></svg
                >
            </div>
            <div>
                <p class="font-name text-lg">{move.toName}</p>
                <p class="text-sm text-quiet">{look ? 'with a new look' : 'from then on'}</p>
            </div>
        </div>
        {#if group !== undefined}
            {#if listed}
                <label class="mt-3 block">
                    <span class="unseen">Find one of these pages</span>
                    <input
                        class="field w-56"
                        type="search"
                        placeholder="Find one of these…"
                        bind:value={pages.query}
                        oninput={() => void pages.load()}
                    />
                </label>
                <ul class="mt-2 columns-2 gap-6">
                    {#each pages.rows as one (one.id)}
                        <li class="flex items-center gap-3">
                            <a class="word min-w-0 truncate leading-6" href={one.address} target="_blank" rel="noopener"
                                >{one.title}</a
                            >
                            {#if drafts.length > 0}<button
                                    class="min-h-6 shrink-0 text-sm text-quiet hover:text-ink"
                                    aria-pressed={compared?.id === one.id}
                                    onclick={() => (compared = compared?.id === one.id ? null : one)}
                                    >before and after</button
                                >{/if}
                        </li>
                    {:else}
                        <li class="text-quiet">None of these is called that.</li>
                    {/each}
                </ul>
            {/if}
            {#if !listed || pages.rows.length < pages.total}
                <button class="word mt-2 text-sm" onclick={list}
                    >{listed ? 'More' : `Which ${either(move.count, 'one', number(move.count))}?`}</button
                >
            {/if}
            {#if compared}
                <div class="mt-3">
                    <BeforeAfter
                        before={{ words: `${compared.title}, now`, address: through(move.from, compared, false) }}
                        after={{ words: 'and then', address: through(move.to, compared, true) }}
                    />
                </div>
            {/if}
        {/if}
    </div>
{/if}
