<script lang="ts">
    import type { Setting } from '../../../../lib/types';
    import { lengthOf, valueOf } from '../../tree/measures';
    import NumberBox from './NumberBox.svelte';
    import Pick from '../../../../parts/Pick.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, placeholder, choose, slide, settle }: StyleProps = $props();
    const length = $derived(typeof value === 'string' ? lengthOf(value) : null);
    const kind = $derived(length ? length.unit : typeof value === 'string' ? value : '');
    const choices = [
        { value: '', words: 'as usual' },
        { value: 'fill', words: 'the whole place' },
        { value: 'content', words: 'as its content' },
        { value: '%', words: 'a share, in %' },
        { value: 'px', words: 'fixed, in px' },
    ];
    const numbers = $derived<Setting>({
        ...setting,
        type: 'amount',
        min: 1,
        max: kind === '%' ? 100 : (setting.max ?? 2000),
        unit: kind,
    });

    function take(next: string): void {
        choose(
            { '': null, '%': '50%', px: `${Math.round(Number.parseFloat(placeholder)) || 320}px` }[next] ??
                (next === '' ? null : next),
        );
    }
</script>

<Pick {id} label={setting.label} value={kind} {choices} disabled={!table.mayEdit} look="min-w-0 flex-1" choose={take} />
{#if length}
    <NumberBox
        label={length.unit === '%' ? 'Share in per cent' : 'Width in pixels'}
        setting={numbers}
        value={length.number}
        placeholder=""
        disabled={!table.mayEdit}
        look="w-14"
        choose={() => undefined}
        slide={(next) =>
            slide(String(valueOf({ number: Number(next), unit: length.unit })).replace(/^(\d+)$/, `$1${length.unit}`))}
        {settle}
    />
{/if}
