<script lang="ts">
    import { Deeds, takeBack, type Deed } from '../lib/deeds.svelte';
    import { notices } from '../lib/notices.svelte';
    import { pageWords } from '../lib/pages';
    import type { Ladder, Rung } from '../lib/types';
    import WhatItWouldDo from './WhatItWouldDo.svelte';

    let { ladder, mayPublish, changed }: { ladder: Ladder; mayPublish: boolean; changed: () => void } = $props();
    const deeds = new Deeds((release, done) => {
        notices.say(`Done: ${done.words}`, { words: 'Take this back', do: () => void back(release.id) });
        changed();
    });
    const page = $derived(ladder.page);
    const words = $derived(pageWords(ladder.pageKind));

    function open(rung: Rung): string {
        const view = rung.change?.do === 'publish' ? '&view=publish' : rung.change?.do === 'reach' ? '&view=reach' : '';
        return `/studio/templates/${rung.template}?sample=${page.id}${view}`;
    }

    async function back(release: number): Promise<void> {
        if (!(await takeBack(release))) return;
        notices.say('The shop is as it was before.');
        changed();
    }

    function pin(rung: Rung, template: number | null, at = `rung-${rung.template}`): Deed {
        const words = template === null ? `${page.title} without its pin.` : `${page.title} pinned to “${rung.name}”.`;
        return { words, address: '/studio/pins', body: { pageKind: ladder.pageKind, subject: page.id, template }, at };
    }

    function deed(rung: Rung, what: 'pin' | 'unpin' | 'earlier'): Deed {
        if (what !== 'earlier') return pin(rung, what === 'pin' ? rung.template : null);
        const first = ladder.rungs[0];
        return {
            words: `“${rung.name}” before “${first?.name}” in the list of templates.`,
            address: '/studio/templates/order',
            body: { before: first?.template, move: rung.template },
            at: `rung-${rung.template}`,
        };
    }
</script>

<p class="text-quiet">
    {[
        words.page.charAt(0).toUpperCase() + words.page.slice(1),
        ladder.at,
        ladder.until ? `by the clock alone it stays so until ${ladder.until}` : '',
        page.shown ? '' : 'hidden, so customers do not see it',
    ]
        .filter((words) => words !== '')
        .join(' · ')}
</p>
{#if ladder.unpublished.length > 0}
    <section class="mt-4 rounded-lg border border-dashed border-edge px-4 py-3" aria-label="Not published">
        {#each ladder.unpublished as one (one.template)}
            <p class="py-0.5">
                <a
                    class="font-name text-lg hover:underline"
                    href="/studio/templates/{one.template}?sample={page.id}&view=reach">{one.name}</a
                ><span class="mx-1 text-quiet">·</span>{one.words}
                {#if mayPublish}<a class="word" href="/studio/templates/{one.template}?sample={page.id}&view=publish"
                        >Publish it…</a
                    >{/if}
            </p>
        {/each}
    </section>
{/if}
<ol class="mt-6">
    {#each ladder.rungs as rung, index (rung.template)}
        <li class="relative grid grid-cols-[28px_minmax(0,1fr)_auto] gap-x-4 pb-5" data-rung={rung.reason}>
            {#if index < ladder.rungs.length - 1}<span
                    class="absolute top-7 bottom-0 left-3.25 w-px bg-edge"
                    aria-hidden="true"
                ></span>{/if}
            <span
                class="figures grid size-7 place-items-center rounded-full border-2 text-xs font-semibold {rung.wins
                    ? 'border-live bg-live text-sheet'
                    : 'border-edge bg-paper'}">{index + 1}</span
            >
            <div class="min-w-0">
                <h3 class="text-lg leading-tight">
                    {#if rung.template === 0}{rung.name.charAt(0).toUpperCase() + rung.name.slice(1)}{:else}<a
                            class="hover:underline"
                            href={open(rung)}>{rung.name}</a
                        >{/if}
                </h3>
                {#if rung.clause.length > 0}
                    <p>
                        <span class="text-quiet">{rung.reason === 'kept-off' ? 'Keep off' : 'Show on'}</span>
                        {#each rung.clause as part, at (at)}
                            {#if at > 0}<span class="mx-1 text-quiet">and</span>{/if}
                            <strong class={part.failed ? 'text-trouble line-through' : ''}>{part.words}</strong>
                        {/each}{#if rung.season}, <span
                                class={rung.reason === 'out-of-season' ? 'text-trouble line-through' : ''}
                                >{rung.season}</span
                            >{/if}
                    </p>
                {/if}
                <p class={rung.wins ? '' : 'text-trouble'}>{rung.words} {rung.detail.join(' ')}</p>
                {#if rung.change && mayPublish}
                    {@const change = rung.change}
                    {#if change.do === 'pin' || change.do === 'unpin' || change.do === 'earlier'}
                        <button class="word" onclick={() => void deeds.ask(deed(rung, change.do as 'pin'))}
                            >{change.words}</button
                        >
                    {:else}
                        <a class="word" href={open(rung)}>{change.words}</a>
                        {#if rung.live}<button class="word ml-3" onclick={() => void deeds.ask(deed(rung, 'pin'))}
                                >Pin this {words.one} to it…</button
                            >{/if}
                    {/if}
                {/if}
                {#if deeds.asked?.deed.at === `rung-${rung.template}`}
                    <div class="mt-3">
                        <WhatItWouldDo {deeds} words={deeds.asked.deed.words} impact={deeds.asked.impact} />
                    </div>
                {/if}
            </div>
            <span class="text-right text-sm text-quiet">{rung.goesFirst ? 'goes first' : rung.closenessWords}</span>
        </li>
    {/each}
</ol>
{#if ladder.pinned !== null && mayPublish && ladder.step === 'pin'}
    {@const winner = ladder.rungs[0]}
    {#if winner}<button class="button mt-2" onclick={() => void deeds.ask(pin(winner, null, 'below'))}
            >Take the pin out…</button
        >{/if}
    {#if deeds.asked?.deed.at === 'below'}<WhatItWouldDo
            {deeds}
            words={deeds.asked.deed.words}
            impact={deeds.asked.impact}
        />{/if}
{/if}
