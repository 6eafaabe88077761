import { counted } from '../../shop/counted';

export { counted };

const dates = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' });

export function when(instant: string): string {
    return dates.format(new Date(instant));
}

export function number(count: number): string {
    return count.toLocaleString('en-GB');
}

/** The words alone, where the number stands elsewhere. */
export function either(count: number, one: string, many: string): string {
    return count === 1 ? one : many;
}

export function pages(count: number): string {
    return counted(count, 'page');
}
