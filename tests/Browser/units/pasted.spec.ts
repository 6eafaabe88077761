import { expect, test } from '@playwright/test';
import { JSDOM } from 'jsdom';
import { readFileSync } from 'node:fs';
import { pasted } from '../../../studio/parts/rich/pasted';

const parser = new new JSDOM('').window.DOMParser() as unknown as DOMParser;
const clipboard = (name: string) => pasted(readFileSync(`tests/Browser/clipboard/${name}.html`, 'utf8'), parser);
/** The tags and words alone, in order. */
const plain = (html: string) =>
    html
        .replace(/<!--[\s\S]*?-->/g, '')
        .replace(/<(\/?)(?!\/?(?:h3|h4|ul|ol|li|table|tbody|tr|td|strong|b|em|i)\b)[^>]*>/g, '')
        .replace(/<(\w+)\s[^>]*>/g, '<$1>')
        .replace(/<(\/?)b>/g, '<$1strong>')
        .replace(/<(\/?)i>/g, '<$1em>')
        .replace(/(&nbsp;|\s)+/g, ' ')
        .replace(/ ?(<\/?(?:h3|h4|ul|ol|li|table|tbody|tr|td)>) ?/g, '$1')
        .trim();

const LIST =
    '<ul><li>Unscrew the nib<ul><li>to the left</li></ul></li><li>Let it dry</li></ul><ol><li>First this</li><li>Then that</li></ol>';
const TABLE =
    '<table><tbody><tr><td><strong>Nib</strong></td><td><strong>Width</strong></td></tr><tr><td>Fine</td><td>0.4 mm</td></tr>';
const WORDS = 'Rinse it with <strong>cold</strong> water, <em>never</em> hot.';

test('lists typed as paragraphs with a bullet before them are lists, in one another too', () => {
    const { html, lost } = clipboard('bullets-as-paragraphs');
    expect(plain(html)).toContain(
        `<h3>Keeping a fountain pen</h3><h3>Every week</h3>${WORDS}${LIST}${TABLE}</tbody></table>`,
    );
    expect(lost).toEqual(['1 picture', '1 footnote']);
    expect(html).not.toMatch(/mso-list:Ignore|·/);
});

test('a whole page wrapped in a bold that is none is not bold', () => {
    const { html, lost } = clipboard('wrapped-in-a-bold');
    expect(plain(html)).toContain(`<h3>Every week</h3>${WORDS}${LIST}${TABLE}</tbody></table>`);
    expect(lost).toEqual(['1 picture', '1 comment']);
});

test('plain markup keeps its headings, lists and table; a merged cell is named', () => {
    const { html, lost } = clipboard('plain-markup');
    expect(plain(html)).toContain(
        `<h3>Every week</h3>${WORDS}${LIST}${TABLE}<tr><td>Others on request</td></tr></tbody></table>`,
    );
    expect(lost).toEqual(['2 pictures', '1 footnote', '1 merged cell']);
});

test('nothing is said to have stayed behind where nothing did', () => {
    expect(pasted('<p>Plain <strong>words</strong> and a <a href="/c/inks">link</a>.</p>', parser).lost).toEqual([]);
});

test('smaller headings stay smaller', () => {
    expect(plain(pasted('<h2>One</h2><h3>Two</h3><h5>Three</h5>', parser).html)).toBe(
        '<h3>One</h3><h3>Two</h3><h4>Three</h4>',
    );
});

test('paragraphs that say which heading they are become it; what is deeper than six is words', () => {
    const level = (number: number) => `<p style="mso-outline-level:${number}">L${number}</p>`;
    expect(plain(pasted([1, 2, 3, 6, 7, 9].map(level).join('') + '<p>L</p>', parser).html)).toBe(
        '<h3>L1</h3><h3>L2</h3><h4>L3</h4><h4>L6</h4>L7L9L',
    );
});
