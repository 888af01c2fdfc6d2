/** Lists of sites: imported by looking, read near and far, corrected in their columns. */
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { expect, type Relay, saved, tally, test } from './story';

const demoList = (name: string) => fileURLToPath(new URL(`../demo/lists/${name}`, import.meta.url));

async function forgetAll(relay: Relay): Promise<void> {
  const lists = (await (await fetch(`${relay.url}/api/v1/lists`)).json()) as { id: string }[];
  for (const { id } of lists) await fetch(`${relay.url}/api/v1/lists/${id}`, { method: 'DELETE' });
}

async function choose(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Import a list' }).first().click();
  await page.getByLabel('List of sites', { exact: true }).setInputFiles(demoList(name));
  await expect(page.getByTestId('list-counts')).toContainText(name);
}

test('three layouts come in by looking, a fourth needs a column chosen; the nearest come first', async ({ page, relay }) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites'));
  for (const [name, sites] of [['isles-club.csv', 10], ['survey.csv', 6], ['harbour-book.geojson', 4]] as const) {
    await choose(page, name);
    await expect(page.getByTestId('list-counts')).toContainText(`${sites} sites, 0 of them with a doubt, 0 lines rejected`);
    await page.getByTestId('import-list').click();
    await expect(page.getByTestId('import-list')).toBeHidden();
  }
  await choose(page, 'boat-notes.csv');
  await expect(page.getByTestId('list-counts')).toContainText('no headings');
  await expect(page.getByTestId('list-column').nth(3)).toContainText('12 Quay Row');
  await page.getByTestId('list-column').nth(3).locator('.el-select__wrapper').click();
  await page.getByRole('option', { name: 'place', exact: true }).click();
  await expect(page.getByTestId('list-column').nth(3)).toContainText('place');
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
  await expect(page.getByTestId('list')).toHaveCount(4);

  // From the demo's hotspot; the fourth list has no positions.
  await expect(page.getByTestId('near-site')).toHaveCount(20);
  await expect(page.getByTestId('near-site').first()).toHaveText(/0\.4\s*18° NNE\s*QO1HSK B\s*Hask Head Hask\s*439\.4250\s*-7\.6\s*DMR\s*CC 1\s*417\s*588, 591\s*on the air/);
  await page.getByText('miles', { exact: true }).click();
  await expect(page.getByTestId('near-site').first()).toContainText('0.2');
  await page.getByLabel('From').fill('HN36kv');
  await page.getByLabel('From').press('Enter');
  await expect(page.getByTestId('near-site').first()).toContainText('North Cape');
  await expect(page).toHaveURL(/from=HN36kv/);
  await page.getByLabel('From').fill('somewhere');
  await page.getByLabel('From').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Found “somewhere”, expected a locator such as HN36gr');
  // The main island's coast road, south to north.
  await page.getByText('Along a trip', { exact: true }).click();
  await page.getByLabel('Within km').fill('4');
  await page.getByLabel('Within km').press('Enter');
  await page.getByLabel('GPX track').setInputFiles(demoList('coast-road.gpx'));
  await expect(page.getByTestId('trip-words')).toContainText('34.5 mi, 20 sites within 4 km of it. Nothing from 4.2 mi to 4.9 mi');
  await expect(page.getByTestId('near-site').first()).toContainText('Whale Point');
  await expect(page.getByTestId('near-site').last()).toContainText('North Cape');
  await page.getByRole('button', { name: 'Type instead' }).click();
  await page.getByLabel('Places, one a line').fill('46.92, -33.14\n46.55, -33.63');
  await page.getByRole('button', { name: 'Show what is on the way' }).click();
  await expect(page.getByTestId('near-site').first()).toContainText('North Cape');
  await page.getByLabel('Places, one a line').fill('46.92, -33.14\nnowhere');
  await expect(page.getByRole('button', { name: 'Show what is on the way' })).toBeDisabled();
  await page.getByText('Near me', { exact: true }).click();
  await page.getByRole('button', { name: 'Forget isles-club' }).click();
  await expect(page.getByTestId('near-site')).toHaveCount(10);
  await forgetAll(relay);
});

test('a wrong tone is corrected once, and stands when a newer version of the list comes in', async ({ page, relay }) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites?mode=FM'));
  await choose(page, 'isles-club.csv');
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
  const ellery = page.getByTestId('near-site').filter({ hasText: 'QO1ELY' });
  await expect(ellery).toContainText('110.9 Hz');
  await ellery.getByRole('button', { name: 'Correct QO1ELY' }).click();
  await page.getByLabel('Should be').fill('110.0');
  await page.getByTestId('save-correction').click();
  await expect(page.getByRole('alert')).toContainText('Found “110.0”, expected a CTCSS tone such as 110.9, a DCS code such as D023, or none.');
  await page.getByLabel('Should be').fill('107,2');
  await page.getByLabel('Why').fill('heard it');
  await page.getByTestId('save-correction').click();
  await expect(ellery).toContainText('107.2 Hz');
  await expect(ellery).toContainText('corrected');

  await choose(page, 'isles-club-newer.csv');
  await page.getByLabel('Name', { exact: true }).fill('isles-club');
  await page.getByLabel('Name', { exact: true }).press('Tab');
  await expect(page.getByTestId('list-difference')).toContainText('1 new, 1 changed (QO1MRN), 8 the same, 1 gone (QO1GLN)');
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
  await expect(page.getByTestId('list')).toHaveCount(1);
  await expect(ellery).toContainText('107.2 Hz');
  const sheet = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Corrections of isles-club' }).click();
  const path = await (await sheet).path();
  expect(readFileSync(path, 'utf8')).toContain('QO1ELY,C,145.6875,Tone,110.9,"107,2",QO3VES,heard it,');
  await ellery.getByRole('button', { name: 'Correct QO1ELY' }).click();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(ellery).toContainText('110.9 Hz');
  await forgetAll(relay);
});

test('a clear frequency is found for the hotspot, with the reason; its channels go along', async ({ page, relay }) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites'));
  await choose(page, 'isles-club.csv');
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
  await page.goto(relay.at(id, 'hotspots/home'));
  await page.getByRole('button', { name: 'Find a clear frequency' }).click();
  // One of the ten is off the air.
  await expect(page.getByText('9 sites are within 50 km')).toBeVisible();
  await expect(page.getByTestId('present')).toContainText('Now: 439.1250 MHz; the nearest is');
  await expect(page.getByTestId('clearest')).toContainText(/434\.2500 MHz is the clearest of the 70 cm raster: the nearest is [\d.]+ kHz off/);
  await page.getByTestId('take-frequency').click();
  await expect(tally(page)).toContainText('12 whole');
  await saved(page);
  const { document } = await relay.read(id);
  expect(document.sites.byId['home']!.txHz).toBe(434_250_000);
  expect(Object.values(document.codeplugs['handheld']!.channels.byId).every((channel) => channel.rxHz === 434_250_000)).toBe(true);
  // The round number that people choose.
  await page.getByLabel('Frequency', { exact: true }).fill('435.5');
  await page.getByLabel('Frequency', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Find a clear frequency' }).click();
  await expect(page.getByTestId('present')).toContainText('435.5000 MHz; it lies in what is taken: 70 cm satellite segment');
  await forgetAll(relay);
});

test('a list that is none, and lines that are wrong, say so; nothing is stored', async ({ page, relay }) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites'));
  await page.getByRole('button', { name: 'Import a list' }).first().click();
  const input = page.getByLabel('List of sites', { exact: true });
  await input.setInputFiles({ name: 'letter.txt', mimeType: 'text/plain', buffer: Buffer.from('Dear all,\nthe repeater is on again.\n') });
  await expect(page.getByText('No column is taken for call sign or site sends on')).toBeVisible();
  await expect(page.getByTestId('import-list')).toBeDisabled();
  await input.setInputFiles({ name: 'wrong.csv', mimeType: 'text/csv', buffer: Buffer.from('call,output,ctcss\nQO1AA,145.6,110.0\nQO1AB,145.7,88.5\nnobody,145.8,\n') });
  await expect(page.getByTestId('list-counts')).toContainText('2 sites, 1 of them with a doubt, 1 lines rejected');
  await expect(page.getByText('Line 4, call: found “nobody”, expected a call sign.')).toBeVisible();
  await expect(page.getByText('Line 2, ctcss: found “110.0”, expected a tone of the table, such as 110.9.')).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  expect(await (await fetch(`${relay.url}/api/v1/lists`)).json()).toEqual([]);
});
