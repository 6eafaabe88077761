import { html } from '@codemirror/lang-html';
import { EditorState } from '@codemirror/state';
import { EditorView } from '@codemirror/view';
import { minimalSetup } from 'codemirror';

interface Options {
    id: string;
    label: string;
    editable: boolean;
    typed: (text: string) => void;
    left: () => void;
}

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
