<script lang="ts">
    import type { StyleProps } from './props';

    let { table, setting, id, value, choose }: StyleProps = $props();
</script>

<select
    {id}
    class="field w-full"
    value={typeof value === 'string' ? value : ''}
    disabled={!table.mayEdit}
    onchange={(event) => choose(event.currentTarget.value === '' ? null : event.currentTarget.value)}
>
    <option value="">as usual</option>
    {#each setting.options ?? [] as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
</select>
