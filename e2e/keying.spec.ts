/** Radios that are programmed by hand, and rules for what channels are built with. */
import { dmrChannels } from '@relay/core/modes/dmr/channel';
import { withKeyed } from './keyed-plan';
import { choose, expect, saved, test } from './story';

test('the keys of a radio are taught, its codeplug is keyed in on the pad and ticked off, and is then in the radio', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'carry-out/keys/r1'));
  await page.getByRole('button', { name: 'Teach its keys' }).click();
  await page.getByRole('button', { name: 'Begin with the frequency' }).click();
  await expect(page.getByText('No press could mean two things.')).toBeVisible();
  // A second setting that the first one's keys would swallow is told at once, where it is.
  await choose(page, 'Teach another setting of Channels', 'Name');
  const editor = page.getByRole('region', { name: 'Name', exact: true });
  await editor.getByLabel('Opened by').fill('4');
  await editor.getByLabel('Opened by').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Found 4 for Receive MHz and 4 for Name');
  await editor.getByLabel('Opened by').fill('MENU, 2');
  await editor.getByLabel('Opened by').press('Enter');
  await choose(page, 'How it gets in', 'letters, each stepped to');
  await editor.getByLabel('Letters in their order').fill('_abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ');
  await editor.getByLabel('Letters in their order').press('Enter');
  await editor.getByLabel('Places').fill('16');
  await editor.getByLabel('Places').press('Enter');
  await expect(page.getByText('No press could mean two things.')).toBeVisible();
  await editor.getByLabel('Try a value').fill('Hask');
  await expect(editor.locator('.tried')).toContainText('MENU 2 UP until H RIGHT UP until a');

  await page.getByRole('button', { name: 'Keying sheet' }).click();
  const entries = page.getByTestId('keyed');
  await expect(entries).toHaveCount(3);
  await expect(page.getByText('No keys are taught for:')).toContainText('Color code');
  await choose(page, 'It holds now', 'nothing: it was reset');
  await page.getByRole('button', { name: 'Press the next' }).click();
  await expect(page.locator('output')).toHaveText('4');
  await page.getByRole('button', { name: 'Play all' }).click();
  await expect(page.getByText('Played to its end: it holds exactly what is planned.')).toBeVisible();
  for (const box of await entries.getByRole('checkbox').all()) await box.check();
  await expect(page.getByText('3 of 3 ticked.')).toBeVisible();
  await page.getByRole('button', { name: 'All of it is in the radio' }).click();
  await expect(page.getByText('Nothing to key in')).toBeVisible();
  await saved(page);
  const { document } = await relay.read(id);
  expect(document.written['r1']!.channels.order).toHaveLength(3);
  expect(Object.keys(document.done)).toEqual([]);
});

test('a keying sheet is read on a phone and on paper, with its home channel', async ({ page, relay }) => {
  const id = await relay.threePaths(withKeyed);
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto(relay.at(id, 'carry-out/keys/p'));
  await expect(page.getByTestId('keyed')).toHaveCount(1);
  await choose(page, 'Home channel', 'Calling');
  await expect(page.getByTestId('keyed')).toHaveCount(2);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByTestId('keyed').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Play all' })).toBeHidden();
});

test('a rule gives channels their time-out and admit by use, and what was changed by hand stays', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths((plan) => {
    dmrChannels(plan.codeplugs['r1']!)[0]!.timeOutS = 240;
  });
  await page.goto(relay.at(id, 'wants'));
  await page.getByTestId('rules').click();
  await page.getByRole('button', { name: 'Add a rule' }).click();
  await choose(page, 'Rule 1: set another value', 'Time-out s');
  const field = page.getByLabel('Time-out s');
  await field.fill('soon');
  await field.press('Enter');
  await expect(page.getByText('expected a whole number from 1 to 3,600')).toBeVisible();
  await field.fill('60');
  await field.press('Enter');
  await page.getByRole('button', { name: 'See what building changes' }).click();
  await page.getByTestId('carry-out-build').click();
  await saved(page);
  const channels = dmrChannels((await relay.read(id)).document.codeplugs['r1']!);
  expect(channels.map(({ timeOutS }) => timeOutS)).toEqual([240, 60, 60]);
});
