import { Editor, mergeAttributes, Node } from '@tiptap/core';
import StarterKit from '@tiptap/starter-kit';

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
    /** Something of what was pasted cannot stand here and was left behind. */
    leftBehind: () => void;
}

const LEFT_BEHIND = /<(table|img|picture|video|iframe|object|embed|svg|form|script|style)\b/i;

/** What is pasted keeps what the shop can show: words, emphasis, lists, headings and links. The rest is left behind. */
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
            Value,
        ],
        content: html,
        editable: options.editable,
        injectCSS: false,
        editorProps: {
            transformPastedHTML: (pasted) => {
                if (LEFT_BEHIND.test(pasted)) options.leftBehind();
                return pasted;
            },
            attributes: { id: options.id, role: 'textbox', 'aria-multiline': 'true', 'aria-label': options.label },
        },
    });
}
