import type { Piece, Setting, StyleProperty, TreeNode, Value } from '../../../lib/types';
import type { Table } from '../table.svelte';
import { find } from '../tree/tree';
import { propertiesOf } from './how/styles';

/** The other blocks that are set together with the one whose settings are shown. */
export function others(table: Table): TreeNode[] {
    return table.selection.besides.flatMap((id) => find(table.draft.tree, id) ?? []);
}

/** The settings that all of them have, of the same type and with the same choices. */
export function sharedSettings(table: Table, settings: Setting[]): Setting[] {
    const definitions = others(table).map((node) => table.kinds.of(node.kind));
    return settings.filter((setting) =>
        definitions.every((one) =>
            one.settings.some(
                (other) =>
                    other.name === setting.name &&
                    other.question === setting.question &&
                    other.type === setting.type &&
                    JSON.stringify(other.options ?? null) === JSON.stringify(setting.options ?? null),
            ),
        ),
    );
}

/** The pieces that all of them have. */
export function sharedPieces(table: Table, pieces: Piece[]): Piece[] {
    const definitions = others(table).map((node) => table.kinds.of(node.kind));
    return pieces.filter((piece) => definitions.every((one) => one.pieces.some((other) => other.name === piece.name)));
}

/** The styles that a piece of all of them takes. */
export function sharedProperties(table: Table, piece: Piece): StyleProperty[] {
    const definitions = others(table).map((node) => table.kinds.of(node.kind));
    return propertiesOf(table, piece).filter((property) =>
        definitions.every((one) =>
            one.pieces.some((other) => other.name === piece.name && other.groups.includes(property.group)),
        ),
    );
}

/** What each of them says of a setting, where they do not all say the same. */
export function differing(table: Table, node: TreeNode, of: (node: TreeNode) => Value): Value[] {
    const along = others(table);
    if (along.length === 0) return [];
    const values = [node, ...along].map(of);
    return new Set(values.map((value) => JSON.stringify(value))).size > 1 ? values : [];
}
