import { untrack } from 'svelte';
import type { CanvasPart } from '../../../lib/types';
import { restyle, selectors } from './restyle';

interface ShopWindow extends Window {
    vestibra?: { enhance: () => void; openTab: (id: string) => void; morph: (element: Element, html: string) => void };
}

const CANVAS_STYLE = `
html { cursor: default; }
a, button, label, input, select { cursor: default !important; }
body { user-select: none; }
[contenteditable] { user-select: text; outline: 2px dashed #2a5fa5; outline-offset: 3px; cursor: text; }
.column-inner:empty, .card[data-lines='0'],
:is(.holder, .tab, .fold, .carousel, .pop-up)[data-absent] {
    min-height: 84px; border: 1.5px dashed #8d8573; border-radius: 8px;
}
.column-inner:empty::after, .card[data-lines='0']::after {
    margin: auto; padding: 8px; font: 13px 'Instrument Sans', sans-serif; color: #5f6472; text-align: center;
}
.column-inner:empty::after { content: 'Empty column: drag a block here'; }
.card[data-lines='0']::after { content: 'Empty card: put a block here'; }
.card-cover { pointer-events: none; }
.fold::details-content { content-visibility: visible; block-size: auto; }
.pop-up-sheet { display: block; position: static; margin-top: 8px; border-style: dashed; }
.added-notice, .added-notice p[hidden] { display: block !important; }
`;

export interface Box {
    left: number;
    top: number;
    width: number;
    height: number;
}

/** The iframe that holds the real page: finding blocks in it, and taking over what the server has drawn anew. */
export class Canvas {
    frame = $state.raw<HTMLIFrameElement | null>(null);
    /** Grows whenever something on the page may have moved. */
    tick = $state(0);
    /** As `tick`, a moment after the last one: for what may be read once the page has been painted. */
    settled = $state(0);
    scale = $state(1);
    ready = $state(false);
    /** The block whose words are being typed in place, which must not be drawn over. */
    typing: HTMLElement | null = null;

    /** The very card that is worked on: the ids of its blocks stand on every card. */
    scope = $state.raw<{ grid: string; root: () => string; index: number } | null>(null);

    /** A page is on its way that may have been drawn before what is taken over meanwhile. */
    private coming = true;
    private missed = false;

    get document(): Document | null {
        return this.frame?.contentDocument ?? null;
    }

    get window(): ShopWindow | null {
        return this.frame?.contentWindow ?? null;
    }

    loaded(): void {
        this.coming = false;
        this.window?.addEventListener('beforeunload', () => (this.coming = true));
        if (this.missed) {
            this.missed = false;
            this.window?.location.reload();
            return;
        }
        const sheet = new (this.window as unknown as typeof globalThis).CSSStyleSheet();
        sheet.replaceSync(CANVAS_STYLE);
        this.document?.adoptedStyleSheets.push(sheet);
        this.window?.addEventListener('scroll', () => this.moved(), { passive: true });
        this.window?.addEventListener('resize', () => this.moved());
        this.document?.addEventListener('load', () => this.moved(), true);
        // A footer is drawn at the end of a page.
        if (!this.ready && this.document?.querySelector('main[data-drawn=footer]'))
            this.window?.scrollTo(0, this.document.documentElement.scrollHeight);
        this.ready = true;
        this.moved();
    }

    private hatching: CSSStyleSheet | null = null;

    /** Hatches some blocks, without taking room. */
    hatch(ids: string[]): void {
        const page = this.document;
        if (!page) return;
        if (!this.hatching || !page.adoptedStyleSheets.includes(this.hatching)) {
            this.hatching = new (this.window as unknown as typeof globalThis).CSSStyleSheet();
            page.adoptedStyleSheets.push(this.hatching);
        }
        const selector = ids.map((id) => `[data-b="${id}"]`).join(',');
        this.hatching.replaceSync(
            ids.length === 0
                ? ''
                : `${selector} { background-image: repeating-linear-gradient(135deg, rgb(27 34 51 / 16%) 0 1px, transparent 1px 7px); outline: 1px dotted #5f6472; outline-offset: 2px; }`,
        );
    }

    private held = $state.raw<{ sheet: CSSStyleSheet; elements: HTMLElement[] } | null>(null);

    /**
     * Shows elements of a block in a state, as if a hand were on them. What the server draws anew is marked again by
     * whoever asks.
     */
    hold(elements: HTMLElement[], id: string, state: string, selector: string): void {
        this.letGo();
        const page = this.document;
        if (!page || !this.window || elements.length === 0) return;
        const sheet = new (this.window as unknown as typeof globalThis).CSSStyleSheet();
        sheet.replaceSync(heldRules(page, id, state, selector));
        page.adoptedStyleSheets.push(sheet);
        for (const element of elements) element.dataset.held = state;
        this.held = { sheet, elements };
    }

    letGo(): void {
        const held = untrack(() => this.held);
        if (!held) return;
        const page = this.document;
        if (page) page.adoptedStyleSheets = page.adoptedStyleSheets.filter((one) => one !== held.sheet);
        for (const element of held.elements) delete element.dataset.held;
        this.held = null;
    }

    private settling: ReturnType<typeof setTimeout> | undefined;

    moved(): void {
        this.tick = untrack(() => this.tick) + 1;
        clearTimeout(this.settling);
        this.settling = setTimeout(() => (this.settled += 1), 60);
    }

    element(id: string): HTMLElement | null {
        const card = this.card;
        if (card?.dataset.b === id) return card;
        return (
            card?.querySelector<HTMLElement>(`[data-b="${id}"]`) ??
            this.document?.querySelector<HTMLElement>(`[data-b="${id}"]`) ??
            null
        );
    }

    /** The card that is worked on, as it stands on the page. */
    get card(): HTMLElement | null {
        if (!this.scope) return null;
        const all = this.cardsIn(this.scope.grid, this.scope.root());
        return all[this.scope.index] ?? all[0] ?? null;
    }

    /** Which card of which grid is under a point, with its root and the block on it; null where there is none. */
    cardAt(
        x: number,
        y: number,
        isGrid: (id: string) => boolean,
    ): { grid: string; root: string; index: number; block: string } | null {
        const ids = this.idsAt(x, y);
        const at = ids.findIndex(isGrid);
        const [grid, root, block] = [ids[at], ids[at - 1], ids[0]];
        if (at < 1 || grid === undefined || root === undefined || block === undefined) return null;
        const under = this.document?.elementFromPoint(x, y)?.closest(`[data-b="${root}"]`);
        return { grid, root, index: this.cardsIn(grid, root).findIndex((card) => card === under), block };
    }

    private cardsIn(grid: string, root: string): HTMLElement[] {
        return [...(this.document?.querySelectorAll<HTMLElement>(`[data-b="${grid}"] [data-b="${root}"]`) ?? [])];
    }

    /** In the iframe's own coordinates. */
    box(id: string): Box | null {
        const element = this.element(id);
        return element ? boxOf(element) : null;
    }

    /** The ids of the blocks under a point, innermost first. */
    idsAt(x: number, y: number): string[] {
        const ids: string[] = [];
        let element = this.document?.elementFromPoint(x, y)?.closest<HTMLElement>('[data-b]') ?? null;
        while (element) {
            ids.push(element.dataset.b ?? '');
            element = element.parentElement?.closest<HTMLElement>('[data-b]') ?? null;
        }
        return ids;
    }

    /** @param css all styles of the page; null where those of the blocks that changed are enough */
    apply(parts: CanvasPart[], css: string | null, styles: Record<string, string>): void {
        const restyled = Object.keys(styles).length > 0;
        if (this.coming && (parts.length > 0 || css !== null || restyled)) this.missed = true;
        const leaving: HTMLElement[] = [];
        for (const part of parts) {
            const element = this.element(part.id);
            if (!element) continue;
            if ('card' in part) this.redraw(part);
            else if ('order' in part) leaving.push(...this.arrange(element, part.order, part.fresh));
            else if (!(this.typing && element.contains(this.typing))) this.window?.vestibra?.morph(element, part.html);
        }
        for (const element of leaving) {
            if (element.dataset.leaving !== undefined) element.remove();
        }
        const style = this.document?.getElementById('departures') as HTMLStyleElement | null;
        if (style && css !== null) style.textContent = css;
        else if (style?.sheet && restyled) restyle(style.sheet, styles);
        this.window?.vestibra?.enhance();
    }

    /**
     * Puts the blocks of a column in order; answers those that stand there no more, unless another column takes them.
     */
    private arrange(column: HTMLElement, order: string[], fresh: Record<string, string>): HTMLElement[] {
        const inside = column.querySelector<HTMLElement>(':scope > .column-inner');
        if (!inside) {
            this.window?.location.reload();
            return [];
        }
        let next = inside.firstElementChild;
        for (const id of order) {
            const html = fresh[id];
            const element = html === undefined ? this.element(id) : this.made(html);
            if (!element) {
                this.window?.location.reload();
                return [];
            }
            delete element.dataset.leaving;
            if (element === next) next = next.nextElementSibling;
            else inside.insertBefore(element, next);
        }
        const leaving = [...inside.children].filter(
            (child): child is HTMLElement => !order.includes((child as HTMLElement).dataset.b ?? ''),
        );
        for (const element of leaving) element.dataset.leaving = '';
        return leaving;
    }

    /** On each card of a grid the blocks that changed, in the order of all. */
    private redraw(part: Extract<CanvasPart, { card: string }>): void {
        const cards = this.cardsIn(part.id, part.card);
        if (Object.values(part.blocks).some((all) => all.length !== cards.length)) {
            this.window?.location.reload();
            return;
        }
        for (const [at, card] of cards.entries()) {
            const known = (id: string): HTMLElement | null =>
                card.dataset.b === id ? card : card.querySelector<HTMLElement>(`[data-b="${id}"]`);
            const fresh = (id: string): HTMLElement | null => {
                const [before, html] = [known(id), part.blocks[id]?.[at]];
                const typed = before !== null && this.typing !== null && before.contains(this.typing);
                const block = html === undefined || typed ? before : this.made(html);
                if (before && block && before !== block) before.replaceWith(block);
                return block;
            };
            for (const [id, order] of Object.entries(part.orders)) {
                const holder = known(id);
                if (holder) arrangeIn(holder, order.map(fresh), order);
            }
            const top = part.orders[part.card] ?? [];
            card.dataset.lines = String(top.length);
            for (const block of card.querySelectorAll<HTMLElement>(':scope > [data-b]'))
                block.dataset.line = String(top.indexOf(block.dataset.b ?? '') + 1);
        }
    }

    private made(html: string): HTMLElement | null {
        const template = this.document?.createElement('template');
        if (!template) return null;
        template.innerHTML = html;
        return template.content.firstElementChild as HTMLElement | null;
    }

    /** Makes sure that a block can be seen. */
    reveal(id: string): void {
        this.window?.vestibra?.openTab(id);
        const box = this.box(id);
        const height = this.window?.innerHeight ?? 0;
        if (box && (box.top < 0 || box.top > height - 60))
            this.window?.scrollBy({ top: box.top - height / 3, behavior: 'instant' });
        this.moved();
    }

    /** From the screen's coordinates to the iframe's. */
    inside(clientX: number, clientY: number): { x: number; y: number; over: boolean } {
        const rect = this.frame?.getBoundingClientRect();
        if (!rect) return { x: 0, y: 0, over: false };
        const over = clientX >= rect.left && clientX <= rect.right && clientY >= rect.top && clientY <= rect.bottom;
        return { x: (clientX - rect.left) / this.scale, y: (clientY - rect.top) / this.scale, over };
    }
}

/**
 * Puts the blocks of a card, or of a holder on it, in order; those that stand there no more go, unless they stand
 * elsewhere by then.
 */
function arrangeIn(holder: HTMLElement, blocks: (HTMLElement | null)[], order: string[]): void {
    let behind: Element | null = holder.querySelector(':scope > :not([data-b])');
    for (const block of blocks) {
        if (!block) continue;
        if (block.previousElementSibling !== behind || block.parentElement !== holder) {
            if (behind) behind.after(block);
            else holder.prepend(block);
        }
        behind = block;
    }
    for (const gone of holder.querySelectorAll<HTMLElement>(':scope > [data-b]'))
        if (!order.includes(gone.dataset.b ?? '')) gone.remove();
}

const PSEUDO: Record<string, RegExp> = { hovered: /:hover/g, focused: /:focus-visible/g, pressed: /:active/g };

/**
 * The rules of a page for a state, said of what is held: those of a hand or the keyboard by their pseudo-class, others
 * by the piece's own selector.
 */
function heldRules(page: Document, id: string, state: string, selector: string): string {
    const pseudo = PSEUDO[state];
    const own = `[data-s-${id}][data-b] ${selector}`.replace(' &', '');
    const rules: string[] = [];
    const walk = (list: CSSRuleList): void => {
        for (const rule of list) {
            if (rule instanceof (page.defaultView as unknown as typeof globalThis).CSSMediaRule) {
                if (page.defaultView?.matchMedia(rule.conditionText).matches) walk(rule.cssRules);
            } else if (rule instanceof (page.defaultView as unknown as typeof globalThis).CSSStyleRule) {
                const said = rule.selectorText;
                if (pseudo?.test(said))
                    rules.push(`${said.replace(pseudo, `[data-held="${state}"]`)}{${rule.style.cssText}}`);
                else if (!pseudo && same(said, own))
                    rules.push(`[data-s-${id}][data-b][data-b] [data-held="${state}"]{${rule.style.cssText}}`);
                if (pseudo) pseudo.lastIndex = 0;
            }
        }
    };
    for (const sheet of page.styleSheets) walk(sheet.cssRules);
    return rules.join('\n');
}

/** Whether one of a rule's selectors is this one, however its quotes and spaces are written. */
function same(said: string, own: string): boolean {
    const plain = (text: string): string => text.replace(/["'\s]/g, '');
    return selectors(said).some((one) => plain(one) === plain(own));
}

/** Of what has come apart, the box around what stands in it. */
function boxOf(element: Element): Box {
    const inside = [...element.children];
    const apart =
        inside.length > 0 && element.ownerDocument.defaultView?.getComputedStyle(element).display === 'contents';
    if (!apart) {
        const { left, top, width, height } = element.getBoundingClientRect();
        return { left, top, width, height };
    }
    const boxes = inside.map(boxOf).filter((box) => box.width > 0 || box.height > 0);
    const [left, top] = [Math.min(...boxes.map((box) => box.left)), Math.min(...boxes.map((box) => box.top))];
    if (boxes.length === 0) return { left: 0, top: 0, width: 0, height: 0 };
    return {
        left,
        top,
        width: Math.max(...boxes.map((box) => box.left + box.width)) - left,
        height: Math.max(...boxes.map((box) => box.top + box.height)) - top,
    };
}
