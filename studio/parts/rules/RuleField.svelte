<script lang="ts">
    import { untrack } from 'svelte';
    import type { Reach } from '../../lib/types';
    import { counted } from '../../lib/words';
    import PagePictures from '../PagePictures.svelte';
    import ClauseSentence from './ClauseSentence.svelte';
    import { RuleState } from './rule.svelte';
    import type { Terms } from './terms';

    interface Props {
        terms: Terms;
        rule: Reach;
        /** In a narrow panel. */
        small?: boolean;
        /** Whether what it comes to is said. */
        counted?: boolean;
        set: (rule: Reach) => void;
    }

    let { terms, rule, small = false, counted: says = true, set }: Props = $props();
    const look = $derived(small ? 'text-sm leading-6' : 'text-lg leading-9');
    const state = new RuleState(
        () => rule,
        untrack(() => set),
    );

    $effect(() => {
        void rule;
        untrack(() => void state.look());
    });
</script>

{#snippet clauses(part: 'show' | 'keepOff')}
    {#each rule[part] as clause, index (index)}
        {#if index > 0}<p class="text-quiet">or</p>{/if}
        <ClauseSentence
            {terms}
            names={state.names}
            {clause}
            phrases={state.sentence[part][index] ?? []}
            empty=""
            change={(next) => state.setClause(part, index, next)}
        />
    {/each}
    {#if terms.mayEdit}
        <p class={small ? '' : 'text-base'}>
            <span class="text-quiet"
                >{rule[part].length === 0
                    ? part === 'show'
                        ? 'products where'
                        : 'nothing so far. Leave out products where'
                    : 'or products where'}</span
            >
            <ClauseSentence
                {terms}
                names={state.names}
                clause={[]}
                phrases={[]}
                empty=""
                adding
                change={(next) => state.addClause(part, next)}
            />
        </p>
    {/if}
{/snippet}

<section class={look} aria-label="It holds">
    <h3 class="font-sans text-base font-semibold">It holds</h3>
    {@render clauses('show')}
</section>
<section class="mt-3 border-t border-dashed border-hair pt-3 {look}" aria-label="It leaves out">
    <h3 class="font-sans text-base font-semibold">It leaves out</h3>
    {@render clauses('keepOff')}
</section>
{#if state.preview && says}
    <p class="mt-3" role="status" data-rule-count>{counted(state.preview.count, 'product')}, as things stand now.</p>
    <div class="mt-2"><PagePictures pages={state.preview.pages} size={40} /></div>
{/if}
