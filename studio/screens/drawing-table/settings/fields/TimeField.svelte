<script lang="ts">
    import type { FieldProps } from './props';

    let { table, id, value, set }: FieldProps = $props();
</script>

<div class="flex flex-wrap items-baseline gap-x-2">
    <input
        {id}
        class="field figures"
        type="time"
        value={typeof value === 'string' ? value : ''}
        disabled={!table.mayEdit}
        onchange={(event) => set(event.currentTarget.value)}
    />
    <span class="text-xs text-quiet">on the shop’s clock</span>
</div>
