<script lang="ts">
    import Pick from '../../../../parts/Pick.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, choose }: StyleProps = $props();
    const choices = $derived([
        { value: '', words: 'as usual' },
        ...(setting.steps ?? []).map((pixels, step) => ({
            value: String(step),
            words: (table.data.house[`step-${step}`] ?? `${pixels}px`).replace('px', ' px'),
        })),
    ]);
</script>

<Pick
    {id}
    label={setting.label}
    value={value === null ? '' : String(value)}
    {choices}
    disabled={!table.mayEdit}
    choose={(next) => choose(next === '' ? null : Number(next))}
/>
