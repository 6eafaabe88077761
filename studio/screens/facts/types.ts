export interface Fact {
    id: number;
    name: string;
    kind: Kind;
    unit: string;
    decimals: number;
    choices: string[];
    group: string;
    filled: number;
}

export type Kind = 'text' | 'rich-text' | 'number' | 'yes-no' | 'date' | 'choice' | 'list';

export const KINDS: Record<Kind, string> = {
    text: 'words',
    'rich-text': 'rich text',
    number: 'a number',
    'yes-no': 'yes or no',
    date: 'a day',
    choice: 'one of a few',
    list: 'several words',
};

export interface Row {
    id: number;
    title: string;
    values: Record<string, string[]>;
}

export interface Change {
    product: number;
    fact: number;
    written: string[];
    before: string[];
}
