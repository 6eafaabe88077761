import type { Thing } from '../../lib/types';

/** What lists of the catalogue are called, and what they say when they are empty. */
export const words: Partial<
    Record<Thing, { many: string; place: string; holds: string; several?: string; about: string }>
> = {
    category: {
        many: 'categories',
        place: 'Categories',
        holds: 'product',
        about: 'One tree: what stands in a category stands in everything above it too. A row is dragged, or moved by its arrows.',
    },
    collection: {
        many: 'collections',
        place: 'Collections',
        holds: 'product',
        about: 'Sets of products across categories, picked by hand or by rule.',
    },
    brand: {
        many: 'brands',
        place: 'Brands',
        holds: 'product',
        about: 'Who makes it. A product has one brand or none.',
    },
    tag: { many: 'tags', place: 'Tags', holds: 'product', about: 'Words to find and group products by.' },
    option: {
        many: 'options',
        place: 'Options',
        holds: 'value',
        about: 'What customers choose: colours, sizes, nibs. Variants are made of them.',
    },
};
