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
    <label class="contents text-quiet"
        >from <input
            type="date"
            class="field w-full min-w-0"
            {disabled}
            value={days.from ?? ''}
            onchange={(event) => setEnd('from', event.currentTarget.value)}
        /></label
    >
    <label class="contents text-quiet"
        >to <input
            type="date"
            class="field w-full min-w-0"
            {disabled}
            value={days.to ?? ''}
            onchange={(event) => setEnd('to', event.currentTarget.value)}
        /></label
    >
</div>
