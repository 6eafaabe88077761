import { expect, type FrameLocator, type Locator, type Page } from '@playwright/test';

/** What product pages begin with, and how it is named to the server. */
const STARTS: Record<string, string> = {
    'Gallery and buy box': 'gallery-and-buy',
    'Big picture and story': 'story',
    'Long launch page': 'launch',
    Blank: 'blank',
};

/** The Studio as an owner uses it. */
export class Studio {
    constructor(readonly page: Page) {}

    async signIn(email = 'owner@larkfold.example', password = 'paper-and-ink'): Promise<void> {
        await this.page.request.post('/studio/sign-in', { form: { email, password }, maxRedirects: 0 });
        await this.page.goto('/studio/today');
        await this.page.waitForURL(/\/studio\/today$/);
        await expect(this.page.getByRole('heading', { level: 1 })).toBeVisible();
        // What is asked for after the page is there is on its way no more.
        await expect(this.page.getByText('Looking through the rules…')).toHaveCount(0);
        await this.keepOutlineOpen();
    }

    /**
     * As an owner does who likes it beside the settings, and the bottom row as well; by themselves both fold while
     * something is selected.
     */
    async keepOutlineOpen(open = true): Promise<void> {
        await this.page.evaluate(
            ([column, row]) => {
                localStorage.setItem('vestibra-column', column);
                localStorage.setItem('vestibra-row', row);
            },
            open ? (['344 260 open', 'open open'] as const) : (['344 260', ''] as const),
        );
    }

    /** Picks from a list whose choices show themselves. */
    async pick(settings: Locator | Page, label: string, words: string): Promise<void> {
        await settings.getByLabel(label, { exact: true }).click();
        await this.page.getByRole('option', { name: words, exact: true }).click();
    }

    /** Picks a colour of the house style in the field of a setting. */
    async colour(settings: Locator, label: string, role: string): Promise<void> {
        await settings.getByLabel(label, { exact: true }).click();
        await this.page
            .getByRole('group', { name: 'Colours of the house style' })
            .getByRole('button', { name: new RegExp(`^${role}\\b`) })
            .click();
        await this.page.keyboard.press('Escape');
    }

    /** An open template for product pages, made without the interface; for other pages through it. */
    async newTemplate(name: string, start = 'Gallery and buy box', pages?: string): Promise<void> {
        if (pages === undefined) {
            if (!this.page.url().includes('/studio/')) await this.page.goto('/studio/today');
            await this.keepOutlineOpen();
            const { id } = await this.ask<{ id: number }>('/studio/templates', {
                name,
                start: STARTS[start],
                pageKind: 'product',
            });
            await this.page.goto(`/studio/templates/${id}`);
            await this.loaded();
            return;
        }
        await this.page.goto('/studio/templates');
        await this.keepOutlineOpen();
        await this.page.getByRole('button', { name: 'New template…' }).click();
        await this.page.getByLabel('What is it called?').fill(name);
        await this.page.getByRole('radio', { name: pages, exact: true }).check();
        await this.page.getByText(start, { exact: true }).click();
        await this.page.getByRole('button', { name: 'Make it' }).click();
        await this.page.waitForURL(/\/studio\/templates\/\d+$/);
        await this.loaded();
    }

    /** Asks the server as the open page would: for what a test only needs to be there. */
    async ask<Answer>(address: string, body: object): Promise<Answer> {
        return this.page.evaluate(
            async ([path, text]) => {
                const token = document.querySelector<HTMLMetaElement>('meta[name="csrf-token"]')?.content ?? '';
                const answer = await fetch(path, {
                    method: 'POST',
                    headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': token },
                    body: text,
                });
                if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
                return (await answer.json()) as never;
            },
            [address, JSON.stringify(body)] as const,
        );
    }

    /** A template with a rule, published or not, made without the interface. */
    async template(name: string, reach: object | null, live = true): Promise<number> {
        const { id } = await this.ask<{ id: number }>('/studio/templates', {
            name,
            start: 'gallery-and-buy',
            pageKind: 'product',
        });
        let revision = 1;
        if (reach) {
            const full = { format: 2, show: [], keepOff: [], season: {}, goesFirst: false, ...reach };
            ({ revision } = await this.ask<{ revision: number }>(`/studio/templates/${id}/edits`, {
                edits: [{ edit: 'reach', reach: full }],
            }));
        }
        if (live) await this.ask('/studio/publish', { revisions: { [id]: revision }, spoken: [`nothing/${id}`] });
        return id;
    }

    /** The id of something that rules name. */
    async id(things: string, name: string): Promise<number> {
        const answer = await this.page.request.get(`/studio/names/${things}?q=${encodeURIComponent(name)}`);
        const { names } = (await answer.json()) as { names: { id: number; name: string }[] };
        const found = names.find((one) => one.name === name);
        if (!found) throw new Error(`There is no ${things} called ${name}`);
        return found.id;
    }

    get canvas(): FrameLocator {
        return this.page.frameLocator('[data-area="page"] iframe');
    }

    /** Of what is drawn; what stands around it, or below it, cannot be touched. */
    block(selector: string): Locator {
        return this.canvas.locator(selector).and(this.canvas.locator(':not([inert], [inert] *)'));
    }

    async loaded(): Promise<void> {
        await expect(this.canvas.locator('.page')).toBeVisible();
        await expect(this.canvas.locator('html')).toHaveCSS('cursor', 'default');
    }

    async saved(): Promise<void> {
        await expect(this.page.getByText('Everything is saved')).toBeVisible();
    }

    async seeWith(title: string): Promise<void> {
        await this.page.getByRole('button', { name: 'Samples' }).click();
        await this.page.getByPlaceholder('Any product…').fill(title);
        await this.page.getByRole('radio', { name: title }).first().click();
        await expect(this.canvas.locator('.title').first()).toHaveText(new RegExp(title));
        await this.loaded();
    }

    async seeWithCategory(words: string, name: RegExp): Promise<void> {
        await this.page.getByPlaceholder('Any category…').fill(words);
        await this.page.getByRole('radio', { name }).first().click();
        await this.loaded();
    }

    /** Drags with the mouse in many small steps, from the middle of one thing to a point of another. */
    async drag(from: Locator, to: Locator, at: { x: number; y: number }): Promise<void> {
        const end = await this.restingPlace(to);
        const start = await this.restingPlace(from);
        await this.page.mouse.move(start.x + start.width / 2, start.y + Math.min(start.height / 2, 60));
        await this.page.mouse.down();
        await this.page.mouse.move(end.x + end.width * at.x, end.y + end.height * at.y - 12, { steps: 12 });
        await this.page.mouse.move(end.x + end.width * at.x, end.y + end.height * at.y, { steps: 4 });
        await expect(this.page.locator('[data-landing]')).toBeVisible();
        await this.page.mouse.up();
        await this.saved();
    }

    /** Where something stands once two looks at it agree: what is done just before may still be moving the page. */
    private async restingPlace(of: Locator): Promise<{ x: number; y: number; width: number; height: number }> {
        type Box = Awaited<ReturnType<Locator['boundingBox']>>;
        let before: Box = null;
        let now = before as Box;
        await expect
            .poll(async () => {
                [before, now] = [now, await of.boundingBox()];
                return now !== null && JSON.stringify(before) === JSON.stringify(now);
            })
            .toBe(true);
        if (!now) throw new Error('Nothing to drag, or nowhere to drag it to');
        return now;
    }

    /** A click on the shelf: after what is selected, or inside it where that was chosen. */
    async place(name: string): Promise<void> {
        const shelf = this.page.locator(`[data-shelf="${name}"]`);
        const find = this.page.getByPlaceholder('Find a block…');
        if (!(await find.isVisible())) await this.page.getByRole('button', { name: 'Shelf', exact: true }).click();
        await find.fill(name);
        await shelf.click();
        await this.saved();
    }

    async fromShelf(name: string, to: Locator, at: { x: number; y: number }): Promise<void> {
        await this.page.getByRole('button', { name: 'Shelf', exact: true }).click();
        await this.page.getByPlaceholder('Find a block…').fill(name);
        await this.drag(this.page.locator(`[data-shelf="${name}"]`), to, at);
    }

    async condition(section: 'Show on' | 'Keep off', words: string, value: string): Promise<void> {
        await this.page.getByRole('region', { name: section }).getByRole('button', { name: 'a condition…' }).click();
        const picker = this.page.getByRole('dialog', { name: 'Condition' });
        await picker.getByRole('combobox').selectOption({ label: words });
        await tick(picker, value);
        await picker.getByRole('button', { name: 'Done' }).click();
    }
}

/** Finds a thing by its name among others and ticks it, when the list has come. */
export async function tick(picker: Locator, name: string): Promise<void> {
    await picker.getByPlaceholder('Find…').fill(name);
    await expect(picker.locator('[aria-busy="true"]')).toHaveCount(0);
    await picker.getByLabel(name, { exact: true }).check();
}
