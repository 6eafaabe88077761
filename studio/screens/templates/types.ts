import type { Counts } from '../../lib/types';

export interface TemplateRow {
    id: number;
    pageKind: string;
    /** Whether this version knows pages of its kind. */
    known: boolean;
    name: string;
    note: string;
    live: boolean;
    fallback: boolean;
    /** Null where its kind of page is not known. */
    unpublished: number | null;
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
    /** By page kind. */
    starts: Record<string, Start[]>;
}
