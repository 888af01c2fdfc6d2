/** The codeplug workshop: many cells at once, zones by hand and by rule, scan lists, names, and radios brought along. */
import type { Locator, Page } from '@playwright/test';
import { newRadio } from '@relay/core/plan/create';
import { destinationKey } from '@relay/core/plan/destination-key';
import { putRow, rows } from '@relay/core/plan/table';
import type { Codeplug, Plan } from '@relay/core/plan/types';
import { sitesPlan } from '@relay/core/testing/sample-sites';
import { cell, channelsOf, choose, expect, type Relay, saved, tally, test } from './story';

/** Hotspot and three repeaters; a second radio of two bands that holds four channels, with the first mode of each. */
const withSmall = (plan: Plan): void => {
  const small = newRadio('small', 'Pocket', ['dmr', 'fm'], JSON.parse(JSON.stringify(plan.station)) as Plan['station']);
  small.limits.channels = 4;
  putRow(plan.radios, small);
  plan.priorities[destinationKey({ mode: 'fm', kind: 'local' })] = 'first';
};

async function openSheet(page: Page, relay: Relay, change: (plan: Plan) => void = () => undefined): Promise<string> {
  const id = await relay.create({ document: sitesPlan(change) });
  await page.goto(relay.at(id, 'codeplugs/r1'));
  await expect(page.locator('revogr-data .rgCell', { hasText: 'Hask Wide' }).first()).toBeVisible();
  await expect(tally(page)).toContainText('8 whole');
  return id;
}
const codeplugOf = async (relay: Relay, id: string): Promise<Codeplug> =>
  (await relay.read(id)).document.codeplugs['r1']!;
const zone = (page: Page, name: string): Locator => page.getByRole('region', { name: `Zone ${name}`, exact: true });

test('channels are dragged from zone to zone, several at once, and moved, joined and parted by menu', async ({
  page,
  relay,
}) => {
  const id = await openSheet(page, relay);
  const names = rows((await codeplugOf(relay, id)).zones).map(({ name }) => name);
  const [first, second] = [names[0]!, names[1]!];
  for (const name of [first, second]) await zone(page, name).getByRole('button', { expanded: false }).first().click();
  const [from, to] = [zone(page, first), zone(page, second)];
  const count = await from.getByRole('option').count();
  const there = await to.getByRole('option').count();
  await from.getByRole('option').nth(0).click();
  await from
    .getByRole('option')
    .nth(1)
    .click({ modifiers: ['Shift'] });
  await from.getByRole('option').nth(1).dragTo(to.getByRole('option').nth(0));
  await expect(to.getByRole('option')).toHaveCount(there + 2);
  await expect(from.getByRole('option')).toHaveCount(count - 2);
  // The same by menu, and as one step back.
  await page.getByTestId('undo').click();
  await expect(from.getByRole('option')).toHaveCount(count);
  await from.getByRole('option').nth(0).press('Space');
  await from.getByRole('button', { name: /^Also in/ }).click();
  await page.getByRole('menuitem', { name: second, exact: true }).click();
  await expect(to.getByRole('option')).toHaveCount(there + 1);
  await expect(from.getByRole('option')).toHaveCount(count);
  await page.getByRole('button', { name: `Zone ${first}: what can be done` }).click();
  await page.getByRole('menuitem', { name: `Take in ${second}` }).click();
  await expect(page.getByRole('region', { name: `Zone ${second}`, exact: true })).toHaveCount(0);
  await saved(page);
  const { zones } = await codeplugOf(relay, id);
  expect(rows(zones).map(({ name }) => name)).toEqual(names.filter((name) => name !== second));
});

test('a zone is filled by rule, told when it is behind, and brought up to date after a look', async ({
  page,
  relay,
}) => {
  const id = await openSheet(page, relay);
  await page.getByLabel('New zone: name').fill('Near');
  await page.getByLabel('New zone: name').press('Enter');
  await page.getByRole('button', { name: 'Zone Near: what can be done' }).click();
  await page.getByRole('menuitem', { name: 'Fill it by rule' }).click();
  await page.locator('.el-drawer .el-checkbox', { hasText: 'FM' }).click();
  await expect(page.getByTestId('rule-preview')).toContainText('1 channel now');
  await page.getByTestId('fill-by-rule').click();
  await expect(zone(page, 'Near')).toContainText('FM within 50 km of the station, by distance');
  // Taken out by hand: the zone is not what its rule says, and stays so until somebody says otherwise.
  await zone(page, 'Near').getByRole('button', { expanded: false }).first().click();
  await zone(page, 'Near').getByRole('option').press('Delete');
  await page.getByTestId('look-refresh').click();
  await expect(page.getByTestId('refresh-preview')).toContainText('1 channel in');
  await page.getByTestId('put-refresh').click();
  await expect(page.getByTestId('look-refresh')).toHaveCount(0);
  await saved(page);
  const near = rows((await codeplugOf(relay, id)).zones).find(({ name }) => name === 'Near')!;
  expect([near.channelIds, near.rule?.modes]).toEqual([['ch-w-fm'], ['fm']]);
});

test('a scan list of a zone leaves out what would keep the radio, with the reason; what a channel hears is told', async ({
  page,
  relay,
}) => {
  const id = await openSheet(page, relay, (plan) => {
    const network = plan.networks.byId['n1']!;
    if (network.mode === 'dmr') network.groups.byId['g2']!.category = 'world';
  });
  await page.getByRole('tab', { name: 'Scan' }).click();
  await page.getByRole('button', { name: 'Scan a zone' }).click();
  const [first] = rows((await codeplugOf(relay, id)).zones);
  await page.getByRole('menuitem', { name: first!.name, exact: true }).click();
  await expect(page.getByTestId('scan-left-out')).toContainText('worldwide: the radio would stay there: Ostrey All');
  await saved(page);
  const [list] = rows((await codeplugOf(relay, id)).scanLists);
  expect(list).toMatchObject({ name: first!.name, zoneId: first!.id, channelIds: ['ch-w-g1'] });
  await page.getByRole('tab', { name: 'Hears' }).click();
  await (await cell(page, 0, 'Slot')).click();
  await expect(page.getByTestId('hears-now')).toContainText('417 Hask Wide once somebody keys it here');
});

test('many cells are changed with a preview, found and replaced, counted up; a bad one stays out; one step back each', async ({
  page,
  relay,
}) => {
  const id = await openSheet(page, relay);
  await page.getByLabel('Show channels with these words').fill('site:"Hask Head"');
  await expect(page.getByRole('toolbar', { name: 'Sheet' })).toContainText('2 of 8');
  await page.getByTestId('change-many').click();
  await choose(page, 'Column', 'Power');
  await page.getByLabel('New value').fill('low');
  await expect(page.getByTestId('change-count')).toHaveText('2 of 2 change.');
  await page.getByTestId('put-changes').click();
  await saved(page);
  const powers = async () => (await channelsOf(relay, id, 'Handheld')).map(({ power }) => power).join(' ');
  expect(await powers()).toBe('low low low low low low high high');
  await page.getByTestId('undo').click();
  await saved(page);
  expect(await powers()).toBe('low low low low high high high high');
  await page.getByLabel('Show channels with these words').fill('');
  await page.getByTestId('change-many').click();
  await page.getByText('Find and replace').click();
  await page.getByLabel('Find', { exact: true }).fill('Hask');
  await page.getByLabel('New value').fill('Hsk');
  // Names are taken; a site of that name there is none.
  await expect(page.getByTestId('change-count')).toContainText('cannot be taken');
  await page.getByTestId('put-changes').click();
  await expect(await cell(page, 0, 'Channel')).toContainText('Hsk Wide');
  await saved(page);
  await (await cell(page, 0, 'Channel')).click();
  await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('button', { name: 'Remove 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(await cell(page, 1, 'Channel')).toContainText('Hsk Wide 2');
  await saved(page);
  expect((await channelsOf(relay, id, 'Handheld')).length).toBe(10);
  await choose(page, 'Columns', 'Tuning');
  await expect(page.locator('revogr-header .rgHeaderCell', { hasText: 'Slot' })).toHaveCount(0);
});

test('names follow the pattern of their zone, with short forms of one’s own, after a look', async ({ page, relay }) => {
  const id = await openSheet(page, relay);
  const [first] = rows((await codeplugOf(relay, id)).zones);
  await zone(page, first!.name).getByRole('button', { expanded: false }).first().click();
  await page.getByLabel(`Pattern of names in ${first!.name}`).fill('{network} {group}');
  await page.getByLabel(`Pattern of names in ${first!.name}`).press('Enter');
  await page.getByRole('button', { name: /^Names:/ }).click();
  await page.getByLabel('Word', { exact: true }).fill('Lantern');
  await page.getByLabel('Its short form').fill('Ltn');
  await page.getByLabel('Its short form').press('Enter');
  await expect(page.getByTestId('renamings')).toContainText('Ltn Hask Wide');
  await page.getByTestId('put-names').click();
  await expect(await cell(page, 0, 'Channel')).toContainText('Ltn Hask Wide');
  await saved(page);
  expect((await relay.read(id)).document.shortForms).toEqual({ lantern: 'Ltn' });
});

test('a small radio is brought along: what comes first goes in, what is full is said, and the next time there is nothing to do', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ document: sitesPlan(withSmall) });
  await page.goto(relay.at(id, 'wants'));
  await expect(tally(page)).toContainText('8 whole');
  await page.getByTestId('bring').click();
  const pocket = page.getByRole('region', { name: 'Pocket' });
  await expect(pocket).toContainText('4 more');
  await expect(pocket).toContainText('no room: channels full');
  await page.getByTestId('put-brought').click();
  await expect(tally(page)).toContainText('12 whole');
  await saved(page);
  const made = await channelsOf(relay, id, 'Pocket');
  expect(made).toHaveLength(4);
  expect(made.some(({ mode }) => mode === 'fm')).toBe(true);
  await page.getByTestId('bring').click();
  await expect(pocket).toContainText('Nothing to add.');
  await expect(page.getByTestId('put-brought')).toBeDisabled();
});
