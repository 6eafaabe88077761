<script lang="ts">
    import type { Days } from '../../../lib/types';

    let { label, days, disabled, change }: { label: string; days: Days; disabled: boolean; change: (next: Days | null) => void } = $props();

    function set(end: 'from' | 'to', day: string): void {
        const next = { ...days, [end]: day === '' ? null : day };
        change(next.from || next.to ? next : null);
    }
</script>

<div class="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-x-2 gap-y-1" role="group" aria-label={label}>
    <label class="contents text-quiet"
        >from <input
            type="date"
            class="field w-full min-w-0"
            {disabled}
            value={days.from ?? ''}
            onchange={(event) => set('from', event.currentTarget.value)}
        /></label
    >
    <label class="contents text-quiet"
        >to <input
            type="date"
            class="field w-full min-w-0"
            {disabled}
            value={days.to ?? ''}
            onchange={(event) => set('to', event.currentTarget.value)}
        /></label
    >
</div>
