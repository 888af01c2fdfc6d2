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

test('nothing is wider than a phone where it is read in the field', async ({ page, relay }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  const id = await relay.create({ demo: 'all-modes' });
  for (const stop of ['carry-out', 'card', 'rooms', 'agreement', 'station']) {
    await page.goto(relay.at(id, stop));
    await expect(page.locator('h1').first()).toBeVisible();
    expect(
      await page.evaluate(
        () => document.querySelector('#work')!.scrollWidth - document.querySelector('#work')!.clientWidth,
      ),
      stop,
    ).toBeLessThanOrEqual(0);
  }
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
