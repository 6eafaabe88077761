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

export type Kind = 'text' | 'rich-text' | 'number' | 'yes-no' | 'date' | 'choice' | 'list' | 'link' | 'picture' | 'files' | 'products' | 'blocks';

export const KINDS: Record<Kind, string> = {
    text: 'words',
    'rich-text': 'rich text',
    number: 'a number',
    'yes-no': 'yes or no',
    date: 'a day',
    choice: 'one of a few',
    list: 'several words',
    link: 'a link',
    picture: 'a picture',
    files: 'files to download',
    products: 'products',
    blocks: 'blocks, laid out',
};

/** Kinds that name things of the shop: they are filled on the product’s own page. */
export const THINGS: Kind[] = ['picture', 'files', 'products', 'blocks'];

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
