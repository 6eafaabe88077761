<script lang="ts">
    import type { Setting } from '../../../../lib/types';
    import { untrack } from 'svelte';
    import { counted } from '../../../../lib/words';
    import { unshare } from '../../deeds/keptParts';
    import type { Table } from '../../table.svelte';
    import { Missing } from '../missing.svelte';

    interface Props {
        table: Table;
        id: string;
        setting: Setting;
        value: number | null;
        change: (value: number | null) => void;
    }

    let { table, id, setting, value, change }: Props = $props();
    const bands = $derived(table.selection.node !== null && table.kinds.role(table.selection.node.kind) === 'band');
    const lacking = new Missing();
    $effect(() => {
        const of = setting.things === 'fact' ? value : null;
        untrack(() => void lacking.ask(table.base, of === null ? null : { source: 'product.fact', of }));
    });
    const factKind = $derived(setting.things?.replace('-fact', ''));
    /** Facts of these kinds have values that products can be narrowed by. */
    const FILTERS = ['text', 'choice', 'list', 'number', 'date', 'yes-no'];
    const fits = (kind: string): boolean =>
        factKind === 'fact'
            ? !['picture', 'files', 'products', 'blocks'].includes(kind)
            : factKind === 'filter'
              ? FILTERS.includes(kind)
              : kind === factKind;
    const choices = $derived(
        setting.things === 'part'
            ? table.parts.filter((part) => part.bands === bands).map(({ id: number, name }) => ({ id: number, name }))
            : setting.things === 'option'
              ? table.data.options
              : table.data.facts
                    .filter((fact) => fits(fact.kind))
                    .map(({ id: number, name }) => ({ id: number, name })),
    );
</script>

<select
    {id}
    class="field w-full"
    disabled={!table.mayEdit}
    value={String(value ?? '')}
    onchange={(event) => change(event.currentTarget.value === '' ? null : Number(event.currentTarget.value))}
>
    {#if setting.things !== 'part' || value === null}<option value=""
            >{choices.length === 0 ? 'there is none yet' : (setting.none ?? 'none')}</option
        >{/if}
    {#each choices as choice (choice.id)}<option value={String(choice.id)}>{choice.name}</option>{/each}
    {#if value !== null && !choices.some((choice) => choice.id === value)}<option value={String(value)}
            >something deleted</option
        >{/if}
</select>
{#if setting.things === 'part' && value !== null}
    <p class="mt-1 text-xs text-quiet">
        It looks the same wherever it is shared. <a class="word" href="/studio/templates/{value}">Open it</a
        >{#if table.mayEdit}
            · <button type="button" class="word" onclick={() => void unshare(table)}>make it a copy here</button>{/if}
    </p>
{:else if !['part', 'option'].includes(setting.things ?? '') && choices.length === 0}
    <p class="mt-1 text-xs text-quiet">
        <a class="word" href="/studio/facts">Define such a fact</a>; then fill it on the product’s own page.
    </p>
{:else if setting.things === 'fact' && lacking.count && lacking.count.missing > 0}
    <p class="mt-1 text-xs text-quiet" data-missing>
        missing on {lacking.count.missing} of {counted(lacking.count.of, 'product')}
    </p>
{:else if setting.things === 'blocks-fact' && value !== null && table.sample}
    <p class="mt-1 text-xs text-quiet">
        <a class="word" href="/studio/products/{table.sample.id}">Lay them out for {table.sample.title}</a>
    </p>
{/if}
