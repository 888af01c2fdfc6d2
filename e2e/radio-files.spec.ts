/**
 * The files of radios' own programs: a kit taught, filled, changed by the radio's program and read back; one
 * borrowed.
 */
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { forgetAll, take } from './lists';
import { expect, saved, tally, test } from './story';

const kitFolder = (name: string) => fileURLToPath(new URL(`../demo/layouts/${name}/`, import.meta.url));
const filesOf = (name: string) => readdirSync(kitFolder(name)).map((file) => `${kitFolder(name)}${file}`);

async function filled(page: Page): Promise<Record<string, Buffer>> {
  await page.getByTestId('fill-kit').click();
  await expect(page.getByTestId('fill-report')).toContainText('read back as the plan has them');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByTestId('save-kit-files').click()]);
  const files = unzipSync(new Uint8Array(readFileSync(await download.path())));
  return Object.fromEntries(Object.entries(files).map(([name, bytes]) => [name, Buffer.from(bytes)]));
}

const given = (page: Page, testId: string, files: Record<string, Buffer>) =>
  page
    .getByTestId(testId)
    .setInputFiles(Object.entries(files).map(([name, buffer]) => ({ name, mimeType: 'text/csv', buffer })));

test('a kit is taught, filled and read back; what the radio’s program changed is taken over, and a clean comparison marks the radio as written', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'carry-out'));
  await page.getByRole('link', { name: 'Own files of Handheld' }).click();
  await page.getByTestId('give-kit').setInputFiles(filesOf('tideline'));
  await expect(page.getByTestId('teach-state')).toContainText('4 tables');
  // What was understood can be corrected, and comes back.
  await expect(page.getByTestId('kit-column').filter({ hasText: /^Color Code/ })).toContainText(
    'sure, by title and content',
  );
  await page.getByTestId('keep-kit').click();
  await expect(page.getByTestId('kit-state')).toContainText('marked as written');
  await saved(page);

  const files = await filled(page);
  expect(Object.keys(files).sort()).toEqual([
    'channels.csv',
    'contacts.csv',
    'manifest.json',
    'rx-group-lists.csv',
    'zones.csv',
  ]);
  const sample = readFileSync(`${kitFolder('tideline')}channels.csv`);
  const channels = files['channels.csv']!;
  // The rows of the sample stand byte for byte before the new ones.
  expect(channels.subarray(0, sample.length).equals(sample)).toBe(true);
  const fresh = channels.subarray(sample.length).toString().trimEnd().split('\r\n');
  expect(fresh).toHaveLength(12);
  expect(fresh[0]).toContain('439.12500');
  expect(JSON.parse(files['manifest.json']!.toString()) as object).toMatchObject({ radio: 'Handheld' });

  // The radio's program loses the sample's rows, and somebody turns a channel to the other slot.
  const { 'manifest.json': _, ...radio } = files;
  const [head, ...rows] = channels.toString().trimEnd().split('\r\n');
  const mine = rows.slice(-12);
  const cut = (line: string) => line.slice(1, -1).split('","');
  const slotAt = cut(head!).indexOf('Time Slot');
  const turned = mine.map((row, at) =>
    at === 3
      ? `"${cut(row)
          .map((cell, place) => (place === slotAt ? '1' : cell))
          .join('","')}"`
      : row,
  );
  const asCsv = (lines: string[]) => Buffer.from([head, ...lines, ''].join('\r\n'));
  const zones = files['zones.csv']!.toString().trimEnd().split('\r\n');
  const kept = { ...radio, 'zones.csv': Buffer.from([zones[0], ...zones.slice(-2), ''].join('\r\n')) };
  await given(page, 'compare-kit', { ...kept, 'channels.csv': asCsv(turned) });
  await expect(page.getByTestId('kit-difference')).toHaveCount(1);
  await expect(page.getByTestId('kit-difference')).toContainText('same name, another path');
  await expect(page.getByTestId('kit-difference')).toContainText('Slot: 2 → 1');
  await page.getByTestId('take-into-plan').click();
  await expect(page.getByTestId('compare-clean')).toContainText('Handheld holds what is planned: 12 channels the same');
  await expect(tally(page)).toContainText('1 broken');
  await expect(page.getByTestId('kit-state')).toContainText('read back as planned');
  await saved(page);
  const { document } = await relay.read(id);
  expect(document.written['handheld']!.readBack).toMatch(/^[0-9a-f]{16}$/);

  // Undo takes the mark back, then the line.
  await page.getByTestId('undo').click();
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('12 whole');
});

test('a layout is shared without anybody’s codeplug, and another radio’s files are begun with it', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'carry-out/files/handheld'));
  await page.getByTestId('give-kit').setInputFiles(filesOf('faro'));
  await page.getByTestId('keep-kit').click();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByTestId('share-kit').click()]);
  const shared = readFileSync(await download.path());
  expect(shared.toString()).toContain('"format": "yellow-relay-kit"');
  expect(shared.toString()).not.toContain('Hask Wide');

  const other = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(other, 'carry-out/files/handheld'));
  await page
    .getByTestId('give-kit')
    .setInputFiles({ name: 'shared.kit.json', mimeType: 'application/json', buffer: shared });
  await expect(page.getByTestId('kit-state')).toContainText('1 file, 4 tables');
  const files = await filled(page);
  const text = files['faro.xml']!.toString();
  expect(text.match(/<channel>/g)).toHaveLength(12);
  expect(text).toContain('439125000');
});

test('what is no table of a radio is refused with what was found and expected, and nothing changes', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'carry-out/files/handheld'));
  await given(page, 'give-kit', { 'wide.csv': Buffer.from(`a${',a'.repeat(200_000)}\n`) });
  await expect(page.getByTestId('kit-problem')).toContainText('found 200,001 columns, expected at most 300');
  await given(page, 'give-kit', { 'picture.png': Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 3, 4, 5, 6, 7]) });
  await expect(page.getByTestId('kit-problem')).toContainText('bytes that are no text');
  await given(page, 'give-kit', { 'notes.csv': Buffer.from('Day,Note\nMonday,wash\nTuesday,iron\n') });
  await expect(page.getByTestId('keep-kit')).toBeDisabled();
  await expect(page.getByRole('alert')).toContainText('None of the tables looks like a list of channels');
  expect((await relay.read(id)).document.kits.order).toEqual([]);
});

test('a borrowed codeplug becomes one’s own: matched, the lender’s things replaced, and mended whole', async ({
  page,
  relay,
}) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'sites'));
  await take(page, 'isles-club.csv');
  await page.goto(relay.at(id, 'carry-out/files/handheld'));
  await page.getByTestId('give-kit').setInputFiles(filesOf('borrowed'));
  await page.getByTestId('keep-kit').click();
  await page.getByTestId('borrow-kit').click();
  const state = page.getByTestId('borrow-state');
  await expect(state).toContainText('7 things of the lender’s found');
  const matched = Number(/^(\d+) of \d+/.exec((await state.innerText()).trim())![1]);
  expect(matched).toBeGreaterThanOrEqual(60);
  await expect(page.getByTestId('lender-thing').filter({ hasText: 'Frequency of the hotspot' })).toContainText(
    '438.8125 MHz 439.1250 MHz',
  );
  await expect(page.getByTestId('lender-thing').filter({ hasText: 'ID of the lender' })).toContainText('9992417');
  await page.getByTestId('begin-borrowed').click();
  await expect(page.getByRole('heading', { name: 'Agreement' })).toBeVisible();
  // What is broken now was broken in the other radios before: one press each.
  await expect(tally(page)).toContainText('3 broken');
  for (const [path, left] of [
    ['LNK001 C', '2 broken'],
    ['North News', '1 broken'],
    ['Storm Watch', '0 broken'],
  ] as const) {
    await page.getByRole('region', { name: 'Paths', exact: true }).getByRole('button', { name: path }).first().click();
    await page
      .getByRole('button', { name: /^(Set|Send) / })
      .first()
      .click();
    await expect(tally(page)).toContainText(left);
  }
  await expect(tally(page)).toContainText('0 broken');
  await saved(page);
  const { document } = await relay.read(id);
  expect(document.radios.byId['handheld']!.dmr!.id).toBe(9_992_417);
  await forgetAll(relay);
});

test('two codeplugs are compared by what their channels are, and two channels by what is likeliest to matter', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'codeplugs'));
  await page.getByRole('button', { name: 'Compare', exact: true }).click();
  await expect(page.getByTestId('compare-state')).toContainText('that differ');
  const table = await relay.create({ demo: 'all-modes' });
  const plan = Buffer.from(JSON.stringify((await relay.read(table)).document));
  await page
    .getByTestId('compare-file')
    .setInputFiles({ name: 'kept.relay.json', mimeType: 'application/json', buffer: plan });
  await expect(page.getByTestId('compare-state')).toContainText('5 that differ');
  await page.getByTestId('compared').filter({ hasText: 'Port Ellery' }).getByRole('button').click();
  await expect(page.getByTestId('between')).toContainText('Slot: 1 against 2 · another path: the likeliest cause');
});

test('a codeplug is compared with what it was before an edit', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  const { document, version } = await relay.read(id);
  const [channelId] = document.codeplugs['handheld']!.channels.order;
  const { name, power } = document.codeplugs['handheld']!.channels.byId[channelId!]!;
  const path = `/codeplugs/handheld/channels/byId/${channelId}/power`;
  const patches = [{ op: 'replace', path, value: power === 'low' ? 'high' : 'low' }];
  const one = { id: randomUUID(), kind: 'edit', target: null, label: `power of ${name}`, patches };
  const sent = await fetch(`${relay.url}/api/v1/plans/${id}`, {
    method: 'PATCH',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ version, edits: [one] }),
  });
  expect(sent.status, await sent.text()).toBe(200);
  await page.goto(relay.at(id, 'compare'));
  await page.getByTestId('compare-past').click();
  await page.getByRole('combobox', { name: 'Older versions of this plan' }).click();
  await page.getByRole('option', { name: `power of ${name}` }).click();
  await expect(page.getByTestId('compare-state')).toContainText('1 that differ');
  await expect(page.getByTestId('compared')).toContainText(name);
  await expect(page.getByTestId('compared')).toContainText('Power');
});

test('a kit without its files begins a codeplug with those that are given; letters of names can be corrected', async ({
  page,
  relay,
}) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'carry-out/files/handheld'));
  await page.getByTestId('give-kit').setInputFiles(filesOf('borrowed'));
  await page.getByTestId('keep-kit').click();
  const letters = page.getByRole('combobox', { name: /^Letters that names in channels/ });
  await letters.click({ force: true });
  await page.getByRole('option', { name: 'capitals' }).click();
  await saved(page);
  const kit = Object.values((await relay.read(id)).document.kits.byId)[0]!;
  expect(kit.tables.find(({ role }) => role === 'channels')!.letters).toBe('capitals');
  const shared = await Promise.all([page.waitForEvent('download'), page.getByTestId('share-kit').click()]);
  const layout = readFileSync(await shared[0].path());
  await page.getByRole('button', { name: 'Forget these files' }).click();
  await page
    .getByTestId('give-kit')
    .setInputFiles({ name: 'shared.kit.json', mimeType: 'application/json', buffer: layout });
  await page.getByTestId('borrow-given').setInputFiles(filesOf('borrowed'));
  await expect(page.getByTestId('borrow-state')).toContainText('63');
});

test('a card is filled with the repeaters near the station, and with those along a trip', async ({ page, relay }) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites'));
  await take(page, 'isles-club.csv');
  await page.goto(relay.at(id, 'carry-out/files/handheld'));
  const card =
    'Region;Label;Town;Relay call;Gateway call;Output;Sign;Shift;Lat;Lon;Beeps\r\n' +
    'Isles;Far Away;Gannet;QO9FAR B;QO9FAR G;438,100000;-;7,600000;47,100;-32,900;2\r\n';
  await given(page, 'give-kit', { 'sites.csv': Buffer.from(card) });
  await page.getByTestId('keep-kit').click();
  await page.getByLabel('At most so many sites').fill('2');
  await page.getByTestId('fill-card').click();
  await expect(page.getByTestId('card-report')).toContainText('2 rows added, 0 changed, 1 gone');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByTestId('save-card').click()]);
  const { 'sites.csv': sites } = unzipSync(new Uint8Array(readFileSync(await download.path())));
  expect(Buffer.from(sites!).toString()).toBe(
    `${card.split('\r\n')[0]}\r\n` +
      'isles-club;Hask Head;Hask;QO1HSK B;QO1HSK G;439,425000;-;7,600000;46,713;-33,419;2\r\n' +
      'isles-club;Breakwater;Port Ellery;QO1BRK B;QO1BRK G;439,350000;-;7,600000;46,686;-33,463;2\r\n',
  );
  // Along a trip the order is that of travel, and nothing that is listed as off the air is on it.
  await page.getByLabel('At most so many sites').fill('');
  await page.getByLabel('Within kilometres').fill('3');
  await page.getByLabel('Along a trip').fill('46.83, -33.24\n46.75, -33.36\n46.71, -33.42');
  await page.getByTestId('fill-card').click();
  await expect(page.getByTestId('card-report')).toContainText('4 rows added');
  await forgetAll(relay);
});
