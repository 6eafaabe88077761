import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';
import { readFileSync, writeFileSync } from 'node:fs';
import { readSheet } from 'read-excel-file/node';
import writeWorkbook from 'write-excel-file/node';

test('a supplier’s list with semicolons, comma decimals and its own order changes its stocks and nothing else', async ({
    page,
}, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/in-and-out');
    const [out] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'As CSV' }).click(),
    ]);
    const text = readFileSync(await out.path(), 'utf8').replace(/^\u{feff}/u, '');
    const rows = text
        .trim()
        .split('\r\n')
        .slice(1)
        .map((line) => line.split(','));
    const codes = rows.map((row) => row.find((cell) => cell.startsWith('LF-')) ?? '').filter((code) => code !== '');
    expect(codes.length).toBeGreaterThan(450);
    const list = codes.slice(0, 300).reverse();
    const path = info.outputPath('supplier.csv');
    writeFileSync(
        path,
        `Artikel-Nr.;Lagerplatz;Bestand neu\r\n${list.map((code, at) => `${code};B-${at};${500 + at}`).join('\r\n')}\r\n`,
    );
    await page.locator('input[type=file]').setInputFiles(path);
    await expect(page.getByRole('heading', { name: '“supplier.csv”' })).toBeVisible();
    await page.getByLabel('What “Artikel-Nr.” goes to').selectOption('stock number');
    await page.getByLabel('What “Bestand neu” goes to').selectOption('stock');
    await expect(page.getByText('300 rows: stock of 300')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take over 300' }).click();
    await expect(page.getByRole('region', { name: 'What was done' })).toContainText('300 rows taken over');

    const [after] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'As CSV' }).click(),
    ]);
    const now = readFileSync(await after.path(), 'utf8')
        .replace(/^\u{feff}/u, '')
        .trim()
        .split('\r\n');
    const before = text.trim().split('\r\n');
    const header = (before[0] ?? '').split(',');
    const stock = header.indexOf('stock');
    let changed = 0;
    for (const [at, line] of now.entries()) {
        const [is, was] = [line.split(','), (before[at] ?? '').split(',')];
        if (line !== before[at]) changed++;
        // A title with a comma shifts all that follows by as much in both.
        const differs = is.map((cell, place) => (cell === was[place] ? -1 : place)).filter((place) => place >= 0);
        expect(differs.length).toBeLessThanOrEqual(1);
        if (differs.length === 1) expect((differs[0] ?? 0) - (is.length - header.length)).toBe(stock);
    }
    expect(changed).toBe(300);
    await page.locator('input[type=file]').setInputFiles(path);
    await expect(page.getByText('remembered from last time').first()).toBeVisible();
    await expect(page.getByText('300 rows change nothing.')).toBeVisible();
});

test('prices are edited in a workbook and brought in with three bad rows, which are mended where they stand', async ({
    page,
}, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/in-and-out');
    const [out] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'As a workbook' }).click(),
    ]);
    const sheet = await readSheet(await out.path());
    const header = sheet[0]?.map(String) ?? [];
    const [code, price] = [header.indexOf('stock number'), header.indexOf('price')];
    expect(typeof sheet[1]?.[price]).toBe('number');
    const rows = sheet.slice(1, 21).map((row) => [String(row[code]), Number(row[price]) + 1] as (string | number)[]);
    const [first, second, third] = [rows[3], rows[7], rows[11]];
    if (!first || !second || !third) throw new Error('The workbook is empty.');
    const right = String(first[0]);
    first[0] = right.replace('LF-0', 'LF-');
    second[1] = 'dear';
    third[0] = '1E+12';
    const path = info.outputPath('prices.xlsx');
    await writeWorkbook([['stock number', 'price'], ...rows]).toFile(path);

    await page.locator('input[type=file]').setInputFiles(path);
    const mend = page.getByRole('region', { name: 'Rows to mend' });
    await expect(mend.getByRole('heading')).toHaveText('3 rows to mend');
    await expect(page.getByText('17 rows: price of 17')).toBeVisible();
    await mend.getByRole('button', { name: `${right}? for line 5` }).click();
    await expect(mend.getByRole('heading')).toHaveText('2 rows to mend');
    await mend.getByLabel('price of line 9').fill('33.40');
    await page.keyboard.press('Tab');
    await expect(mend.getByRole('heading')).toHaveText('1 row to mend');
    await expectAccessible(page);
    await mend.getByRole('button', { name: 'leave it out (line 13)' }).click();
    await expect(mend).toBeHidden();
    await page.getByRole('button', { name: 'Take over 19' }).click();
    await expect(page.getByRole('region', { name: 'What was done' })).toContainText('19 rows taken over');
    const [after] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'As a workbook' }).click(),
    ]);
    const now = await readSheet(await after.path());
    for (const [at, row] of now.entries()) {
        const was = sheet[at] ?? [];
        const others = row.filter((_, place) => place !== price);
        expect(others).toEqual(was.filter((_, place) => place !== price));
        if (at > 20) expect(row[price]).toBe(was[price]);
    }
    await page.getByRole('button', { name: 'Take this back' }).last().click();
    await expect(page.getByText('It is as it was.')).toBeVisible();
});

test('which template pages are pinned to is edited in a workbook beside brands: misspelt names are mended, taken and taken back as one', async ({
    page,
}, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.template('Maker’s page', { show: [] });
    await page.goto('/studio/in-and-out');
    for (const column of ['brand', 'pinned to', 'template']) await page.getByLabel(column, { exact: true }).check();
    const asWorkbook = async () => {
        const [out] = await Promise.all([
            page.waitForEvent('download'),
            page.getByRole('button', { name: 'As a workbook' }).click(),
        ]);
        return readSheet(await out.path());
    };
    const sheet = await asWorkbook();
    const header = sheet[0]?.map(String) ?? [];
    const [name, brand, pin] = ['address name', 'brand', 'pinned to'].map((one) => header.indexOf(one)) as [
        number,
        number,
        number,
    ];
    const products = [...new Map(sheet.slice(1).map((row) => [row[name], row])).values()].slice(0, 4);
    const rows = products.map((row) => [String(row[name]), String(row[brand] ?? ''), 'Maker’s page']);
    const [first, second, third] = rows;
    if (!first || !second || !third) throw new Error('The workbook is empty.');
    first[2] = 'Makers page';
    second[1] = 'Hallorme';
    third[1] = 'Osterlve';
    const meant = (one: string): string => one.replace('Osterlve', 'Ostrelve');
    const path = info.outputPath('pages.xlsx');
    await writeWorkbook([['address name', 'brand', 'pinned to'], ...rows]).toFile(path);

    await page.locator('input[type=file]').setInputFiles(path);
    const mend = page.getByRole('region', { name: 'Rows to mend' });
    await expect(mend.getByRole('heading')).toHaveText('2 rows to mend');
    await expect(mend).toContainText('No template is called “Makers page”.');
    await mend.getByRole('button', { name: 'Maker’s page? for line 2' }).press('Enter');
    await expect(mend.getByRole('heading')).toHaveText('1 row to mend');
    await mend.getByRole('button', { name: 'Ostrelve? for line 4' }).press('Enter');
    await expect(mend).toBeHidden();
    await expect(page.getByText('4 pages move.')).toBeVisible();
    const changes = page.getByRole('table', { name: 'Changes, row by row' });
    await expect(changes.getByRole('row').nth(1)).toContainText(/pinned to\s+nothing → Maker’s page/);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take over 4' }).press('Enter');
    await expect(page.getByRole('region', { name: 'What was done' })).toContainText('4 rows taken over');
    const after = await asWorkbook();
    const template = header.indexOf('template');
    for (const [at, row] of after.entries()) {
        const was = sheet[at] ?? [];
        const mine = rows.find((one) => one[0] === row[name]);
        expect(row.filter((_, place) => ![brand, pin, template].includes(place))).toEqual(
            was.filter((_, place) => ![brand, pin, template].includes(place)),
        );
        expect([row[brand], row[pin]]).toEqual(mine ? [meant(mine[1] ?? ''), 'Maker’s page'] : [was[brand], was[pin]]);
    }
    await page.getByRole('button', { name: 'Take this back' }).last().click();
    await expect(page.getByText('It is as it was.')).toBeVisible();
    expect(await asWorkbook()).toEqual(sheet);
});

test('what is no workbook, a workbook of two sheets, and what is pasted by keyboard', async ({ page }, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/in-and-out');
    await expectAccessible(page);
    const broken = info.outputPath('broken.xlsx');
    writeFileSync(broken, Buffer.from('PK\u{3}\u{4}not a workbook at all'));
    await page.locator('input[type=file]').setInputFiles(broken);
    await expect(page.getByText('This workbook cannot be read')).toBeVisible();
    const two = info.outputPath('two.xlsx');
    await writeWorkbook([
        { data: [['notes'], ['ask Robin']], sheet: 'Notes' },
        {
            data: [
                ['stock number', 'stock'],
                ['LF-0028-02', 12],
            ],
            sheet: 'List',
        },
    ]).toFile(two);
    await page.locator('input[type=file]').setInputFiles(two);
    await page.getByRole('button', { name: /^List/ }).click();
    await expect(page.getByText('read as a workbook, sheet “List”')).toBeVisible();
    await expect(page.getByText('1 row: stock of 1')).toBeVisible();
    await page.getByRole('button', { name: 'another file' }).click();
    await page.getByLabel('Or paste rows with their header').focus();
    await page.keyboard.insertText('stock\tstock number\n7\tLF-0028-01\nmany\tLF-0028-02');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await expect(page.getByText('1 row: stock of 1')).toBeVisible();
    await expect(page.getByText('The stock is a whole number')).toBeVisible();
});

test('the shop goes out as a zip and comes in again, linked products are changed, and what is no such file is said', async ({
    page,
}, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/in-and-out');
    const [zip] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: /as a folder of readable files, zipped/ }).click(),
    ]);
    const input = page.locator('input[type=file]');
    await input.setInputFiles({
        name: 'shop.zip',
        mimeType: 'application/zip',
        buffer: readFileSync(await zip.path()),
    });
    const inside = page.getByRole('region', { name: 'What is in it' });
    await expect(inside).toContainText('a whole shop, zipped');
    await expect(inside).toContainText('nothing. No page moves.');
    await expect(inside.getByRole('button', { name: 'Take it over' })).toBeDisabled();
    await expectAccessible(page);
    await inside.getByRole('button', { name: 'another file' }).press('Enter');

    const [linked] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: /as JSON-LD/ }).click(),
    ]);
    const products = JSON.parse(readFileSync(await linked.path(), 'utf8')) as { '@graph': { name: string }[] };
    const first = products['@graph'][0];
    if (!first) throw new Error('There are no products.');
    first.name = 'Linked anew';
    await input.setInputFiles({
        name: 'products.jsonld',
        mimeType: 'application/ld+json',
        buffer: Buffer.from(JSON.stringify(products)),
    });
    await expect(inside).toContainText('1 changed');
    await expectAccessible(page);
    await inside.getByRole('button', { name: 'Take it over' }).press('Enter');
    await expect(page.getByRole('region', { name: 'What was done' })).toContainText('1 changed');
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText('It is as it was.')).toBeVisible();

    const broken = info.outputPath('broken.json');
    writeFileSync(broken, '{"half":');
    await input.setInputFiles(broken);
    await expect(inside).toContainText('This is no JSON');
    await expect(inside.getByRole('button', { name: 'Take it over' })).toBeDisabled();
});

test('a large file is read while its owner is elsewhere, can be stopped, and is shown when they come back', async ({
    page,
}, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/in-and-out');
    const path = info.outputPath('large.csv');
    const note = 'a'.repeat(1000);
    const rows = Array.from({ length: 600 }, (_, at) => `none-${at},1,${note}`);
    writeFileSync(path, ['stock number,stock,note', `LF-0028-02,321,${note}`, ...rows].join('\n'));
    const input = page.locator('input[type=file]');
    await input.setInputFiles(path);
    await expect(page.getByRole('progressbar', { name: 'Reading…' })).toBeVisible();
    await expectAccessible(page, 'html', false);
    await page.getByRole('button', { name: 'stop here' }).click();
    await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible();
    await expect(page.getByRole('progressbar')).toHaveCount(0);

    await input.setInputFiles(path);
    await expect(page.getByRole('progressbar', { name: 'Reading…' })).toBeVisible();
    await page.goto('/studio/catalogue');
    await page.goto('/studio/in-and-out');
    await expect(page.getByRole('heading', { name: '“large.csv”' })).toBeVisible();
    await expect(page.getByText('1 row: stock of 1')).toBeVisible();
    await page.setViewportSize({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth), 'a cell as long as they come').toBe(390);
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.getByRole('button', { name: 'Take over 1, leave 600' }).click();
    await expect(page.getByRole('progressbar', { name: 'Taking it over…' })).toBeVisible();
    await expect(page.getByLabel('Which rows are taken')).toBeDisabled();
    await expect(page.locator('[inert]').getByLabel('What an empty cell does')).toHaveCount(1);
    await page.reload();
    const done = page.getByRole('region', { name: 'What was done' });
    await expect(done).toContainText('1 row taken over');
    await page.reload();
    await expect(page.getByRole('heading', { name: 'In and out' })).toBeVisible();
    await expect(done).toHaveCount(0);

    // Columns that were said once are known on coming back, and stay so when something else is wished.
    writeFileSync(path, ['Artikel,Bestand,note', `LF-0028-02,322,${note}`, ...rows].join('\n'));
    await input.setInputFiles(path);
    await page.getByLabel('What “Artikel” goes to').selectOption('stock number');
    await expect(page.getByText('Besides the key no column is a field of a product')).toBeVisible();
    await page.getByLabel('What “Bestand” goes to').selectOption('stock');
    await page.getByRole('button', { name: 'Take over 1, leave 600' }).click();
    await expect(done).toContainText('1 row taken over');
    await input.setInputFiles(path);
    await expect(page.getByRole('progressbar', { name: 'Reading…' })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('What “Bestand” goes to')).toHaveValue('stock');
    await page.getByLabel('What an empty cell does').selectOption('empties');
    await expect(page.getByRole('progressbar', { name: 'Reading…' })).toBeVisible();
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    await expect(page.getByLabel('What “Bestand” goes to')).toHaveValue('stock');
});

test('days that can be read in two ways are asked about, and a spreadsheet’s number of a day is mended with one click', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/in-and-out');
    await page
        .getByLabel('Or paste rows with their header')
        .fill('stock number,first day of the sale\nLF-0028-02,4/5/2027\nLF-0028-01,46500\n');
    await page.getByRole('button', { name: 'Look at it' }).click();
    const rows = page.getByRole('table', { name: 'Changes, row by row' });
    await expect(page.getByRole('heading', { name: '2 rows to mend' })).toBeVisible();
    await page.getByRole('button', { name: '2027-04-23?' }).click();
    await expect(page.getByRole('heading', { name: '1 row to mend' })).toBeVisible();
    await page.getByLabel('How days are written').selectOption('day');
    await expect(rows).toContainText('2027-05-04');
    await page.getByLabel('How days are written').selectOption('month');
    await expect(rows).toContainText('2027-04-05');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take over 2' }).click();
    await expect(page.getByRole('region', { name: 'What was done' })).toContainText('2 rows taken over');
});
