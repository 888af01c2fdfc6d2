/** Section by section of a first hour: what is asked for by name is found, and each act ends where the eye is. */
import { rows } from '@relay/core/plan/table';
import { profileOf } from '@relay/core/testing/profile-of';
import { sitesPlan } from '@relay/core/testing/sample-sites';
import { settingActions } from '../web/src/app/settings';
import { expect, saved, tally, test } from './story';

test('a private call to somebody’s ID is wanted by typing it, built, and whole', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'wants'));
  await page.getByLabel('Show destinations with these words').fill('999 2418');
  const row = page.getByRole('row').filter({ hasText: /Station 999 2418.*Lantern/ });
  await expect(row).toContainText('private 9992418');
  await row
    .getByRole('button', { name: /QO3VES 03/ })
    .first()
    .click();
  await page.getByLabel('Show destinations with these words').fill('station');
  await expect(row).toHaveCount(1);
  await page.getByTestId('build').click();
  await page.getByTestId('carry-out-build').click();
  await expect(tally(page)).toContainText('13 whole');
  await saved(page);
  const { document } = await relay.read(id);
  expect(
    rows(document.codeplugs['handheld']!.channels).map((one) => one.mode === 'dmr' && one.dmr.call),
  ).toContainEqual({
    kind: 'private',
    number: 9_992_418,
  });
});

test('“offset” and every single setting are found by name, and Enter ends in their field', async ({ page, relay }) => {
  const plan = sitesPlan();
  const id = await relay.create({ document: plan });
  await page.goto(relay.at(id, 'wants'));
  await expect(tally(page)).toBeVisible();
  await page.keyboard.press('Control+K');
  await page.keyboard.type('offset home');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Receive offset')).toBeFocused();
  await expect(page).toHaveURL(/hotspots\/s1$/);
  // Each once: what one repeater has, the others have under the same name.
  const settings = new Map(settingActions(plan).map((one) => [`${one.to.name} ${one.title}`, one]));
  for (const { title, to } of settings.values()) {
    const query = new URLSearchParams({ ...to.query }).toString();
    const path = to.name === 'hotspots' ? `hotspots/${to.params!['siteId']}` : to.name;
    await page.goto(relay.at(id, `${path}?${query}`));
    await expect(page).not.toHaveURL(/field=/);
    const focused = page.locator(':focus');
    await expect(focused, title).toHaveCount(1);
    const name = await focused.evaluate((one: HTMLInputElement) => {
      const label = one.labels?.[0]?.textContent ?? one.getAttribute('aria-label') ?? one.textContent;
      const labelled = document.getElementById(one.getAttribute('aria-labelledby') ?? '')?.textContent;
      return `${label} ${labelled ?? ''} ${one.closest('[role=group]')?.getAttribute('aria-label') ?? ''}`;
    });
    expect(name, to.query!['field']!).toContain(title);
  }
});

test('another step begins at its top', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'hotspots'));
  await page.getByLabel('Color code').scrollIntoViewIfNeeded();
  await page.locator('#work').evaluate((one) => one.scrollTo(0, 600));
  await page
    .locator('nav')
    .getByRole('link', { name: /^Agreement/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Agreement', level: 1 })).toBeInViewport();
});

test('what Find leads to has the focus', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'station'));
  await expect(tally(page)).toBeVisible();
  for (const [words, place] of [
    ['networks step', /networks/],
    ['print pocket card', /card/],
    ['agreement step', /agreement/],
    ['weather channel', /codeplugs/],
  ] as const) {
    await page.keyboard.press('Control+K');
    await page.keyboard.type(words);
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(place);
    await expect(page.locator('[data-finder]')).toBeHidden();
    await expect
      .poll(() => page.evaluate(() => document.activeElement?.matches('#work, #work *')), { message: words })
      .toBe(true);
  }
  // The sheet takes keys at the channel that was found.
  await expect(page.getByTestId('dock')).toContainText('Isles Weather');
  await expect(page.locator('.rgCell:focus')).toContainText('Isles Weather');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByTestId('dock')).not.toContainText('Isles Weather');
});

test('after a mend and a removal by keyboard the focus is on what took the place', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'networks'));
  const ready = page.locator('[data-keeps-focus]');
  await expect(ready).toBeVisible();
  await page.getByRole('button', { name: 'Remove Causeway' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Remove Causeway' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Remove Beacon' })).toBeFocused();

  const place = await relay.threePaths((plan) => {
    const profile = profileOf(plan, 's1');
    profile.location = { lat: 46.71321, lon: -33.41852, publish: true };
    profile.adminPassword = 'default';
  });
  await page.goto(relay.at(place, 'hotspots'));
  const findings = page.getByRole('list', { name: 'What does not agree here' }).locator('[data-check]');
  await expect(findings).toHaveCount(2);
  await expect(ready).toBeVisible();
  await findings.first().getByRole('button').first().focus();
  await page.keyboard.press('Enter');
  await expect(findings).toHaveCount(1);
  await expect(findings.getByRole('button').first()).toBeFocused();

  await page.goto(relay.at(id, 'agreement'));
  await expect(ready).toBeVisible();
  const press = page.getByTestId('dock').locator('.acts button').first();
  await press.focus();
  await page.keyboard.press('Enter');
  await expect
    .poll(() => page.evaluate(() => document.activeElement?.matches('[data-testid="dock"] *, #work, #work *')))
    .toBe(true);
});
