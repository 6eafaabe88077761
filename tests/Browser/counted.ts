import { expect, type Locator, type Page } from '@playwright/test';
import type { Studio } from './studio';

/** Does what an owner does and counts it: a click, a drag, a filled field each count one. */
export class Counted {
    readonly done: string[] = [];

    constructor(
        private readonly studio: Studio,
        private readonly page: Page,
    ) {}

    get settings(): Locator {
        return this.page.locator('[data-settings]');
    }

    async click(words: string, what: Locator): Promise<void> {
        this.done.push(`click ${words}`);
        await what.click();
    }

    async fill(words: string, what: Locator, value: string): Promise<void> {
        this.done.push(`fill ${words}: ${value}`);
        await what.fill(value);
        await what.blur();
        await this.studio.saved();
    }

    /** A choice from a list is a click that opens it and one that chooses. */
    async pick(label: string, words: string, within: Locator = this.settings): Promise<void> {
        const field = within.getByLabel(label, { exact: true });
        if ((await field.evaluate((element) => element.tagName)) === 'SELECT') {
            this.done.push(`choose ${label}: ${words}`);
            await field.selectOption({ label: words });
        } else {
            await this.click(`${label}…`, field);
            await this.click(words, this.page.getByRole('option', { name: words, exact: true }));
        }
        await this.studio.saved();
    }

    async colour(label: string, role: string, within: Locator = this.settings): Promise<void> {
        await this.click(`${label}…`, within.getByLabel(label, { exact: true }));
        await this.click(
            `${label}: ${role}`,
            this.page
                .getByRole('group', { name: 'Colours of the house style' })
                .getByRole('button', { name: new RegExp(`^\\s*${role}\\b`) }),
        );
        await this.page.keyboard.press('Escape');
        await this.studio.saved();
    }

    /** How the block itself looks, rather than a piece of it. */
    get itself(): Locator {
        return this.settings.getByRole('group', { name: /^The .*, how it looks$/ });
    }

    piece(name: string): Locator {
        return this.settings.getByRole('group', { name: `${name}, how it looks` });
    }

    async open(name: string): Promise<Locator> {
        const piece = this.piece(name);
        const head = piece.getByRole('button', { name: new RegExp(`^${name}\\b`) }).first();
        if ((await head.getAttribute('aria-expanded')) === 'false') await this.click(`the piece “${name}”`, head);
        return piece;
    }

    async more(piece: Locator): Promise<void> {
        const fold = piece.getByRole('button', { name: /^more about/ });
        if ((await fold.getAttribute('aria-expanded')) === 'false') await this.click('more about it', fold);
    }

    async put(name: string): Promise<void> {
        await this.click(`${name} on the shelf`, this.page.locator(`[data-shelf="${name}"]`));
        await this.studio.saved();
    }

    within(most: number): void {
        expect(this.done.length, this.done.join('\n')).toBeLessThanOrEqual(most);
    }
}
