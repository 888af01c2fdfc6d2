/**
 * Radios as data: a kind is taken, its figures corrected, kept as a kind of one's own, handed on and read elsewhere.
 */
import { readFileSync } from 'node:fs';
import { rows } from '@relay/core/plan/table';
import { cell, expect, saved, test } from './story';

test('a description of a radio is made, kept, shared, and another radio takes it', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'radios/handheld'));
  const kind = page.getByRole('combobox', { name: 'Figures of' });
  await kind.click({ force: true });
  await page.getByRole('option', { name: 'Basic DMR handheld' }).click();
  await expect(page.getByLabel('Channels', { exact: true })).toHaveValue('128');
  // A figure that nobody knows is no limit; what is known is a user's to correct.
  await page.getByLabel('Contacts', { exact: true }).fill('');
  await page.getByLabel('Contacts', { exact: true }).press('Enter');
  await page.getByLabel('Characters of a name').fill('10');
  await page.getByLabel('Characters of a name').press('Enter');
  await page.getByLabel('Only receives').fill('400–410');
  await page.getByLabel('Only receives').press('Enter');
  await page.getByRole('button', { name: 'Keep its figures as a kind' }).click();
  await saved(page);
  const { document } = await relay.read(id);
  const { limits, receiveOnly, dmr } = document.radios.byId['handheld']!;
  expect(limits).toMatchObject({ channels: 128, contacts: null, nameLength: 10 });
  expect(receiveOnly).toEqual([{ lowHz: 400_000_000, highHz: 410_000_000 }]);
  // Whose radio it is has stayed.
  expect(dmr!.id).toBe(9_992_417);
  expect(Object.values(document.kinds.byId).map(({ name }) => name)).toEqual(['Handheld']);

  const [download] = await Promise.all([page.waitForEvent('download'), page.getByTestId('share-radio').click()]);
  expect(download.suggestedFilename()).toBe('handheld.radio.json');
  const shared = readFileSync(await download.path());
  expect(shared.toString()).not.toContain('9992417');

  const other = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(other, 'radios/handheld'));
  const readable = { name: 'club.radio.json', mimeType: 'application/json' };
  await page.getByTestId('read-radio').setInputFiles({ ...readable, buffer: Buffer.from('{"format":"other"}') });
  await expect(page.getByText('club.radio.json is no description of a radio')).toBeVisible();
  await page.getByTestId('read-radio').setInputFiles({ ...readable, buffer: shared });
  await expect(page.getByLabel('Characters of a name')).toHaveValue('10');
  await expect(page.getByLabel('Contacts', { exact: true })).toHaveValue('');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByLabel('Characters of a name')).toHaveValue('16');
});

test('steps of power are named as the radio names them, as many as there are, and channels follow', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'radios/handheld'));
  const add = async (name: string, watts: string) => {
    await page.getByLabel('Name of a further step').fill(name);
    await page.getByLabel('Its watts').fill(watts);
    await page.getByLabel('Its watts').press('Enter');
  };
  await add('high', '8');
  await expect(page.getByText('Found “high”, expected a name that no other step has.')).toBeVisible();
  await add('P1', '0.2');
  for (let n = 2; n <= 9; n += 1) await add(`P${n}`, String(n + 0.5));
  await page.getByLabel('Name of step 2').fill('Eco');
  await page.getByLabel('Name of step 2').press('Enter');
  await saved(page);
  const { document } = await relay.read(id);
  // By their watts, the least first.
  expect(document.radios.byId['handheld']!.power.map(({ name }) => name)).toEqual([
    ...['P1', 'Eco', 'P2', 'P3', 'P4', 'high', 'P5', 'P6', 'P7', 'P8', 'P9'],
  ]);
  expect(new Set(rows(document.codeplugs['handheld']!.channels).map(({ power }) => power))).toEqual(new Set(['Eco']));

  await page.setViewportSize({ width: 1920, height: 900 });
  await page.goto(relay.at(id, 'codeplugs/handheld'));
  const power = await cell(page, 0, 'Power');
  await power.click();
  await page.keyboard.type('turbo');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('notice')).toContainText('expected a step of its power: P1, Eco, P2');
  await power.click();
  await page.keyboard.type('p3');
  await page.keyboard.press('Enter');
  await expect(power).toContainText('P3');
});
