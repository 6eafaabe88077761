import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { defineConfig, parse } from '@terrazzo/parser';

interface Written {
    file: object;
    count: number;
    shown: Record<string, string>;
}

const php = (...given: string[]): string =>
    execFileSync('php', ['tests/Browser/styles/tokens.php', ...given]).toString();

for (const name of ['Larkfold plain', 'Harbour morning', 'Evening study']) {
    test(`npm @terrazzo/parser reads the tokens of “${name}”, and what it makes of them is read as the same style`, async () => {
        const { file, count, shown } = JSON.parse(php('write', name)) as Written;
        const config = defineConfig({}, { cwd: new URL('file:///') });
        const { tokens } = await parse(
            [{ filename: new URL('file:///house.tokens.json'), src: JSON.stringify(file) }],
            { config },
        );
        expect(Object.keys(tokens).length).toBe(count);

        const flat: Record<string, Record<string, object>> = {};
        for (const [id, token] of Object.entries(tokens)) {
            const [group = '', own = ''] = id.split('.');
            flat[group] = { ...flat[group], [own]: { $type: token.$type, $value: token.$value } };
        }
        const again = JSON.parse(
            execFileSync('php', ['tests/Browser/styles/tokens.php', 'read'], {
                input: JSON.stringify(flat),
            }).toString(),
        ) as Record<string, string>;
        // Two roles with one colour look alike, so what is compared is what is seen.
        const seen = (all: Record<string, string>): Record<string, string> =>
            Object.fromEntries(
                Object.entries(all).map(([key, value]) => [
                    key,
                    value.replace(/var\(--(colour-[a-z-]+)\)/g, (_, role: string) => all[role] ?? role),
                ]),
            );
        expect(seen(again)).toEqual(seen(shown));
    });
}
