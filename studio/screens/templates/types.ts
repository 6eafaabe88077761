import type { Counts } from '../../lib/types';

export interface TemplateRow {
    id: number;
    pageKind: string;
    name: string;
    note: string;
    live: boolean;
    fallback: boolean;
    unpublished: number;
    goesFirst: boolean;
    season: string;
    /** Null while it is not live. */
    counts: Counts | null;
    changedBy: string | null;
    changedAt: string;
}

/** Something that changes the shop: its impact is asked for first. */
export interface Deed {
    words: string;
    address: string;
    body: object;
}

/** A part that is kept for many pages, with the templates that share it. */
export interface PartRow {
    id: number;
    name: string;
    unpublished: boolean;
    changedAt: string;
    places: { id: number; name: string; live: boolean; draft: boolean }[];
}

export interface Start {
    name: string;
    title: string;
    words: string;
}

export interface TemplatesData {
    templates: TemplateRow[];
    parts: PartRow[];
    starts: Start[];
}
