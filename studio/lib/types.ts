import type { BlockKind, PageKind, Question, WidthName } from '../generated/names';

export type { BlockKind, PageKind, Question, WidthName };

export interface Screen<Data> {
    name: string;
    user: { id: number; name: string; role: string };
    may: { edit: boolean; publish: boolean };
    shop: string;
    data: Data;
}

/** A page in a list, by what it is about. */
export interface PageRow {
    id: number;
    title: string;
    slug: string;
    picture: string | null;
    /** Where it is in the shop. */
    address: string;
}

export interface Sample extends PageRow {
    flags: string[];
}

/** A file to download, a film, or the captions of one. */
export interface ShopFile {
    id: number;
    name: string;
    use: 'download' | 'film' | 'captions';
    address: string;
    size: string;
    width: number;
    height: number;
    seconds: number;
    captions: number | null;
    captionsName: string | null;
    poster: number | null;
}

export interface Days {
    from?: string | null;
    to?: string | null;
}

export type Value = string | number | boolean | string[] | number[] | Condition[] | Days | Source | null;

export interface Source {
    source: string;
    /** The fact or option that is meant. */
    of?: number;
    otherwise?: string | number;
}

export interface TreeNode {
    id: string;
    kind: BlockKind;
    what?: Record<string, Value>;
    how?: Partial<Record<WidthName, Record<string, Value>>>;
    when?: Record<string, Value>;
    children?: TreeNode[];
}

export type NewNode = Omit<TreeNode, 'id' | 'children'> & { id?: string; children?: NewNode[] };

export interface Setting {
    name: string;
    label: string;
    question: Question;
    default: Value;
    property: string | null;
    houseToken: string | null;
    sourced: boolean;
    takes: string[];
    type:
        | 'text'
        | 'toggle'
        | 'choice'
        | 'amount'
        | 'colour'
        | 'step'
        | 'picture'
        | 'widths'
        | 'link'
        | 'rich-text'
        | 'html'
        | 'several'
        | 'products'
        | 'numbered'
        | 'numbers'
        | 'conditions'
        | 'day'
        | 'extent'
        | 'days';
    max?: number;
    min?: number;
    unit?: string;
    lines?: boolean;
    /** What a number names. */
    things?: string;
    options?: { value: string; words: string }[];
    roles?: string[];
    steps?: number[];
}

export interface Definition {
    kind: BlockKind;
    name: string;
    shelf: string | null;
    role: string;
    accepts: string | null;
    searchWords: string;
    /** What a page has to be about for it; none: anything. */
    subjects: string[];
    /** What a page cannot do without, and this is. */
    essential: string | null;
    /** The setting by which its blocks may be about something else than the page. */
    another: string | null;
    /** What is kept elsewhere and stands in it. */
    filledWith: 'part' | 'own-blocks' | null;
    settings: Setting[];
    /** Its own drawing where it differs from the kind's. */
    starters: { name: string; node: NewNode; drawing: string | null }[];
    drawing: string;
}

export interface Condition {
    field: string;
    of?: number;
    comparison: string;
    values: (number | string)[];
}

export interface Reach {
    format: number;
    show: Condition[][];
    keepOff: Condition[][];
    season: { from?: string | null; until?: string | null };
    goesFirst: boolean;
}

/** A condition in words: what is looked at, and the values. */
export interface Phrase {
    what: string;
    values: string;
}

export interface Sentence {
    show: Phrase[][];
    keepOff: Phrase[][];
    season: string;
    /** On the shop's wall clock. */
    from: string | null;
    until: string | null;
}

/** How many pages a template covers and on how many it is shown: now, or at the start of a season that lies ahead. */
export interface Counts {
    covers: number;
    shownOn: number;
    /** Of those that it covers, how many another template wins. */
    elsewhere: number;
    shownNow: number;
    when: 'now' | 'ahead' | 'over';
}

export interface ReachCounts extends Counts {
    hidden: number;
    others: { template: number; name: string; count: number }[];
    inSeason: boolean;
    dead: { part: 'show' | 'keepOff'; clause: number; condition: number }[];
}

export type Names = Record<string, Record<string, string>>;

export interface DraftState {
    revision: number;
    tree: TreeNode;
    reach: Reach;
    live: boolean;
    liveRevision: number | null;
    unpublished: number;
    undo: string | null;
    redo: string | null;
    /** By block: what it appears only where, in words. */
    conditions: Record<string, Phrase[]>;
    /** Blocks that still have the words they came with. */
    unreplaced: string[];
    names?: Names;
    sentence?: Sentence;
    fallback?: boolean;
    counts?: ReachCounts | null;
    liveCounts?: (Counts & { season: string }) | null;
    /** Of a part: the templates that it stands on. */
    places?: string[];
}

/** A part of the page drawn anew, or the order of a column's blocks with those that are new. */
export type CanvasPart = { id: string; html: string } | { id: string; order: string[]; fresh: Record<string, string> };

export interface EditAnswer extends DraftState {
    parts: CanvasPart[];
    css: string | null;
    /** What the person should know of it. */
    notice: string | null;
}

export type Edit =
    | { edit: 'insert'; node: NewNode; parent: string; after: string | null }
    | { edit: 'remove'; id: string }
    | { edit: 'move'; id: string; parent: string; after: string | null }
    | { edit: 'set'; id: string; question: Question; width: WidthName; setting: string; value: Value }
    | { edit: 'reach'; reach: Reach }
    | { edit: 'replace'; tree: unknown; reach: Reach };

export interface Move {
    from: number;
    fromName: string;
    to: number;
    toName: string;
    count: number;
    pageKind: string;
    pages: PageRow[];
}

export interface Impact {
    moves: Move[];
    newLook: Move[];
    moved: number;
    look: number;
    stays: number;
    /** The same, for each kind of page that the changes touch. */
    kinds: { pageKind: string; moved: number; look: number; stays: number }[];
    at: string;
    /** What happens later, by the clock alone; releases of an earlier version have none. */
    turns?: Turn[];
}

/** Pages that move when the season of a template begins or ends. */
export interface Turn {
    template: number;
    name: string;
    pageKind: string;
    at: string;
    begins: boolean;
    moves: Move[];
    moved: number;
}

export interface ReleaseRow {
    id: number;
    state: 'done' | 'waiting' | 'called-off' | 'failed';
    author: string | null;
    at: string;
    due: string | null;
    dueWall: string | null;
    note: string;
    words: string;
    impact: Impact;
    trouble: string | null;
    bringsBack: number | null;
    later: number[];
    look?: { changed: PageRow[]; same: PageRow[] } | null;
}

export interface Rung {
    template: number;
    name: string;
    live: boolean;
    wins: boolean;
    reason: string;
    words: string;
    detail: string[];
    closeness: number[] | null;
    closenessWords: string;
    goesFirst: boolean;
    season: string;
    clause: { words: string; failed: boolean }[];
    change: { do: 'publish' | 'reach' | 'unpin' | 'pin' | 'earlier'; words: string } | null;
}

export interface Ladder {
    pageKind: string;
    page: PageRow & { shown: boolean };
    at: string;
    until: string | null;
    step: string;
    pinSkipped: boolean;
    pinned: number | null;
    /** Rules that are not published and speak of this page. */
    unpublished: { template: number; name: string; words: string }[];
    rungs: Rung[];
}
