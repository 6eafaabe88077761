<script lang="ts">
    import type { Value } from '../../../../lib/types';
    import Pick from '../../../../parts/Pick.svelte';
    import NumberBox from './NumberBox.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, placeholder, choose, slide, settle }: StyleProps = $props();
    const OWN = 'own';
    const isOwn = $derived(typeof value === 'string');
    const comes = (step: number): string => table.data.house[`step-${step}`] ?? `${setting.steps?.[step] ?? 0}px`;
    const choices = $derived([
        { value: '', words: 'as usual' },
        ...(setting.steps ?? []).map((_, step) => ({
            value: String(step),
            words: comes(step).replace('px', ' px'),
        })),
        { value: OWN, words: 'in px, as I type it' },
    ]);
    /** A whole number of pixels would be a step. */
    const pixels = (next: Value): Value => (typeof next === 'number' ? `${next}px` : next);

    function take(next: string): void {
        if (next === OWN) choose(typeof value === 'number' ? comes(value) : isOwn ? value : '20px');
        else choose(next === '' ? null : Number(next));
    }
</script>

<Pick
    {id}
    label={setting.label}
    value={isOwn ? OWN : value === null ? '' : String(value)}
    {choices}
    disabled={!table.mayEdit}
    choose={take}
/>
{#if isOwn}
    <NumberBox
        label="{setting.label}, in px"
        setting={{ ...setting, units: { px: [0, setting.max ?? 400] } }}
        {value}
        {placeholder}
        disabled={!table.mayEdit}
        choose={(next) => choose(pixels(next))}
        slide={(next) => slide(pixels(next))}
        {settle}
    />
{/if}
