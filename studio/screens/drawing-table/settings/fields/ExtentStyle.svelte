<script lang="ts">
    import ExtentField from './ExtentField.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, choose }: StyleProps = $props();
</script>

<ExtentField {id} value={typeof value === 'string' ? value : null} max={setting.max ?? 2000} disabled={!table.mayEdit} change={choose} />
