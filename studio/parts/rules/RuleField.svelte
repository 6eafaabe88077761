<script lang="ts">
    import { untrack } from 'svelte';
    import type { Reach } from '../../lib/types';
    import { counted } from '../../lib/words';
    import PagePictures from '../PagePictures.svelte';
    import ClauseSentence from './ClauseSentence.svelte';
    import { RuleState } from './rule.svelte';
    import type { Terms } from './terms';

    let { terms, rule, set }: { terms: Terms; rule: Reach; set: (rule: Reach) => void } = $props();
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
        <p class="text-base">
            <span class="text-quiet"
                >{rule[part].length === 0 ? (part === 'show' ? 'products where' : 'nothing so far. Leave out products where') : 'or products where'}</span
            >
            <ClauseSentence {terms} names={state.names} clause={[]} phrases={[]} empty="" adding change={(next) => state.addClause(part, next)} />
        </p>
    {/if}
{/snippet}

<section class="text-lg leading-9" aria-label="It holds">
    <h3 class="font-sans text-base font-semibold">It holds</h3>
    {@render clauses('show')}
</section>
<section class="mt-3 border-t border-dashed border-hair pt-3 text-lg leading-9" aria-label="It leaves out">
    <h3 class="font-sans text-base font-semibold">It leaves out</h3>
    {@render clauses('keepOff')}
</section>
{#if state.preview}
    <p class="mt-3" role="status" data-rule-count>{counted(state.preview.count, 'product')}, as things stand now.</p>
    <div class="mt-2"><PagePictures pages={state.preview.pages} size={40} /></div>
{/if}
