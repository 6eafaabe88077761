import { expect, test } from '@playwright/test';
import { restyle, selectors } from '../../../studio/screens/drawing-table/page/restyle';

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

interface Rule {
    cssText: string;
    selectorText?: string;
    cssRules?: Rule[];
}
/** As much of a sheet as is needed: rules, and groups of them. */
class Sheet {
    readonly ownerNode = { ownerDocument: { defaultView: { CSSStyleSheet: Sheet } } };
    cssRules: Rule[] = [];

    replaceSync(text: string): void {
        this.cssRules = [...text.matchAll(/([^{}]+)\{([^{}]*)\}/g)].map(([all, selector = '']) => ({
            cssText: all,
            selectorText: selector,
        }));
    }

    insertRule(text: string, at: number): void {
        const [, selector = ''] = /^([^{]+)\{/.exec(text) ?? [];
        this.cssRules.splice(at, 0, { cssText: text, selectorText: selector });
    }

    deleteRule(at: number): void {
        this.cssRules.splice(at, 1);
    }
}
const group = (...rules: string[]): Rule & { deleteRule: (at: number) => void } => {
    const sheet = new Sheet();
    for (const one of rules) sheet.insertRule(one, sheet.cssRules.length);
    return { cssText: '@media', cssRules: sheet.cssRules, deleteRule: (at) => sheet.deleteRule(at) };
};
const said = (rules: Rule[]): unknown[] =>
    rules.map((rule) => (rule.cssRules ? said(rule.cssRules) : (rule.selectorText ?? rule.cssText)));

test('styles of a block come in the place of those it had; what is said of others, and of no block, stays', () => {
    const sheet = new Sheet();
    for (const text of ['.page{a:b}', '[data-s-a][data-b]{c:d}', '[data-s-a] .x,[data-s-b] .x{e:f}'])
        sheet.insertRule(text, sheet.cssRules.length);
    sheet.cssRules.push(group('[data-s-a]{g:h}'), group('[data-s-b]{i:j}', '[data-s-a]{k:l}'), {
        cssText: '@font-face{}',
    });
    restyle(sheet as unknown as CSSStyleSheet, { a: '[data-s-a]{m:n}[data-s-a] .y{o:p}' });

    expect(said(sheet.cssRules)).toEqual([
        '.page',
        '[data-s-b] .x',
        ['[data-s-b]'],
        '@font-face{}',
        '[data-s-a]',
        '[data-s-a] .y',
    ]);
});

test('a block whose styles are all taken away leaves none', () => {
    const sheet = new Sheet();
    sheet.insertRule('[data-s-a]{c:d}', 0);
    sheet.insertRule('[data-s-ab]{c:d}', 1);
    restyle(sheet as unknown as CSSStyleSheet, { a: '' });

    expect(said(sheet.cssRules)).toEqual(['[data-s-ab]']);
});
