import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

/** Counts of a list that is narrowed, against a few lines over the files of npm vega-datasets. */
type Row = Record<string, number[]>;
interface Asked {
    values: Record<string, number[]>;
    ranges: Record<string, [number, number]>;
}
interface Found {
    products: number[];
    counts: Record<string, Record<string, number>>;
    bounds: Record<string, [number, number]>;
}
type Thing = Record<string, string | number | null>;

const isObject = (value: unknown): value is object =>
    typeof value === 'object' && value !== null && !Array.isArray(value);

const read = (name: string): Thing[] =>
    JSON.parse(readFileSync(`node_modules/vega-datasets/data/${name}.json`, 'utf8')) as Thing[];

/** Words as numbers, in the order in which they are first met. */
function numbered(things: Thing[], words: string[], numbers: string[]): Row[] {
    const known: Record<string, string[]> = {};
    return things.map((thing) => {
        const row: Row = {};
        for (const name of words) {
            const value = thing[name];
            if (value === null || value === undefined || value === '') continue;
            const list = (known[name] ??= []);
            if (!list.includes(String(value))) list.push(String(value));
            row[name] = [list.indexOf(String(value)) + 1];
        }
        for (const name of numbers) if (typeof thing[name] === 'number') row[name] = [Math.round(thing[name] * 10)];
        return row;
    });
}

const fits = (row: Row, asked: Asked, but = ''): boolean =>
    Object.entries(asked.values).every(
        ([name, values]) => name === but || values.some((value) => row[name]?.includes(value)),
    ) &&
    Object.entries(asked.ranges).every(
        ([name, [least, most]]) => name === but || row[name]?.some((value) => value >= least && value <= most),
    );

for (const [name, words, numbers] of [
    ['cars', ['Origin', 'Cylinders', 'Year'], ['Horsepower', 'Miles_per_Gallon']],
    ['movies', ['MPAA Rating', 'Major Genre', 'Source', 'Creative Type'], ['IMDB Rating', 'Running Time min']],
] as const) {
    test(`counts over ${name} are those of an independent script`, () => {
        const rows = numbered(read(name).slice(0, 500), [...words], [...numbers]);
        let seed = 7;
        const draw = (below: number): number => (seed = (seed * 48271) % 2147483647) % below;
        const all = Object.fromEntries(
            words.map((word) => [word, [...new Set(rows.flatMap((row) => row[word] ?? []))]]),
        );
        const asked: Asked[] = words.flatMap((one, at) =>
            words.slice(at + 1).flatMap((other) =>
                (all[one] ?? []).flatMap((first) =>
                    (all[other] ?? []).map((second) => ({
                        values: { [one]: [first], [other]: [second] },
                        ranges: {},
                    })),
                ),
            ),
        );
        const pairs = asked.length;
        while (asked.length < pairs + (name === 'cars' ? 2000 : 200)) {
            const one: Asked = { values: {}, ranges: {} };
            for (const word of words)
                if (draw(2) === 0)
                    one.values[word] = Array.from(
                        { length: 1 + draw(3) },
                        () => all[word]?.[draw(all[word].length)] ?? 1,
                    );
            for (const number of numbers) {
                const [low, high] = [draw(1500), draw(1500)];
                if (draw(3) === 0) one.ranges[number] = [Math.min(low, high), Math.max(low, high)];
            }
            asked.push(one);
        }
        const input = JSON.stringify({
            filters: [...words.map((word) => [word, false]), ...numbers.map((number) => [number, true])],
            rows,
            asked: asked.map((one) => ({ values: one.values, ranges: one.ranges })),
        });
        const found = JSON.parse(
            execFileSync('php', ['tests/Browser/filters/narrowed.php'], { input, maxBuffer: 500_000_000 }).toString(),
        ) as Found[];
        const said = (value: unknown): string =>
            JSON.stringify(value, (_, one: unknown) =>
                isObject(one) ? Object.fromEntries(Object.entries(one).sort()) : one,
            );
        const bounds = Object.fromEntries(
            numbers.map((number) => {
                const values = rows.flatMap((row) => row[number] ?? []);
                return [number, [Math.min(...values), Math.max(...values)]];
            }),
        );
        const wrong = asked.filter((one, at) => {
            const counts = Object.fromEntries(
                words.map((word) => {
                    const each: Record<string, number> = Object.fromEntries(
                        (all[word] ?? []).map((value) => [String(value), 0]),
                    );
                    for (const row of rows)
                        if (row[word] && fits(row, one, word))
                            for (const value of row[word]) each[String(value)] = (each[String(value)] ?? 0) + 1;
                    return [word, each];
                }),
            );
            return (
                said(found[at]) !==
                said({ products: rows.flatMap((row, index) => (fits(row, one) ? [index] : [])), counts, bounds })
            );
        });
        expect(asked.length).toBeGreaterThan(name === 'cars' ? 2000 : 300);
        expect(wrong.slice(0, 3)).toEqual([]);
    });
}
