import { chromium } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureDatabase, ensureKey, startCluster, stopCluster } from '../ops/cluster.mjs';
import { clusterFolder } from '../ops/paths.mjs';
import { LAUNCH } from './launch';
import { ServerProcess } from './server';
import { expect, Relay, saved, tally, test } from './story';

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
  await expect(other.getByRole('textbox', { name: 'Place' })).toHaveValue('place 5');
});

test('while PostgreSQL is stopped nothing that is typed goes back or is lost; it is sent when the database is back', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const home = mkdtempSync(join(tmpdir(), 'relay-away-'));
  const folder = clusterFolder(home);
  const url = await ensureDatabase(await startCluster(folder), 'relay');
  const server = new ServerProcess(0, { url, keyFile: ensureKey(folder) });
  try {
    await server.start();
    const relay = new Relay(server.url);
    const id = await relay.threePaths();
    await page.goto(relay.at(id, 'station'));
    const place = page.getByLabel('Place');
    await expect(tally(page)).toContainText('3 whole');
    stopCluster(folder);
    // Twenty seconds of typing: the server answers all the while that its database does not.
    for (let at = 0; at < 10; at += 1) {
      await place.fill(`typed ${at}`);
      await place.press('Enter');
      await page.waitForTimeout(2000);
      await expect(place).toHaveValue(`typed ${at}`);
    }
    await expect(page.getByTestId('save-state')).toHaveText('Waiting for the database');
    await expect(page.getByRole('alert').filter({ hasText: 'The database does not answer' })).toBeVisible();
    // Another window cannot open the plan now, says so, and does it by itself.
    const other = await page.context().newPage();
    await other.goto(relay.at(id, 'station'));
    await expect(other.getByText('The plan opens by itself')).toBeVisible();
    await startCluster(folder);
    await saved(page);
    const { document, recent } = await relay.read(id);
    expect([document.station.place, recent.length]).toEqual(['typed 9', 10]);
    // Windows hear of each other again.
    await expect(other.getByRole('textbox', { name: 'Place' })).toHaveValue('typed 9');
    await place.fill('after');
    await place.press('Enter');
    await expect(other.getByRole('textbox', { name: 'Place' })).toHaveValue('after');
  } finally {
    await server.kill('SIGTERM');
    stopCluster(folder);
    rmSync(folder, { recursive: true, force: true });
    rmSync(home, { recursive: true, force: true });
  }
});

test('an edit survives the server and the browser killed a tenth of a second after it', async ({ relay, server }) => {
  const id = await relay.threePaths();
  const profile = mkdtempSync(join(tmpdir(), 'relay-browser-'));
  const launch = () => chromium.launchPersistentContext(profile, { ...LAUNCH, headless: true });
  const first = await launch();
  const page = first.pages()[0] ?? (await first.newPage());
  await page.goto(relay.at(id, 'station'));
  await expect(tally(page)).toContainText('3 whole');
  await server.kill('SIGKILL');
  await page.getByLabel('Place').fill('a tenth of a second ago');
  await page.getByLabel('Place').press('Enter');
  await page.waitForTimeout(100);
  const started = spawnSync('pgrep', ['-f', `user-data-dir=${profile}`], { encoding: 'utf8' })
    .stdout.trim()
    .split('\n');
  expect(started.length).toBeGreaterThan(0);
  for (const pid of started) process.kill(Number(pid), 'SIGKILL');
  await first.close().catch(() => undefined);
  await server.start();
  const again = await launch();
  const reopened = again.pages()[0] ?? (await again.newPage());
  await reopened.goto(relay.at(id, 'station'));
  await expect(reopened.getByLabel('Place')).toHaveValue('a tenth of a second ago');
  await saved(reopened);
  expect((await relay.read(id)).document.station.place).toBe('a tenth of a second ago');
  await again.close();
  rmSync(profile, { recursive: true, force: true });
});

test('a browser without room says that what waits is only in this window, until it is saved', async ({
  page,
  relay,
  server,
  context,
}) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'station'));
  await expect(tally(page)).toContainText('3 whole');
  const cdp = await context.newCDPSession(page);
  await cdp.send('Storage.overrideQuotaForOrigin', { origin: server.url, quotaSize: 1 });
  await server.kill();
  await page.getByLabel('Place').fill('no room');
  await page.getByLabel('Place').press('Enter');
  await expect(page.getByTestId('save-state')).toHaveText('Only in this window');
  await server.start();
  await saved(page);
  expect((await relay.read(id)).document.station.place).toBe('no room');
  await cdp.send('Storage.overrideQuotaForOrigin', { origin: server.url });
});
