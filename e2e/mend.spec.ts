import type { Page } from '@playwright/test';
import { isDmr } from '@relay/core/modes/dmr/channel';
import { channelOf } from '@relay/core/testing/sample-plan';
import { expect, saved, tally, test } from './story';

const choose = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Paths', exact: true }).getByRole('button', { name }).click();
const hop = (page: Page, id: string) => page.getByTestId('dock').locator(`[data-hop="${id}"]`);

test('another color code at the hotspot breaks three paths; mend all; undo, also after a reload', async ({
  page,
  relay,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'hotspots'));
  await page.getByLabel('Color code').fill('2');
  await page.getByLabel('Color code').press('Enter');
  await expect(tally(page)).toContainText('3 broken');
  await page.getByRole('link', { name: /^Agreement/ }).click();
  await expect(page.locator('[data-check="color-code-differs"]')).toHaveCount(3);
  for (const card of await page.locator('[data-check="color-code-differs"]').all())
    await expect(card).toContainText('channel has 1, site has 2');
  await choose(page, 'Ostrey All');
  await expect(page.getByTestId('relay-verdict')).toHaveText('broken at the hotspot');
  await expect(hop(page, 'site')).toHaveAttribute('data-state', 'broken');
  await expect(hop(page, 'site')).toContainText('color code 1 ≠ 2');
  await page.getByRole('button', { name: 'Mend all 3: set the channel to 2' }).first().click();
  await expect(tally(page)).toContainText('3 whole');
  await saved(page);
  const codes = async () =>
    Object.values((await relay.read(id)).document.codeplugs['r1']!.channels.byId)
      .filter(isDmr)
      .map((channel) => channel.dmr.colorCode);
  expect(await codes()).toEqual([2, 2, 2]);
  await page.reload();
  await expect(page.getByTestId('undo')).toHaveText(/^Undo: Mend all/);
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('3 broken');
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('3 whole');
  await saved(page);
  expect((await relay.read(id)).document.sites.byId['s1']!.dmr!.colorCode).toBe(1);
  await page.keyboard.press('Control+Shift+Z');
  await expect(tally(page)).toContainText('3 broken');
  // The other way: the hotspot goes back to what its channels have.
  await page
    .getByTestId('dock')
    .getByRole('button', { name: /^Set \S+ .*to 1: 3 of its channels have that$/ })
    .click();
  await expect(tally(page)).toContainText('3 whole');
  await saved(page);
  expect((await relay.read(id)).document.sites.byId['s1']!.dmr!.colorCode).toBe(1);
});

test('slot 1 breaks at the air; a list without the group breaks only the reply', async ({ page, relay }) => {
  const id = await relay.threePaths((plan) => {
    channelOf(plan, 'g1').dmr.slot = 1;
    plan.radios.byId['r1']!.dmr!.hearsOwnGroup = false;
    plan.codeplugs['r1']!.dmr.receiveLists.byId['rl-n1-s1']!.groups = [417, 591];
  });
  await page.goto(relay.at(id, 'agreement?radio=r1&channel=ch-w-g1'));
  await expect(page.getByTestId('relay-verdict')).toHaveText('broken at the air');
  await expect(page.getByTestId('dock')).toContainText('a simplex hotspot hears slot 2 only');
  await choose(page, 'Ostrey All');
  await expect(page.getByTestId('relay-verdict')).toHaveText('you can talk but will not hear: broken at the channel');
  await expect(hop(page, 'destination')).toHaveAttribute('data-state', 'whole');
  await expect(page.getByTestId('dock')).toContainText('lacks it');
  await page.getByTestId('dock').getByRole('button', { name: 'Add 588 to “Lantern”' }).click();
  await expect(page.getByTestId('relay-verdict')).toHaveText('whole, both ways');
});

test('435.5 MHz is refused as agreement, and the nearest clear frequency is offered', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'hotspots'));
  await page.getByLabel('Frequency').fill('435,5');
  await page.getByLabel('Frequency').press('Enter');
  const finding = page.locator('[data-check="satellite-segment"]');
  await expect(finding).toContainText('435.5000 MHz, in the 70 cm satellite segment');
  await expect(tally(page)).toContainText('3 broken');
  await finding.getByRole('button', { name: 'Move Home and its channels to 434.9875 MHz' }).click();
  await expect(page.getByLabel('Frequency')).toHaveValue('434.9875');
});

test('findings are worked through by keyboard: arrows, full stop, t', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'agreement'));
  await expect(page.locator('article[data-check]')).toHaveCount(9);
  await page.getByLabel(/^Findings; arrows/).focus();
  for (let left = 9; left > 0; left -= 1) {
    await page.keyboard.press('t');
    await expect(page.getByTestId('dock')).toBeVisible();
    await page.keyboard.press('.');
    await expect(page.locator('article[data-check]')).toHaveCount(left - 1);
  }
  await expect(tally(page)).toContainText('59 whole');
});

test('wrong input stays in the field with its reason', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'hotspots'));
  await page.getByLabel('Color code').fill('16');
  await page.getByLabel('Color code').press('Enter');
  await expect(
    page.getByRole('alert').filter({ hasText: 'Found “16”, expected a whole number from 0 to 15.' }),
  ).toBeVisible();
  await expect(page.getByLabel('Color code')).toHaveValue('16');
  expect((await relay.read(id)).document.sites.byId['s1']!.dmr!.colorCode).toBe(1);
});

test('removing a group says what it takes along, and undo brings it back', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'networks'));
  await page.getByRole('button', { name: 'Remove group Hask Wide' }).click();
  await expect(page.getByTestId('notice')).toContainText('1 want went with it, 1 channel link was cut');
  // The number still goes out: that nobody lists it is worth a note, and breaks nothing.
  await expect(tally(page)).toContainText('0 broken');
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('3 whole');
});
