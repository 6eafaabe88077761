<script lang="ts">
    import type { FieldProps } from './props';

    let { table, node, id, value, set }: FieldProps = $props();
    const cards = $derived(table.cards);
    const fallback = $derived(cards.fallback);

    function choose(chosen: string): void {
        const start = table.data.cardStarts.find((one) => chosen === `start ${one.name}`);
        if (start) void cards.begin(node.id, start);
        else set(chosen === '' ? null : Number(chosen));
    }
</script>

<select
    {id}
    class="field w-full"
    disabled={!table.mayEdit}
    value={String(value ?? '')}
    onchange={(event) => choose(event.currentTarget.value)}
>
    <option value="">{fallback ? `${fallback.name}, the fallback card` : 'the fallback card'}</option>
    {#each cards.list.filter((card) => !card.fallback || card.id === value) as card (card.id)}<option
            value={String(card.id)}>{card.name}{card.live ? '' : ' (not published yet)'}</option
        >{/each}
    {#if typeof value === 'number' && !cards.list.some((card) => card.id === value)}<option value={String(value)}
            >something deleted</option
        >{/if}
    <optgroup label="A new one">
        {#each table.data.cardStarts as start (start.name)}<option value="start {start.name}">{start.title}</option
            >{/each}
    </optgroup>
</select>
<p class="mt-1 text-xs text-quiet">
    <button type="button" class="word" onclick={() => void cards.enter(node.id)}
        >{table.mayEdit ? 'Edit it' : 'Look at it'} where it stands</button
    >; or click one of the products.
</p>
