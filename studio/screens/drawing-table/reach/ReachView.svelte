<script lang="ts">
    import { subjects } from '../../../lib/pages';
    import { counted, number } from '../../../lib/words';
    import { untrack } from 'svelte';
    import { post } from '../../../lib/http';
    import { notices } from '../../../lib/notices.svelte';
    import type { Condition, Names, PageRow, Reach, ReachPreview, Sentence, Tried } from '../../../lib/types';
    import PagePictures from '../../../parts/PagePictures.svelte';
    import type { Table } from '../table.svelte';
    import ClauseSentence from './ClauseSentence.svelte';
    import Season from './Season.svelte';
    import TryPage from './TryPage.svelte';

    const NOTHING: Sentence = { show: [], keepOff: [], season: '', from: null, until: null };

    let { table }: { table: Table } = $props();
    let reach = $state.raw<Reach>(untrack(() => table.draft.reach));
    let sentence = $state.raw<Sentence>(untrack(() => table.draft.sentence ?? NOTHING));
    let names = $state.raw<Names>(untrack(() => table.draft.names ?? {}));
    let preview = $state.raw<ReachPreview | null>(null);
    let shown = $state.raw<PageRow[]>([]);
    let trying = $state.raw<PageRow | null>(null);
    const kind = $derived(table.data.template.pageKind);
    let tried = $state.raw<Tried | null>(null);
    let page = 1;
    let asked = 0;

    const latest = $derived(table.draft.reach);
    $effect(() => {
        void look(latest, 1);
    });
    $effect(() => {
        void tryOut(latest, trying?.id ?? null);
    });

    async function look(now: Reach, wanted: number): Promise<void> {
        const mine = ++asked;
        try {
            const answer = await post<ReachPreview>(`${table.base}/reach?page=${wanted}`, { reach: now });
            if (mine !== asked) return;
            preview = answer;
            ({ reach, sentence, names } = answer);
            shown = wanted === 1 ? answer.pages : [...shown, ...answer.pages];
            page = wanted;
            table.draft = { ...table.draft, names, sentence, counts: answer };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function tryOut(now: Reach, id: number | null): Promise<void> {
        try {
            tried = id === null ? null : await post<Tried>(`${table.base}/try`, { reach: now, subject: id });
        } catch (error) {
            notices.trouble(error);
        }
    }

    /** The newest rules asked for, while they are on their way: the next change starts from them, not from what is displayed. */
    let newest: Reach | null = null;
    let going = 0;

    async function change(next: (now: Reach) => Partial<Reach>): Promise<void> {
        const now = newest ?? table.draft.reach;
        newest = { ...now, ...next(now) };
        going++;
        try {
            await table.send([{ edit: 'reach', reach: newest }]);
        } finally {
            if (--going === 0) newest = null;
        }
    }

    function setClause(part: 'show' | 'keepOff', index: number, next: (now: Condition[]) => Condition[] | null): void {
        void change((now) => {
            const clauses = [...now[part]];
            const clause = next(clauses[index] ?? []);
            if (clause === null || (clause.length === 0 && part === 'keepOff')) clauses.splice(index, 1);
            else clauses[index] = clause;
            return { [part]: clauses };
        });
    }

    function addClause(part: 'show' | 'keepOff', next: (now: Condition[]) => Condition[] | null): void {
        const clause = next([]);
        if (clause && clause.length > 0) void change((now) => ({ [part]: [...now[part], clause] }));
    }

    function isDead(part: 'show' | 'keepOff', clause: number, condition: number): boolean {
        return preview?.dead.some((dead) => dead.part === part && dead.clause === clause && dead.condition === condition) ?? false;
    }
</script>

{#snippet clauses(part: 'show' | 'keepOff', empty: string)}
    {#each reach[part] as clause, index (index)}
        {#if index > 0}<p class="text-quiet">or</p>{/if}
        <ClauseSentence
            {table}
            {names}
            {clause}
            phrases={sentence[part][index] ?? []}
            {empty}
            dead={(condition) => isDead(part, index, condition)}
            tried={tried?.[part][index] ?? null}
            change={(next) => setClause(part, index, next)}
        />
    {/each}
{/snippet}

{#snippet adding(part: 'show' | 'keepOff')}
    <ClauseSentence {table} {names} clause={[]} phrases={[]} empty="" adding change={(next) => addClause(part, next)} />
{/snippet}

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-4xl px-8 py-8">
        <h2 class="text-2xl">Where “{table.data.template.name}” appears</h2>
        <p class="mt-1 text-quiet">Click a part of the sentence to change it. Nothing changes in the shop until you publish.</p>

        <section class="mt-7 text-lg leading-9" aria-label="Show on">
            <h3 class="font-sans text-base font-semibold">Show on</h3>
            {@render clauses('show', `every ${table.words.one}`)}
            {#if reach.show.length === 0}<p class="text-quiet">nothing yet: only pinned {table.words.many} would get it.</p>{/if}
            {#if table.mayEdit}
                <p class="text-base">
                    {#if reach.show.length === 0}
                        <button class="word" onclick={() => change(() => ({ show: [[]] }))}>every {table.words.one}</button>
                        <span class="mx-1 text-quiet">or {table.words.many} where</span>
                    {:else}
                        <span class="text-quiet">or {table.words.many} where</span>
                    {/if}
                    {@render adding('show')}
                </p>
            {/if}
        </section>

        <section class="mt-5 border-t border-dashed border-hair pt-4 text-lg leading-9" aria-label="Keep off">
            <h3 class="font-sans text-base font-semibold">Keep off</h3>
            {@render clauses('keepOff', '')}
            {#if table.mayEdit}
                <p class="text-base">
                    <span class="text-quiet"
                        >{reach.keepOff.length === 0
                            ? `no ${table.words.one} so far. Keep off ${table.words.many} where`
                            : `or ${table.words.many} where`}</span
                    >
                    {@render adding('keepOff')}
                </p>
            {/if}
        </section>

        <section class="mt-5 border-t border-dashed border-hair pt-4 text-lg leading-9" aria-label="Season">
            <h3 class="font-sans text-base font-semibold">When</h3>
            <Season
                mayEdit={table.mayEdit}
                {sentence}
                inSeason={preview?.inSeason ?? true}
                change={(season) => change((now) => ({ season: { ...now.season, ...season } }))}
            />
        </section>

        <section class="mt-5 border-t border-dashed border-hair pt-4" aria-label="Goes first">
            <label class="flex items-start gap-3 text-base">
                <input
                    class="mt-1"
                    type="checkbox"
                    checked={reach.goesFirst}
                    disabled={!table.mayEdit}
                    onchange={({ currentTarget }) => {
                        const goesFirst = currentTarget.checked;
                        void change(() => ({ goesFirst }));
                    }}
                />
                <span>
                    <span class="font-semibold">Goes first</span>
                    <span class="block text-quiet">For a campaign: comes before every template without this mark, however close their rules are.</span>
                </span>
            </label>
        </section>

        <section class="mt-5 border-t border-hair pt-5" aria-label="What it covers">
            {#if preview}
                <h3 class="text-xl" role="status" data-counts>
                    {#if preview.when === 'ahead'}
                        Will cover {subjects(kind, preview.covers)}, and be shown on {number(preview.shownOn)}, {sentence.season}
                    {:else}
                        Covers {subjects(kind, preview.covers)}, {table.draft.live ? '' : 'would be '}shown on {number(preview.shownOn)}
                    {/if}
                </h3>
                <p class="text-quiet">
                    {#if preview.when === 'ahead'}Counted at the start of its season.{:else if preview.when === 'over'}Its season is over, so it covers nothing
                        any more.{/if}
                    {#each preview.others as other (other.template)}
                        <span class="mr-3"
                            >{counted(other.count, 'page goes', 'pages go')} to <a class="word" href="/studio/templates/{other.template}">{other.name}</a></span
                        >
                    {/each}
                    {#if preview.hidden > 0}and {number(preview.hidden)} hidden, which customers do not see{/if}
                </p>
                <div class="mt-3"><TryPage {table} page={trying} choose={(next) => (trying = next)} /></div>
                {#if trying && tried}
                    <p class="mt-2" role="status" data-tried-out>
                        {trying.title}
                        {tried.covers ? 'is covered' : 'is not covered'}{tried.covers && !tried.inSeason ? ', but it is out of season' : ''}; it
                        {tried.getsThis ? 'would get this template.' : `would get “${tried.gets}”.`}
                    </p>
                {/if}
                <div class="mt-4"><PagePictures pages={shown} size={64} /></div>
                {#if preview.covers > shown.length}
                    <button class="word mt-3" onclick={() => look(latest, page + 1)}>More of them</button>
                {:else if preview.covers === 0}
                    <p class="mt-3">No {table.words.one} fits all of this. Take a condition out, or choose a wider one.</p>
                {/if}
            {:else}
                <p class="text-quiet">Counting…</p>
            {/if}
            <button class="button mt-7" onclick={() => (table.view = 'page')}>Back to the page</button>
        </section>
    </div>
</div>
