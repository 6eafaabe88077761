/** One for all: making such a thing takes longer than using it. */
const numbers = new Intl.NumberFormat('en-GB');

/** A number with its words, right for 0, 1 and many: `counted(1, 'page')`, `counted(2, 'page moves', 'pages move')`. */
export function counted(count: number, one: string, many = `${one}s`): string {
    return `${numbers.format(count)} ${count === 1 ? one : many}`;
}

const dates = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' });

export function when(instant: string): string {
    return dates.format(new Date(instant));
}

const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });

/** A day of a calendar, written as `2026-12-24`. */
export function day(written: string): string {
    return days.format(new Date(`${written}T12:00:00`));
}

export function number(count: number): string {
    return numbers.format(count);
}

const lists = new Intl.ListFormat('en-GB');

/** As "pens, inks and paper". */
export function listed(words: string[]): string {
    return lists.format(words);
}

/** The words alone, where the number stands elsewhere. */
export function either(count: number, one: string, many: string): string {
    return count === 1 ? one : many;
}

export function pages(count: number): string {
    return counted(count, 'page');
}
