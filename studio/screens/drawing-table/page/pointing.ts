import { onClipboard } from '../deeds/clipboard';
import { onKey } from '../deeds/commands';
import { loadOf, type Drag } from '../deeds/drag.svelte';
import { landingAt } from './landing';
import type { Table } from '../table.svelte';
import { find } from '../tree/tree';

const PAUSE = 20;

/**
 * The pointer and keys on the canvas: selecting, dragging, typing in place. The page's own links stay where they are.
 */
export class CanvasHands {
    private gestures = 0;

    constructor(
        private readonly table: Table,
        private readonly drag: Drag,
    ) {}

    /** Typing in place by keyboard: the first words of a block that can be typed. */
    typeIn(id: string): void {
        const element = this.table.canvas.element(id);
        const words = element?.matches('[data-words]') ? element : element?.querySelector('[data-words]');
        if (words) this.type(words);
    }

    attach(): void {
        const page = this.table.canvas.document;
        if (!page) return;
        page.addEventListener('pointerdown', (event) => this.press(event));
        page.addEventListener('pointermove', (event) => this.move(event));
        page.addEventListener('pointerup', () => this.drag.drop());
        page.addEventListener('dblclick', (event) => this.type(event.target as Element));
        page.addEventListener('click', (event) => event.preventDefault(), true);
        page.addEventListener('submit', (event) => event.preventDefault(), true);
        for (const kind of ['copy', 'cut', 'paste'] as const)
            page.addEventListener(kind, (event) => onClipboard(event, this.table));
        page.addEventListener('dragstart', (event) => event.preventDefault());
        page.addEventListener('keyup', (event) => {
            if (event.key === 'F7') this.table.glance = null;
        });
        page.addEventListener('keydown', (event) => {
            if (event.key === 'Escape' && this.drag.load) this.drag.cancel();
            else onKey(event, this.table);
        });
    }

    private press(event: PointerEvent): void {
        const target = event.target as Element;
        if (this.table.looksOnly || event.button !== 0 || target.closest('[contenteditable]')) return;
        this.table.beside.touched = false;
        if (this.pressCard(event)) return;
        const { canvas, draft } = this.table;
        const id = canvas.idsAt(event.clientX, event.clientY).find((one) => find(draft.tree, one));
        const node = id === undefined ? null : find(draft.tree, id);
        const { selection, kinds } = this.table;
        if ((event.ctrlKey || event.metaKey || event.shiftKey) && node && !kinds.isRoot(node.kind)) {
            selection.click(node.id, event);
            return;
        }
        const { x, y } = this.screen(event);
        // One of several that are selected drags them all; unless it is dragged, the press means it alone.
        if (node && selection.besides.length > 0 && selection.isChosen(node.id)) {
            this.drag.press(loadOf(this.table, node), x, y, () => selection.select(node.id));
            return;
        }
        selection.select(node && (!kinds.isRoot(node.kind) || this.table.about.isCard) ? node.id : null);
        if (node && !kinds.isRoot(node.kind)) this.drag.press(loadOf(this.table, node), x, y);
    }

    /**
     * A press on a card: of another card of the same kind, that one is looked at; on the page, a grid that is selected
     * already opens the card that was pressed. Answers whether nothing is left to do.
     */
    private pressCard(event: PointerEvent): boolean {
        const { canvas, cards, page } = this.table;
        const isGrid = (id: string): boolean => {
            const node = find(page.draft.tree, id);
            return page.isCard ? id === cards.grid : node !== null && cards.settingOf(node) !== null;
        };
        const pressed = canvas.cardAt(event.clientX, event.clientY, isGrid);
        if (this.table.about.isCard) {
            if (pressed?.root === this.table.draft.tree.id) cards.look(pressed.grid, pressed.index);
            else if (!page.isCard) cards.leave(false);
            return false;
        }
        if (!pressed || pressed.grid !== this.table.selection.id || event.ctrlKey || event.metaKey) return false;
        void cards.enter(pressed.grid, pressed.index, pressed.block);
        return true;
    }

    private move(event: PointerEvent): void {
        const { x, y } = this.screen(event);
        this.drag.to(x, y);
        const root = this.table.canvas.document?.documentElement;
        if (this.drag.load && root && !root.hasPointerCapture(event.pointerId)) root.setPointerCapture(event.pointerId);
    }

    private screen(event: PointerEvent): { x: number; y: number } {
        const { frame, scale } = this.table.canvas;
        const rect = frame?.getBoundingClientRect();
        return { x: (rect?.left ?? 0) + event.clientX * scale, y: (rect?.top ?? 0) + event.clientY * scale };
    }

    /** Lets the words of a block be typed where they stand, when they are typed in rather than from the product. */
    type(target: Element): void {
        const element = target.closest<HTMLElement>('[data-words]');
        const id = element?.dataset.wordsOf ?? element?.closest<HTMLElement>('[data-b]')?.dataset.b;
        const setting = element?.dataset.words;
        const node = id === undefined ? null : find(this.table.draft.tree, id);
        if (
            !element ||
            !node ||
            setting === undefined ||
            !this.table.mayEdit ||
            this.table.looksOnly ||
            typeof node.what?.[setting] === 'object'
        )
            return;
        const gesture = `typing-${node.id}-${++this.gestures}`;
        let wait = 0;
        let sent = this.table.values.of(node, this.settingOf(node.kind, setting));
        const send = (): void => {
            const words = element.innerText.replace(/\n$/, '');
            if (words === sent) return;
            sent = words;
            void this.table.values.set(node.id, 'what', setting, words, gesture);
        };
        const later = (): void => {
            this.table.edits.begins();
            clearTimeout(wait);
            wait = window.setTimeout(send, PAUSE);
            this.table.canvas.moved();
        };
        const keys = (event: KeyboardEvent): void => {
            // Space and Enter would open and close a fold, or press a button, whose words are being typed.
            event.stopPropagation();
            if (event.key === ' ' && element.closest('summary, button, a')) {
                event.preventDefault();
                element.ownerDocument.execCommand('insertText', false, ' ');
            }
            if (event.key === 'Escape' || (event.key === 'Enter' && !this.settingOf(node.kind, setting).lines)) {
                event.preventDefault();
                element.blur();
            }
        };
        const done = (): void => {
            clearTimeout(wait);
            element.removeEventListener('input', later);
            element.removeEventListener('keydown', keys);
            element.removeAttribute('contenteditable');
            this.table.canvas.typing = null;
            send();
            this.table.edits.ends();
        };
        this.table.canvas.typing = element;
        element.contentEditable = 'plaintext-only';
        element.addEventListener('input', later);
        element.addEventListener('keydown', keys);
        element.addEventListener('blur', done, { once: true });
        element.focus();
    }

    private settingOf(kind: string, name: string) {
        const setting = this.table.kinds.of(kind).settings.find((one) => one.question === 'what' && one.name === name);
        if (!setting) throw new Error(`No setting ${name} of ${kind}`);
        return setting;
    }

    /** The gap nearest to a point, when the point is close to one. */
    static gapAt(table: Table, x: number, y: number, near: number) {
        const landing = landingAt(table.canvas, table.draft.tree, table.kinds, 'text', [], x, y);
        return landing && !landing.upright && Math.abs(landing.line.top - y) <= near ? landing : null;
    }
}
