import { expect, test } from '@playwright/test';
import { selectors } from '../../../studio/screens/drawing-table/page/restyle';

test('a list of selectors ends at commas that stand in no brackets', () => {
    expect(selectors('.a')).toEqual(['.a']);
    expect(selectors('[data-s-a][data-b] , [data-s-b][data-b] .price')).toEqual([
        '[data-s-a][data-b]',
        '[data-s-b][data-b] .price',
    ]);
    expect(selectors(':is(legend, .one > label) b,.c:has(:is(.d, .e:not(.f, .g)))')).toEqual([
        ':is(legend, .one > label) b',
        '.c:has(:is(.d, .e:not(.f, .g)))',
    ]);
});
