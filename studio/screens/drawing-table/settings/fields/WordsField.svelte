<script lang="ts">
    import type { FieldProps } from './props';
    import TextField from './TextField.svelte';

    let { table, setting, id, value, source, set, setOtherwise }: FieldProps = $props();
</script>

{#if source}
    <label class="text-xs text-quiet" for={id}>otherwise</label>
    <TextField {id} {setting} value={String(source.otherwise ?? '')} disabled={!table.mayEdit} change={setOtherwise} />
{:else}
    <TextField {id} {setting} value={String(value ?? '')} disabled={!table.mayEdit} change={set} />
{/if}
