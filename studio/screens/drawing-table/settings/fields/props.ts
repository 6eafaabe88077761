import type { Setting, Source, TreeNode, Value } from '../../../../lib/types';
import type { Table } from '../../table.svelte';

/** What every field of a block's own values is given. */
export interface FieldProps {
    table: Table;
    node: TreeNode;
    setting: Setting;
    id: string;
    value: Value;
    /** Where the value comes from instead of being typed in. */
    source: Source | null;
    set: (next: Value, gesture?: string) => void;
    /** What stands there where the source gives nothing. */
    setOtherwise: (next: string | number, gesture?: string) => void;
}

/** What every field of a style is given; empty is the house style. */
export interface StyleProps {
    table: Table;
    setting: Setting;
    id: string;
    value: Value;
    /** The house style's own value, and the colour's role. */
    house: string;
    role: string;
    /** Chosen: quick choices after one another are one step. */
    choose: (value: Value) => void;
    /** On the way: everything until `settle` is one step. */
    slide: (value: Value) => void;
    settle: () => void;
}
