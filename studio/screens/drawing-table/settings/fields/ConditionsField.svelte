<script lang="ts">
    import type { Condition } from '../../../../lib/types';
    import ConditionPicker from '../../../../parts/rules/ConditionPicker.svelte';
    import type { FieldProps } from './props';

    let { table, node, value, set }: FieldProps = $props();
    const conditions = $derived(Array.isArray(value) ? (value as Condition[]) : []);
    const phrases = $derived(table.draft.conditions[node.id] ?? []);

    function replace(index: number, next: Condition | null): void {
        const changed = conditions.flatMap((one, at) => (at === index ? (next ?? []) : one));
        set(changed.length === 0 ? null : changed);
    }
</script>

<div class="pt-1" data-conditions>
    {#if conditions.length === 0}<span>on every {table.about.words.one}</span>{/if}
    {#each conditions as condition, index (index)}
        {#if index > 0}<span class="mx-1 text-quiet">and</span>{/if}
        <ConditionPicker
            terms={{ mayEdit: table.mayEdit, data: table.now.data }}
            {condition}
            names={table.draft.names ?? {}}
            only={table.now.data.whenFields}
            change={(next) => replace(index, next)}
        >
            {#snippet words()}{phrases[index]?.what ?? condition.field}
                {#if phrases[index]?.values}<strong>{phrases[index].values}</strong>{/if}{/snippet}
        </ConditionPicker>
    {/each}
    {#if table.mayEdit}
        <span class="ml-1">
            <ConditionPicker
                terms={{ mayEdit: table.mayEdit, data: table.now.data }}
                condition={null}
                names={table.draft.names ?? {}}
                only={table.now.data.whenFields}
                change={(next) => next && set([...conditions, next])}
            >
                {#snippet words()}{conditions.length === 0 ? 'only where…' : 'and…'}{/snippet}
            </ConditionPicker>
        </span>
    {/if}
</div>
