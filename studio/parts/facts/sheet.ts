import { cells } from '../../lib/cells';
import { counted } from '../../lib/words';
import { THINGS, type Change, type Fact, type Row } from './types';

/** A field as it is typed: several values are separated by semicolons. Of things it says how many there are. */
export function shown(fact: Fact, values: string[]): string {
    if (fact.kind === 'blocks') return values.length > 0 ? 'laid out' : '';
    if (THINGS.includes(fact.kind))
        return values.length === 0 ? '' : counted(values.length, fact.kind.replace(/s$/, ''));
    return values.join(fact.kind === 'list' ? '; ' : ' ');
}

export function typed(fact: Fact, text: string): string[] {
    const parts = fact.kind === 'list' ? text.split(';') : [text];
    return parts.map((part) => part.trim()).filter((part) => part !== '');
}

/**
 * What pasting from a field on, to the right and downwards, would change. What reaches beyond the sheet is left out.
 */
export function pasted(text: string, rows: Row[], facts: Fact[], row: number, column: number): Change[] {
    return cells(text).flatMap((fields, down) =>
        fields.flatMap((field, right): Change[] => {
            const [product, fact] = [rows[row + down], facts[column + right]];
            if (
                !product ||
                !fact ||
                (THINGS.includes(fact.kind) && field === shown(fact, product.values[fact.id] ?? []))
            )
                return [];
            return [
                {
                    product: product.id,
                    fact: fact.id,
                    written: typed(fact, field),
                    before: product.values[fact.id] ?? [],
                },
            ];
        }),
    );
}
