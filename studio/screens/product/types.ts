import type { Fact } from '../facts/types';
import type { Picture } from '../pictures/types';

/** What is laid out for the product alone, as a fact of the kind blocks. */
export interface Content {
    id: number;
    live: boolean;
    changed: boolean;
    empty: boolean;
}

export interface ProductData {
    product: { id: number; title: string; slug: string; published: boolean; brand: string | null; category: string | null };
    template: { id: number; name: string };
    facts: Fact[];
    values: Record<string, string[]>;
    pictures: number[];
    shownPictures: Picture[];
    contents: Record<string, Content>;
}
