/** Nothing that was typed is lost, whatever is pressed next. */
import { readFileSync } from 'node:fs';
import { rows } from '@relay/core/plan/table';
import { cell, expect, saved, tally, test } from './story';

test('what was typed in a cell stays when another cell, or another step, is pressed; Escape takes it back', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'codeplugs'));
  await expect(tally(page)).toContainText('3 whole');
  const type = async (row: number, column: string, text: string) => {
    await (await cell(page, row, column)).click();
    await page.keyboard.press('Enter');
    const open = page.locator('revogr-edit input');
    await expect(open).toBeFocused();
    await open.fill(text);
  };
  await type(0, 'Color code', '5');
  await (await cell(page, 2, 'Channel')).click();
  await expect(await cell(page, 0, 'Color code')).toContainText('5');
  await type(1, 'Color code', '6');
  await page.getByRole('link', { name: /^Wants/ }).click();
  await page.getByRole('link', { name: /^Codeplugs/ }).click();
  await expect(await cell(page, 1, 'Color code')).toContainText('6');
  await type(2, 'Color code', '7');
  await page.keyboard.press('Escape');
  await (await cell(page, 0, 'Channel')).click();
  await expect(await cell(page, 2, 'Color code')).toHaveText('1');
  await saved(page);
  const { document } = await relay.read(id);
  const codes = document.codeplugs['r1']!.channels.order.map(
    (one) => (document.codeplugs['r1']!.channels.byId[one] as { dmr: { colorCode: number } }).dmr.colorCode,
  );
  expect(codes.slice(0, 3)).toEqual([5, 6, 1]);
});

test('Find takes the first key behind Ctrl+K, the sheet gets none, and Back closes it', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'station'));
  await expect(tally(page)).toContainText('3 whole');
  await page.getByRole('link', { name: /^Codeplugs/ }).click();
  await (await cell(page, 0, 'Color code')).click();
  await page.keyboard.press('Control+k');
  await page.keyboard.type('ferry', { delay: 0 });
  const box = page.getByRole('combobox', { name: 'Find a channel, group, check or action' });
  await expect(box).toHaveValue('ferry');
  await expect(await cell(page, 0, 'Color code')).toHaveText('1');
  await page.goBack();
  await expect(box).toBeHidden();
  await expect(page).toHaveURL(/codeplugs/);
});

test('a newer version under its file’s name takes the place of the list; a forgotten one comes back', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  const list = readFileSync(new URL('../demo/lists/isles-club.csv', import.meta.url));
  const choose = (name: string) =>
    page.locator('input[aria-label="List of sites"]').setInputFiles({ name, mimeType: 'text/csv', buffer: list });
  const club = page.getByTestId('list').filter({ hasText: 'isles-club' });
  await page.goto(relay.at(id, 'sites'));
  await page.getByRole('button', { name: 'Import a list' }).first().click();
  await choose('isles-club-story.csv');
  await page
    .getByRole('button', { name: /^Import/ })
    .last()
    .click();
  await expect(club).toHaveCount(1);
  await page.getByRole('button', { name: 'Import a list' }).first().click();
  await choose('isles-club-story-2027-01.csv');
  await expect(page.getByTestId('list-alike')).toContainText('100 % of these sites are in');
  await page.getByTestId('list-alike').getByRole('button').click();
  await expect(page.getByTestId('list-difference')).toContainText('10 the same');
  await page
    .getByRole('button', { name: /^Import/ })
    .last()
    .click();
  await expect(club).toHaveCount(1);
  await club.getByRole('button', { name: /^Forget/ }).click();
  await expect(page.getByText('Lists are shared by all plans of this server.')).toBeVisible();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(club).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring isles-club-story back' }).click();
  await expect(club).toHaveCount(1);
  await club.getByRole('button', { name: /^Forget/ }).click();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(club).toHaveCount(0);
});

test('a step that could not be loaded says so, and opens by itself when the server is back', async ({
  page,
  relay,
  server,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'station'));
  await expect(tally(page)).toContainText('3 whole');
  await server.kill();
  await page.getByLabel('Place').fill('typed before');
  await page.getByLabel('Place').press('Enter');
  await page.getByRole('link', { name: /^Networks/ }).click();
  await expect(page.getByText('This step could not be loaded')).toBeVisible();
  await server.start();
  await expect(page.getByRole('heading', { name: 'Networks' })).toBeVisible();
  await saved(page);
  // The window that was left may still count as open for a moment: it is looked for again.
  await expect.poll(async () => (await relay.read(id)).document.station.place).toBe('typed before');
});

test('a range longer than the sheet offers to make channels, names each cell that it cannot take, and is one undo', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'codeplugs/r1'));
  await expect(tally(page)).toContainText('3 whole');
  const channels = async () => rows((await relay.read(id)).document.codeplugs['r1']!.channels).map((one) => one.name);
  const before = await channels();
  await (await cell(page, before.length - 1, 'Channel')).click();
  await page.evaluate(
    (name) => navigator.clipboard.writeText(`${name}\tDMR\t439.125\nAdded\tDMR\t438.8\n"Two\twords"\tDMR\thigh\n`),
    before.at(-1)!,
  );
  await page.keyboard.press('Control+V');
  const preview = page.getByTestId('paste-preview');
  await expect(preview).toContainText('2 channels new');
  await expect(preview).toContainText('1 cell not taken');
  await expect(preview.getByTestId('refused-cells')).toContainText(
    `Row ${before.length + 2}, Receive MHz Two words Found “high”`,
  );
  await page.getByTestId('paste-all').click();
  await expect(page.getByTestId('notice')).toContainText('2 new, 1 cell was not taken: see below');
  await saved(page);
  expect(await channels()).toEqual([...before, 'Added', 'Two words']);

  // The refused cell is led to, holds what was typed, and Escape gives it up.
  const wrong = page.locator('.not-taken');
  await wrong.getByRole('button', { name: /^Go to row/ }).click();
  await expect(await cell(page, before.length + 1, 'Receive MHz')).toContainText('highnot taken');
  await page.keyboard.press('F2');
  await expect(page.locator('revogr-edit input')).toHaveValue('high');
  await page.keyboard.press('Escape');
  await expect(page.locator('revogr-edit')).toHaveCount(0);
  await expect(wrong).toHaveCount(0);

  await page.getByTestId('undo').click();
  await saved(page);
  expect(await channels()).toEqual(before);
});

test('a range from the frozen name on is copied whole, and rows selected together are removed together', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'codeplugs/r1'));
  await expect(tally(page)).toContainText('3 whole');
  const all = rows((await relay.read(id)).document.codeplugs['r1']!.channels);
  await (await cell(page, 0, 'Channel')).click();
  await (await cell(page, 1, 'Receive MHz')).click({ modifiers: ['Shift'] });
  await page.keyboard.press('Control+C');
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied.split('\n').map((line) => line.split('\t')[0])).toEqual(all.slice(0, 2).map((one) => one.name));
  await page.getByRole('button', { name: 'Remove 2' }).click();
  await expect(page.getByTestId('notice')).toContainText('Removed 2 channels');
  await saved(page);
  expect(rows((await relay.read(id)).document.codeplugs['r1']!.channels)).toHaveLength(all.length - 2);
  // The eye stays where it was, and so does the hand.
  await expect(await cell(page, 0, 'Channel')).toContainText(all[2]!.name);
});

test('Ctrl+Z in a field takes back letters there, and no edit elsewhere', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'station'));
  const place = page.getByLabel('Operator', { exact: true });
  await place.fill('Tam');
  await place.press('Enter');
  await saved(page);
  await place.pressSequentially(' Ves');
  await place.press('Control+Z');
  await saved(page);
  expect((await relay.read(id)).document.station.operator).toBe('Tam');
});
