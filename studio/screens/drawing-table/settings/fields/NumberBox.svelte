<script lang="ts">
    import type { Setting, Value } from '../../../../lib/types';
    import { lengthOf, limited, stepOf, typedLength, valueOf } from '../../tree/measures';

    interface Props {
        id?: string;
        label?: string;
        setting: Setting;
        value: Value;
        placeholder: string;
        disabled: boolean;
        look?: string;
        choose: (value: Value) => void;
        slide: (value: Value) => void;
        settle: () => void;
    }

    let { id, label, setting, value, placeholder, disabled, look = 'w-16', choose, slide, settle }: Props = $props();
    /** While it is being typed: its first digit alone may be less than the least. */
    let typing = $state<string | null>(null);
    const length = $derived(lengthOf(value));
    const shown = $derived(
        length
            ? String(length.number)
            : typeof value === 'string'
              ? (setting.words?.find((one) => one.value === value)?.words ?? value.replace('-', ' '))
              : '',
    );
    const unit = $derived(length?.unit ?? Object.keys(setting.units ?? { [setting.unit ?? 'px']: [] })[0] ?? 'px');

    /** What was typed goes beyond what the setting takes: what it takes, in words. */
    const beyond = $derived.by((): string => {
        if (typing === null) return '';
        const typed = /^\s*([-−]?\d+(?:[.,]\d+)?)\s*(px|%|rem|em|ms|)\s*$/i.exec(typing);
        if (!typed?.[1]) return '';
        const of = setting.units ? typed[2] || unit : unit;
        const number = Number(typed[1].replace('−', '-').replace(',', '.'));
        const bounds = setting.units ? (setting.units[of] ?? []) : [setting.min, setting.max];
        const [least, most] = [bounds[0] ?? -Infinity, bounds[1] ?? Infinity];
        return number < least || number > most
            ? `It takes ${least} to ${most}, so it is ${Math.max(least, Math.min(most, number))}.`
            : '';
    });

    function take(text: string): void {
        typing = text;
        if (text.trim() === '') choose(null);
        else if (setting.units) {
            const typed = typedLength(text, unit, setting);
            if (typed !== null) slide(typed);
        } else {
            const typed = Number.parseInt(text.replace('−', '-'), 10);
            if (!Number.isNaN(typed)) slide(limited({ number: typed, unit }, setting).number);
        }
    }

    function onkeydown(event: KeyboardEvent): void {
        const way = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (way === undefined || event.altKey) return;
        event.preventDefault();
        event.stopPropagation();
        const from = length ?? lengthOf(Number.parseFloat(placeholder) || 0);
        if (!from) return;
        typing = null;
        const next = limited(
            {
                number: from.number + way * stepOf(from.unit) * (event.shiftKey ? 10 : 1),
                unit: setting.units ? from.unit : unit,
            },
            setting,
        );
        slide(setting.units ? valueOf(next) : Math.round(next.number));
    }
</script>

<input
    {id}
    class="field figures {look}"
    inputmode="decimal"
    autocomplete="off"
    aria-label={label}
    placeholder={placeholder || '–'}
    value={typing ?? shown}
    {disabled}
    {onkeydown}
    oninput={(event) => take(event.currentTarget.value)}
    onblur={() => {
        settle();
        typing = null;
    }}
/>
{#if beyond !== ''}<span class="order-last basis-full text-xs text-trouble" role="status">{beyond}</span>{/if}
