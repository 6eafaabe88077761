import { expect, test } from '@playwright/test';
import { amount, wall } from '../../../studio/lib/fields';
import { freeSku, lacking, offered, without, wouldMake } from '../../../studio/screens/product/combinations';

test('a value that is not offered any more takes its variants along, or leaves them without it', () => {
    expect(
        without(
            [
                [1, 10],
                [1, 11],
            ],
            1,
            true,
        ),
    ).toEqual({ dropped: [0, 1], kept: [] });
    expect(
        without(
            [
                [1, 11],
                [1, 10],
            ],
            1,
            false,
        ),
    ).toEqual({
        dropped: [],
        kept: [
            { place: 0, values: [11] },
            { place: 1, values: [10] },
        ],
    });
    expect(without([[1], [1]], 1, false)).toEqual({ dropped: [1], kept: [{ place: 0, values: [] }] });
});

test('adding values one by one makes every combination once', () => {
    const options = [
        [1, 2, 3],
        [10, 11],
        [20, 21, 22, 23],
    ];
    let variants: number[][] = [[]];
    for (const option of options) {
        for (const value of option) {
            const places = lacking(variants, option);
            if (places.length > 0)
                variants = variants.map((values, place) => (places.includes(place) ? [...values, value] : values));
            else variants = [...variants, ...wouldMake(variants, option, value)];
        }
    }
    expect(variants).toHaveLength(3 * 2 * 4);
    expect(new Set(variants.map((values) => [...values].sort((one, other) => one - other).join())).size).toBe(24);
    for (const values of variants)
        for (const option of options) expect(values.filter((value) => option.includes(value))).toHaveLength(1);
});

test('a value that is there already makes nothing, and what was dropped is made again', () => {
    const variants = [
        [1, 10],
        [2, 10],
        [2, 11],
    ];
    expect(wouldMake(variants, [1, 2], 2)).toEqual([]);
    expect(wouldMake(variants, [1, 2], 1)).toEqual([[1, 11]]);
    expect(offered(variants, [3, 2, 1])).toEqual([2, 1]);
});

test('stock numbers go on as those before', () => {
    expect(freeSku(['LF-0003-01', 'LF-0003-02'], 'X')).toBe('LF-0003-03');
    expect(freeSku(['A-01', 'A-03'], 'X')).toBe('A-04');
    expect(freeSku([''], 'DUSK')).toBe('DUSK-02');
    expect(freeSku([], '')).toBe('');
});

test('fields show amounts, and instants on the shop’s clock', () => {
    expect(amount(1250, 2)).toBe('12.50');
    expect(amount(1250, 0)).toBe('1250');
    expect(amount(1250, 3)).toBe('1.250');
    expect(amount('1,234', 2)).toBe('1,234');
    expect(amount(null, 2)).toBe('');
    expect(wall('2026-07-01T23:00:00Z', 'Europe/London')).toBe('2026-07-02T00:00');
    expect(wall('2026-12-01T09:30:00Z', 'Europe/Berlin')).toBe('2026-12-01T10:30');
    expect(wall('2026-12-01T09:30', 'Europe/Berlin')).toBe('2026-12-01T09:30');
    expect(wall(null, 'UTC')).toBe('');
});
