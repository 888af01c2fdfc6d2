import { expect, saved, tally, test } from './story';

test('kill -9 of the server during edits loses nothing acknowledged, and what waits is sent later', async ({
  page,
  relay,
  server,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'station'));
  const place = page.getByLabel('Place');
  for (let at = 0; at < 4; at += 1) {
    await place.fill(`before ${at}`);
    await place.press('Enter');
  }
  await saved(page);
  const acknowledged = await relay.read(id);
  await place.fill('in flight');
  await Promise.all([place.press('Enter'), server.kill('SIGKILL')]);
  await page.getByLabel('Operator').fill('while it is gone');
  await page.getByLabel('Operator').press('Enter');
  await expect(page.getByTestId('save-state')).toHaveText('Not saved yet');
  await expect(page.getByRole('alert').filter({ hasText: 'The server does not answer' })).toBeVisible();
  await server.start();
  await saved(page);
  const after = await relay.read(id);
  expect(after.document.station).toMatchObject({ place: 'in flight', operator: 'while it is gone' });
  expect(after.recent.map((row) => row.label).slice(0, acknowledged.recent.length)).toEqual(
    acknowledged.recent.map((row) => row.label),
  );
  expect(new Set(after.recent.map((row) => (row as unknown as { id: string }).id)).size).toBe(
    acknowledged.recent.length + 2,
  );
});

test('edits made while the server was gone survive closing the window', async ({ page, relay, server, context }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'station'));
  await expect(tally(page)).toContainText('3 whole');
  await server.kill();
  await page.getByLabel('Place').fill('kept');
  await page.getByLabel('Place').press('Enter');
  await expect(page.getByTestId('save-state')).toHaveText('Not saved yet');
  await page.close();
  await server.start();
  const again = await context.newPage();
  await again.goto(relay.at(id, 'station'));
  await expect(again.getByLabel('Place')).toHaveValue('kept');
  await saved(again);
  expect((await relay.read(id)).document.station.place).toBe('kept');
});

test('two windows on one plan, both editing: both see both edits, none is lost', async ({ page, relay, context }) => {
  const id = await relay.threePaths();
  const other = await context.newPage();
  await page.goto(relay.at(id, 'station'));
  await other.goto(relay.at(id, 'hotspots'));
  await expect(other.getByLabel('Color code')).toHaveValue('1');
  await Promise.all([
    (async () => {
      for (let at = 0; at < 6; at += 1) {
        await page.getByLabel('Place').fill(`place ${at}`);
        await page.getByLabel('Place').press('Enter');
      }
    })(),
    (async () => {
      for (let at = 2; at < 8; at += 1) {
        await other.getByLabel('Color code').fill(String(at));
        await other.getByLabel('Color code').press('Enter');
      }
    })(),
  ]);
  await Promise.all([saved(page), saved(other)]);
  await expect.poll(async () => (await relay.read(id)).recent.length).toBe(12);
  const { document } = await relay.read(id);
  expect([document.station.place, document.sites.byId['s1']!.dmr!.colorCode]).toEqual(['place 5', 7]);
  await expect(tally(page)).toContainText('3 broken');
  await other.getByRole('link', { name: /^Station/ }).click();
  await expect(other.getByLabel('Place')).toHaveValue('place 5');
});
