<script lang="ts">
    import RichField from '../../../../parts/rich/RichField.svelte';
    import type { FieldProps } from './props';

    let { table, setting, id, value, source, set, setOtherwise }: FieldProps = $props();
</script>

{#if source}
    <label class="text-xs text-quiet" for={id}>otherwise</label>
    {#key `${id} otherwise`}
        <RichField
            {id}
            label="{setting.label}, otherwise"
            editable={table.mayEdit}
            value={String(source.otherwise ?? '')}
            change={setOtherwise}
        />
    {/key}
{:else}
    {#key id}
        <RichField
            {id}
            label={setting.label}
            editable={table.mayEdit}
            values={table.now.data.sources.filter((one) => one.gives === 'words')}
            value={String(value ?? '')}
            change={set}
        />
    {/key}
{/if}
