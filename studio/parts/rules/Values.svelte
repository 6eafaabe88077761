<script lang="ts">
    import { standingOn } from '../../lib/pages';
    import type { TableFact as Fact, Takes } from '../../lib/types';
    import { ASKED_AS } from './terms';

    type Values = (number | string)[];

    interface Props {
        takes: Takes;
        fact: Fact | null;
        currency: { code: string; digits: number };
        values: Values;
        choices: string[];
        set: (values: Values) => void;
    }

    let { takes, fact, currency, values, choices, set }: Props = $props();
    const asked = $derived(ASKED_AS[takes]);
    const scale = $derived(
        { money: currency.digits, stars: 1, fact: fact?.decimals ?? 0, days: 0, none: 0 }[asked.counts ?? 'none'],
    );
    const unit = $derived(
        { money: currency.code, stars: 'stars', days: 'days', fact: fact?.unit ?? '', none: '' }[
            asked.counts ?? 'none'
        ],
    );
    const two = $derived(asked.form === 'range');
    const isDate = $derived(asked.form === 'day' || (asked.counts === 'fact' && fact?.kind === 'date'));

    function shown(index: number): string {
        const value = values[index];
        if (value === undefined) return '';
        if (isDate)
            return typeof value === 'number'
                ? String(value).replace(/^(\d{4})(\d\d)(\d\d)$/, '$1-$2-$3')
                : value.slice(0, 10);
        return typeof value === 'number' ? (value / 10 ** scale).toFixed(scale) : value;
    }

    function typed(index: number, text: string): void {
        const next = two ? [values[0] ?? '', values[1] ?? ''] : [...values];
        next[index] = isDate ? text : text === '' ? '' : Math.round(Number(text) * 10 ** scale);
        set(next);
    }
</script>

{#if asked.form === 'words'}
    <input
        class="field mt-2 w-full"
        aria-label="Words"
        maxlength="200"
        placeholder="Words that begin a word of the title"
        value={values[0] ?? ''}
        oninput={(event) => set(event.currentTarget.value.trim() === '' ? [] : [event.currentTarget.value])}
    />
{:else if asked.form === 'page-kinds'}
    <div class="mt-2 max-h-64 overflow-y-auto" role="group" aria-label="Which pages">
        {#each standingOn as one (one.kind)}
            <label class="flex gap-2 py-0.75">
                <input
                    type="checkbox"
                    checked={values.includes(one.kind)}
                    onchange={(event) =>
                        set(
                            event.currentTarget.checked
                                ? [...values, one.kind]
                                : values.filter((kind) => kind !== one.kind),
                        )}
                />
                {one.words}
            </label>
        {/each}
    </div>
{:else if asked.form === 'texts'}
    {#if choices.length > 0}
        <div class="mt-2" role="group" aria-label="Which of these">
            {#each choices as choice (choice)}
                <label class="flex gap-2 py-0.75">
                    <input
                        type="checkbox"
                        checked={values.includes(choice)}
                        onchange={(event) =>
                            set(
                                event.currentTarget.checked
                                    ? [...values, choice]
                                    : values.filter((one) => one !== choice),
                            )}
                    />
                    {choice}
                </label>
            {/each}
        </div>
    {:else}
        <textarea
            class="field mt-2 w-full"
            rows="3"
            aria-label="Values, one a line"
            placeholder="One a line"
            value={values.join('\n')}
            oninput={(event) => set(event.currentTarget.value.split('\n').filter((line) => line.trim() !== ''))}
        ></textarea>
    {/if}
{:else}
    <div class="mt-2 flex items-center gap-2">
        {#each two ? [0, 1] : [0] as index (index)}
            {#if index === 1}<span class="text-quiet">and</span>{/if}
            <input
                class="field min-w-0 flex-1"
                type={isDate ? 'date' : 'number'}
                step={isDate ? undefined : 1 / 10 ** scale}
                aria-label={two ? (index === 0 ? 'Lower end' : 'Upper end') : 'Value'}
                value={shown(index)}
                oninput={(event) => typed(index, event.currentTarget.value)}
            />
        {/each}
        {#if unit && !isDate}<span class="text-quiet">{unit}</span>{/if}
    </div>
{/if}
