<script lang="ts">
    import type { Days } from '../../../../lib/types';
    import type { FieldProps } from './props';

    let { table, setting, value, set }: FieldProps = $props();
    const days = $derived((value ?? {}) as Days);
    const disabled = $derived(!table.mayEdit);

    function setEnd(end: 'from' | 'to', day: string): void {
        const next = { ...days, [end]: day === '' ? null : day };
        set(next.from || next.to ? next : null);
    }
</script>

<div class="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-x-2 gap-y-1" role="group" aria-label={setting.label}>
    {#each ['from', 'to'] as const as end (end)}
        <span class="text-quiet">{end}</span>
        {#await import('../../../../parts/DayBox.svelte') then { default: DayBox }}
            <DayBox label={end} value={days[end] ?? ''} {disabled} change={(day) => setEnd(end, day)} />
        {/await}
    {/each}
</div>
