/** A number with its words, right for 0, 1 and many: `counted(1, 'page')`, `counted(2, 'page moves', 'pages move')`. */
export function counted(count: number, one: string, many = `${one}s`): string {
    return `${count.toLocaleString('en-GB')} ${count === 1 ? one : many}`;
}
