/** Values of the catalogue as fields show them. What is typed goes to the server as it is: it knows how to read it. */

/** An amount in minor units as it is typed: `12.50`. What could not be read yet stands as it was typed. */
export function amount(value: unknown, digits: number): string {
    if (typeof value === 'number') return (value / 10 ** digits).toFixed(digits);
    return typeof value === 'string' ? value : '';
}

/** An instant on the shop's wall clock, as a field for day and time takes it. */
export function wall(value: unknown, zone: string): string {
    if (typeof value !== 'string' || value === '') return '';
    if (!value.endsWith('Z')) return value;
    const parts = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short', timeStyle: 'short' }).format(
        new Date(value),
    );
    return parts.replace(' ', 'T');
}

export function numbers(value: unknown): number[] {
    return Array.isArray(value)
        ? value.filter((one): one is number => typeof one === 'number')
        : typeof value === 'number'
          ? [value]
          : [];
}

export function text(value: unknown): string {
    return typeof value === 'string' ? value : typeof value === 'number' ? String(value) : '';
}
