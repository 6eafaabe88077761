import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/**
 * Nothing that axe knows of is wrong by WCAG 2.2 A and AA, in the Studio by day and in the evening. Pages drawn small,
 * as pictures, are left out: they have tests of their own. What lies over a page for a moment is looked at alone: what
 * it covers is not reached meanwhile.
 *
 * @param evening not of what is over before it has been looked at twice
 */
export async function expectAccessible(page: Page, within = 'html', evening = true): Promise<void> {
    const eyes = (): AxeBuilder =>
        new AxeBuilder({ page }).setLegacyMode().include(within).exclude('[aria-hidden="true"] iframe');
    const { violations } = await eyes()
        .options({
            runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] },
            resultTypes: ['violations'],
        })
        .analyze();
    expect(violations.map(inWords)).toEqual([]);
    const byDay = await page.evaluate(() => matchMedia('(prefers-color-scheme: light)').matches);
    if (!evening || !byDay || !new URL(page.url()).pathname.startsWith('/studio/')) return;
    // Nothing but colours is another in the evening, and pages of the shop have no evening.
    await page.emulateMedia({ colorScheme: 'dark' });
    const dark = await eyes().exclude('iframe').withRules(['color-contrast']).analyze();
    await page.emulateMedia({ colorScheme: 'light' });
    expect(dark.violations.map(inWords), 'in the evening').toEqual([]);
}

function inWords(found: { id: string; nodes: { target: unknown[]; failureSummary?: string }[] }): string {
    return `${found.id}: ${found.nodes.map((node) => `${node.target.join(' ')} ${node.failureSummary ?? ''}`).join(' | ')}`;
}

/** Everything on the screen lies in a landmark, of which there is one main. */
export async function expectLandmarks(page: Page): Promise<void> {
    const { violations } = await new AxeBuilder({ page })
        .setLegacyMode()
        .exclude('iframe')
        .withRules(['region', 'landmark-one-main', 'landmark-unique', 'page-has-heading-one'])
        .analyze();
    expect(
        violations.map((found) => `${found.id}: ${found.nodes.map((node) => node.target.join(' ')).join(' | ')}`),
    ).toEqual([]);
}
