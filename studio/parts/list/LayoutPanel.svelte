<script lang="ts">
    import { answer as arrived } from '../../lib/focus';
    import { movesOf, pageWords, subjects } from '../../lib/pages';
    import { counted, either } from '../../lib/words';
    import Moves from '../Moves.svelte';
    import InTheWay from './InTheWay.svelte';
    import type { LayoutDeed, LayoutDeeds } from './layout.svelte';
    import type { FoundList } from './list.svelte';

    interface Props {
        list: FoundList;
        deeds: LayoutDeeds;
        templates: { id: number; name: string }[];
    }

    let { list, deeds, templates }: Props = $props();
    const kind = $derived(list.filter.kind);
    const words = $derived(pageWords(kind));
    const { count } = $derived(list.selecting.state);
    const titles: Record<LayoutDeed, string> = $derived({
        rule: 'Make it a rule of a template',
        pin: `Show ${subjects(kind, count)} with a template`,
        name: `Show ${subjects(kind, count)} with a template`,
        keepOff: `Keep ${subjects(kind, count)} off a template`,
        unpin: `Unpin ${subjects(kind, count)}`,
    });
    const answer = $derived(deeds.answer);
    const name = $derived(templates.find((one) => one.id === deeds.template)?.name ?? '');
    const done: Record<LayoutDeed, string> = $derived({
        rule: `a rule of “${name}”`,
        pin: `${subjects(kind, count)} pinned to “${name}”`,
        name: `“${name}” names ${subjects(kind, count)}`,
        keepOff: `${subjects(kind, count)} kept off “${name}”`,
        unpin: `${subjects(kind, count)} unpinned`,
    });
</script>

{#if deeds.deed}
    {@const deed = deeds.deed}
    <section class="float mt-3 max-w-3xl p-5" aria-label={titles[deed]} {@attach arrived}>
        <h2 class="text-lg">{titles[deed]}</h2>
        {#if deed === 'rule'}
            <p class="mt-1">
                <strong>{deeds.words}</strong>: {deeds.ofSentence
                    ? 'all of them'
                    : `these ${counted(count, words.one, words.many)}`}
                <span class="text-quiet">and every later one like them.</span>
            </p>
        {/if}
        {#if deed !== 'unpin'}
            <p class="mt-2 flex flex-wrap items-baseline gap-3">
                <label
                    >Template <select
                        class="field ml-1"
                        data-first
                        aria-label="With which template"
                        value={String(deeds.template)}
                        onchange={(event) => deeds.choose(Number(event.currentTarget.value))}
                    >
                        <option value="0">choose one…</option>
                        {#each templates as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
                    </select></label
                >
                {#if deed === 'pin' || deed === 'name'}
                    <label class="flex items-baseline gap-1.5"
                        ><input
                            type="radio"
                            name="how"
                            checked={deed === 'pin'}
                            onchange={() => deeds.open('pin')}
                        />pinned: before every rule</label
                    >
                    <label class="flex items-baseline gap-1.5"
                        ><input
                            type="radio"
                            name="how"
                            checked={deed === 'name'}
                            onchange={() => deeds.open('name')}
                        />named in its rules</label
                    >
                {/if}
            </p>
        {/if}
        <div role="status">
            {#if deeds.busy && !answer}<p class="mt-3 text-quiet">Counting…</p>{/if}
            {#if answer}
                {#if answer.draft}
                    <p class="mt-3">“{name}” is not live: its draft gets the rule, and nothing in the shop changes.</p>
                {:else}
                    <p class="mt-3">
                        {movesOf(answer)}.
                        <span class="text-quiet"
                            >{counted(answer.stays, 'other page stays', 'other pages stay')} as {either(
                                answer.stays,
                                'it is',
                                'they are',
                            )}.</span
                        >
                    </p>
                    <InTheWay {deeds} {answer} {kind} />
                {/if}
            {/if}
        </div>
        {#if answer && !answer.draft}<Moves impact={answer} compact />{/if}
        <div class="mt-3 flex gap-3">
            <button
                class="button button-next"
                disabled={!answer || deeds.busy}
                onclick={() => void deeds.go(done[deed])}>{answer?.draft ? 'Put it into the draft' : 'Do it'}</button
            >
            <button class="button" onclick={() => deeds.leave()}>Not now</button>
        </div>
    </section>
{:else if deeds.done?.release}
    {@const last = deeds.done}
    <section class="float mt-3 max-w-3xl p-4" aria-label="What was done">
        <p role="status">
            <strong>{counted(last.moved, words.page, words.pages)}</strong> moved: {last.words}.
            <a class="word" href="/studio/who/layout/{last.release?.id}/report" download>page by page, as a file</a>
            <button class="word" onclick={() => void deeds.back(last)}>Take this back</button>
            <button class="word text-quiet" onclick={() => (deeds.done = null)}>close</button>
        </p>
    </section>
{/if}
