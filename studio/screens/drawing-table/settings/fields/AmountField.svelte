<script lang="ts">
    import type { FieldProps } from './props';

    let { table, setting, id, value, source, set, setOtherwise }: FieldProps = $props();

    let beyond = $state('');

    function take(typed: number): void {
        const next = Math.max(setting.min ?? 0, Math.min(setting.max ?? 0, typed));
        beyond = next === typed ? '' : `It takes ${setting.min ?? 0} to ${setting.max ?? 0}, so it is ${next}.`;
        if (source) setOtherwise(next);
        else set(next);
    }
</script>

{#if source}<label class="block text-xs text-quiet" for={id}>otherwise</label>{/if}
<input
    {id}
    type="number"
    class="field figures w-18"
    min={setting.min}
    max={setting.max}
    value={Number((source ? (source.otherwise ?? setting.default) : value) ?? 0)}
    disabled={!table.mayEdit}
    onchange={(event) => take(Math.round(Number(event.currentTarget.value)))}
/>
<span class="text-xs text-quiet">{setting.unit}</span>
{#if beyond !== ''}<span class="block text-xs text-trouble" role="status">{beyond}</span>{/if}
