<script lang="ts">
    import { untrack } from 'svelte';
    import { kindsOfPages, pageWords, standsOnPages, subjects } from '../../lib/pages';
    import type { Screen, WhoData } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { Who } from './who.svelte';

    let { screen }: { screen: Screen<WhoData> } = $props();
    const who = new Who(
        untrack(() => screen.data),
        new URLSearchParams(location.search),
    );
    const { kind: asked } = who;
    const words = pageWords(asked);
    const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
</script>

<Frame {screen} here="Who gets what">
    <h1 class="text-2xl">Who gets what</h1>
    <p class="mt-3 text-lg">
        <label>
            <span class="unseen">Kind of page</span>
            <select
                class="field mr-1 text-base"
                value={asked}
                onchange={(event) => location.assign(`/studio/who?kind=${event.currentTarget.value}`)}
            >
                <option value="all">Pages of every kind</option>
                {#each kindsOfPages as kind (kind)}<option value={kind}
                        >{capital(standsOnPages(kind) ? pageWords(kind).called : pageWords(kind).many)}</option
                    >{/each}
            </select>
        </label>
        <label
            ><span class="unseen">With these words in the title</span><input
                class="field mx-1 w-44 text-base"
                type="search"
                placeholder="of any title"
                bind:value={who.query}
                oninput={() => void who.load()}
            /></label
        >
        shown with
        <label>
            <span class="unseen">Template</span>
            <select class="field mx-1 text-base" bind:value={who.template} onchange={() => void who.load()}>
                <option value="">any template</option>
                {#each screen.data.templates as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
            </select>
        </label>
        <label class="text-base"
            ><input type="checkbox" bind:checked={who.pinned} onchange={() => void who.load()} /> pinned ones only</label
        >
    </p>
    <p class="mt-2 text-quiet" role="status">{subjects(asked, who.total)}</p>
    {#if who.rows.length === 0}
        <p class="mt-4">No {words.one} fits this sentence. Take something out of it.</p>
    {:else}
        <table class="mt-2 w-full border-collapse text-left">
            <thead class="text-quiet">
                <tr class="border-b border-hair">
                    <th class="py-2 pr-4 font-normal" scope="col">{capital(words.one)}</th>
                    <th class="py-2 pr-4 font-normal" scope="col">Filed in</th>
                    <th class="py-2 font-normal" scope="col">Template, and why</th>
                </tr>
            </thead>
            <tbody>
                {#each who.rows as row (`${row.pageKind} ${row.id}`)}
                    <tr class="border-b border-hair">
                        <td class="py-1.5 pr-4">
                            <span class="flex items-center gap-3">
                                {#if row.picture}
                                    <img
                                        src={row.picture}
                                        alt=""
                                        width="32"
                                        height="32"
                                        class="rounded border border-hair"
                                        loading="lazy"
                                    />
                                {:else}
                                    <span
                                        class="unpictured grid size-8 place-items-center rounded border border-hair text-xs"
                                        aria-hidden="true">–</span
                                    >
                                {/if}
                                {#if row.pageKind === 'product'}<a
                                        class="hover:underline"
                                        href="/studio/products/{row.id}">{row.title}</a
                                    >{:else}{row.title}{/if}
                                <a class="word shrink-0 text-sm text-quiet" href={row.address}
                                    >in the shop<span class="unseen">: {row.title}</span></a
                                >
                            </span>
                        </td>
                        <td class="py-1.5 pr-4 text-quiet"
                            >{asked === 'all' && row.pageKind !== 'product'
                                ? pageWords(row.pageKind).page
                                : row.filed || 'nothing'}</td
                        >
                        <td class="py-1.5">
                            <a class="hover:underline" href="/studio/templates/{row.template}?sample={row.id}"
                                >{row.templateName}</a
                            >
                            <span class="text-quiet">· {row.by} ·</span>
                            <a class="word text-sm" href="/studio/why/{row.pageKind}/{row.slug}"
                                >why?<span class="unseen"> {row.title}</span></a
                            >
                        </td>
                    </tr>
                {/each}
            </tbody>
        </table>
        {#if who.more}<button class="button mt-4" onclick={() => void who.next()}>More</button>{/if}
    {/if}
</Frame>
