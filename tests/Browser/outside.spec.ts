import { gzipSync } from 'node:zlib';
import { lexer, parse, walk } from 'css-tree';
import { expect, test } from './fresh';
import { HtmlValidate } from 'html-validate';
import { hex } from 'wcag-contrast';
import { expectAccessible } from './axe';
import { Studio } from './studio';

const validator = new HtmlValidate({
    extends: ['html-validate:standard', 'html-validate:a11y'],
    rules: { 'no-inline-style': 'error' },
});

for (const address of [
    '/',
    '/all',
    '/c/bottled-inks',
    '/collection/everything-teal',
    '/brand/pellinray',
    '/tag/gift',
    '/search?q=ink',
    '/search?q=xyzzy+ink',
    '/search',
    '/nothing/here',
    '/p/teal-tide-bottled-ink',
    '/p/palette-fountain-pen',
    '/p/archive-blue-bottled-ink',
    '/p/gift-card',
    '/cart',
    '/checkout',
]) {
    test(`npm html-validate finds nothing wrong with ${address}`, async ({ request }) => {
        const html = await (await request.get(address)).text();
        const report = await validator.validateString(html);
        expect(
            report.results.flatMap((result) =>
                result.messages.map((message) => `${message.line}: ${message.ruleId} ${message.message}`),
            ),
        ).toEqual([]);
    });
}

test('every declaration of a styled page is accepted by the lexer of npm css-tree', async ({ page, request }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Styled');
    await studio.block('.price').click();
    const settings = page.getByRole('region', { name: 'Settings of Price' });
    await settings.getByLabel('Size', { exact: true }).fill('41');
    await studio.colour(settings, 'Colour', 'sale');
    await settings.getByRole('button', { name: /^more about now/ }).click();
    await settings.getByLabel('Room outside above').fill('step 4');
    await studio.saved();
    const id = page.url().split('/').at(-1) ?? '';
    const sample = await page.locator('[data-sample]').first().getAttribute('data-sample');
    const html = await page.evaluate(
        async (address) => (await fetch(address)).text(),
        `/studio/templates/${id}/canvas/${sample ?? ''}`,
    );
    const css = [...html.matchAll(/<style[^>]*>([^<]*)<\/style>/g)].map((found) => found[1] ?? '').join('\n');
    expect(css).toContain('41px');
    const filled = css.replace(
        /var\((--[\w-]+)(?:,([^()]*))?\)/g,
        (_, name: string, otherwise?: string) =>
            new RegExp(`${name}:([^;}]+)`).exec(css)?.[1] ?? otherwise ?? 'missing',
    );
    let declarations = 0;
    walk(parse(filled), function (node) {
        if (node.type !== 'Declaration' || this.atrule?.name === 'font-face') return;
        declarations++;
        if (node.property.startsWith('--')) return;
        const { error } = lexer.matchDeclaration(node);
        expect(error === null ? null : `${node.property}: ${error.message}`).toBeNull();
    });
    expect(declarations).toBeGreaterThan(20);
    expect(await request.get('/').then((answer) => answer.status())).toBe(200);
});

test('the house style keeps WCAG 2.2 contrast by npm wcag-contrast', async ({ request }) => {
    const html = await (await request.get('/')).text();
    const token = (name: string): string => new RegExp(`--colour-${name}:(#[0-9a-f]{6})`).exec(html)?.[1] ?? '';
    for (const [text, ground] of [
        ['ink', 'ground'],
        ['quiet', 'ground'],
        ['quiet', 'surface'],
        ['sale', 'ground'],
        ['ink', 'surface'],
        ['on-accent', 'accent'],
        ['ground', 'sale'],
    ] as const) {
        expect(hex(token(text), token(ground)), `${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
    }
    expect(hex(token('star'), token('ground'))).toBeGreaterThanOrEqual(3);
});

test('a page with every block of the shelf: valid, accessible, light, and no wider than a phone', async ({
    page,
    request,
}) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    await studio.signIn();
    const id = await studio.template('Every block', { show: [[]], goesFirst: true }, false);
    await page.goto(`/studio/templates/${id}`);
    await studio.loaded();
    const revision = await page.evaluate(async () => {
        interface Node {
            id: string;
            kind: string;
            children?: Node[];
        }
        const { data } = JSON.parse(document.getElementById('screen')?.textContent ?? '') as {
            data: {
                state: { tree: Node };
                parts: { id: number }[];
                facts: { id: number; name: string }[];
                definitions: { kind: string; shelf: string | null; role: string; starters: { node: object }[] }[];
            };
        };
        const column = data.state.tree.children?.at(-1)?.children?.[0]?.id ?? '';
        const there = [
            'title',
            'price',
            'gallery',
            'variant-picker',
            'buy',
            'breadcrumbs',
            'rating',
            'tabs',
            'description',
            'short-description',
        ];
        const fact = (name: string): number => data.facts.find((one) => one.name === name)?.id ?? 0;
        const { files } = (await (await fetch('/studio/files?use=film')).json()) as { files: { id: number }[] };
        const filled: Record<string, object> = {
            'product-grid': { feed: 'chosen', products: [2, 3, 4, 5], fact: fact('Also try') },
            'own-blocks': { fact: fact('Story') },
            downloads: { fact: fact('Leaflet') },
            film: { film: files[0]?.id, said: 'A pen writes' },
            navigation: { name: 'Further ways' },
            links: { title: 'Help', links: [{ words: 'All', link: '/all', under: false }] },
        };
        const shared = {
            edit: 'insert',
            parent: data.state.tree.id,
            after: null,
            node: { kind: 'shared-band', what: { part: data.parts[0]?.id } },
        };
        const edits = data.definitions
            .filter((one) => one.shelf !== null && one.role === 'block' && !there.includes(one.kind))
            .map((one) => ({
                edit: 'insert',
                parent: column,
                after: null,
                node: { ...one.starters[0]?.node, ...(filled[one.kind] ? { what: filled[one.kind] } : {}) },
            }));
        const answer = await fetch(`${location.pathname}/edits`, {
            method: 'POST',
            headers: {
                Accept: 'application/json',
                'Content-Type': 'application/json',
                'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name="csrf-token"]')?.content ?? '',
            },
            body: JSON.stringify({ edits: [...edits, shared], sample: 1 }),
        });
        return ((await answer.json()) as { revision: number }).revision;
    });
    await studio.ask('/studio/publish', { revisions: { [id]: revision }, spoken: [] });
    await page.context().clearCookies();
    for (const address of ['/p/palette-fountain-pen', '/p/archive-blue-bottled-ink', '/p/teal-tide-bottled-ink']) {
        const html = await (await request.get(address)).text();
        const report = await validator.validateString(html);
        expect(
            report.results.flatMap((result) =>
                result.messages.map((message) => `${address} ${message.line}: ${message.ruleId} ${message.message}`),
            ),
        ).toEqual([]);
        await page.setViewportSize({ width: 390, height: 800 });
        await page.goto(address);
        await expectAccessible(page);
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        const own = await page.evaluate(() =>
            performance
                .getEntriesByType('resource')
                .flatMap((one) => (/\.(js|css)$/.test(new URL(one.name).pathname) ? [one.name] : [])),
        );
        let bytes = 0;
        for (const file of own) bytes += gzipSync(await (await request.get(file)).body()).length;
        expect(bytes).toBeGreaterThan(5_000);
        expect(bytes).toBeLessThanOrEqual(40_000);
        for (const block of [
            '.quote',
            '.marks',
            '.accordion',
            '.codes',
            '.product-grid .card',
            '.film',
            '.downloads a',
            '.note',
        ]) {
            await expect(page.locator(block).first()).toBeVisible();
        }
    }
});
