import { html } from '@codemirror/lang-html';
import { HighlightStyle, syntaxHighlighting } from '@codemirror/language';
import { EditorState } from '@codemirror/state';
import { EditorView } from '@codemirror/view';
import { tags } from '@lezer/highlight';
import { minimalSetup } from 'codemirror';

interface Options {
    id: string;
    label: string;
    editable: boolean;
    typed: (text: string) => void;
    left: () => void;
}

/** In the Studio's own colours, which suit the light of the day and of the evening. */
const COLOURS = HighlightStyle.define([
    { tag: [tags.tagName, tags.angleBracket], color: 'var(--color-live)' },
    { tag: [tags.attributeName, tags.propertyName], color: 'var(--color-ink)', fontStyle: 'italic' },
    { tag: [tags.attributeValue, tags.string, tags.number, tags.keyword], color: 'var(--color-trouble)' },
    { tag: [tags.comment, tags.processingInstruction, tags.documentMeta], color: 'var(--color-quiet)' },
]);

/** A small code editor. Tab leaves it, as it leaves any field. */
export function htmlEditor(room: HTMLElement, text: string, options: Options): EditorView {
    const nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce ?? '';
    return new EditorView({
        parent: room,
        state: EditorState.create({
            doc: text,
            extensions: [
                minimalSetup,
                html({ autoCloseTags: false }),
                syntaxHighlighting(COLOURS),
                EditorView.lineWrapping,
                EditorView.cspNonce.of(nonce),
                EditorView.editable.of(options.editable),
                EditorView.contentAttributes.of({ id: options.id, 'aria-label': options.label }),
                EditorView.updateListener.of((update) => {
                    if (update.docChanged) options.typed(update.state.doc.toString());
                }),
                EditorView.domEventHandlers({ blur: () => options.left() }),
            ],
        }),
    });
}
