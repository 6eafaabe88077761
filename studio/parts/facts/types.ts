import type { FactKind as Kind } from '../../lib/types';

export type { Fact, FactChange as Change, FactKind as Kind, FactRow as Row } from '../../lib/types';

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
