import type { Definition, TreeNode } from '../../../lib/types';

const MOST = 28;

/** Names of what settings choose by number: options and facts. */
export interface Named {
    options: { id: number; name: string }[];
    facts: { id: number; name: string }[];
}

/** What a block shows, by which it can be told from others of its kind: a fact, typed words, a choice. */
export function whatItSays(node: TreeNode, definition: Definition, named: Named): string {
    const settings = definition.settings.filter((one) => one.question === 'what' && one.name !== 'called');
    const value = (name: string): unknown => node.what?.[name];
    for (const { name, things } of settings) {
        const from = things === 'option' ? named.options : things?.includes('fact') ? named.facts : [];
        const chosen = from.find((one) => one.id === value(name));
        if (chosen) return chosen.name.toLowerCase();
    }
    for (const { name, type } of settings) {
        const typed = value(name);
        if (['text', 'rich-text'].includes(type) && typeof typed === 'string' && typed.trim() !== '')
            return `“${shortened(typed)}”`;
    }
    for (const { name, type, options, default: usual } of settings) {
        const words = type === 'choice' && options?.find((one) => one.value === (value(name) ?? usual))?.words;
        if (words) return words;
    }
    return '';
}

function shortened(text: string): string {
    const words = text
        .replace(/<[^>]*>/g, ' ')
        .replace(/\s+/g, ' ')
        .trim();
    return words.length <= MOST ? words : `${words.slice(0, MOST - 1).trimEnd()}…`;
}
