import { contrast, parseColour } from '../../lib/colours';

/**
 * Which colours have to be told apart on which, and how well (WCAG 2.2: 4.5 for words, 3 for what is large or no
 * words).
 */
const PAIRS: { of: string; on: string; wants: number; for: string }[] = [
    { of: 'ink', on: 'ground', wants: 4.5, for: 'words' },
    { of: 'ink', on: 'surface', wants: 4.5, for: 'words in boxes' },
    { of: 'quiet', on: 'ground', wants: 4.5, for: 'quiet words' },
    { of: 'quiet', on: 'surface', wants: 4.5, for: 'quiet words in boxes' },
    { of: 'on-accent', on: 'accent', wants: 4.5, for: 'words on buttons' },
    { of: 'accent', on: 'ground', wants: 4.5, for: 'words of second buttons' },
    { of: 'sale', on: 'ground', wants: 4.5, for: 'the sale price' },
    { of: 'sale', on: 'surface', wants: 4.5, for: 'the sale price in boxes' },
    { of: 'star', on: 'ground', wants: 3, for: 'stars' },
    { of: 'focus', on: 'ground', wants: 3, for: 'the keyboard’s ring' },
];

export interface Judged {
    of: string;
    on: string;
    for: string;
    wants: number;
    reaches: number;
}

/** A colour's pairs with what they reach, the worst first. */
export function judged(role: string, colour: (role: string) => string): Judged[] {
    return PAIRS.filter((pair) => pair.of === role || pair.on === role)
        .map((pair) => {
            const [one, other] = [parseColour(colour(pair.of)), parseColour(colour(pair.on))];
            return { ...pair, reaches: one && other ? contrast(one, other) : 1 };
        })
        .sort((one, other) => one.reaches / one.wants - other.reaches / other.wants);
}
