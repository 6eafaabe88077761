<script lang="ts">
    import { movesOf, pageWords } from '../../lib/pages';
    import { counted, listed, number } from '../../lib/words';
    import ErrandLine from '../../parts/ErrandLine.svelte';
    import type { Whole } from './whole.svelte';

    /** What a file that holds more than rows is, and what reading it would do. */
    let { whole }: { whole: Whole } = $props();
    const KINDS: Record<string, string> = {
        folder: 'a whole shop, zipped',
        linked: 'products as JSON-LD',
        template: 'a template',
        style: 'a house style',
    };
    const sum = (counts: Record<string, number>): string =>
        listed(
            Object.entries(counts)
                .filter(([, count]) => count > 0)
                .map(([did, count]) => `${number(count)} ${did}`),
        ) || 'nothing';
</script>

{#if whole.seen}
    {@const seen = whole.seen}
    {@const ofShop = seen.kind === 'folder' || seen.kind === 'linked'}
    <section aria-label="What is in it" class="max-w-4xl">
        <div inert={whole.isTaking}>
            <div class="flex flex-wrap items-baseline justify-between gap-x-6">
                <h1 class="text-2xl">“{seen.name}”</h1>
                <p class="text-quiet">
                    {KINDS[seen.kind]}{seen.called && !ofShop ? `: “${seen.called}”` : ''} ·
                    <button class="word" onclick={() => whole.leave()}>another file</button>
                </p>
            </div>
            {#if seen.kind === 'folder'}
                <p class="mt-3 flex flex-wrap gap-x-6 gap-y-1">
                    <label class="flex items-baseline gap-1.5"
                        ><input type="checkbox" bind:checked={whole.over} onchange={() => void whole.look()} />the file
                        wins, and may be another shop’s</label
                    >
                    <label class="flex items-baseline gap-1.5"
                        ><input type="checkbox" bind:checked={whole.gone} onchange={() => void whole.look()} />what has
                        no file in it is deleted</label
                    >
                </p>
            {/if}
            {#if ofShop}
                <label class="mt-1 flex items-baseline gap-1.5"
                    ><input type="checkbox" bind:checked={whole.leaps} onchange={() => void whole.look()} />prices ten
                    times as high or low are meant so</label
                >
            {:else if seen.kind === 'template'}
                <label class="mt-3 flex items-baseline gap-1.5"
                    ><input type="checkbox" bind:checked={whole.reach} onchange={() => void whole.look()} />with its
                    rules: where it is to appear</label
                >
            {/if}
            {#if seen.problems.length > 0}
                <h2 class="mt-5 text-lg">It cannot be read like this</h2>
                <ul class="mt-1">
                    {#each seen.problems as one, at (at)}<li class="border-b border-hair py-1.5">
                            {#if one.file}<span class="text-quiet">{one.file}{one.path ? `, ${one.path}` : ''}:</span
                                >{/if}
                            {one.message}
                        </li>{/each}
                </ul>
                {#if seen.problemCount > seen.problems.length}<p class="text-sm text-quiet">
                        and {counted(seen.problemCount - seen.problems.length, 'more', 'more')}
                    </p>{/if}
            {:else if ofShop}
                <h2 class="mt-5 text-lg">What will change</h2>
                <p role="status">
                    <strong>{sum(seen.counts)}</strong>.
                    {#if seen.moves}<span class="text-quiet">{movesOf({ moved: seen.moves.moved, kinds: [] })}.</span
                        >{/if}
                    {#if seen.kind === 'folder' && seen.staying > 0}<span class="text-quiet"
                            >{counted(
                                seen.staying,
                                'thing of the shop has no file in it and stays',
                                'things of the shop have no file in it and stay',
                            )}.</span
                        >{/if}
                </p>
                {#each seen.moves?.moves ?? [] as move (`${move.pageKind} ${move.from} ${move.to}`)}<p class="text-sm">
                        {counted(move.count, pageWords(move.pageKind).page, pageWords(move.pageKind).pages)}: “{move.fromName}”
                        → <strong>“{move.toName}”</strong>
                    </p>{/each}
                <ul class="mt-2">
                    {#each seen.files as one (one.file)}<li class="border-b border-hair py-1">
                            {one.file}
                            <span class="text-quiet">{one.did}{one.what.length > 0 ? `: ${listed(one.what)}` : ''}</span
                            >
                        </li>{/each}
                </ul>
                {#if seen.fileCount > seen.files.length}<p class="text-sm text-quiet">
                        and {counted(seen.fileCount - seen.files.length, 'more', 'more')}
                    </p>{/if}
            {:else}
                <p class="mt-4" role="status">
                    {seen.kind === 'template'
                        ? 'It becomes a draft, which appears nowhere until it is published.'
                        : 'It is kept beside the others; nothing in the shop changes until it is put to use.'}
                </p>
            {/if}
        </div>
        <div class="sticky bottom-0 mt-5 flex flex-wrap items-center gap-3 border-t border-hair bg-paper py-3">
            <button
                class="button button-next"
                disabled={whole.busy !== '' ||
                    seen.problems.length > 0 ||
                    (ofShop && Object.values(seen.counts).every((count) => count === 0))}
                onclick={() => void whole.take()}>Take it over</button
            >
            <button class="button" onclick={() => whole.leave()}>Not now</button>
            {#if whole.busy}<ErrandLine errand={whole.errand} doing={whole.busy} />{/if}
        </div>
    </section>
{:else if whole.done}
    {@const done = whole.done}
    <section class="float mb-4 p-4" aria-label="What was done">
        <p role="status">
            {#if done.kind === 'template'}“{done.called}” is a draft now.
                <a class="word" href="/studio/templates/{done.made}">open it</a>
            {:else if done.kind === 'style'}“{done.called}” stands beside the other house styles.
                <a class="word" href="/studio/house-style/{done.made}">open it</a>
            {:else if done.entry === 0}Nothing was changed: the shop is as the file says.
            {:else}<strong>{sum(done.counts)}</strong>.
                <button class="word" onclick={() => void whole.back(done.entry)}>Take this back</button>{/if}
        </p>
    </section>
{/if}
