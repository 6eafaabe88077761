<script lang="ts">
    import { untrack } from 'svelte';
    import type { Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import WhatItWouldDo from '../../parts/WhatItWouldDo.svelte';
    import Cards from './Cards.svelte';
    import Deleted from './Deleted.svelte';
    import NewTemplate from './NewTemplate.svelte';
    import Parts from './Parts.svelte';
    import { Ordering } from './ordering.svelte';
    import Row from './Row.svelte';
    import { CARDS, Templates } from './templates.svelte';
    import type { TemplateRow, TemplatesData } from './types';

    let { screen }: { screen: Screen<TemplatesData> } = $props();
    const templates = new Templates(
        untrack(() => screen.data),
        new URLSearchParams(location.search).get('kind') ?? '',
    );
    const deeds = templates.deeds;
    let making = $state<{ copyOf: TemplateRow | null } | null>(null);
    const ordering = new Ordering((id, before) => void deeds.ask(templates.order(id, before)));

    $effect(() => templates.sayWhatWasDone());
</script>

<Frame {screen} here="Templates">
    <div class="flex flex-wrap items-end gap-4 sm:flex-nowrap">
        <div>
            <h1 class="text-2xl">Templates</h1>
            <p class="mt-1 text-quiet">
                How the pages of {screen.shop} are laid out, and which of them each layout is for.
            </p>
        </div>
        <label class="sm:ml-auto">
            <span class="unseen">Templates of</span>
            <select
                class="field"
                value={templates.kind}
                onchange={(event) => templates.lookAt(event.currentTarget.value)}
            >
                <option value="">every kind of page</option>
                {#each templates.kinds as one (one.kind)}<option value={one.kind}>{one.title} · {one.count}</option
                    >{/each}
                <option value={CARDS}>Cards · {templates.cards.list.length}</option>
            </select>
        </label>
        <label>
            <span class="unseen">Find a template by name</span>
            <input class="field" type="search" placeholder="Find by name" bind:value={templates.query} />
        </label>
        {#if screen.may.edit && !making}
            <button class="button button-next shrink-0" onclick={() => (making = { copyOf: null })}
                >New template…</button
            >
        {/if}
    </div>

    {#if making && !making.copyOf}
        <NewTemplate {templates} starts={screen.data.starts} copyOf={null} close={() => (making = null)} />
    {/if}

    {#if templates.shown.length === 0 && templates.kind !== CARDS}<p class="mt-8 text-quiet">
            No template is called that. Try another word, or make a new one.
        </p>{/if}
    {#each templates.groups as group (group.kind)}
        <section class="mt-8" aria-labelledby="kind-{group.kind}">
            <h2 id="kind-{group.kind}" class="text-lg">{group.title}</h2>
            {#if group.known}
                {#if group.templates.length > 1}
                    <p class="text-sm text-quiet">
                        Where two rules are equally close, the template further up takes the page.
                    </p>
                {/if}
                <table class="stacks mt-2 w-full border-collapse text-left">
                    <thead class="text-quiet">
                        <tr class="border-b border-hair">
                            <th class="py-2 pr-4 font-normal" scope="col"><span class="unseen">Look</span></th>
                            <th class="py-2 pr-4 font-normal" scope="col">Template</th>
                            <th class="py-2 pr-4 font-normal" scope="col">State</th>
                            <th class="py-2 pr-4 text-right font-normal" scope="col">Covers</th>
                            <th class="py-2 pr-4 text-right font-normal" scope="col">Shown on</th>
                            <th class="py-2 pr-4 font-normal" scope="col">Changed</th>
                            <th class="py-2 font-normal" scope="col"><span class="unseen">Do</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        {#each group.templates as template, index (template.id)}
                            <Row
                                {template}
                                {templates}
                                may={screen.may}
                                {ordering}
                                before={group.templates[index - 1] ?? null}
                                afterNext={group.templates[index + 2] ?? null}
                                isLast={index === group.templates.length - 1}
                                copy={() => (making = { copyOf: template })}
                            />
                            {#if making?.copyOf?.id === template.id}
                                <tr
                                    ><td colspan="7" class="pb-5"
                                        ><NewTemplate
                                            {templates}
                                            starts={screen.data.starts}
                                            copyOf={template}
                                            close={() => (making = null)}
                                        /></td
                                    ></tr
                                >
                            {/if}
                            {#if deeds.asked?.deed.at === String(template.id)}
                                <tr
                                    ><td colspan="7" class="py-3"
                                        ><WhatItWouldDo
                                            {deeds}
                                            words={deeds.asked.deed.words}
                                            impact={deeds.asked.impact}
                                        /></td
                                    ></tr
                                >
                            {/if}
                        {/each}
                    </tbody>
                </table>
            {:else}
                <p class="text-sm text-quiet">
                    This version does not know such pages. These templates are kept, and shown nowhere.
                </p>
                <ul class="mt-2">
                    {#each group.templates as template (template.id)}<li class="font-name text-lg">
                            {template.name}
                        </li>{/each}
                </ul>
            {/if}
        </section>
    {/each}
    {#if templates.kind === '' || templates.kind === CARDS}<Cards
            cards={templates.cards}
            {deeds}
            query={templates.query}
            may={screen.may}
        />{/if}
    {#if templates.kind === ''}<Parts {templates} may={screen.may.edit} />{/if}
    <Deleted {templates} may={screen.may} />
</Frame>
