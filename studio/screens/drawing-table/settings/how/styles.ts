import { isOpaque } from '../../../../lib/colours';
import type { Piece, PieceStateName, Setting, StyleProperty, TreeNode, Value, WidthName } from '../../../../lib/types';
import type { Table } from '../../table.svelte';

export const SIDES = ['Above', 'Right', 'Below', 'Left'] as const;
export const CORNERS = ['AboveLeft', 'AboveRight', 'BelowRight', 'BelowLeft'] as const;

/** As the server writes the name of a style in a tree. */
export function keyOf(piece: string, property: string, state: PieceStateName): string {
    return `${piece === '' ? '' : `${piece}.`}${property}${state === 'usual' ? '' : `:${state}`}`;
}

/**
 * What a value is, and where it comes from: its own (of this state at this width), else from a wider width or the usual
 * state.
 */
export interface Reading {
    key: string;
    value: Value;
    own: boolean;
    from: string;
}

/** The settings that a part falls back to: `paddingAbove` to `padding`. */
export function wholeOf(property: string): string | null {
    return /^(padding|margin|lineColour|lineKind|line|corner)(?:Above|Right|Below|Left)/.exec(property)?.[1] ?? null;
}

export function read(table: Table, node: TreeNode, piece: string, property: string, state: PieceStateName): Reading {
    const own = keyOf(piece, property, state);
    for (const one of state === 'usual' ? (['usual'] as const) : [state, 'usual' as const]) {
        const found = nearest(
            table,
            node,
            [property, wholeOf(property)].flatMap((name) => (name === null ? [] : [keyOf(piece, name, one)])),
        );
        if (found) {
            const isOwn = found.key === own && found.from === table.widthName;
            return {
                key: own,
                value: found.value,
                own: isOwn,
                from: isOwn ? '' : said(found.from === table.widthName ? null : found.from, one === state ? null : one),
            };
        }
    }
    return { key: own, value: null, own: false, from: '' };
}

function said(width: WidthName | null, state: PieceStateName | null): string {
    return [width && `from the ${width}`, state && `from ${state}`].filter(Boolean).join(', ');
}

const WIDTHS: WidthName[] = ['phone', 'tablet', 'desktop'];

/** Of several names the one that the nearest width has, the first of them where it has more. */
function nearest(table: Table, node: TreeNode, keys: string[]): { key: string; value: Value; from: WidthName } | null {
    const all = keys.flatMap((key) => {
        const { value, from } = table.values.style(node, key);
        return from === null || value === null ? [] : [{ key, value, from }];
    });
    return all.sort((one, other) => WIDTHS.indexOf(one.from) - WIDTHS.indexOf(other.from))[0] ?? null;
}

export function propertiesOf(table: Table, piece: Piece): StyleProperty[] {
    return table.data.styles.filter((property) => piece.groups.includes(property.group));
}

/** A style of a piece as fields know settings. */
export function settingOf(property: StyleProperty, key: string): Setting {
    return {
        ...property,
        name: key,
        question: 'how',
        default: null,
        property: null,
        houseToken: null,
        sourced: false,
        takes: [],
        while: null,
        unless: null,
        eased: {},
    };
}

/** Why a value has no effect, in words; empty where it has. */
export function idle(
    table: Table,
    node: TreeNode,
    piece: Piece,
    property: StyleProperty,
    state: PieceStateName,
): string {
    if (property.name === 'groundPicture' && covered(table, node, piece, state))
        return 'the colours that change lie over it; let it through by their opacity';
    if (property.needs.length === 0 || (piece.lined && property.name.startsWith('line'))) return '';
    const has = property.needs.some(
        (name) =>
            ![null, 0, 'none', '0'].includes(
                read(table, node, piece.name, name, state).value as string | number | null,
            ),
    );
    return has ? '' : property.instead;
}

/** Whether a picture on the ground is not seen, as two colours that let nothing through lie over it. */
function covered(table: Table, node: TreeNode, piece: Piece, state: PieceStateName): boolean {
    const said = (name: string): Value => read(table, node, piece.name, name, state).value;
    const picture = said('groundPicture');
    return picture !== null && picture !== 'none' && ['ground', 'groundTo'].every((name) => isOpaque(said(name)));
}

/** How many values a piece has of its own: in a state, or in all. */
export function ownOf(node: TreeNode, piece: string, state?: PieceStateName): number {
    const pattern = new RegExp(
        `^${piece === '' ? '' : `${piece}\\.`}[A-Za-z]+${state === undefined ? '(?::[a-z]+)?' : state === 'usual' ? '' : `:${state}`}$`,
    );
    return Object.values(node.how ?? {}).reduce(
        (sum, layer) => sum + Object.keys(layer).filter((key) => pattern.test(key)).length,
        0,
    );
}

/** The elements that a piece is, in a block's element on the page. */
export function elementsOf(block: Element | null, selector: string): HTMLElement[] {
    if (!block) return [];
    if (selector === '' || selector.startsWith('&'))
        return selector === '' || block.matches(`*${selector.slice(1)}`) ? [block as HTMLElement] : [];
    return [...block.querySelectorAll<HTMLElement>(`:scope ${selector}`)];
}

const COMPUTED: Record<string, string> = {
    size: 'fontSize',
    weight: 'fontWeight',
    colour: 'color',
    align: 'textAlign',
    lineHeight: 'lineHeight',
    letterSpacing: 'letterSpacing',
    case: 'textTransform',
    slant: 'fontStyle',
    decoration: 'textDecorationLine',
    ground: 'backgroundColor',
    padding: 'paddingTop',
    paddingAbove: 'paddingTop',
    paddingRight: 'paddingRight',
    paddingBelow: 'paddingBottom',
    paddingLeft: 'paddingLeft',
    marginAbove: 'marginTop',
    marginRight: 'marginRight',
    marginBelow: 'marginBottom',
    marginLeft: 'marginLeft',
    line: 'borderTopWidth',
    lineAbove: 'borderTopWidth',
    lineRight: 'borderRightWidth',
    lineBelow: 'borderBottomWidth',
    lineLeft: 'borderLeftWidth',
    lineColour: 'borderTopColor',
    lineKind: 'borderTopStyle',
    corner: 'borderTopLeftRadius',
    cornerAboveLeft: 'borderTopLeftRadius',
    cornerAboveRight: 'borderTopRightRadius',
    cornerBelowRight: 'borderBottomRightRadius',
    cornerBelowLeft: 'borderBottomLeftRadius',
    shadow: 'boxShadow',
    opacity: 'opacity',
    width: 'width',
    height: 'height',
    fit: 'objectFit',
};

/** How a thing is on the page now, as a browser computed it; empty where that says nothing. */
export function seen(element: Element | null, property: string): string {
    const style = element?.ownerDocument.defaultView?.getComputedStyle(element);
    const value = (style as Record<string, string> | undefined)?.[COMPUTED[property] ?? ''] ?? '';
    return value
        .replace(/^(-?\d+(?:\.\d+)?)px$/, (_, number: string) => String(Math.round(Number(number) * 10) / 10))
        .replace(/^normal$/, '');
}
