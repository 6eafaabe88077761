<script lang="ts">
    import { CalendarDate, type DateValue } from '@internationalized/date';
    import { DatePicker } from 'bits-ui';

    interface Props {
        id?: string;
        label: string;
        /** As `2026-12-31`; empty for none. */
        value: string;
        disabled: boolean;
        change: (day: string) => void;
    }

    let { id, label, value, disabled, change }: Props = $props();
    /** While the digits of a year are typed, a day of long ago stands there. */
    const FIRST_YEAR = 1000;
    let typed = $state.raw<DateValue | undefined>();
    const day = $derived(typed ?? dayOf(value));

    function dayOf(text: string): DateValue | undefined {
        const [, year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text) ?? [];
        return year && month && date ? new CalendarDate(Number(year), Number(month), Number(date)) : undefined;
    }

    function take(next: DateValue | undefined): void {
        typed = next && next.year < FIRST_YEAR ? next : undefined;
        if (typed === undefined && (next?.toString() ?? '') !== value) change(next?.toString() ?? '');
    }
</script>

<span class="flex min-w-0 items-center gap-1">
    <DatePicker.Root
        value={day}
        onValueChange={take}
        {disabled}
        locale="en-GB"
        weekdayFormat="short"
        weekStartsOn={1}
        fixedWeeks
        closeOnDateSelect
    >
        <DatePicker.Input {id} class="field flex min-w-0 flex-1 items-center tabular-nums" aria-label={label}>
            {#snippet children({ segments })}
                {#each segments as { part, value: digits }, at (`${part} ${at}`)}
                    {#if part === 'literal'}
                        <DatePicker.Segment {part} class="px-px text-quiet">{digits}</DatePicker.Segment>
                    {:else}
                        <DatePicker.Segment
                            {part}
                            class="rounded px-0.5 focus:bg-ink focus:text-paper focus:outline-none aria-[valuetext=Empty]:text-quiet"
                            >{digits}</DatePicker.Segment
                        >
                    {/if}
                {/each}
                <DatePicker.Trigger
                    class="ml-auto px-1 text-xs text-quiet hover:text-ink"
                    aria-label="{label}: calendar">▾</DatePicker.Trigger
                >
            {/snippet}
        </DatePicker.Input>
        <DatePicker.Portal>
            <DatePicker.Content class="float z-50 p-3" sideOffset={4}>
                <DatePicker.Calendar>
                    {#snippet children({ months, weekdays })}
                        <DatePicker.Header class="flex items-center justify-between gap-2">
                            <DatePicker.PrevButton class="button min-h-7 px-2" aria-label="The month before"
                                >‹</DatePicker.PrevButton
                            >
                            <DatePicker.Heading class="font-semibold" />
                            <DatePicker.NextButton class="button min-h-7 px-2" aria-label="The month after"
                                >›</DatePicker.NextButton
                            >
                        </DatePicker.Header>
                        {#each months as month (month.value.toString())}
                            <DatePicker.Grid class="mt-2 tabular-nums">
                                <DatePicker.GridHead>
                                    <DatePicker.GridRow class="flex">
                                        {#each weekdays as name, at (at)}<DatePicker.HeadCell
                                                class="w-8 text-center text-xs font-normal text-quiet"
                                                >{name.slice(0, 2)}</DatePicker.HeadCell
                                            >{/each}
                                    </DatePicker.GridRow>
                                </DatePicker.GridHead>
                                <DatePicker.GridBody>
                                    {#each month.weeks as week, at (at)}
                                        <DatePicker.GridRow class="flex">
                                            {#each week as date (date.toString())}
                                                <DatePicker.Cell {date} month={month.value} class="p-0">
                                                    <DatePicker.Day
                                                        class="flex size-8 cursor-default items-center justify-center rounded hover:bg-room data-[outside-month]:text-quiet data-[selected]:bg-ink data-[selected]:text-paper data-[today]:font-semibold data-[today]:underline"
                                                    />
                                                </DatePicker.Cell>
                                            {/each}
                                        </DatePicker.GridRow>
                                    {/each}
                                </DatePicker.GridBody>
                            </DatePicker.Grid>
                        {/each}
                    {/snippet}
                </DatePicker.Calendar>
            </DatePicker.Content>
        </DatePicker.Portal>
    </DatePicker.Root>
    {#if value !== '' && !disabled}<button type="button" class="word shrink-0 text-xs" onclick={() => change('')}
            >none<span class="unseen"> for {label}</span></button
        >{/if}
</span>
