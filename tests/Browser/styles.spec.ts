import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { lexer, parse, walk } from 'css-tree';

interface Case {
    id: string;
    kind: string;
    selector: string;
    /** What stands right in it and takes its room inside; empty where it has that itself. */
    roomIn: string;
    how: object;
    holds: { state: string; width: string; css: Record<string, string>; room: Record<string, string> }[];
}
interface Generated {
    house: string;
    css: string;
    cases: Case[];
    declarations: number;
}

const SEED = process.env.STYLES_SEED ?? String(Math.floor(Date.now() / 1000) % 100_000);
const PSEUDO: Record<string, string[]> = {
    usual: [],
    hovered: ['hover'],
    focused: ['focus', 'focus-visible'],
    pressed: ['active'],
};
const generated = JSON.parse(
    execFileSync('php', ['tests/Browser/styles/generated.php', SEED], { maxBuffer: 50_000_000 }).toString(),
) as Generated;

test('what Chromium computes for 1,000 generated styles is what the core resolved', async ({ page }) => {
    test.setTimeout(120_000);
    expect(generated.declarations).toBeGreaterThanOrEqual(1000);
    const made = generated.cases.map(({ id, selector, roomIn }) => {
        const name = selector.replace('> ', '');
        const tag = name.startsWith('.') || name === '' ? 'div' : name;
        const inner = `<${tag} ${name.startsWith('.') ? `class="${name.slice(1)}"` : ''} data-is="${id}">Words</${tag}>`;
        const words = roomIn === '' ? 'Words' : `<div class="${roomIn.replace('> .', '')}" data-in="${id}">Words</div>`;
        return `<div class="room"><div data-b="${id}" data-s-${id} ${name === '' ? `data-is="${id}"` : ''}>${name === '' ? words : inner}</div></div>`;
    });
    await page.setContent(
        `<style>${generated.house} *{transition-property:none!important} .room{width:600px;font-size:16px}</style><style>${generated.css}</style>${made.join('')}`,
    );
    const client = await page.context().newCDPSession(page);
    await client.send('DOM.enable');
    await client.send('CSS.enable');
    const { root } = await client.send('DOM.getDocument', { depth: 0 });
    const wrong: string[] = [];
    for (const [width, pixels] of [
        ['desktop', 1280],
        ['tablet', 800],
        ['phone', 390],
    ] as const) {
        await page.setViewportSize({ width: pixels, height: 800 });
        for (const one of generated.cases) {
            const { nodeId } = await client.send('DOM.querySelector', {
                nodeId: root.nodeId,
                selector: `[data-is="${one.id}"]`,
            });
            for (const holds of one.holds.filter((each) => each.width === width && each.state in PSEUDO)) {
                if (holds.state !== 'usual')
                    await client.send('CSS.forcePseudoState', {
                        nodeId,
                        forcedPseudoClasses: PSEUDO[holds.state] ?? [],
                    });
                const differs = await page.evaluate(
                    ([id, css, room]) => {
                        const compared = (
                            mark: string,
                            wanted: Record<string, string>,
                            around: Record<string, string> = {},
                        ): string[] => {
                            const element = document.querySelector<HTMLElement>(`[${mark}="${id}"]`);
                            const place = element?.closest('.room')?.cloneNode(true) as HTMLElement | undefined;
                            const probe = place?.querySelector<HTMLElement>(`[${mark}]`);
                            const outer = place?.querySelector<HTMLElement>('[data-is]');
                            if (!element || !place || !probe || !outer) return ['no such element'];
                            for (const one of place.querySelectorAll('*'))
                                for (const name of ['data-b', `data-s-${id}`, 'data-is', 'data-in', 'class'])
                                    one.removeAttribute(name);
                            for (const [name, value] of Object.entries(around)) outer.style.setProperty(name, value);
                            for (const [name, value] of Object.entries(wanted)) probe.style.setProperty(name, value);
                            document.body.append(place);
                            const read = (from: HTMLElement): string[] =>
                                Object.keys(wanted).map((name) => getComputedStyle(from).getPropertyValue(name));
                            const [is, should] = [read(element), read(probe)];
                            place.remove();
                            return Object.keys(wanted).flatMap((name, at) =>
                                is[at] === should[at] && should[at] !== ''
                                    ? []
                                    : [`${name}: ${is[at] ?? ''} instead of ${should[at] ?? ''}`],
                            );
                        };
                        return [
                            ...compared('data-is', css),
                            ...(Object.keys(room).length > 0 ? compared('data-in', room, css) : []),
                        ];
                    },
                    [one.id, holds.css, holds.room] as const,
                );
                if (differs.length > 0)
                    wrong.push(
                        `${one.kind} ${one.selector} ${holds.state} ${width}: ${differs.join('; ')} ${JSON.stringify(one.how)}`,
                    );
                if (holds.state !== 'usual')
                    await client.send('CSS.forcePseudoState', { nodeId, forcedPseudoClasses: [] });
            }
        }
    }
    expect(wrong.slice(0, 5), `seed ${SEED}`).toEqual([]);
});

test('every declaration of generated styles is accepted by the lexer of npm css-tree, and none wants to be important', () => {
    const all = generated.house + generated.css;
    const filled = all
        .replace(
            /var\((--[\w-]+)(?:,([^()]*))?\)/g,
            (_, name: string, otherwise?: string) =>
                new RegExp(`${name}:([^;}]+)`).exec(all)?.[1] ?? otherwise ?? 'missing',
        )
        .replace(/var\((--[\w-]+)\)/g, '#123456');
    let declarations = 0;
    walk(parse(filled), (node) => {
        if (node.type !== 'Declaration' || node.property.startsWith('--')) return;
        declarations++;
        const { error } = lexer.matchDeclaration(node);
        expect(error === null ? null : `${node.property}: ${error.message}`, `seed ${SEED}`).toBeNull();
    });
    expect(declarations).toBeGreaterThan(500);
    expect(generated.css).not.toContain('!important');
});
