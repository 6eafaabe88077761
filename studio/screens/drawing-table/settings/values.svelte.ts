import type { Edit, Question, Setting, TreeNode, Value, WidthName } from '../../../lib/types';
import { eased, styleAt, withoutStyle, type Kinds } from '../tree/tree';
import { decides, editsOf, type Kept } from '../work/outbox';

/** A style as it is at a width, with the width that says so; null for the house style. */
interface StyleValue {
    value: Value;
    from: WidthName | null;
}

/** What settings show and set. What was asked for and is not confirmed yet counts: the next change builds on it. */
export class Values {
    private asked = $state.raw<Record<string, Value>>({});

    constructor(
        private readonly on: {
            readonly kinds: Kinds;
            readonly widthName: WidthName;
            readonly selection: { readonly id: string | null; readonly besides: readonly string[] };
            readonly sending: { readonly kept: readonly Kept[] };
            readonly edits: { send(edits: Edit[], gesture?: string): Promise<boolean> };
        },
    ) {}

    /** Sets it on a block, and on those that are selected besides it; as one step. */
    set(id: string, question: Question, setting: string, value: Value, gesture?: string): Promise<boolean> {
        const width = question === 'how' ? this.on.widthName : 'desktop';
        const { selection } = this.on;
        const ids = id === selection.id ? [id, ...selection.besides] : [id];
        const edits = ids.map((one) => change(one, question, setting, width, value));
        const keys = edits.flatMap((edit) => decides(edit).slice(0, 1));
        this.asked = { ...this.asked, ...Object.fromEntries(keys.map((key) => [key, value])) };
        const sent = this.on.edits.send(edits, gesture);
        void sent.then(() => {
            const decided = keys.filter((key) => this.asked[key] === value);
            this.asked = Object.fromEntries(Object.entries(this.asked).filter(([one]) => !decided.includes(one)));
        });
        return sent;
    }

    /** What a setting shows now: the block's own value, else its default. */
    of(node: TreeNode, setting: Setting): Value {
        const asked = this.askedFor(node.id, setting.question, setting.name, 'desktop');
        if (asked !== undefined) return asked ?? setting.default;
        const values = setting.question === 'what' ? node.what : node.when;
        return values?.[setting.name] ?? setting.default;
    }

    /** A style as it is at the width that is looked at, with where it comes from. */
    style(node: TreeNode, name: string): StyleValue {
        const width = this.on.widthName;
        const asked = this.askedFor(node.id, 'how', name, width);
        if (asked === undefined) return this.eased(node, name, styleAt(node, name, width));
        if (asked !== null) return { value: asked, from: width };
        return this.eased(node, name, styleAt(withoutStyle(node, name, width), name, width));
    }

    /** What a wider width says counts on a narrower one as the most that this takes. */
    private eased(node: TreeNode, name: string, style: StyleValue): StyleValue {
        const { settings } = this.on.kinds.of(node.kind);
        return eased(
            style,
            this.on.widthName,
            settings.find((one) => one.question === 'how' && one.name === name)?.eased,
        );
    }

    /** One's own value: on its way, or one that somebody else has set differently, until it is decided. */
    private askedFor(id: string, question: Question, setting: string, width: WidthName): Value | undefined {
        const [key = ''] = decides(change(id, question, setting, width, null));
        if (key in this.asked) return this.asked[key];
        for (const kept of this.on.sending.kept.filter((one) => one.why === 'conflict')) {
            for (const edit of editsOf(kept)) if ('value' in edit && decides(edit).includes(key)) return edit.value;
        }
        return undefined;
    }
}

function change(id: string, question: Question, setting: string, width: WidthName, value: Value) {
    return { edit: 'set', id, question, setting, width, value } satisfies Edit;
}
