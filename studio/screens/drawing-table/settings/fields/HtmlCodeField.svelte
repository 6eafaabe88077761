<script lang="ts">
    import HtmlField from '../../../../parts/rich/HtmlField.svelte';
    import type { FieldProps } from './props';

    let { table, setting, id, value, set }: FieldProps = $props();
</script>

{#key id}
    <HtmlField {id} label={setting.label} editable={table.mayEdit} value={String(value ?? '')} change={set} />
{/key}
