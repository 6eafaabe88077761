import { pageKinds } from '../generated/names';
import type { Impact } from './types';
import { counted, listed } from './words';

type Known = keyof typeof pageKinds;

/** What pages of a kind, and what they are about, are called. */
export interface PageWords {
    one: string;
    many: string;
    page: string;
    pages: string;
    /** What templates of the kind are for: the pages, or what stands on them. */
    called: string;
    /** There is one such page. */
    single: boolean;
}

const ANY: PageWords = { one: 'page', many: 'pages', page: 'page', pages: 'pages', called: 'pages', single: false };

export function pageWords(kind: string): PageWords {
    return kind in pageKinds ? pageKinds[kind as Known] : ANY;
}

/** Whether templates of a kind stand on pages, above or below them. */
export function standsOnPages(kind: string): kind is 'header' | 'footer' {
    return kind === 'header' || kind === 'footer';
}

/** What a template of a kind can be given to when it is made; null where its pages are not named one by one. */
export function thingsFor(kind: string): string | null {
    return kind === 'product' ? 'category' : canBeNamed(kind) ? kind : null;
}

/** Whether a rule can name one page of a kind. */
export function canBeNamed(kind: string): boolean {
    return ['product', 'category', 'collection', 'brand', 'tag'].includes(kind);
}

/** Every kind that the shop has templates for, in the order in which they are listed. */
export const kindsOfPages = Object.keys(pageKinds) as Known[];

/** What headers and footers may stand on, with words for it: every kind of page, and those that have no templates. */
export const standingOn: { kind: string; words: string }[] = [
    ...kindsOfPages
        .filter((kind) => !standsOnPages(kind))
        .map((kind) => ({ kind, words: `${pageKinds[kind].single ? 'the' : 'a'} ${pageKinds[kind].page}` })),
    { kind: 'cart', words: 'the cart' },
    { kind: 'checkout', words: 'the checkout' },
];

/** As "23 products". */
export function subjects(kind: string, count: number): string {
    const words = pageWords(kind);
    return counted(count, words.one, words.many);
}

/** As "23 category pages". */
export function pagesOf(kind: string, count: number): string {
    const words = pageWords(kind);
    return counted(count, words.page, words.pages);
}

/** As "3 category pages move"; of several kinds each by itself. */
export function movesOf(impact: Pick<Impact, 'moved' | 'kinds'>): string {
    if (impact.moved === 0) return 'No page moves';
    return impact.kinds.length === 0
        ? counted(impact.moved, 'page moves', 'pages move')
        : impact.kinds.map((of) => moving(of.pageKind, of.moved)).join(', ');
}

/** As "3 category pages and 1 home page get a new look". */
export function looksOf(impact: Pick<Impact, 'look' | 'kinds'>): string {
    const looks = impact.kinds.filter((of) => of.look > 0).map((of) => pagesOf(of.pageKind, of.look));
    return `${looks.length === 0 ? 'none' : listed(looks)} ${impact.look === 1 || looks.length === 0 ? 'gets' : 'get'} a new look`;
}

export function moving(kind: string, count: number): string {
    const { page: one, pages: several } = pageWords(kind);
    return counted(count, `${one} moves`, [several, 'move'].join(' '));
}

/** As "3 category pages", of those that move. */
export function willMove(impact: Pick<Impact, 'moved' | 'kinds'>): string {
    return impact.kinds.length === 0
        ? counted(impact.moved, 'page')
        : listed(impact.kinds.map((of) => pagesOf(of.pageKind, of.moved)));
}
