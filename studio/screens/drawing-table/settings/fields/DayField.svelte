<script lang="ts">
    import type { FieldProps } from './props';

    let { table, id, value, source, set, setOtherwise }: FieldProps = $props();
</script>

{#if source}<label class="text-xs text-quiet" for={id}>otherwise</label>{/if}
<input
    {id}
    type="date"
    class="field w-full"
    value={String((source ? source.otherwise : value) ?? '')}
    disabled={!table.mayEdit}
    onchange={(event) => (source ? setOtherwise(event.currentTarget.value) : set(event.currentTarget.value))}
/>
