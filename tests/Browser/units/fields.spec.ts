import { expect, test } from '@playwright/test';
import { numbers, text } from '../../../studio/lib/fields';

test('a stored value as words: those that it has, a number as it is written, and nothing for all else', () => {
    expect(['Ink', '', 12, 0.5, null, undefined, true, ['a'], { a: 1 }].map(text)).toEqual([
        'Ink',
        '',
        '12',
        '0.5',
        '',
        '',
        '',
        '',
        '',
    ]);
});

test('a stored value as numbers: one, several, and whatever is none left out', () => {
    expect([3, [1, 'two', 3, null], 'three', null].map(numbers)).toEqual([[3], [1, 3], [], []]);
});
