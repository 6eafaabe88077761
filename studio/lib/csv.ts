/** Offers a table as a CSV file; what a spreadsheet would take for a formula is made text. */
export function offerTable(name: string, rows: string[][]): void {
    const cell = (text: string): string => `"${(/^[=+\-@\t\r]/.test(text) ? `'${text}` : text).replaceAll('"', '""')}"`;
    const lines = rows.map((row) => `${row.map(cell).join(',')}\r\n`);
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([`\u{feff}${lines.join('')}`], { type: 'text/csv' }));
    link.download = name;
    link.click();
    URL.revokeObjectURL(link.href);
}
