<script lang="ts">
    import type { WidthName } from '../../../../lib/types';
    import type { FieldProps } from './props';

    let { table, setting, value, set }: FieldProps = $props();
    const widths: WidthName[] = ['desktop', 'tablet', 'phone'];

    function toggle(width: WidthName, on: boolean): void {
        const now = Array.isArray(value) ? (value as string[]) : [...widths];
        const next = widths.filter((one) => (one === width ? on : now.includes(one)));
        set(next.length === 3 ? null : next);
    }
</script>

<span class="pt-1 text-quiet">{setting.label}</span>
<div class="flex flex-wrap gap-x-3 pt-1" role="group" aria-label="{setting.label} these widths">
    {#each widths as width (width)}
        <label
            ><input
                type="checkbox"
                checked={Array.isArray(value) && (value as string[]).includes(width)}
                disabled={!table.mayEdit}
                onchange={(event) => toggle(width, event.currentTarget.checked)}
            />
            {width}</label
        >
    {/each}
</div>
