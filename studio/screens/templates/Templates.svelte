<script lang="ts">
    import { untrack } from 'svelte';
    import { post } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import { pageWords } from '../../lib/pages';
    import type { Impact, ReleaseRow, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import WhatItWouldDo from '../../parts/WhatItWouldDo.svelte';
    import NewTemplate from './NewTemplate.svelte';
    import Parts from './Parts.svelte';
    import { Ordering } from './ordering.svelte';
    import Row from './Row.svelte';
    import type { Deed, TemplateRow, TemplatesData } from './types';

    let { screen }: { screen: Screen<TemplatesData> } = $props();
    let templates = $state(untrack(() => screen.data.templates));
    let making = $state<{ copyOf: TemplateRow | null } | null>(null);
    let query = $state('');
    let asked = $state.raw<{ deed: Deed; impact: Impact } | null>(null);
    let busy = $state(false);
    const shown = $derived(templates.filter((template) => `${template.name} ${template.note}`.toLowerCase().includes(query.trim().toLowerCase())));
    const groups = $derived(
        [...new Set(shown.map((template) => template.pageKind))].map((kind) => {
            const of = shown.filter((template) => template.pageKind === kind);
            const { pages } = pageWords(kind);
            const known = of.every((template) => template.known);
            return { kind, known, templates: of, title: known ? pages.charAt(0).toUpperCase() + pages.slice(1) : `Pages of the kind “${kind}”` };
        }),
    );
    const ordering = new Ordering((id, before) => {
        const name = templates.find((template) => template.id === id)?.name ?? '';
        const next = templates.find((template) => template.id === before)?.name;
        void ask({
            words: next ? `“${name}” before “${next}” in the hand order` : `“${name}” last in the hand order`,
            address: '/studio/templates/order',
            body: { move: id, ...(before === null ? {} : { before }) },
        });
    });

    /** What it would do to the shop; the second click does it. */
    async function ask(deed: Deed): Promise<void> {
        try {
            asked = { deed, impact: await post<Impact>(deed.address, { ...deed.body, ask: true }) };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function go(): Promise<void> {
        if (!asked) return;
        busy = true;
        try {
            const release = await post<ReleaseRow>(asked.deed.address, asked.deed.body);
            sessionStorage.setItem('said', JSON.stringify({ words: `Done: ${asked.deed.words}.`, release: release.id }));
            location.reload();
        } catch (error) {
            notices.trouble(error);
            busy = false;
        }
    }

    async function takeBack(release: number): Promise<void> {
        try {
            await post(`/studio/releases/${release}/bring-back`);
            location.reload();
        } catch (error) {
            notices.trouble(error);
        }
    }

    $effect(() => {
        const said = sessionStorage.getItem('said');
        sessionStorage.removeItem('said');
        if (said === null) return;
        const { words, release } = JSON.parse(said) as { words: string; release: number };
        notices.say(words, { words: 'Take this back', do: () => void takeBack(release) });
    });
</script>

<Frame {screen} here="Templates">
    <div class="flex items-end gap-4">
        <div>
            <h1 class="text-2xl">Templates</h1>
            <p class="mt-1 text-quiet">How the pages of {screen.shop} are laid out, and which of them each layout is for.</p>
        </div>
        <label class="ml-auto">
            <span class="unseen">Find a template by name</span>
            <input class="field" type="search" placeholder="Find by name" bind:value={query} />
        </label>
        {#if screen.may.edit && !making}
            <button class="button button-next" onclick={() => (making = { copyOf: null })}>New template…</button>
        {/if}
    </div>

    {#if making}
        <NewTemplate starts={screen.data.starts} copyOf={making.copyOf} close={() => (making = null)} />
    {/if}
    {#if asked}
        <div class="mt-6">
            <WhatItWouldDo words={asked.deed.words} impact={asked.impact} {busy} {go} leave={() => (asked = null)} />
        </div>
    {/if}

    {#if shown.length === 0}<p class="mt-8 text-quiet">No template is called that. Try another word, or make a new one.</p>{/if}
    {#each groups as group (group.kind)}
        <section class="mt-8" aria-labelledby="kind-{group.kind}">
            <h2 id="kind-{group.kind}" class="text-lg">{group.title}</h2>
            {#if group.known}
                <p class="text-sm text-quiet">Where two rules are equally close, the template further up takes the page.</p>
                <table class="mt-2 w-full border-collapse text-left">
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
                                bind:template={() => template, (next) => (templates = templates.map((one) => (one.id === next.id ? next : one)))}
                                may={screen.may}
                                {ordering}
                                before={group.templates[index - 1] ?? null}
                                afterNext={group.templates[index + 2] ?? null}
                                isLast={index === group.templates.length - 1}
                                {ask}
                                copy={() => (making = { copyOf: template })}
                                gone={() => (templates = templates.filter((one) => one.id !== template.id))}
                            />
                        {/each}
                    </tbody>
                </table>
            {:else}
                <p class="text-sm text-quiet">This version does not know such pages. These templates are kept, and shown nowhere.</p>
                <ul class="mt-2">
                    {#each group.templates as template (template.id)}<li class="font-name text-lg">{template.name}</li>{/each}
                </ul>
            {/if}
        </section>
    {/each}
    <Parts parts={screen.data.parts} may={screen.may.edit} {query} />
</Frame>
