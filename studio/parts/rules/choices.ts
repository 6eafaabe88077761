import type { Condition, FieldComparison } from '../../lib/types';

/** One way of comparing that can be chosen, for a fact with its number. */
export interface Choice extends FieldComparison {
    field: string;
    of?: number;
    /** What it begins with: the condition is complete. */
    values?: (string | number)[];
    /** Other words that it is looked for by. */
    also?: string;
}

/** What is said more plainly than by a number. */
const PLAIN: (Pick<Choice, 'field' | 'name' | 'words'> & { values: (string | number)[]; also: string })[] = [
    { field: 'picture', name: 'atMost', values: [0], words: 'has no picture', also: 'without a picture pictures' },
];

export function withPlain(choices: Choice[]): Choice[] {
    return choices.flatMap((one) => [
        one,
        ...PLAIN.filter((plain) => plain.field === one.field && plain.name === one.name).map((plain) => ({
            ...one,
            ...plain,
        })),
    ]);
}

export const key = (one: Choice): string => `${one.field} ${one.of ?? ''} ${one.name} ${one.values?.join(' ') ?? ''}`;

/** Which choice a condition was made by: the plainest that says it. */
export function sameChoice(choices: Choice[], condition: Condition): Choice | undefined {
    const all = choices.filter(
        (one) => one.field === condition.field && one.of === condition.of && one.name === condition.comparison,
    );
    return all.find((one) => one.values?.join() === condition.values.join()) ?? all.find((one) => !one.values);
}

/** Those in which every word stands, somewhere; those that begin with what is looked for come first. */
export function found(choices: Choice[], sought: string): Choice[] {
    const words = sought.trim().toLowerCase().split(/\s+/);
    const text = (one: Choice): string => `${one.words} ${one.also ?? ''}`.toLowerCase();
    const begins = (one: Choice): number => (text(one).startsWith(words[0] ?? '') ? 0 : 1);
    return choices
        .filter((one) => words.every((word) => text(one).includes(word)))
        .sort((one, other) => begins(one) - begins(other));
}
