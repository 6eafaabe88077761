import { counted } from '../../lib/words';
/**
 * What word processors put on the clipboard, as the rich text of the shop: headings, real lists and simple tables stay,
 * and what stays behind is named by what it is.
 */
export interface Pasted {
    html: string;
    /** In words, as `2 pictures`; empty when nothing stayed behind. */
    lost: string[];
}

type Counts = [one: string, many: string];

/** What the shop's rich text cannot hold, by how it stands in the clipboard. */
const LOST: [selector: string, ...Counts][] = [
    ['img, picture, v\\:imagedata', 'picture', 'pictures'],
    ['svg, v\\:shape:not(:has(v\\:imagedata)), canvas', 'drawing', 'drawings'],
    ['video, audio, iframe, object, embed', 'film or frame', 'films or frames'],
    ['input, select, textarea, button', 'form field', 'form fields'],
    [
        '[style*="mso-footnote-id"], .MsoFootnoteReference, a.sdfootnoteanc, a[href^="#ftnt"]:not([href^="#ftnt_ref"])',
        'footnote',
        'footnotes',
    ],
    ['.MsoCommentReference, [class*="comment-ref"], a[href^="#cmnt"]:not([href^="#cmnt_ref"])', 'comment', 'comments'],
];

/** The marks in the words that lead to what stayed behind. */
const REFERENCES =
    '[style*="mso-footnote-id"], a.sdfootnoteanc, a[href^="#ftnt"], a[href^="#cmnt"], .MsoCommentReference';

const TITLES = /^(MsoTitle|MsoSubtitle|title|subtitle)$/i;
const LIST_LEVEL = /mso-list:\s*l(\d+)\s+level(\d+)/i;

export function pasted(html: string, parser: DOMParser = new DOMParser()): Pasted {
    const page = parser.parseFromString(html, 'text/html');
    const body = page.body;
    const lost = LOST.flatMap(([selector, one, many]) => {
        const all = matching(body, selector);
        const count = all.filter((one) => !all.some((other) => other !== one && other.contains(one))).length;
        return count === 0 ? [] : [counted(count, one, many)];
    });
    for (const mark of matching(body, REFERENCES)) mark.remove();
    const merged = body.querySelectorAll(
        'td[rowspan]:not([rowspan="1"]), td[colspan]:not([colspan="1"]), th[rowspan]:not([rowspan="1"])',
    ).length;
    if (merged > 0) lost.push(counted(merged, 'merged cell'));
    for (const element of matching(body, 'style, script, title, meta, link, xml, o\\:p:empty')) element.remove();
    headings(body);
    bulletParagraphs(body);
    emphasis(body);
    for (const item of body.querySelectorAll('li')) flattenItem(item);
    for (const table of body.querySelectorAll('table')) simpleTable(table);
    return { html: body.innerHTML, lost };
}

/** A selector that one browser does not know finds nothing, rather than stopping everything. */
function matching(root: Element, selector: string): Element[] {
    try {
        return [...root.querySelectorAll(selector)];
    } catch {
        return selector.split(',').length > 1
            ? selector.split(/,(?![^(]*\))/).flatMap((one) => matching(root, one))
            : [];
    }
}

function renamed(element: Element, name: string): Element {
    const next = element.ownerDocument.createElement(name);
    next.append(...element.childNodes);
    element.replaceWith(next);
    return next;
}

/** The shop's page has its own first headings: those that come in begin below. */
function headings(body: Element): void {
    for (const heading of body.querySelectorAll('h1, h2, h5, h6'))
        renamed(heading, ['H1', 'H2'].includes(heading.tagName) ? 'h3' : 'h4');
    for (const paragraph of body.querySelectorAll('p')) {
        const level = /mso-outline-level:\s*(\d)/i.exec(paragraph.getAttribute('style') ?? '')?.[1];
        if (TITLES.test(paragraph.className) || level === '1' || level === '2') renamed(paragraph, 'h3');
        else if (level !== undefined && Number(level) < 7) renamed(paragraph, 'h4');
    }
}

/** Lists that are written as paragraphs with a bullet typed before the words become lists. */
function bulletParagraphs(body: Element): void {
    const items = [...body.querySelectorAll<HTMLElement>('p, h3, h4')].filter((one) =>
        LIST_LEVEL.test(one.getAttribute('style') ?? ''),
    );
    let open: { list: Element; level: number; number: string }[] = [];
    let before: Element | null = null;
    for (const item of items) {
        const [, number = '', depth = '1'] = LIST_LEVEL.exec(item.getAttribute('style') ?? '') ?? [];
        const level = Number(depth);
        const ordered = /^[\s\u00a0]*(\d+|[a-z]|[ivx]+)[.)]/i.test(item.textContent ?? '');
        withoutBullet(item);
        if (before === null || before.nextElementSibling !== item) open = [];
        while (open.length > 0 && (open.at(-1)?.level ?? 0) > level) open.pop();
        if (open.at(-1)?.level === level && open.at(-1)?.number !== number) open.pop();
        let top = open.at(-1);
        if (!top || top.level < level) {
            const list = body.ownerDocument.createElement(ordered ? 'ol' : 'ul');
            const holder = top?.list.lastElementChild;
            if (holder) holder.append(list);
            else item.before(list);
            top = { list, level, number };
            open.push(top);
        }
        const entry = body.ownerDocument.createElement('li');
        entry.append(...item.childNodes);
        top.list.append(entry);
        item.remove();
        before = open[0]?.list ?? null;
    }
}

/** The bullet is typed between two comments, or stands in a span that says so. */
function withoutBullet(item: HTMLElement): void {
    for (const marker of item.querySelectorAll('[style*="mso-list:Ignore" i], [style*="mso-list: Ignore" i]'))
        marker.remove();
    let inside = false;
    for (const node of [...item.childNodes]) {
        const comment = node.nodeType === 8 ? (node.textContent ?? '') : '';
        if (comment.includes('supportLists')) inside = true;
        if (inside || comment !== '') node.remove();
        if (comment.includes('[endif]')) inside = false;
    }
}

/** Weight and slant that are written as styles are marks; a bold that is none is none. */
function emphasis(body: Element): void {
    for (const bold of body.querySelectorAll<HTMLElement>('b, strong'))
        if (/font-weight:\s*(normal|400)/i.test(bold.getAttribute('style') ?? '')) bold.replaceWith(...bold.childNodes);
    for (const span of body.querySelectorAll<HTMLElement>('span, font')) {
        const style = span.getAttribute('style') ?? '';
        const names = [
            /font-weight:\s*(bold|[6-9]00)/i.test(style) ? 'strong' : '',
            /font-style:\s*italic/i.test(style) ? 'em' : '',
        ].filter((name) => name !== '');
        for (const name of names) {
            const mark = span.ownerDocument.createElement(name);
            mark.append(...span.childNodes);
            span.append(mark);
        }
    }
}

/** An item that holds one paragraph holds its words; a list that stands beside its item stands in it. */
function flattenItem(item: Element): void {
    const only = item.children.length === 1 ? item.firstElementChild : null;
    if (only?.tagName === 'P' && item.textContent?.trim() === only.textContent?.trim())
        only.replaceWith(...only.childNodes);
    const next = item.nextElementSibling;
    if (next && ['UL', 'OL'].includes(next.tagName)) item.append(next);
}

function simpleTable(table: Element): void {
    for (const cell of table.querySelectorAll('td, th')) {
        for (const name of ['style', 'class', 'width', 'height', 'valign', 'bgcolor', 'nowrap', 'colspan', 'rowspan'])
            cell.removeAttribute(name);
    }
    for (const column of table.querySelectorAll('colgroup, col, caption')) column.remove();
}
