import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { expect, test } from '@playwright/test';

const ROOTS = ['studio', 'shop', 'blocks'];

/** Every module of the front end, with those of ours that it imports, as values or as types. */
function modules(): Map<string, string[]> {
    const files = ROOTS.flatMap((root) => readdirSync(root, { recursive: true }).map((one) => join(root, String(one))));
    const code = files.filter((one) => /\.(ts|svelte)$/.test(one) && statSync(one).isFile());
    const known = new Set(code);
    return new Map(
        code.map((file) => {
            const said = readFileSync(file, 'utf8').matchAll(/(?:from|import)\s*\(?\s*['"](\.[^'"]+)['"]/g);
            const found = [...said].map((one) => relative('.', join(dirname(file), one[1] ?? '')));
            const named = found.map((one) =>
                ['', '.ts', '/index.ts'].map((end) => one + end).find((at) => known.has(at)),
            );
            return [file, named.filter((one) => one !== undefined)];
        }),
    );
}

/** Modules that import one another, directly or through others: each such group once. */
function circles(imports: Map<string, string[]>): string[][] {
    const from = new Map([...imports.keys()].map((file) => [file, reached(file, imports)]));
    const groups = [...from].map(([file, all]) =>
        [...all].filter((other) => from.get(other)?.has(file) === true).sort((one, other) => one.localeCompare(other)),
    );
    return [...new Set(groups.filter((group) => group.length > 0).map((group) => group.join('\n')))].map((group) =>
        group.split('\n'),
    );
}

function reached(file: string, imports: Map<string, string[]>): Set<string> {
    const seen = new Set<string>();
    const open = [...(imports.get(file) ?? [])];
    for (let next = open.pop(); next !== undefined; next = open.pop()) {
        if (!seen.has(next)) {
            seen.add(next);
            open.push(...(imports.get(next) ?? []));
        }
    }
    return seen;
}

test('modules of the front end import one another in no circle, types included', () => {
    const imports = modules();
    expect(imports.size).toBeGreaterThan(200);
    expect([...imports.values()].flat().length).toBeGreaterThan(600);
    expect(circles(imports)).toEqual([]);
});

test('a circle of two and one of a module with itself would be found', () => {
    const made = new Map([
        ['a', ['b']],
        ['b', ['c', 'a']],
        ['c', []],
        ['d', ['d']],
    ]);
    expect(circles(made)).toEqual([['a', 'b'], ['d']]);
});
