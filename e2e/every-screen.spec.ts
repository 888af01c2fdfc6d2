import { gzipSync } from 'node:zlib';
import { CHECKS } from '@relay/core/registries/checks';
import { expect, tally, test } from './story';

test('on a phone Find, Undo, Redo and the name of the plan are there, and the relay line stands upright', async ({
  page,
  relay,
}) => {
  await page.setViewportSize({ width: 390, height: 800 });
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'agreement?radio=handheld&channel=ch-w-g417'));
  await expect(tally(page)).toBeVisible();
  for (const one of [page.getByTestId('undo'), page.getByRole('button', { name: 'Redo' }), page.locator('.top .find')])
    await expect(one).toBeInViewport({ ratio: 1 });
  await expect(page.locator('.top .plan')).toContainText('Inherited');
  const beads = page.locator('[data-hop] .bead');
  const boxes = await Promise.all((await beads.all()).map((one) => one.boundingBox()));
  expect(boxes.length).toBeGreaterThan(4);
  expect(new Set(boxes.slice(0, 6).map((box) => Math.round(box!.x))).size).toBe(1);
});

test('the first load is at most 250 kB of script', async ({ page, relay }) => {
  const scripts = new Set<string>();
  const note = (request: { url: () => string }) => request.url().endsWith('.js') && scripts.add(request.url());
  page.on('request', note);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'agreement'));
  await expect(tally(page)).toContainText('12 whole');
  page.off('request', note);
  const bodies = await Promise.all([...scripts].map(async (url) => (await fetch(url)).text()));
  const bytes = bodies.reduce((sum, body) => sum + gzipSync(body).length, 0);
  test.info().annotations.push({ type: 'first load', description: `${bytes} bytes of script, gz` });
  expect(bytes).toBeGreaterThan(20_000);
  expect(bytes).toBeLessThanOrEqual(250_000);
});

test('the primary act is signal yellow with ink on it: the theme is there', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'codeplugs'));
  await expect(page.getByRole('button', { name: 'Build from wants' })).toHaveCSS(
    'background-color',
    'rgb(255, 196, 0)',
  );
  await expect(page.getByRole('button', { name: 'Build from wants' })).toHaveCSS('color', 'rgb(34, 39, 46)');
});

test('every check has its page of help', async ({ page, relay }) => {
  await page.goto(`${relay.url}/help/checks`);
  await expect(page.locator('tbody tr')).toHaveCount(CHECKS.length);
  for (const check of CHECKS.slice(0, 3)) {
    await page.goto(`${relay.url}/help/checks/${check.id}`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(check.title);
    await expect(page.locator('article')).toContainText(check.docs.why);
  }
});

test('find anything goes there by keyboard', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'station'));
  await expect(tally(page)).toBeVisible();
  await page.keyboard.press('Control+K');
  await expect(page.getByRole('combobox', { name: /^Find a channel/ })).toBeFocused();
  await page.keyboard.type('weather channel');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/codeplugs\/handheld\?channel=ch-w-g593/);
  await expect(page.getByTestId('dock')).toContainText('Isles Weather');
});
