<script lang="ts">
    import { lengthOf, limited, unitWords, valueOf } from '../../tree/measures';
    import NumberBox from './NumberBox.svelte';
    import Pick from '../../../../parts/Pick.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, placeholder, choose, slide, settle }: StyleProps = $props();
    const length = $derived(lengthOf(value));
    const units = $derived(Object.keys(setting.units ?? {}));
    /** Places on the scale of the house style with what they come to. */
    const scaled = $derived(
        setting.scale
            ? Object.entries(table.data.house).filter(
                  ([name]) => name.startsWith(`${setting.scale ?? ''}-`) && /\d$/.test(name),
              )
            : [],
    );
    const choices = $derived([
        ...units.map((unit) => ({ value: `unit ${unit}`, words: unitWords(unit) })),
        ...(setting.words ?? []).map((one) => ({ value: one.value, words: one.words })),
        ...scaled.map(([name, comes]) => ({
            value: name,
            words: `house: ${name.replace('-', ' ')} · ${comes.replace('px', ' px')}`,
        })),
    ]);
    const now = $derived(length || value === null ? `unit ${length?.unit ?? units[0] ?? ''}` : String(value));

    function take(next: string): void {
        if (!next.startsWith('unit ')) return choose(next);
        const unit = next.slice(5);
        const pixels = length?.unit === 'px' ? length.number : Number.parseFloat(placeholder) || 0;
        const number = { rem: pixels / 16, em: 0, '%': 100, vh: 50, '': 1.5 }[unit] ?? pixels;
        choose(valueOf(limited({ number, unit }, setting)));
    }
</script>

<NumberBox {id} {setting} {value} {placeholder} disabled={!table.mayEdit} {choose} {slide} {settle} />
{#if choices.length > 1}
    <Pick
        label="Unit of {setting.label.toLowerCase()}"
        value={now}
        {choices}
        disabled={!table.mayEdit}
        look="min-w-14"
        choose={take}
    >
        {#snippet shown()}<span class="text-xs text-quiet"
                >{length || value === null ? unitWords(length?.unit ?? units[0]) : 'house'}</span
            >{/snippet}
    </Pick>
{:else}
    <span class="text-xs text-quiet">{unitWords(units[0])}</span>
{/if}
