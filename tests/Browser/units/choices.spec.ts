import { expect, test } from '@playwright/test';
import { type Choice, found, key, sameChoice, withPlain } from '../../../studio/parts/rules/choices';

const one = (field: string, name: string, words: string, of?: number): Choice => ({
    field,
    name,
    words,
    takes: 'count',
    things: null,
    ...(of === undefined ? {} : { of }),
});
const choices = withPlain([
    one('category', 'isIn', 'category is in'),
    one('sale', 'isOn', 'is on sale'),
    one('picture', 'atLeast', 'number of pictures is at least'),
    one('picture', 'atMost', 'number of pictures is at most'),
    one('variants', 'atMost', 'number of variants is at most'),
    one('fact', 'isFilled', 'Drying time is filled in', 3),
]);
const words = (sought: string): string[] => found(choices, sought).map((choice) => choice.words);

test('conditions are found by any of their words, what begins with them first', () => {
    expect(words('')).toHaveLength(7);
    expect(words('SALE on')).toEqual(['is on sale']);
    expect(words('number most')).toEqual(['number of pictures is at most', 'number of variants is at most']);
    expect(words('i')[0]).toBe('is on sale');
    expect(words('weight of the box')).toEqual([]);
});

test('that there is no picture is said plainly, and is the condition of none at most', () => {
    expect(words('without a picture')).toEqual(['has no picture']);
    const plain = found(choices, 'without a picture')[0] as Choice;
    expect([plain.field, plain.name, plain.values]).toEqual(['picture', 'atMost', [0]]);
    const condition = { field: 'picture', comparison: 'atMost', values: [0] };
    expect(sameChoice(choices, condition)?.words).toBe('has no picture');
    expect(sameChoice(choices, { ...condition, values: [2] })?.words).toBe('number of pictures is at most');
    expect(new Set(choices.map(key)).size).toBe(choices.length);
    expect(sameChoice(choices, { field: 'fact', of: 4, comparison: 'isFilled', values: [] })).toBeUndefined();
});
