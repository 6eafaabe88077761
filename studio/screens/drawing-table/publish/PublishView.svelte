<script lang="ts">
    import { heading } from '../../../lib/focus';
    import { movesOf, pageWords } from '../../../lib/pages';
    import { counted } from '../../../lib/words';
    import { untrack } from 'svelte';
    import { notices } from '../../../lib/notices.svelte';
    import Moves from '../../../parts/Moves.svelte';
    import type { PublishLook } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { placeForEssential, rows } from '../tree/tree';
    import FittingLine from '../fitting/FittingLine.svelte';
    import { Publishing } from './publish.svelte';
    import Published from './Published.svelte';
    import Turns from '../../../parts/Turns.svelte';

    let { table, mayPublish }: { table: Table; mayPublish: boolean } = $props();
    const state = untrack(() => new Publishing(table));
    const look = $derived(state.look);
    const impact = $derived(state.impact);
    const revision = $derived(table.drawn.map((one) => one.draft.revision).join());

    $effect(() => {
        void revision;
        if (!state.done) void state.see(state.query);
    });

    /** Puts in what is missing, where such a thing stands as a rule, and shows it there. */
    async function putIn(spoken: string): Promise<void> {
        const kind = table.kinds.essential(spoken.split('/')[0] ?? '', table.data.template.pageKind);
        if (kind === null) return;
        const name = table.kinds.of(kind).name;
        const off = rows(table.draft.tree).find((row) => row.node.kind === kind && row.node.when?.off === true)?.node;
        if (off) {
            table.view = 'page';
            table.selection.select(off.id, true);
            if (await table.values.set(off.id, 'when', 'off', false))
                notices.say(`${name} was there, switched off. It is on now.`, {
                    words: 'Take this back',
                    do: () => void table.undo(),
                });
            return;
        }
        const starter = table.kinds.of(kind).starters[0];
        const place = placeForEssential(table.draft.tree, kind, table.kinds);
        table.view = 'page';
        if (starter) await table.edits.insert(starter.node, place);
        notices.say(`${name} is on the page now, marked. Move it where it belongs.`, {
            words: 'Take this back',
            do: () => void table.undo(),
        });
    }
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-3xl px-8 py-8">
        {#if state.done}
            <Published {table} {state} release={state.done} />
        {:else if look}
            <h2 class="text-2xl" {@attach heading}>Publish “{state.name}”</h2>
            {#if !impact}
                <p class="mt-2">{look.message ?? 'Draft and live are the same. There is nothing to publish.'}</p>
                {@render others(look)}
                <button class="button mt-4" onclick={() => (table.view = 'page')}>Back to the page</button>
            {:else}
                <p class="mt-1 text-quiet" data-impact role="status">
                    {movesOf(impact)}{impact.turns?.length && !state.later ? ' now' : ''}, {counted(
                        impact.look,
                        'gets',
                        'get',
                    )} a new look.
                    {counted(impact.stays, 'stays as it is', 'stay as they are')}.
                    {#if table.draft.live}<button class="word" onclick={() => (table.view = 'compare')}
                            >What is different?</button
                        >{/if}
                </p>
                <div class="mt-5">
                    <Moves
                        {impact}
                        group="{table.base}/impact/group?{state.query}"
                        drafts={Object.keys(look.revisions).map(Number)}
                    />
                </div>
                <Turns turns={impact.turns ?? []} />
                {#if table.about.isPage}<FittingLine {table} />{/if}
                {#if table.draft.unreplaced.length > 0}
                    <section class="mt-5" aria-label="Words that nobody replaced" data-unreplaced>
                        <p>
                            {counted(
                                table.draft.unreplaced.length,
                                'block still has the words it',
                                'blocks still have the words they',
                            )} came with:
                        </p>
                        <ul class="mt-1 flex flex-wrap gap-x-4 gap-y-0.5">
                            {#each table.draft.unreplaced as id (id)}
                                <li>
                                    <button
                                        class="word"
                                        onclick={() => ((table.view = 'page'), table.selection.select(id, true))}
                                        >{table.about.nameOf(id)}</button
                                    >
                                </li>
                            {/each}
                        </ul>
                    </section>
                {/if}
                {#if look.concerns && look.concerns.length > 0}
                    <section class="mt-5 rounded-lg border border-dashed border-edge p-4" aria-label="Please decide">
                        {#each look.concerns as concern (concern.spoken)}
                            <p class="mt-1 first:mt-0">
                                {concern.words}
                                {#if concern.spoken.startsWith('nothing/')}
                                    <button class="word" onclick={() => (table.view = 'reach')}
                                        >Say where it appears</button
                                    >
                                {:else}
                                    <button class="word" onclick={() => void putIn(concern.spoken)}>Put it in</button>
                                {/if}
                            </p>
                            <label class="flex gap-2 py-0.5">
                                <input
                                    type="checkbox"
                                    checked={state.spoken.includes(concern.spoken)}
                                    onchange={(event) => state.speak(concern.spoken, event.currentTarget.checked)}
                                />
                                I know, and want it so
                            </label>
                        {/each}
                    </section>
                {/if}
                {@render others(look)}
                <label class="mt-5 block">
                    <span class="unseen">What is this for?</span>
                    <input
                        class="field w-full"
                        bind:value={state.note}
                        maxlength="300"
                        placeholder="What is this for? “Bigger price, gallery on the right”"
                    />
                </label>
                {#if state.later}
                    <p class="mt-3 flex items-center gap-3">
                        <label>At <input class="field ml-1" type="datetime-local" bind:value={state.due} /></label>
                        <span class="text-quiet">by the shop’s clock. What is published is the draft as it is now.</span
                        >
                    </p>
                {/if}
                {#if state.wrong}<p class="mt-3 text-trouble" role="alert">{state.wrong}</p>{/if}
                <div class="mt-4 flex flex-wrap items-center gap-3">
                    {#if mayPublish}
                        <button class="button button-next" disabled={!state.ready} onclick={() => state.publish()}
                            >{state.later ? 'Publish then' : 'Publish now'}</button
                        >
                        <button class="button" onclick={() => (state.later = !state.later)}
                            >{state.later ? 'Now instead' : 'At a time…'}</button
                        >
                    {/if}
                    <button class="button" onclick={() => (table.view = 'page')}>Not yet</button>
                    <span class="text-quiet">One click brings the shop back to how it was.</span>
                </div>
            {/if}
        {:else}
            <p class="text-quiet">Working out what would change…</p>
        {/if}
    </div>
</div>

{#snippet others(of: PublishLook)}
    {#if of.others.length > 0 || of.house}
        <fieldset class="mt-5">
            <legend class="text-quiet">Together with</legend>
            {#if of.house && impact}
                <label class="flex gap-2 py-0.5">
                    <input type="checkbox" bind:checked={state.house} />
                    the house style “{of.house.name}”, {counted(of.house.decisions, 'decision')}
                </label>
            {/if}
            {#each of.others as other (other.id)}
                <label class="flex gap-2 py-0.5">
                    <input
                        type="checkbox"
                        checked={state.also.includes(other.id)}
                        onchange={() => state.toggle(other.id)}
                    />
                    {other.name}{other.role === 'card' ? ', a card' : ''}{other.role === 'page' &&
                    other.pageKind !== table.data.template.pageKind
                        ? `, for ${pageWords(other.pageKind).pages}`
                        : ''}{other.live ? '' : ', not in the shop yet'}
                </label>
            {/each}
        </fieldset>
    {/if}
{/snippet}
