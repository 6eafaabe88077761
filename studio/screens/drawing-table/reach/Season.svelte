<script lang="ts">
    import { parseDate, type DateValue } from '@internationalized/date';
    import { RangeCalendar } from 'bits-ui';
    import type { Reach, Sentence } from '../../../lib/types';

    interface Props {
        mayEdit: boolean;
        sentence: Sentence;
        inSeason: boolean;
        /** What is not named stays as it is. */
        change: (season: Reach['season']) => void;
    }

    let { mayEdit, sentence, inSeason, change }: Props = $props();
    let open = $state(false);
    const first = $derived(sentence.from?.slice(0, 10) ?? '');
    const last = $derived(lastDay(sentence.until));
    const range = $derived({ start: day(first), end: day(last) });

    /** The until of a season is not included, so midnight means the end of the day before. */
    function lastDay(until: string | null): string {
        if (until === null) return '';
        const date = parseDate(until.slice(0, 10));
        return (until.endsWith('T00:00') ? date.subtract({ days: 1 }) : date).toString();
    }

    function day(text: string): DateValue | undefined {
        return text === '' ? undefined : parseDate(text);
    }

    /** One end alone: the other may have been changed a moment ago, and not be back yet. */
    function set(end: 'from' | 'until', day: string): void {
        change({ [end]: day === '' ? null : day });
    }

    function picked(next: { start?: DateValue | undefined; end?: DateValue | undefined } | undefined): void {
        if (next?.start && next.end) change({ from: next.start.toString(), until: next.end.toString() });
    }
</script>

<p>
    {#if sentence.season === ''}
        <span class="text-quiet">at any time</span>
    {:else}
        {sentence.season}{#if !inSeason}<span class="text-trouble"> · out of season now</span>{/if}
    {/if}
    {#if mayEdit}
        <button class="word ml-2 text-base" aria-expanded={open} onclick={() => (open = !open)}
            >{open ? 'close the calendar' : 'change…'}</button
        >
        {#if sentence.season !== ''}<button
                class="ml-3 text-sm text-quiet hover:text-ink"
                onclick={() => change({ from: null, until: null })}>at any time again</button
            >{/if}
    {/if}
</p>
{#if open}
    <div class="mt-2 flex flex-wrap items-start gap-6 text-base leading-normal">
        <RangeCalendar.Root
            class="rounded-lg border border-hair bg-sheet p-3"
            bind:value={() => range, picked}
            weekdayFormat="short"
            fixedWeeks
            weekStartsOn={1}
            calendarLabel="Season"
            locale="en-GB"
        >
            {#snippet children({ months, weekdays })}
                <RangeCalendar.Header class="flex items-center justify-between pb-2">
                    <RangeCalendar.PrevButton class="button px-2" aria-label="The month before"
                        >‹</RangeCalendar.PrevButton
                    >
                    <RangeCalendar.Heading class="font-semibold" />
                    <RangeCalendar.NextButton class="button px-2" aria-label="The next month"
                        >›</RangeCalendar.NextButton
                    >
                </RangeCalendar.Header>
                {#each months as month (month.value.toString())}
                    <RangeCalendar.Grid class="figures border-collapse text-sm">
                        <RangeCalendar.GridHead>
                            <RangeCalendar.GridRow>
                                {#each weekdays as weekday, index (index)}
                                    <RangeCalendar.HeadCell class="w-9 pb-1 font-normal text-quiet"
                                        >{weekday.slice(0, 2)}</RangeCalendar.HeadCell
                                    >
                                {/each}
                            </RangeCalendar.GridRow>
                        </RangeCalendar.GridHead>
                        <RangeCalendar.GridBody>
                            {#each month.weeks as week, index (index)}
                                <RangeCalendar.GridRow>
                                    {#each week as date (date.toString())}
                                        <RangeCalendar.Cell {date} month={month.value} class="p-0">
                                            <RangeCalendar.Day
                                                class="season-day grid h-8 w-9 place-items-center rounded data-outside-month:text-quiet data-selected:bg-glow data-selection-end:bg-ink data-selection-end:text-paper data-selection-start:bg-ink data-selection-start:text-paper"
                                            />
                                        </RangeCalendar.Cell>
                                    {/each}
                                </RangeCalendar.GridRow>
                            {/each}
                        </RangeCalendar.GridBody>
                    </RangeCalendar.Grid>
                {/each}
            {/snippet}
        </RangeCalendar.Root>
        <div class="flex flex-col gap-3">
            <label class="flex items-center justify-between gap-3">
                From the beginning of
                <input
                    class="field"
                    type="date"
                    value={first}
                    onchange={(event) => set('from', event.currentTarget.value)}
                />
            </label>
            <label class="flex items-center justify-between gap-3">
                until the end of
                <input
                    class="field"
                    type="date"
                    value={last}
                    onchange={(event) => set('until', event.currentTarget.value)}
                />
            </label>
            <p class="max-w-64 text-sm text-quiet">
                Days are the shop’s days. Leave one empty and the season is open on that side.
            </p>
        </div>
    </div>
{/if}
