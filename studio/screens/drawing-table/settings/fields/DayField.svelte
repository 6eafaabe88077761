<script lang="ts">
    import type { FieldProps } from './props';

    let { table, setting, id, value, source, set, setOtherwise }: FieldProps = $props();
</script>

{#if source}<span class="text-xs text-quiet">otherwise</span>{/if}
{#await import('../../../../parts/DayBox.svelte') then { default: DayBox }}
    <DayBox
        {id}
        label={setting.label}
        value={String((source ? source.otherwise : value) ?? '')}
        disabled={!table.mayEdit}
        change={(day) => (source ? setOtherwise(day) : set(day))}
    />
{/await}
