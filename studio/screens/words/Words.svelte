<script lang="ts">
    import { untrack } from 'svelte';
    import { movesOf, pageWords } from '../../lib/pages';
    import { counted } from '../../lib/words';
    import type { Screen, WordsPage } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { Words } from './words.svelte';
    import WordsRow from './WordsRow.svelte';

    let { screen }: { screen: Screen<WordsPage> } = $props();
    const words = new Words(untrack(() => screen.data));
    let note = $state('');
    let typing: ReturnType<typeof setTimeout> | undefined;

    function search(text: string): void {
        words.query = text;
        clearTimeout(typing);
        typing = setTimeout(() => void words.load(), 200);
    }

    function show(own: boolean): void {
        words.ownOnly = own;
        void words.load();
    }
</script>

<Frame {screen} here="Words">
    <h1 class="text-2xl">Words of the shop</h1>
    <p class="mt-1 text-quiet">
        What the shop says of its own accord: on buttons, beside prices, in the cart. What you write in templates is not
        here.
    </p>

    {#if words.impact}
        <section class="float mt-5 p-5" aria-label="What publishing would do" data-publish-words>
            <h2 class="text-lg">Publish {counted(words.changed.length, 'message')}</h2>
            <p class="text-quiet" role="status">
                {movesOf(words.impact)}.
                {#each words.impact.kinds as kind (kind.pageKind)}
                    {#if kind.look > 0}{counted(
                            kind.look,
                            `${pageWords(kind.pageKind).page} reads`,
                            `${pageWords(kind.pageKind).pages} read`,
                        )} otherwise, at most.{/if}
                {/each}
            </p>
            <ul class="mt-3">
                {#each words.changed as row (row.key)}
                    <li class="py-0.5">
                        <span class="text-quiet">{row.place}:</span> “{row.live}” becomes “{row.draft}”
                    </li>
                {/each}
            </ul>
            <label class="mt-3 block">
                <span class="text-sm text-quiet">A note, for whoever looks back at it</span>
                <input class="field w-full" maxlength="300" bind:value={note} />
            </label>
            <div class="mt-3 flex gap-3">
                <button
                    class="button button-next"
                    disabled={words.busy}
                    onclick={() => void words.publish(note).then(() => (note = ''))}>Publish</button
                >
                <button class="button" onclick={() => (words.impact = null)}>Not now</button>
            </div>
        </section>
    {:else if words.unpublished > 0}
        <p class="mt-5 flex flex-wrap items-center gap-4" data-unpublished>
            {counted(words.unpublished, 'message is', 'messages are')} changed and not published.
            {#if screen.may.publish}<button class="button button-next" onclick={() => void words.ask()}>Publish…</button
                >{/if}
        </p>
    {/if}

    <div class="mt-5 flex flex-wrap items-center gap-5">
        <label class="min-w-60 flex-1">
            <span class="unseen">Find words</span>
            <input
                class="field w-full"
                type="search"
                placeholder="Find words, such as: cart"
                value={words.query}
                maxlength="100"
                oninput={(event) => search(event.currentTarget.value)}
            />
        </label>
        <p class="flex gap-5" role="group" aria-label="Which words">
            <button
                class={words.ownOnly ? 'word' : 'font-semibold'}
                aria-pressed={!words.ownOnly}
                onclick={() => show(false)}>All</button
            >
            <button
                class={words.ownOnly ? 'font-semibold' : 'word'}
                aria-pressed={words.ownOnly}
                onclick={() => show(true)}>Only your own</button
            >
        </p>
    </div>

    {#each words.places as place (place.name)}
        <section class="mt-6" aria-label={place.name}>
            <h2 class="text-lg">{place.name}</h2>
            <ul>
                {#each place.rows as row (row.key)}<WordsRow {row} {words} mayEdit={screen.may.edit} />{/each}
            </ul>
        </section>
    {:else}
        <p class="mt-6 text-quiet">
            {words.ownOnly && words.query === ''
                ? 'No words are your own yet. Change any of them under “All”.'
                : 'Nothing in the shop reads like this. Try another word.'}
        </p>
    {/each}
    {#if words.more}<button class="word mt-4" onclick={() => void words.next()}>More</button>{/if}
</Frame>
