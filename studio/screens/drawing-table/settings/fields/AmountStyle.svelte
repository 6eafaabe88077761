<script lang="ts">
    import type { StyleProps } from './props';

    let { table, setting, id, value, house, choose, slide, settle }: StyleProps = $props();
    /** A number while it is being typed: its first digit alone may be less than the least. */
    let typing = $state<string | null>(null);

    function take(text: string): void {
        typing = text;
        const typed = Number.parseInt(text, 10);
        if (text.trim() === '') choose(null);
        else if (!Number.isNaN(typed)) slide(Math.max(setting.min ?? 0, Math.min(setting.max ?? typed, typed)));
    }
</script>

<input
    {id}
    class="field figures w-18"
    type="number"
    min={setting.min}
    max={setting.max}
    placeholder={house.replace('px', '') || '–'}
    value={typing ?? value ?? ''}
    disabled={!table.mayEdit}
    oninput={(event) => take(event.currentTarget.value)}
    onblur={() => {
        settle();
        typing = null;
    }}
/>
<span class="text-xs text-quiet">{setting.unit}</span>
