<script lang="ts">
    import type { StyleProps } from './props';

    let { table, id, value, choose }: StyleProps = $props();
</script>

<select
    {id}
    class="field w-full"
    value={value === null ? '' : String(value)}
    disabled={!table.mayEdit}
    onchange={(event) => choose(event.currentTarget.value === '' ? null : event.currentTarget.value === 'true')}
>
    <option value="">as usual</option><option value="true">yes</option><option value="false">no</option>
</select>
