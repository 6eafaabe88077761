<script lang="ts">
    interface Props {
        id: string;
        value: string | null;
        max: number;
        disabled: boolean;
        change: (value: string | null) => void;
    }

    let { id, value, max, disabled, change }: Props = $props();
    const kind = $derived(value === null ? '' : value.endsWith('%') ? '%' : value.endsWith('px') ? 'px' : value);
    const amount = $derived(Number.parseInt(value ?? '', 10));

    function take(next: string): void {
        change({ '': null, '%': '50%', px: '320px' }[next] ?? next);
    }

    function type(text: string): void {
        const typed = Number.parseInt(text, 10);
        if (!Number.isNaN(typed)) change(`${Math.max(1, Math.min(kind === '%' ? 100 : max, typed))}${kind}`);
    }
</script>

<select {id} class="field min-w-0 flex-1" value={kind} {disabled} onchange={(event) => take(event.currentTarget.value || '')}>
    <option value="">as usual</option>
    <option value="fill">the whole place</option>
    <option value="content">as its content</option>
    <option value="%">a share</option>
    <option value="px">fixed</option>
</select>
{#if kind === '%' || kind === 'px'}
    <input
        class="field figures w-16"
        type="number"
        min="1"
        max={kind === '%' ? 100 : max}
        aria-label={kind === '%' ? 'Share in per cent' : 'Width in pixels'}
        value={amount}
        {disabled}
        onchange={(event) => type(event.currentTarget.value)}
    />
    <span class="text-xs text-quiet">{kind}</span>
{/if}
