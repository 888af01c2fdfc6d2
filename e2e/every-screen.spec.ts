import { gzipSync } from 'node:zlib';
import AxeBuilder from '@axe-core/playwright';
import { CHECKS } from '@relay/core/registries/checks';
import { sitesPlan } from '@relay/core/testing/sample-sites';
import { expect, tally, test } from './story';

const STOPS = [
  'station',
  'radios',
  'sites',
  'networks',
  'wants',
  'codeplugs',
  'hotspots',
  'hotspots/home/routes',
  'agreement',
  'carry-out',
  'rooms',
  'card',
];

for (const [width, scheme] of [
  [1280, 'light'],
  [1280, 'dark'],
  [390, 'light'],
] as const) {
  test(`axe finds nothing serious on any screen, ${width} wide, ${scheme}`, async ({ page, relay }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
    const full = await relay.create({ demo: 'inherited' });
    const empty = await relay.create({ name: 'Empty' });
    const repeaters = await relay.create({ document: sitesPlan() });
    const screens = [
      relay.url,
      `${relay.url}/help/checks`,
      `${relay.url}/help/checks/${CHECKS[0]!.id}`,
      ...STOPS.flatMap((stop) =>
        width === 1280 && scheme === 'light' ? [relay.at(full, stop), relay.at(empty, stop)] : [relay.at(full, stop)],
      ),
      relay.at(full, 'agreement?radio=handheld&channel=ch-w-g417'),
      ...['networks/skerry', 'networks/foghorn', 'radios/rambler', 'codeplugs/rambler?channel=ch-w-room-news'].map(
        (stop) => relay.at(full, stop),
      ),
      relay.at(full, 'hotspots/home/routes?add=network'),
      relay.at(full, 'sites?map=1'),
      relay.at(full, 'sites?view=trip'),
      relay.at(repeaters, 'sites?view=plan'),
      relay.at(repeaters, 'codeplugs'),
    ];
    for (const screen of screens) {
      await page.goto(screen);
      if (screen.includes('/plan/')) await expect(tally(page)).toBeVisible();
      await expect(page.locator('h1').first()).toBeVisible();
      if (screen.includes(`${full}/codeplugs`)) await expect(page.locator('revogr-data .rgCell').first()).toBeVisible();
      // No screen has frames: one pass in the page itself, and only what is wrong is worked out.
      const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
      // The scheme changes contrast only, the width everything else.
      if (scheme === 'dark') axe.withRules(['color-contrast']);
      else if (width < 1280) axe.disableRules(['color-contrast']);
      const { violations } = await axe.analyze();
      const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
      expect(
        serious.map(
          (one) =>
            `${screen}: ${one.id}: ${one.nodes
              .map((node) => node.html)
              .slice(0, 3)
              .join(' ')}`,
        ),
      ).toEqual([]);
    }
  });
}

for (const width of [390, 640, 1280, 1920])
  test(`nothing is wider than a screen of ${width}, and nothing that is pressed lies under something else`, async ({
    page,
    relay,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    const ids = [await relay.create({ demo: 'all-modes' }), await relay.create({ demo: 'inherited' })];
    const more = ['sites?map=1', 'sites?view=trip', 'sites?view=plan'];
    for (const screen of ids.flatMap((id) => [...STOPS, ...more].map((stop) => relay.at(id, stop)))) {
      await page.goto(screen);
      await expect(tally(page)).toBeVisible();
      await expect(page.locator('h1').first()).toBeVisible();
      const found = await page.evaluate(() => {
        const work = document.querySelector('#work')!;
        const wider = [work.scrollWidth - work.clientWidth, document.documentElement.scrollWidth - innerWidth];
        // What stands in the bar and at the head of a page: no two of them share ground.
        const parts = [...document.querySelectorAll('.top > *, .page-head > *, .page-head .acts > *')].filter(
          (one) => one.getClientRects().length > 0,
        );
        const boxes = parts.map((one) => ({ one, box: one.getBoundingClientRect() }));
        const overlaps = boxes.flatMap(({ one, box }, at) =>
          boxes.slice(at + 1).flatMap((other) => {
            const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
            const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
            const isInside = one.contains(other.one) || other.one.contains(one);
            return !isInside && wide > 1 && high > 1 ? [`${one.className} / ${other.one.className}`] : [];
          }),
        );
        return { wider: Math.max(...wider), overlaps };
      });
      expect(found, screen).toEqual({ wider: expect.any(Number), overlaps: [] });
      expect(found.wider, screen).toBeLessThanOrEqual(0);
    }
  });

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

test('no screen says an error to the console, and the first load is at most 250 kB of script', async ({
  page,
  relay,
}) => {
  const said: string[] = [];
  page.on('console', (message) => message.type() === 'error' && said.push(message.text()));
  page.on('pageerror', (error) => said.push(error.message));
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
  for (const stop of STOPS) {
    await page.goto(relay.at(id, stop));
    await expect(tally(page)).toContainText('12 whole');
    await expect(page.locator('h1').first()).toBeVisible();
  }
  expect(said).toEqual([]);
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
