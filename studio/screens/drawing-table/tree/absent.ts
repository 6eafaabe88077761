import { day } from '../../../lib/words';
import type { Days, TreeNode, WidthName } from '../../../lib/types';

/** Why a block is not seen everywhere: on which widths, on which days, under which conditions. */
export function appearsOnly(node: TreeNode, width: WidthName, conditions: string[], today: string): string {
    if (node.when?.off === true) return 'switched off';
    const { widths, days } = (node.when ?? {}) as { widths?: unknown; days?: Days };
    if (Array.isArray(widths) && !widths.includes(width)) return `not on the ${width}`;
    if (days?.from && today < days.from) return `from ${day(days.from)}`;
    if (days?.to && today > days.to) return `over since ${day(days.to)}`;
    if (conditions.length > 0) return `only where ${conditions.join(' and ')}`;
    if (days?.to) return `until ${day(days.to)}`;
    if (Array.isArray(widths)) return `only on the ${widths.join(' and ')}`;
    return '';
}
