const dates = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' });

export function when(instant: string): string {
    return dates.format(new Date(instant));
}

export function number(count: number): string {
    return count.toLocaleString('en-GB');
}

export function products(count: number): string {
    return count === 1 ? '1 product' : `${number(count)} products`;
}

export function pages(count: number): string {
    return count === 1 ? '1 page' : `${number(count)} pages`;
}
