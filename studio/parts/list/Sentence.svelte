<script lang="ts">
    import type { FoundData, Screen } from '../../lib/types';
    import ClauseSentence from '../rules/ClauseSentence.svelte';
    import type { FoundList } from './list.svelte';

    /** What the list shows, as a sentence whose words are changed where they stand. */
    let { screen, list }: { screen: Screen<FoundData>; list: FoundList } = $props();
    const steps = [
        { value: '', words: 'by any step' },
        { value: 'pinned', words: 'because they are pinned' },
        { value: 'first', words: 'because it goes first' },
        { value: 'rule', words: 'by its rule' },
        { value: 'fallback', words: 'because no rule takes them' },
    ];
    const states = [
        { value: '', words: 'shown and hidden' },
        { value: 'shown', words: 'shown to customers' },
        { value: 'hidden', words: 'hidden' },
    ];
    const isWho = $derived(list.filter.list === 'who');
</script>

<label
    ><span class="unseen"
        >{list.isProducts
            ? 'With these words in the title, or this stock number'
            : 'With these words in the title'}</span
    ><input
        class="field mx-1 w-44 text-base"
        type="search"
        placeholder={list.isProducts ? 'of any title or number' : 'of any title'}
        value={list.filter.q}
        oninput={(event) => void list.find({ q: event.currentTarget.value })}
    /></label
>
{#if !isWho}
    <select
        aria-label="Of which kind"
        class="field mx-1 text-base"
        value={list.filter.state}
        onchange={(event) => void list.find({ state: event.currentTarget.value })}
    >
        {#each states as state (state.value)}<option value={state.value}>{state.words}</option>{/each}
    </select>
{/if}
<span class="text-quiet">shown with</span>
<select
    aria-label="Template"
    class="field mx-1 max-w-60 text-base"
    value={String(list.filter.template)}
    onchange={(event) => void list.find({ template: Number(event.currentTarget.value) })}
>
    <option value="0">any template</option>
    {#each screen.data.templates as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
</select>
<select
    aria-label="By which step"
    class="field mx-1 text-base"
    value={list.filter.step}
    onchange={(event) => void list.find({ step: event.currentTarget.value })}
>
    {#each steps as step (step.value)}<option value={step.value}>{step.words}</option>{/each}
</select>
{#if list.filter.kind !== 'all' && screen.data.terms?.fields.length}
    <span class="text-quiet">where</span>
    <ClauseSentence
        terms={{ mayEdit: true, data: screen.data.terms }}
        names={list.clause.names}
        clause={list.clause.conditions}
        phrases={list.clause.phrases}
        empty=""
        adding
        change={(next) => void list.where(next)}
    />
{/if}
