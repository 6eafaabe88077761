<script lang="ts">
    import { heading } from '../../../lib/focus';
    import { pageWords, subjects } from '../../../lib/pages';
    import { counted, number } from '../../../lib/words';
    import { untrack } from 'svelte';
    import type { Reach } from '../../../lib/types';
    import PagePictures from '../../../parts/PagePictures.svelte';
    import type { Table } from '../table.svelte';
    import ClauseSentence from '../../../parts/rules/ClauseSentence.svelte';
    import { Reaching } from './reach.svelte';
    import Season from './Season.svelte';
    import InTheWay from './InTheWay.svelte';
    import TryPage from './TryPage.svelte';

    let { table, mayPublish }: { table: Table; mayPublish: boolean } = $props();
    const state = untrack(() => new Reaching(table));
    const reach = $derived(state.reach);
    const sentence = $derived(state.sentence);
    const preview = $derived(state.preview);
    const kind = $derived(table.data.template.pageKind);
    const everyOne = $derived(`${pageWords(kind).single ? 'the' : 'every'} ${table.about.words.one}`);
    /** Of some pages rules know nothing but the season. */
    const askable = $derived(table.data.fields.length > 0);
    const latest = $derived(table.draft.reach);
    const change = (next: (now: Reach) => Partial<Reach>): void => void state.change(next);

    $effect(() => void state.look(latest));
    $effect(() => void state.tryOut(latest, state.trying?.id ?? null));
</script>

{#snippet clauses(part: 'show' | 'keepOff', empty: string)}
    {#each reach[part] as clause, index (index)}
        {#if index > 0}<p class="text-quiet">or</p>{/if}
        <ClauseSentence
            terms={table}
            names={state.names}
            {clause}
            phrases={sentence[part][index] ?? []}
            {empty}
            dead={(condition) => state.isDead(part, index, condition)}
            tried={state.tried?.[part][index] ?? null}
            change={(next) => state.setClause(part, index, next)}
        />
    {/each}
{/snippet}

{#snippet adding(part: 'show' | 'keepOff')}
    <ClauseSentence
        terms={table}
        names={state.names}
        clause={[]}
        phrases={[]}
        empty=""
        adding
        change={(next) => state.addClause(part, next)}
    />
{/snippet}

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-4xl px-8 py-8">
        <h2 class="text-2xl" {@attach heading}>Where “{table.data.template.name}” appears</h2>
        <p class="mt-1 text-quiet">
            Click a part of the sentence to change it. Nothing changes in the shop until you publish.
        </p>

        <section class="mt-7 text-lg leading-9" aria-label="Show on">
            <h3 class="font-sans text-base font-semibold">Show on</h3>
            {@render clauses('show', everyOne)}
            {#if reach.show.length === 0}<p class="text-quiet">
                    nothing yet: only pinned {table.about.words.many} would get it.
                </p>{/if}
            {#if table.mayEdit}
                <p class="text-base">
                    {#if reach.show.length === 0}
                        <button class="word" onclick={() => change(() => ({ show: [[]] }))}>{everyOne}</button>
                    {/if}
                    {#if askable}
                        <span class="mx-1 text-quiet">or {table.about.words.many} where</span>
                        {@render adding('show')}
                    {/if}
                </p>
            {/if}
        </section>

        {#if askable}
            <section class="mt-5 border-t border-dashed border-hair pt-4 text-lg leading-9" aria-label="Keep off">
                <h3 class="font-sans text-base font-semibold">Keep off</h3>
                {@render clauses('keepOff', '')}
                {#if table.mayEdit}
                    <p class="text-base">
                        <span class="text-quiet"
                            >{reach.keepOff.length === 0
                                ? `no ${table.about.words.one} so far. Keep off ${table.about.words.many} where`
                                : `or ${table.about.words.many} where`}</span
                        >
                        {@render adding('keepOff')}
                    </p>
                {/if}
            </section>
        {/if}

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
                    <span class="block text-quiet"
                        >For a campaign: comes before every template without this mark, however close their rules are.</span
                    >
                </span>
            </label>
        </section>

        <section class="mt-5 border-t border-hair pt-5" aria-label="What it covers">
            {#if preview}
                <h3 class="text-xl" role="status" data-counts>
                    {#if preview.when === 'ahead'}
                        Will cover {subjects(kind, preview.covers)}, and be shown on {number(preview.shownOn)}, {sentence.season}
                    {:else}
                        Covers {subjects(kind, preview.covers)}, {table.draft.live ? '' : 'would be '}shown on {number(
                            preview.shownOn,
                        )}
                    {/if}
                </h3>
                <p class="text-quiet">
                    {#if preview.when === 'ahead'}Counted at the start of its season.{:else if preview.when === 'over'}Its
                        season is over, so it covers nothing any more.{/if}
                    {#each preview.others as other (other.template)}
                        <span class="mr-3"
                            >{counted(other.count, 'page goes', 'pages go')} to
                            <a class="word" href="/studio/templates/{other.template}">{other.name}</a></span
                        >
                    {/each}
                    {#if preview.hidden > 0}and {number(preview.hidden)} hidden, which customers do not see{/if}
                </p>
                {#if preview.inTheWay}
                    <InTheWay {table} {state} way={preview.inTheWay} {mayPublish} />
                {/if}
                <div class="mt-3"><TryPage {table} {state} /></div>
                {#if state.trying && state.tried}
                    {@const tried = state.tried}
                    <p class="mt-2" role="status" data-tried-out>
                        {state.trying.title}
                        {tried.covers ? 'is covered' : 'is not covered'}{tried.covers && !tried.inSeason
                            ? ', but it is out of season'
                            : ''}; it
                        {tried.getsThis ? 'would get this template.' : `would get “${tried.gets}”.`}
                    </p>
                {/if}
                <div class="mt-4"><PagePictures pages={state.shown} size={64} /></div>
                {#if preview.covers > state.shown.length}
                    <button class="word mt-3" onclick={() => state.next()}>More of them</button>
                {:else if preview.covers === 0}
                    <p class="mt-3">
                        No {table.about.words.one} fits all of this. Take a condition out, or choose a wider one.
                    </p>
                {/if}
            {:else}
                <p class="text-quiet">Counting…</p>
            {/if}
            <button class="button mt-7" onclick={() => (table.view = 'page')}>Back to the page</button>
        </section>
    </div>
</div>
