<script lang="ts">
    import type { FieldProps } from './props';

    let { table, setting, id, value, set }: FieldProps = $props();
    const what = $derived(setting.things === 'footer' ? 'footer' : 'header');
    const choices = $derived(table.data.around[what]);

    function choose(chosen: string): void {
        set(chosen === 'rules' ? true : chosen === 'none' ? false : Number(chosen));
    }
</script>

<select
    {id}
    class="field w-full"
    disabled={!table.mayEdit}
    value={value === true ? 'rules' : value === false ? 'none' : String(value)}
    onchange={(event) => choose(event.currentTarget.value)}
>
    <option value="rules">as its rules say</option>
    <option value="none">none</option>
    <optgroup label="This one, whatever the rules say">
        {#each choices as choice (choice.id)}<option value={String(choice.id)}
                >{choice.name}{choice.live ? '' : ' (not published yet)'}</option
            >{/each}
    </optgroup>
    {#if typeof value === 'number' && !choices.some((choice) => choice.id === value)}<option value={String(value)}
            >something deleted</option
        >{/if}
</select>
{#if typeof value === 'number'}
    <p class="mt-1 text-xs text-quiet">
        {#if choices.some((choice) => choice.id === value && !choice.live)}Until it is published, the rules give one.{/if}
        <a class="word" href="/studio/templates/{value}">Open it</a>
    </p>
{/if}
