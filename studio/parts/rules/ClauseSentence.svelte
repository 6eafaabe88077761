<script lang="ts">
    import type { Condition, Names, Phrase, TriedCondition } from '../../lib/types';
    import type { Terms } from './terms';
    import ConditionPicker from './ConditionPicker.svelte';

    interface Props {
        terms: Terms;
        names: Names;
        clause: Condition[];
        phrases: Phrase[];
        empty: string;
        adding?: boolean;
        dead?: (condition: number) => boolean;
        tried?: TriedCondition[] | null;
        /** Given the clause as it is by then, what it becomes; null takes it out. */
        change: (next: (now: Condition[]) => Condition[] | null) => void;
    }

    let {
        terms,
        names,
        clause,
        phrases,
        empty,
        adding = false,
        dead = () => false,
        tried = null,
        change,
    }: Props = $props();

    function replace(index: number, condition: Condition | null): void {
        change((now) => {
            const next = [...now];
            if (condition === null) next.splice(index, 1);
            else next[index] = condition;
            return next.length === 0 ? null : next;
        });
    }
</script>

<span class={adding ? '' : 'block'}>
    {#if clause.length === 0 && !adding}<span>{empty}</span>{/if}
    {#each clause as condition, index (index)}
        {@const outcome = tried?.[index]}
        {#if index > 0}<span class="mx-1.5 text-quiet">and</span>{/if}
        <ConditionPicker {terms} {condition} {names} change={(next) => replace(index, next)}>
            {#snippet words()}
                <span class={dead(index) ? 'text-trouble line-through' : ''}
                    >{phrases[index]?.what ?? condition.field}
                    {#if phrases[index]?.values}<strong>{phrases[index]?.values}</strong>{/if}</span
                >{#if dead(index)}<span class="text-trouble"> (deleted, so it never holds)</span>{/if}
            {/snippet}
        </ConditionPicker>
        {#if outcome}
            <span
                class="ml-1 rounded px-1.5 text-sm {outcome.holds ? 'text-live' : 'text-trouble'}"
                data-tried={outcome.holds}
            >
                {outcome.holds ? 'holds' : `does not hold: ${outcome.actual}`}
            </span>
        {/if}
    {/each}
    {#if terms.mayEdit && (adding || clause.length > 0)}
        <span class="ml-1.5 text-base">
            <ConditionPicker
                {terms}
                condition={null}
                {names}
                change={(next) => next && change((now) => [...now, next])}
            >
                {#snippet words()}{adding ? 'a condition…' : 'and…'}{/snippet}
            </ConditionPicker>
        </span>
    {/if}
    {#if terms.mayEdit && !adding}
        <button class="ml-3 text-sm text-quiet hover:text-ink" onclick={() => change(() => null)}
            >take out<span class="unseen"> this part</span></button
        >
    {/if}
</span>
