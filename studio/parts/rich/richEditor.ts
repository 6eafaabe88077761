import { Editor, mergeAttributes, Node } from '@tiptap/core';
import { TableKit } from '@tiptap/extension-table';
import StarterKit from '@tiptap/starter-kit';
import { pasted } from './pasted';

/** A value of the product standing in the words, as one piece that is moved and removed whole. */
const Value = Node.create({
    name: 'value',
    group: 'inline',
    inline: true,
    atom: true,
    addAttributes() {
        return {
            source: { default: '', parseHTML: (element) => element.getAttribute('data-value') ?? '' },
            of: { default: null, parseHTML: (element) => element.getAttribute('data-of') },
            words: { default: '', parseHTML: (element) => element.textContent },
        };
    },
    parseHTML: () => [{ tag: 'span[data-value]' }],
    renderHTML({ node }) {
        const { source, of, words } = node.attrs as { source: string; of: string | number | null; words: string };
        return ['span', mergeAttributes({ 'data-value': source }, of === null ? {} : { 'data-of': String(of) }), words];
    },
});

interface Options {
    id: string;
    label: string;
    editable: boolean;
    /** What of a paste cannot stand here and stayed behind, in words. */
    leftBehind: (lost: string[]) => void;
}

/** What is pasted keeps what the shop can show: words, emphasis, lists, headings, links and simple tables. */
export function richEditor(room: HTMLElement, html: string, options: Options): Editor {
    return new Editor({
        element: room,
        extensions: [
            StarterKit.configure({
                heading: { levels: [3, 4] },
                code: false,
                codeBlock: false,
                horizontalRule: false,
                strike: false,
                underline: false,
                link: { openOnClick: false, autolink: false, protocols: ['http', 'https', 'mailto'] },
            }),
            TableKit.configure({ table: { resizable: false } }),
            Value,
        ],
        content: html,
        editable: options.editable,
        injectCSS: false,
        editorProps: {
            transformPastedHTML: (html) => {
                // What was copied in this editor comes back as it was.
                if (html.includes('data-pm-slice')) return html;
                const clean = pasted(html);
                if (clean.lost.length > 0) options.leftBehind(clean.lost);
                return clean.html;
            },
            attributes: { id: options.id, role: 'textbox', 'aria-multiline': 'true', 'aria-label': options.label },
        },
    });
}
