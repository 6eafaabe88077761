import { expect, test } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { counted, either, pages } from '../../../studio/lib/words';

test('a sentence with a number is right for none, one and many', () => {
    expect([0, 1, 2, 1200].map((count) => counted(count, 'page'))).toEqual([
        '0 pages',
        '1 page',
        '2 pages',
        '1,200 pages',
    ]);
    expect([0, 1, 2].map((count) => counted(count, 'page goes', 'pages go'))).toEqual([
        '0 pages go',
        '1 page goes',
        '2 pages go',
    ]);
    expect([pages(1), pages(0)]).toEqual(['1 page', '0 pages']);
    expect([either(1, 'it', 'them'), either(0, 'it', 'them')]).toEqual(['it', 'them']);
});

const sources = ['studio', 'shop'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
        .filter(
            (name) => /\.(svelte|ts)$/.test(name) && !name.endsWith('lib/words.ts') && !name.startsWith('generated'),
        )
        .map((name) => ({ name: `${folder}/${name}`, text: readFileSync(`${folder}/${name}`, 'utf8') })),
);
/** What is counted in this trade. A number put before one of these by hand is wrong for one of 0, 1 and many. */
const THINGS =
    'pages|products|pictures|files|changes|blocks|templates|conditions|reviews|releases|variants|departures|steps|things|fields|rows|facts|links|drafts|films|parts|go|get|move|stay|fit';

test('no sentence of the Studio or the shop counts by hand', () => {
    expect(sources.length).toBeGreaterThan(60);
    const byHand = sources.flatMap(({ name, text }) =>
        [
            ...text.matchAll(
                new RegExp(`(\\$\\{[^}]*\\}|>\\s*\\{[^{}]*\\}|\\}\\s?\\{[^{}]*\\}) (?:${THINGS})\\b[^={(]`, 'g'),
            ),
        ]
            .map((found) => found[0])
            .filter((found) => !/counted\(|number\(count\)/.test(found))
            .map((found) => `${name}: ${found}`),
    );
    expect(byHand).toEqual([]);
});

test('none decides between one and many by itself', () => {
    const byItself = sources.flatMap(({ name, text }) =>
        [...text.matchAll(/=== 1\s*\?\s*(['"`])[^'"`]*\1\s*:\s*['"`]/g)].map((found) => `${name}: ${found[0]}`),
    );
    expect(byItself).toEqual([]);
});
