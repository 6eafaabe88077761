<script lang="ts">
    import type { FieldProps } from './props';

    let { table, setting, value, set }: FieldProps = $props();
</script>

<label class="col-span-2 flex items-center gap-2">
    <input
        type="checkbox"
        checked={value === true}
        disabled={!table.mayEdit}
        onchange={(event) => set(event.currentTarget.checked)}
    />
    {setting.label}
</label>
