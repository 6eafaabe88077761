<script lang="ts">
    import type { FieldProps } from './props';

    let { table, setting, value, set }: FieldProps = $props();

    function toggle(option: string, wanted: boolean): void {
        const now = Array.isArray(value) ? (value as string[]) : [];
        set(wanted ? [...now, option] : now.filter((one) => one !== option));
    }
</script>

<div role="group" aria-label={setting.label} class="pt-1">
    {#each setting.options ?? [] as option (option.value)}
        <label class="flex gap-2">
            <input
                type="checkbox"
                checked={Array.isArray(value) && (value as string[]).includes(option.value)}
                disabled={!table.mayEdit}
                onchange={(event) => toggle(option.value, event.currentTarget.checked)}
            />
            {option.words}
        </label>
    {/each}
</div>
