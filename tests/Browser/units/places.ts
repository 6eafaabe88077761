import type { Definition, TreeNode } from '../../../studio/lib/types';
import { Kinds } from '../../../studio/screens/drawing-table/tree/tree';

/** What can stand in what, for tests of places. */
const roles: Record<string, [string, string | null]> = {
    page: ['page', 'band'],
    band: ['band', 'column'],
    column: ['column', 'block'],
    holder: ['block', 'block'],
};
export const kinds = new Kinds(
    ['page', 'band', 'column', 'holder', 'text'].map(
        (kind) =>
            ({
                kind,
                role: roles[kind]?.[0] ?? 'block',
                accepts: roles[kind]?.[1] ?? null,
                name: kind,
            }) as unknown as Definition,
    ),
);
export const node = (id: string, kind: string, ...children: TreeNode[]): TreeNode =>
    ({ id, kind, children }) as TreeNode;
