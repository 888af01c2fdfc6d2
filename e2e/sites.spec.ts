/** Lists of sites: imported by looking, read near and far, corrected in their columns, sought. */
import { readFileSync } from 'node:fs';
import { generatedList } from '../bench/generated-list';
import { choose, demoList, forgetAll, withClub } from './lists';
import { expect, saved, tally, test } from './story';

test('three layouts come in by looking, a fourth needs two columns chosen; the nearest come first', async ({
  page,
  relay,
}) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites'));
  for (const [name, sites] of [
    ['isles-club.csv', 10],
    ['survey.csv', 6],
    ['harbour-book.geojson', 4],
  ] as const) {
    await choose(page, name);
    await expect(page.getByTestId('list-counts')).toContainText(
      `${sites} sites, 0 of them with a doubt, 0 lines rejected`,
    );
    await page.getByTestId('import-list').click();
    await expect(page.getByTestId('import-list')).toBeHidden();
  }
  await choose(page, 'boat-notes.csv');
  await expect(page.getByTestId('list-counts')).toContainText('no headings');
  await expect(page.getByTestId('list-column').nth(3)).toContainText('12 Quay Row');
  for (const [at, field] of [
    [3, 'place'],
    [5, 'color code'],
  ] as const) {
    await page.getByTestId('list-column').nth(at).locator('.el-select__wrapper').click();
    await page.getByRole('option', { name: field, exact: true }).click();
    await expect(page.getByTestId('list-column').nth(at)).toContainText(field);
  }
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
  await expect(page.getByTestId('list')).toHaveCount(4);

  // From the demo's hotspot; the fourth list has no positions.
  await expect(page.getByTestId('near-site')).toHaveCount(20);
  await expect(page.getByTestId('near-site').first()).toHaveText(
    /0\.4\s*18° NNE\s*QO1HSK B\s*Hask Head Hask\s*439\.4250\s*-7\.6\s*DMR\s*CC 1\s*417\s*588, 591\s*on the air/,
  );
  await page.getByText('miles', { exact: true }).click();
  await expect(page.getByTestId('near-site').first()).toContainText('0.2');
  await page.getByLabel('From', { exact: true }).fill('HN36kv');
  await page.getByLabel('From', { exact: true }).press('Enter');
  await expect(page.getByTestId('near-site').first()).toContainText('North Cape');
  await expect(page).toHaveURL(/from=HN36kv/);
  await page.getByLabel('From', { exact: true }).fill('somewhere');
  await page.getByLabel('From', { exact: true }).press('Enter');
  await expect(page.getByRole('alert')).toContainText('Found “somewhere”, expected a locator such as HN36gr');
  // The main island's coast road, south to north.
  await page.getByText('Along a trip', { exact: true }).click();
  await page.getByLabel('GPX track').setInputFiles(demoList('coast-road.gpx'));
  await expect(page.getByLabel('Within km')).toHaveValue('4');
  await expect(page.getByTestId('empty-stretch')).toHaveText([
    /4\.2–4\.9\s*no site for 0\.7 mi/,
    /31\.9–32\.4\s*no site for 0\.5 mi/,
  ]);
  await expect(page.getByTestId('trip-words')).toContainText(
    '34.5 mi, 20 sites within 4 km of it. Nothing from 4.2 mi to 4.9 mi, and from 31.9 mi to 32.4 mi',
  );
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
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByTestId('near-site')).toHaveCount(10);
  await forgetAll(relay);
});

test('a wrong tone is corrected once, and stands when a newer version of the list comes in', async ({
  page,
  relay,
}) => {
  await withClub(page, relay, '?mode=FM');
  const ellery = page.getByTestId('near-site').filter({ hasText: 'QO1ELY' });
  await expect(ellery).toContainText('110.9 Hz');
  await ellery.getByRole('button', { name: 'Correct QO1ELY' }).click();
  await page.getByLabel('Should be').fill('110.0');
  await page.getByTestId('save-correction').click();
  await expect(page.getByRole('alert')).toContainText(
    'Found “110.0”, expected a CTCSS tone such as 110.9, a DCS code such as D023N, none, or nothing while it is not known.',
  );
  await page.getByLabel('Should be').fill('107,2');
  await page.getByLabel('Why').fill('heard it');
  await page.getByTestId('save-correction').click();
  await expect(ellery).toContainText('107.2 Hz');
  await expect(ellery).toContainText('corrected');

  await choose(page, 'isles-club-newer.csv');
  await page.getByLabel('Name', { exact: true }).fill('isles-club');
  await page.getByLabel('Name', { exact: true }).press('Tab');
  await expect(page.getByTestId('list-difference')).toContainText(
    '1 new, 1 changed (QO1MRN), 8 the same, 1 gone (QO1GLN)',
  );
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
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(ellery).toContainText('107.2 Hz');
  await expect(page.getByRole('button', { name: 'Put it back' })).toBeHidden();
  await forgetAll(relay);
});

test('a clear frequency is found for the hotspot, with the reason; its channels go along', async ({ page, relay }) => {
  const id = await withClub(page, relay);
  await page.goto(relay.at(id, 'hotspots/home'));
  await page.getByRole('button', { name: 'Find a clear frequency' }).click();
  // One of the ten is off the air.
  await expect(page.getByText('9 sites of lists are within 50 km')).toBeVisible();
  await expect(page.getByTestId('present')).toContainText('Now: 439.1250 MHz; the nearest is');
  await expect(page.getByTestId('clearest')).toContainText(
    /434\.2500 MHz is the clearest of the\s+70 cm raster:\s+the nearest is [\d.]+ kHz off/,
  );
  await page.getByTestId('take-frequency').click();
  await expect(tally(page)).toContainText('12 whole');
  await saved(page);
  const { document } = await relay.read(id);
  expect(document.sites.byId['home']!.txHz).toBe(434_250_000);
  expect(
    Object.values(document.codeplugs['handheld']!.channels.byId).every((channel) => channel.rxHz === 434_250_000),
  ).toBe(true);
  // The round number that people choose.
  await page.getByLabel('Frequency', { exact: true }).fill('435.5');
  await page.getByLabel('Frequency', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Find a clear frequency' }).click();
  await expect(page.getByTestId('present')).toContainText(
    '435.5000 MHz; it lies in what is taken: 70 cm satellite segment',
  );
  await forgetAll(relay);
});

test('a list that is none, and lines that are wrong, say so; nothing is stored', async ({ page, relay }) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites'));
  await page.getByRole('button', { name: 'Import a list' }).first().click();
  const input = page.getByLabel('List of sites', { exact: true });
  await input.setInputFiles({
    name: 'letter.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('Dear all,\nthe repeater is on again.\n'),
  });
  await expect(page.getByText('No column is taken for call sign or site sends on')).toBeVisible();
  await expect(page.getByTestId('import-list')).toBeDisabled();
  await input.setInputFiles({
    name: 'wrong.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('call,output,ctcss\nQO1AA,145.6,110.0\nQO1AB,145.7,88.5\nnobody,145.8,\n'),
  });
  await expect(page.getByTestId('list-counts')).toContainText('2 sites, 1 of them with a doubt, 1 lines rejected');
  await expect(page.getByText('Line 4, call: found “nobody”, expected a call sign.')).toBeVisible();
  await expect(
    page.getByText('Line 2, ctcss: found “110.0”, expected a tone of the table, such as 110.9.'),
  ).toBeVisible();
  const rejected = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the 1 rejected line' }).click();
  expect(readFileSync(await (await rejected).path(), 'utf8')).toBe(
    'call,output,ctcss,rejected because\r\nnobody,145.8,,"call: found “nobody”, expected a call sign"\r\n',
  );
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  expect(await (await fetch(`${relay.url}/api/v1/lists`)).json()).toEqual([]);
});

test('sixty thousand lines come in with progress, are given up half way with nothing left, then come in whole; the map pans smoothly', async ({
  page,
  relay,
}) => {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'sites'));
  await page.getByRole('button', { name: 'Import a list' }).first().click();
  const file = { name: 'long.csv', mimeType: 'text/csv', buffer: Buffer.from(generatedList(60_000)) };
  const input = page.getByLabel('List of sites', { exact: true });
  await input.setInputFiles(file);
  await expect(page.getByTestId('list-counts')).toContainText('60,000 sites');
  await page.getByTestId('import-list').click();
  await expect(page.getByText(/of 60,000 lines/)).toBeVisible();
  await expect
    .poll(async () => Number(await page.getByLabel('Lines stored').getAttribute('value')))
    .toBeGreaterThan(4000);
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('Stopped. Nothing was stored.')).toBeVisible();
  expect(await (await fetch(`${relay.url}/api/v1/lists`)).json()).toEqual([]);

  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden({ timeout: 60_000 });
  expect(
    ((await (await fetch(`${relay.url}/api/v1/lists`)).json()) as { sites: number }[]).map((one) => one.sites),
  ).toEqual([60_000]);

  await page.getByText('Map', { exact: true }).click();
  await expect(page.getByTestId('map-words')).toContainText('of 60,000 sites are in view');
  // Whoever is chosen in the list is the one that the map rings.
  await page.getByTestId('map-site').nth(2).getByRole('button').first().click();
  await expect(page.getByTestId('map-site').nth(2).getByRole('button').first()).toHaveAttribute('aria-current', 'true');
  const map = page.getByRole('application', { name: /^Map/ });
  await map.focus();
  for (let press = 0; press < 12; press += 1) await page.keyboard.press('-');
  await expect(page.getByTestId('map-words')).toContainText(/^\s*[345]\d,\d{3} of 60,000|60,000 of 60,000/);
  // While it is dragged over the whole world: frames drawn, and the longest that drawing one kept the page busy.
  const box = (await map.boundingBox())!;
  await page.evaluate(() => {
    const seen = { frames: 0, longest: 0 };
    Object.assign(window, { seen });
    const count = () => {
      const start = performance.now();
      requestAnimationFrame(count);
      queueMicrotask(() => {
        seen.frames += 1;
        seen.longest = Math.max(seen.longest, performance.now() - start);
      });
    };
    requestAnimationFrame(count);
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) seen.longest = Math.max(seen.longest, entry.duration);
    }).observe({ entryTypes: ['longtask'] });
  });
  await page.mouse.move(box.x + 300, box.y + 200);
  await page.mouse.down();
  for (let step = 0; step < 40; step += 1) await page.mouse.move(box.x + 300 + step * 5, box.y + 200 + (step % 9));
  await page.mouse.up();
  const seen = await page.evaluate(() => (window as unknown as { seen: { frames: number; longest: number } }).seen);
  test.info().annotations.push({
    type: 'map',
    description: `${seen.frames} frames, longest task ${seen.longest.toFixed(0)} ms`,
  });
  expect(seen.frames).toBeGreaterThan(10);
  await forgetAll(relay);
});

test('sites are sought by words, page on, and are found from anywhere', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  const lines = Array.from(
    { length: 150 },
    (_, n) =>
      `QO5S${String.fromCharCode(65 + Math.floor(n / 26))}${String.fromCharCode(65 + (n % 26))};Seek ${n};439.1;FM;${46 + n / 100};-33.4`,
  );
  const body = `Call sign;Name;Output MHz;Mode;Lat;Lon\n${lines.join('\n')}\nQO6NOP;Nowhere Mast;438.9;FM;;\n`;
  await fetch(`${relay.url}/api/v1/lists?name=Seek`, { method: 'POST', body });
  await page.goto(relay.at(id, 'sites'));
  await page.getByTestId('more-sites').click();
  await expect(page.locator('.count')).toContainText('the 120 nearest');
  await page.getByLabel('Call sign, name, town or frequency').fill('seek 149');
  await page.getByLabel('Call sign, name, town or frequency').press('Enter');
  await expect(page.getByTestId('near-site')).toHaveCount(1);
  await expect(page.getByTestId('near-site')).toContainText('Seek 149');
  await page.getByRole('button', { name: 'Back to what is near' }).click();
  await page.getByRole('button', { name: /without a position$/ }).click();
  await expect(page.getByTestId('near-site').filter({ hasText: 'QO6NOP' })).toContainText('place not said');
  await page.keyboard.press('Control+K');
  await page.keyboard.type('seek 77');
  await page.getByRole('option', { name: /in a list.*Seek 77/ }).click();
  await expect(page.getByTestId('near-site').filter({ hasText: 'Seek 77' })).toBeVisible();
  // Actions are found by other words too, and are carried out.
  await page.keyboard.press('Control+K');
  await page.keyboard.type('csv');
  await page.getByRole('option', { name: /Import a list/ }).click();
  await expect(page.getByRole('dialog').filter({ hasText: 'Import' })).toBeVisible();
});
