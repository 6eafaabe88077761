<script lang="ts">
    import { untrack } from 'svelte';
    import type { NewsPage, Screen } from '../../lib/types';
    import { counted, when } from '../../lib/words';
    import Frame from '../../parts/Frame.svelte';
    import { News, type Shown } from './news.svelte';

    let { screen }: { screen: Screen<NewsPage> } = $props();
    const news = new News(untrack(() => screen.data));
    const kinds: { shown: Shown; words: string; empty: string }[] = [
        {
            shown: 'addresses',
            words: 'Addresses',
            empty: 'Nobody has left an address yet. Put the block Newsletter into a footer or on a page; what customers leave there stands here.',
        },
        { shown: 'outbox', words: 'Outbox', empty: 'Nothing has been sent yet.' },
    ];
    const searched = $derived(news.query.trim() !== '');
</script>

<Frame {screen} here="Catalogue" place="Newsletter">
    <h1 class="text-2xl">Newsletter</h1>
    <p class="mt-1 max-w-2xl text-quiet">
        Who wants letters from the shop. An address counts once its owner has followed the link that was sent to it; one
        that was not confirmed is forgotten after seven days.
    </p>
    {#if screen.may.edit}{@render lists()}{:else}
        <p class="mt-5">
            {counted(news.total, 'address', 'addresses')}. Who they are, and the letters to them, see only those who may
            change the shop.
        </p>
    {/if}
</Frame>

{#snippet lists()}
    <div class="mt-5 flex flex-wrap items-center gap-5">
        <p class="flex gap-5" role="group" aria-label="What is shown">
            {#each kinds as kind (kind.shown)}
                <button
                    class={news.shown === kind.shown ? 'font-semibold' : 'word'}
                    aria-pressed={news.shown === kind.shown}
                    onclick={() => void news.load(kind.shown)}>{kind.words}</button
                >
            {/each}
        </p>
        <label class="ml-auto"
            ><span class="unseen">{news.shown === 'outbox' ? 'Find by address or subject' : 'Find an address'}</span
            ><input
                class="field w-56"
                type="search"
                maxlength="200"
                placeholder={news.shown === 'outbox' ? 'Address or subject' : 'Find an address'}
                bind:value={news.query}
                oninput={() => void news.load()}
            /></label
        >
        {#if news.shown === 'addresses'}<a class="button" href="/studio/news/addresses.csv" download
                >Confirmed ones as CSV</a
            >{/if}
    </div>
    {#if news.shown === 'outbox'}
        <p class="mt-3 border-l-2 border-hair pl-3 text-quiet">
            This outbox stands in for a mail service: what lies here has gone nowhere. Links in it work.
        </p>
        <ul class="mt-3">
            {#each news.letters as letter (letter.id)}
                <li class="border-b border-dashed border-hair py-2">
                    <details>
                        <summary class="cursor-pointer"
                            >{letter.subject}
                            <span class="text-quiet">to {letter.recipient}, {when(letter.sentAt)}</span></summary
                        >
                        <p class="mt-2 max-w-2xl break-words whitespace-pre-line">{letter.words}</p>
                    </details>
                </li>
            {:else}
                <li class="py-3 text-quiet">
                    {searched ? 'No letter to that address or with that subject.' : kinds[1]?.empty}
                </li>
            {/each}
        </ul>
    {:else}
        <p class="mt-3 text-quiet" role="status">{counted(news.total, 'address', 'addresses')}</p>
        <table class="mt-1 w-full">
            <thead class="unseen"><tr><th>Address</th><th>State</th><th>What can be done</th></tr></thead>
            <tbody>
                {#each news.addresses as one (one.id)}
                    <tr class="border-b border-dashed border-hair" data-subscriber={one.id}>
                        <td class="py-2 pr-4 break-all">{one.address}</td>
                        <td class="py-2 pr-4 text-quiet"
                            >{one.confirmedAt === null
                                ? `waits for its owner since ${when(one.askedAt)}`
                                : `confirmed ${when(one.confirmedAt)}`}</td
                        >
                        <td class="py-2 text-right"
                            ><button
                                class="word"
                                aria-label="Take {one.address} out"
                                onclick={() => void news.takeOut(one)}>Take out</button
                            ></td
                        >
                    </tr>
                {:else}
                    <tr
                        ><td class="py-3 text-quiet" colspan="3"
                            >{searched ? 'No address with these letters.' : kinds[0]?.empty}</td
                        ></tr
                    >
                {/each}
            </tbody>
        </table>
    {/if}
    {#if news.more}<button class="word mt-3" onclick={() => void news.next()}>More</button>{/if}
{/snippet}
