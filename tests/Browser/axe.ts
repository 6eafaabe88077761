import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/**
 * Nothing that axe knows of is wrong by WCAG 2.2 A and AA. Pages drawn small, as pictures, are left out: they have
 * tests of their own. What lies over a page for a moment is looked at alone: what it covers is not reached meanwhile.
 */
export async function expectAccessible(page: Page, within = 'html'): Promise<void> {
    const { violations } = await new AxeBuilder({ page })
        .setLegacyMode()
        .include(within)
        .exclude('[aria-hidden="true"] iframe')
        .options({
            runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] },
            resultTypes: ['violations'],
        })
        .analyze();
    expect(
        violations.map(
            (found) =>
                `${found.id}: ${found.nodes.map((node) => `${node.target.join(' ')} ${node.failureSummary ?? ''}`).join(' | ')}`,
        ),
    ).toEqual([]);
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
