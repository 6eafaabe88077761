import type { Definition, DraftState, PageKind, Sample } from '../../lib/types';

export interface TableData {
    template: { id: number; name: string; role: 'page' | 'part' | 'own-blocks'; pageKind: PageKind; productId: number | null };
    state: DraftState;
    samples: SamplePage;
    sample: Sample | null;
    definitions: Definition[];
    house: Record<string, string>;
    parts: KeptPart[];
    starts: { name: string; title: string; words: string }[];
    sources: { name: string; of: number | null; words: string; gives: string }[];
    fields: Field[];
    /** What a block's own conditions may look at. */
    whenFields: string[];
    facts: Fact[];
    currency: { code: string; digits: number };
}

/** A band or block kept with its style, to be placed as shared or as a copy. */
export interface KeptPart {
    id: number;
    name: string;
    bands: boolean;
    /** What it begins with, which is how it is drawn. */
    kind: string;
    changed: boolean;
}

export interface Field {
    name: string;
    comparisons: FieldComparison[];
}

export interface FieldComparison {
    name: string;
    words: string;
    takes: Takes;
    things: string | null;
}

export type Takes =
    'nothing' | 'names' | 'money' | 'money-range' | 'count' | 'days' | 'stars' | 'instant' | 'words' | 'texts' | 'fact-number' | 'fact-range' | 'page-kinds';

export interface Fact {
    id: number;
    name: string;
    kind: string;
    unit: string;
    decimals: number;
    comparisons: string[];
}

export interface SamplePage {
    samples: Sample[];
    more: boolean;
    total: number;
}
