<script lang="ts">
    import type { StyleProps } from './props';

    let { table, setting, id, value, choose }: StyleProps = $props();
</script>

<select
    {id}
    class="field w-full"
    value={value === null ? '' : String(value)}
    disabled={!table.mayEdit}
    onchange={(event) => choose(event.currentTarget.value === '' ? null : Number(event.currentTarget.value))}
>
    <option value="">as usual</option>
    {#each setting.steps ?? [] as pixels, step (step)}<option value={String(step)}>{pixels} px</option>{/each}
</select>
