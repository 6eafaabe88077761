import type { Setting, Source, TreeNode, Value } from '../../../../lib/types';
import type { Table } from '../../table.svelte';

/** What a field of *What it shows* or *When it appears* is given. */
export interface FieldProps {
    table: Table;
    node: TreeNode;
    setting: Setting;
    id: string;
    value: Value;
    source: Source | null;
    set: (value: Value, gesture?: string) => void;
    setOtherwise: (value: string | number, gesture?: string) => void;
}

/** What a field of *How it looks* is given. Slides and typing are one step until the value settles. */
export interface StyleProps {
    table: Table;
    setting: Setting;
    id: string;
    value: Value;
    /** What stands there while the block says nothing: as it is on the page. */
    placeholder: string;
    /** What it is on the page, for choosing colours beside what they stand on. */
    element: HTMLElement | null;
    choose: (value: Value) => void;
    slide: (value: Value) => void;
    settle: () => void;
}
