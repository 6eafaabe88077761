<script lang="ts">
    import type { FieldProps } from './props';

    let { table, setting, id, value, set }: FieldProps = $props();
</script>

<select
    {id}
    class="field w-full"
    value={String(value ?? '')}
    disabled={!table.mayEdit}
    onchange={(event) => set(event.currentTarget.value)}
>
    {#each setting.options ?? [] as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
</select>
