import type { Page } from '@playwright/test';
import { dmrChannels } from '@relay/core/modes/dmr/channel';
import { channelOf } from '@relay/core/testing/sample-plan';
import { cell, expect, saved, tally, test } from './story';

async function openSheet(page: Page, url: string): Promise<void> {
  await page.goto(url);
  await expect(page.locator('revogr-data .rgCell', { hasText: 'Hask Wide' }).first()).toBeVisible();
}

test('a cell is typed by keyboard, shows what its other end expects, and is undone', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await openSheet(page, relay.at(id, 'codeplugs/r1'));
  await (await cell(page, 0, 'Color code')).click();
  await page.keyboard.press('F2');
  await expect(page.locator('revogr-edit input')).toHaveValue('1');
  await expect(page.locator('revogr-edit input')).toBeFocused();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('7');
  await page.keyboard.press('Enter');
  await expect(await cell(page, 0, 'Color code')).toContainText('7needs 1');
  await expect(tally(page)).toContainText('1 broken');
  await expect(page.locator('revogr-edit')).toHaveCount(0);
  await page.keyboard.press('Control+Z');
  await expect(tally(page)).toContainText('3 whole');
});

test('a cell that was opened and left as it was, or cannot be opened, does not hold the sheet up', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths();
  await openSheet(page, relay.at(id, 'codeplugs/r1'));
  await expect(tally(page)).toContainText('3 whole');
  const rename = async (name: string) => {
    await (await cell(page, 1, 'Channel')).click();
    await page.keyboard.press('F2');
    await expect(page.locator('revogr-edit input')).toBeFocused();
    await page.keyboard.press('Control+A');
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
    await expect(await cell(page, 1, 'Channel')).toContainText(name);
  };
  await (await cell(page, 0, 'Slot')).click();
  await page.keyboard.press('F2');
  await expect(page.locator('revogr-edit input')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('revogr-edit')).toHaveCount(0);
  await expect(page.getByTestId('undo')).toBeDisabled();
  await rename('First');
  await (await cell(page, 0, 'Comes out at')).click();
  await page.keyboard.press('F2');
  await rename('Second');
  await page.getByTestId('undo').click();
  await expect(await cell(page, 1, 'Channel')).toContainText('First');
});

test('keys that come faster than the sheet opens a cell or moves on are typed where they were meant', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths();
  await openSheet(page, relay.at(id, 'codeplugs/r1'));
  await expect(tally(page)).toContainText('3 whole');
  await (await cell(page, 0, 'Number')).click();
  // All of them in one task: the machine has no time to draw in between.
  const pressAll = (keys: string[]) =>
    page.evaluate((all) => {
      for (const key of all)
        document.activeElement!.dispatchEvent(
          new KeyboardEvent('keydown', {
            key,
            code: key.length > 1 ? key : `Digit${key}`,
            bubbles: true,
            cancelable: true,
          }),
        );
    }, keys);
  await pressAll(['6', '2', '3', '9', 'Enter', '6', '2', '4', '0', 'Enter', 'F2']);
  await expect(await cell(page, 0, 'Number')).toContainText('6239');
  await expect(await cell(page, 1, 'Number')).toContainText('6240');
  await expect(page.locator('revogr-edit input')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.locator('revogr-edit')).toHaveCount(0);
  await expect(tally(page)).toContainText('2 broken');
  // The focus is where it was: the arrow and what is typed behind it mean the cell above.
  await pressAll(['ArrowUp', '6', '2', '4', '1', 'Tab']);
  await expect(await cell(page, 1, 'Number')).toContainText('6241');
  await expect(await cell(page, 2, 'Number')).not.toContainText('624');
});

test('what cannot be read stays in the cell with its reason, and changes nothing', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await openSheet(page, relay.at(id, 'codeplugs/r1'));
  await (await cell(page, 1, 'Slot')).click();
  await page.keyboard.press('3');
  await expect(page.locator('revogr-edit input')).toHaveValue('3');
  await expect(page.locator('revogr-edit input')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(await cell(page, 1, 'Slot')).toContainText('3not taken');
  await expect(page.getByTestId('notice')).toContainText('Found “3”, expected “1” or “2”.');
  expect(channelOf((await relay.read(id)).document, 'g2').dmr.slot).toBe(2);
});

test('ranges are pasted from a spreadsheet, filled down and copied', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await openSheet(page, relay.at(id, 'codeplugs/r1'));
  await page.evaluate(() => navigator.clipboard.writeText('3\t1\n4\t2\n'));
  await (await cell(page, 0, 'Color code')).click();
  await page.keyboard.press('Control+V');
  await expect(tally(page)).toContainText('2 broken');
  await saved(page);
  const channels = async () =>
    dmrChannels((await relay.read(id)).document.codeplugs['r1']!).map(({ dmr }) => [dmr.colorCode, dmr.slot]);
  expect((await channels()).sort()).toEqual([
    [1, 2],
    [3, 1],
    [4, 2],
  ]);
  await (await cell(page, 0, 'Color code')).click();
  await (await cell(page, 2, 'Slot')).click({ modifiers: ['Shift'] });
  await page.keyboard.press('Control+D');
  await saved(page);
  await expect.poll(channels).toEqual([
    [3, 1],
    [3, 1],
    [3, 1],
  ]);
  await page.keyboard.press('Control+C');
  expect((await page.evaluate(() => navigator.clipboard.readText())).replaceAll('\r', '')).toBe('3\t1\n3\t1\n3\t1');
});

test('a codeplug table goes out, comes in, and says the line of what is wrong', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'carry-out'));
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save codeplug' }).click(),
  ]);
  const { readFile } = await import('node:fs/promises');
  const text = await readFile(await download.path(), 'utf8');
  const put = (name: string, content: string) =>
    page
      .getByLabel('Codeplug table for Handheld')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content) });
  await put('wrong.csv', text.replace('439.1250,0,low,1,2,group,588', '439.1250,0,low,99,2,group,588'));
  await expect(page.getByRole('alert').filter({ hasText: 'nothing was changed' })).toContainText(
    'Line 3, Color code: found “99”, expected a whole number from 0 to 15.',
  );
  expect((await relay.read(id)).version).toBe(1);
  await put('renamed.csv', text.replace('Hask Wide', 'Hask'));
  await expect(page.getByTestId('notice')).toContainText('was read into Handheld');
  await saved(page);
  const { document } = await relay.read(id);
  expect(document.codeplugs['r1']!.channels.byId['ch-w-g1']).toMatchObject({ name: 'Hask', wantId: 'w-g1' });
});

test('a hand-made value is proposed, not overwritten', async ({ page, relay }) => {
  const id = await relay.threePaths((plan) => {
    plan.codeplugs['r1']!.channels.byId['ch-w-g1']!.name = 'My own name';
    plan.sites.byId['s1']!.dmr!.colorCode = 2;
  });
  await page.goto(relay.at(id, 'wants'));
  await page.getByTestId('build').click();
  await expect(page.getByRole('checkbox', { name: 'change channel My own name Channel' })).not.toBeChecked();
  await page.getByTestId('carry-out-build').click();
  await expect(tally(page)).toContainText('3 whole');
  await saved(page);
  expect((await relay.read(id)).document.codeplugs['r1']!.channels.byId['ch-w-g1']!.name).toBe('My own name');
});

test('zones are ordered by keyboard, and a destination is wanted by dragging it onto a radio', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await openSheet(page, relay.at(id, 'codeplugs/handheld'));
  await page.getByRole('button', { name: /^Lantern 10\/16/ }).press('Enter');
  await page.getByRole('option', { name: '1, Hask Wide' }).press('Alt+ArrowDown');
  await expect(page.getByRole('option', { name: '2, Hask Wide' })).toBeFocused();
  await saved(page);
  expect(
    (await relay.read(id)).document.codeplugs['handheld']!.zones.byId['zn-lantern-home-talk']!.channelIds.slice(0, 2),
  ).toEqual(['ch-w-g481', 'ch-w-g417']);
  await page.goto(relay.at(id, 'wants'));
  // A drag that begins while the verdicts are still being drawn in has lost its row.
  await expect(tally(page)).toContainText('12 whole');
  await page.getByRole('row', { name: /^Storm Desk/ }).dragTo(page.getByRole('columnheader', { name: 'Handheld' }));
  await expect(page.getByRole('button', { name: 'Storm Desk through QO3VES 03: not built yet' })).toBeVisible();
  await saved(page);
  expect((await relay.read(id)).document.wants.order).toHaveLength(13);
});
