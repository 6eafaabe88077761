import { pageWords, standsOnPages, type PageWords } from '../../../lib/pages';
import type { TreeNode } from '../../../lib/types';
import { find, pathTo, rows, type Kinds } from '../tree/tree';
import { whatItSays, type Named } from '../tree/telling';
import type { KeptPart } from '../tree/types';
import type { Drawn } from './drawn.svelte';

/** What is worked on: what it is, what it is about, and what things on it are called. */
export class About {
    constructor(
        private readonly on: {
            readonly now: Drawn;
            readonly data: Named;
            readonly page: Drawn;
            readonly kinds: Kinds;
            readonly parts: readonly KeptPart[];
            readonly selection: {
                readonly id: string | null;
                readonly inside: boolean;
                readonly node: TreeNode | null;
            };
        },
    ) {}

    private get tree(): TreeNode {
        return this.on.now.draft.tree;
    }

    nameOf(id: string): string {
        const node = find(this.tree, id);
        return node ? this.nameOfNode(node) : '';
    }

    nameOfNode(node: TreeNode): string {
        const called = node.what?.called;
        if (typeof called === 'string' && called !== '') return called;
        const part = this.partOf(node);
        if (part) return part.name;
        const definition = this.on.kinds.of(node.kind);
        const says = this.repeated.includes(node.kind) ? whatItSays(node, definition, this.on.data) : '';
        return says === '' ? definition.name : `${definition.name}: ${says}`;
    }

    /** The kinds of block that stand on it more than once: those are told apart by what they show. */
    private readonly repeated = $derived.by(() => {
        const all = rows(this.tree).map((row) => row.node.kind);
        return all.filter((kind, at) => this.on.kinds.role(kind) === 'block' && all.indexOf(kind) !== at);
    });

    /** What its pages, and what they are about, are called. */
    get words(): PageWords {
        return pageWords(this.on.now.data.template.pageKind);
    }

    /** What the pages of the template are called, whatever is worked on. */
    get pageWords(): PageWords {
        return pageWords(this.on.page.data.template.pageKind);
    }

    /** What a new block would be about: what the page is about, or what the holder shows that it would stand in. */
    get subject(): string {
        const { id, inside } = this.on.selection;
        const path = id === null ? [] : pathTo(this.tree, id);
        const holder = path.findLast((node) => {
            const another = this.on.kinds.of(node.kind).another;
            return another !== null && typeof node.what?.[another] === 'number' && (node.id !== id || inside);
        });
        return holder ? 'product' : this.on.now.data.template.pageKind;
    }

    /** Whether a kind of block says something where the next one would go. */
    fits(kind: string): boolean {
        if (this.isCard) return this.on.kinds.of(kind).onCards && this.on.kinds.fits(kind, 'product');
        return !this.isPage || this.on.kinds.fits(kind, this.subject);
    }

    /** Whether it lays out pages, rather than a part or a product's own blocks. */
    get isPage(): boolean {
        return this.on.now.data.template.role === 'page';
    }

    get isCard(): boolean {
        return this.on.now.isCard;
    }

    /** What is worked on, as its own words are about it: a header, a card, … */
    get thing(): string {
        const kind = this.on.now.data.template.pageKind;
        return this.isCard ? 'card' : this.isPage && standsOnPages(kind) ? kind : 'page';
    }

    /** Whether nothing but bands and columns is on the page, so that a start can take its place. */
    get isEmpty(): boolean {
        return (
            (this.isPage || this.isCard) &&
            rows(this.tree).every((row) => this.on.kinds.of(row.node.kind).role !== 'block')
        );
    }

    /** The kept part that the selected block shares. */
    get sharedPart(): KeptPart | null {
        const { node } = this.on.selection;
        return node === null ? null : this.partOf(node);
    }

    private partOf(node: TreeNode): KeptPart | null {
        const isPart = this.on.kinds.of(node.kind).filledWith === 'part';
        return (isPart && this.on.parts.find((part) => part.id === node.what?.part)) || null;
    }
}
