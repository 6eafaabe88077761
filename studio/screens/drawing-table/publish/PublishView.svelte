<script lang="ts">
    import { movesOf, pageWords } from '../../../lib/pages';
    import { counted } from '../../../lib/words';
    import { get, post } from '../../../lib/http';
    import { notices } from '../../../lib/notices.svelte';
    import type { Impact, PublishLook, ReleaseRow } from '../../../lib/types';
    import Moves from '../../../parts/Moves.svelte';
    import type { Table } from '../table.svelte';
    import { placeForEssential, rows } from '../tree';
    import FittingLine from '../fitting/FittingLine.svelte';
    import Published from './Published.svelte';
    import Turns from './Turns.svelte';

    type Look = PublishLook & Partial<Impact>;

    let { table, mayPublish }: { table: Table; mayPublish: boolean } = $props();
    let look = $state.raw<Look | null>(null);
    let done = $state.raw<ReleaseRow | null>(null);
    let also = $state.raw<number[]>([]);
    let spoken = $state.raw<string[]>([]);
    let later = $state(false);
    let due = $state('');
    let note = $state('');
    let busy = $state(false);
    let wrong = $state('');
    let asked = 0;
    const name = $derived(table.data.template.name);
    const revision = $derived(table.draft.revision);
    const query = $derived(`also=${also.join(',')}${later && due ? `&due=${due}` : ''}`);
    const impact = $derived(look?.changed ? (look as Impact) : null);
    const unspoken = $derived((look?.concerns ?? []).filter((concern) => !spoken.includes(concern.spoken)));
    const fresh = $derived(look?.revisions[table.data.template.id] === revision);
    const ready = $derived(!busy && fresh && table.saving === 'saved' && unspoken.length === 0 && (!later || due !== ''));

    $effect(() => {
        void revision;
        if (!done) void see(query);
    });

    async function see(asking: string): Promise<void> {
        const mine = ++asked;
        try {
            const answer = await get<Look>(`${table.base}/impact?${asking}`);
            if (mine === asked) look = answer;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function publish(): Promise<void> {
        busy = true;
        wrong = '';
        try {
            done = await post<ReleaseRow>('/studio/publish', { revisions: look?.revisions, note, spoken, ...(later ? { due } : {}) });
        } catch (error) {
            const unreachable = 'The server cannot be reached. Nothing was published; try again in a moment.';
            wrong = error instanceof TypeError ? unreachable : error instanceof Error ? error.message : '';
            await see(query);
        }
        busy = false;
    }

    /** Puts in what is missing, where such a thing stands as a rule, and shows it there. */
    async function putIn(spoken: string): Promise<void> {
        const kind = table.kinds.essential(spoken.split('/')[0] ?? '', table.data.template.pageKind);
        if (kind === null) return;
        const name = table.kinds.of(kind).name;
        const off = rows(table.draft.tree).find((row) => row.node.kind === kind && row.node.when?.off === true)?.node;
        if (off) {
            table.view = 'page';
            table.select(off.id, true);
            if (await table.set(off.id, 'when', 'off', false))
                notices.say(`${name} was there, switched off. It is on now.`, { words: 'Take this back', do: () => void table.undo() });
            return;
        }
        const starter = table.kinds.of(kind).starters[0];
        const place = placeForEssential(table.draft.tree, kind, table.kinds);
        table.view = 'page';
        if (starter) await table.insert(starter.node, place);
        notices.say(`${name} is on the page now, marked. Move it where it belongs.`, {
            words: 'Take this back',
            do: () => void table.undo(),
        });
    }

    function toggle(list: number[], id: number): number[] {
        return list.includes(id) ? list.filter((one) => one !== id) : [...list, id];
    }
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-3xl px-8 py-8">
        {#if done}
            <Published {table} release={done} />
        {:else if look}
            <h2 class="text-2xl">Publish “{name}”</h2>
            {#if !impact}
                <p class="mt-2">{look.message ?? 'Draft and live are the same. There is nothing to publish.'}</p>
                <button class="button mt-4" onclick={() => (table.view = 'page')}>Back to the page</button>
            {:else}
                <p class="mt-1 text-quiet" data-impact role="status">
                    {movesOf(impact)}{impact.turns?.length && !later ? ' now' : ''}, {counted(impact.look, 'gets', 'get')} a new look.
                    {counted(impact.stays, 'stays as it is', 'stay as they are')}.
                    {#if table.draft.live}<button class="word" onclick={() => (table.view = 'compare')}>What is different?</button>{/if}
                </p>
                <div class="mt-5">
                    <Moves {impact} group="{table.base}/impact/group?{query}" drafts={Object.keys(look.revisions).map(Number)} />
                </div>
                <Turns turns={impact.turns ?? []} />
                {#if table.isPage}<FittingLine {table} />{/if}
                {#if table.draft.unreplaced.length > 0}
                    <section class="mt-5" aria-label="Words that nobody replaced" data-unreplaced>
                        <p>
                            {counted(table.draft.unreplaced.length, 'block still has the words it', 'blocks still have the words they')} came with:
                        </p>
                        <ul class="mt-1 flex flex-wrap gap-x-4 gap-y-0.5">
                            {#each table.draft.unreplaced as id (id)}
                                <li><button class="word" onclick={() => ((table.view = 'page'), table.select(id, true))}>{table.nameOf(id)}</button></li>
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
                                    <button class="word" onclick={() => (table.view = 'reach')}>Say where it appears</button>
                                {:else}
                                    <button class="word" onclick={() => void putIn(concern.spoken)}>Put it in</button>
                                {/if}
                            </p>
                            <label class="flex gap-2 py-0.5">
                                <input
                                    type="checkbox"
                                    checked={spoken.includes(concern.spoken)}
                                    onchange={(event) =>
                                        (spoken = event.currentTarget.checked ? [...spoken, concern.spoken] : spoken.filter((one) => one !== concern.spoken))}
                                />
                                I know, and want it so
                            </label>
                        {/each}
                    </section>
                {/if}
                {#if look.others.length > 0}
                    <fieldset class="mt-5">
                        <legend class="text-quiet">Together with</legend>
                        {#each look.others as other (other.id)}
                            <label class="flex gap-2 py-0.5">
                                <input type="checkbox" checked={also.includes(other.id)} onchange={() => (also = toggle(also, other.id))} />
                                {other.name}{other.role === 'page' && other.pageKind !== table.data.template.pageKind
                                    ? `, for ${pageWords(other.pageKind).pages}`
                                    : ''}{other.live ? '' : ', not in the shop yet'}
                            </label>
                        {/each}
                    </fieldset>
                {/if}
                <label class="mt-5 block">
                    <span class="unseen">What is this for?</span>
                    <input class="field w-full" bind:value={note} maxlength="300" placeholder="What is this for? “Bigger price, gallery on the right”" />
                </label>
                {#if later}
                    <p class="mt-3 flex items-center gap-3">
                        <label>At <input class="field ml-1" type="datetime-local" bind:value={due} /></label>
                        <span class="text-quiet">by the shop’s clock. What is published is the draft as it is now.</span>
                    </p>
                {/if}
                {#if wrong}<p class="mt-3 text-trouble" role="alert">{wrong}</p>{/if}
                <div class="mt-4 flex flex-wrap items-center gap-3">
                    {#if mayPublish}
                        <button class="button button-next" disabled={!ready} onclick={publish}>{later ? 'Publish then' : 'Publish now'}</button>
                        <button class="button" onclick={() => (later = !later)}>{later ? 'Now instead' : 'At a time…'}</button>
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
