/** Every screen, in both themes and at every width: what a reader’s tools need, and that nothing lies over anything. */
import type { Page } from '@playwright/test';
import { CHECKS } from '@relay/core/registries/checks';
import { sitesPlan } from '@relay/core/testing/sample-sites';
import axe from 'axe-core';
import { withKeyed } from './keyed-plan';
import { expect, type Relay, tally, test } from './story';
import { STOPS } from './stops';

// The screens share nothing: both workers take of them.
test.describe.configure({ mode: 'parallel' });

const WIDTHS = [1280, 390, 640, 1920];
type Scheme = 'light' | 'dark';
/** The scheme changes contrast and nothing else; the width changes what is shown and where, and no colour. */
const CONTRAST: axe.RunOptions = { runOnly: ['color-contrast'] };
const BUT_CONTRAST: axe.RunOptions = { rules: { 'color-contrast': { enabled: false } } };
/** Where axe looks, and for what: 1920 lays out as 1280 does with more beside, 640 as 390 does. */
const AXE_RUNS: Readonly<Record<number, readonly { scheme: Scheme; options: axe.RunOptions }[]>> = {
  1280: [
    { scheme: 'light', options: {} },
    { scheme: 'dark', options: CONTRAST },
  ],
  390: [{ scheme: 'light', options: BUT_CONTRAST }],
};

/** A drawer of the component library has a header of its own, within its dialog: no second banner to a reader. */
const HEADED_TWICE = new Set(['landmark-no-duplicate-banner', 'landmark-unique']);

/**
 * What is wrong on a page that holds axe, as axe has it: a line each, with the first places. Where something lies over
 * the screen, that alone is looked at: the screen itself has been.
 */
async function wrongFor(page: Page, options: axe.RunOptions, isOver: boolean): Promise<string[]> {
  const { violations } = await page.evaluate((chosen) => {
    const over = [...document.querySelectorAll<HTMLElement>('.el-drawer, .el-dialog')];
    const ground = over.filter((one) => one.checkVisibility()).at(-1) ?? document;
    // No screen has frames, and only what is wrong is worked out.
    return axe.run(ground, { ...chosen, resultTypes: ['violations'], iframes: false });
  }, options);
  return violations
    .filter((one) => one.impact !== 'minor' && !(isOver && HEADED_TWICE.has(one.id)))
    .map(
      (one) =>
        `${one.impact} ${one.id}: ${one.nodes
          .slice(0, 3)
          .map((node) => node.html.slice(0, 200))
          .join(' ')}`,
    );
}

/** What is wider than the screen, what is pressed under something else, and what shares ground with another. */
function layoutFaults(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const faults: string[] = [];
    const name = (one: Element) =>
      `${one.tagName.toLowerCase()}.${one.className.toString().split(' ').slice(0, 2).join('.')} “${(one.textContent ?? '').trim().slice(0, 30)}”`;
    const work = document.querySelector('#work') ?? document.documentElement;
    const wider = Math.max(work.scrollWidth - work.clientWidth, document.documentElement.scrollWidth - innerWidth);
    if (wider > 0) {
      const out = [...work.querySelectorAll('*')].filter((one) => one.getBoundingClientRect().right > innerWidth);
      faults.push(`${wider} px wider than the screen: ${out.slice(0, 3).map(name).join(', ')}`);
    }

    /** The part of an element that its scrolling ancestors and the window let through. */
    const shown = (one: Element): DOMRect | null => {
      let { left, top, right, bottom } = one.getBoundingClientRect();
      const cut = (box: { left: number; top: number; right: number; bottom: number }) => {
        [left, top] = [Math.max(left, box.left), Math.max(top, box.top)];
        [right, bottom] = [Math.min(right, box.right), Math.min(bottom, box.bottom)];
      };
      for (let over = one.parentElement; over; over = over.parentElement)
        if (getComputedStyle(over).overflow !== 'visible') cut(over.getBoundingClientRect());
      cut({ left: 0, top: 0, right: innerWidth, bottom: innerHeight });
      return right - left > 4 && bottom - top > 4 ? new DOMRect(left, top, right - left, bottom - top) : null;
    };
    // Behind an open drawer nothing is meant to be pressed.
    const drawers = [...document.querySelectorAll('.el-drawer, .el-dialog')].filter((one) => one.checkVisibility());
    const ground = drawers.at(-1) ?? document;
    const pressed = [...ground.querySelectorAll('a[href], button, input, textarea, [role=button], [role=combobox]')]
      .filter((one) => one.checkVisibility({ opacityProperty: true, visibilityProperty: true }))
      .flatMap((one) => {
        const box = shown(one);
        return box ? [{ one, box }] : [];
      });
    for (const { one, box } of pressed) {
      const top = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2);
      const field = one.closest('.el-input, .el-select, .el-textarea, .el-autocomplete, label') ?? one;
      if (top && !field.contains(top) && !top.contains(one)) faults.push(`${name(one)} lies under ${name(top)}`);
    }
    const parts = [...ground.querySelectorAll('.top > *, .page-head > *, .page-head .acts > *')].flatMap((one) => {
      const box = shown(one);
      return box ? [{ one, box }] : [];
    });
    const boxes = [...pressed, ...parts];
    boxes.forEach(({ one, box }, at) => {
      for (const other of boxes.slice(at + 1)) {
        if (one === other.one || one.contains(other.one) || other.one.contains(one)) continue;
        // A field is drawn of several parts: what stands in one field stands there on purpose.
        const field = one.closest('.el-input, .el-select, .el-input-number, .el-autocomplete, label');
        if (field?.contains(other.one)) continue;
        const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
        const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
        if (wide > 1 && high > 1) faults.push(`${name(one)} and ${name(other.one)} share ground`);
      }
    });
    return faults.slice(0, 6);
  });
}

/** What opens over a screen, and how. */
type Open = (page: Page) => Promise<unknown>;

/** What a page says to its console as an error, from now on. */
function complaints(page: Page): string[] {
  const said: string[] = [];
  page.on('console', (message) => message.type() === 'error' && said.push(message.text()));
  page.on('pageerror', (error) => said.push(error.message));
  return said;
}

async function look(page: Page, screen: string, hasSheet: boolean, open?: Open): Promise<void> {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  await page.goto(screen);
  if (screen.includes('/plan/')) await expect(tally(page)).toBeVisible();
  await expect(page.locator('h1').first()).toBeVisible();
  if (hasSheet && screen.includes('/codeplugs'))
    await expect(page.locator('revogr-data .rgCell').first()).toBeVisible();
  await open?.(page);
  await page.evaluate(axe.source);
  const found: string[] = [];
  for (const width of WIDTHS) {
    await page.setViewportSize({ width, height: 800 });
    for (const { scheme, options } of AXE_RUNS[width] ?? []) {
      await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
      const wrong = await wrongFor(page, options, open !== undefined);
      found.push(...wrong.map((one) => `${width} ${scheme}: ${one}`));
    }
    found.push(...(await layoutFaults(page)).map((one) => `${width}: ${one}`));
  }
  expect.soft(found, screen).toEqual([]);
}

type Screens = (relay: Relay) => Promise<string[]>;

const planScreens =
  (made: Parameters<Relay['create']>[0], stops: readonly string[]): Screens =>
  async (relay) => {
    const id = await relay.create(made);
    return stops.map((stop) => relay.at(id, stop));
  };

const HALF = STOPS.length / 2;
const EMPTY = 'an empty plan';
const SCREENS: Record<string, Screens> = {
  'outside a plan': async (relay) => [
    relay.url,
    `${relay.url}/help/checks`,
    `${relay.url}/help/checks/${CHECKS[0]!.id}`,
  ],
  'first half of a plan with faults': planScreens({ demo: 'inherited' }, STOPS.slice(0, HALF)),
  'second half of a plan with faults': planScreens({ demo: 'inherited' }, STOPS.slice(HALF)),
  [EMPTY]: planScreens(
    { name: 'Empty' },
    STOPS.filter((stop) => stop !== 'hotspots/home/routes'),
  ),
  'what is opened in a plan': planScreens({ demo: 'inherited' }, [
    'agreement?radio=handheld&channel=ch-w-g417',
    'networks/skerry',
    'networks/foghorn',
    'radios/rambler',
    'codeplugs/rambler?channel=ch-w-room-news',
    'hotspots/home/routes?add=network',
    'sites?map=1',
    'sites?view=trip',
    'rehearse/complaints/mode-captured',
    'rehearse/practice/leave-a-busy-room',
  ]),
  'a radio that is keyed in': planScreens({ document: sitesPlan(withKeyed) }, ['carry-out/keys/p', 'radios/p/keys']),
  'repeaters of a plan': planScreens({ document: sitesPlan() }, ['sites?view=plan', 'codeplugs']),
};

for (const [name, screens] of Object.entries(SCREENS))
  test(`${name}: axe finds nothing, nothing lies over anything, in both themes at every width, no error in the console`, async ({
    page,
    relay,
  }) => {
    const said = complaints(page);
    for (const screen of await screens(relay)) await look(page, screen, name !== EMPTY);
    expect(said).toEqual([]);
  });

const press = (key: string, awaited: string) => async (page: Page) => {
  await page.keyboard.press(key);
  await expect(page.locator(awaited).first()).toBeVisible();
};
const act = (testId: string) => async (page: Page) => {
  await page.getByTestId(testId).first().click();
  await expect(page.locator('.el-drawer').filter({ visible: true })).toBeVisible();
};
/** Presses one after the other; then a drawer is open. */
const through =
  (...presses: readonly (string | RegExp)[]): Open =>
  async (page) => {
    await expect(page.locator('revogr-data .rgCell').first()).toBeVisible();
    for (const name of presses)
      await page.getByRole('button', { name }).or(page.getByRole('menuitem', { name })).first().click();
    await expect(page.locator('.el-drawer').filter({ visible: true })).toBeVisible();
  };
const OVER: readonly [screen: string, open: Open][] = [
  ['wants', act('bring')],
  [
    'wants',
    async (page) => {
      await act('rules')(page);
      await page.getByRole('button', { name: 'Add a rule' }).click();
      await expect(page.getByRole('heading', { name: 'Rule 1' })).toBeVisible();
    },
  ],
  ['codeplugs/handheld', through('Change many…')],
  ['codeplugs/handheld', through(/^Names:/)],
  ['codeplugs/handheld', through('Zone Lantern: what can be done', 'Fill it by rule')],
  [
    'codeplugs/handheld?channel=ch-w-g417',
    async (page) => {
      await page.getByRole('tab', { name: 'Scan' }).click();
      await page.getByRole('button', { name: 'Scan a zone' }).click();
      await page.getByRole('menuitem').first().click();
      await expect(page.getByTestId('scan-left-out')).toBeVisible();
    },
  ],
  ['agreement', press('Control+K', '[data-finder]')],
  ['agreement', press('?', '.el-dialog')],
  ['wants', act('build')],
  [
    'sites',
    async (page) => {
      await page.getByRole('button', { name: 'Import a list' }).first().click();
      await expect(page.locator('.el-drawer').filter({ visible: true })).toBeVisible();
    },
  ],
  [
    'codeplugs/handheld',
    async (page) => {
      await page.locator('revogr-data .rgCell').first().click();
      await page.evaluate(() => navigator.clipboard.writeText(Array(30).fill('One more\tDMR\t1').join('\n')));
      await page.keyboard.press('Control+V');
      await expect(page.getByTestId('paste-preview')).toBeVisible();
    },
  ],
];

test('what opens over a screen: axe finds nothing, nothing lies over anything, in both themes at every width', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'inherited' });
  for (const [screen, open] of OVER) await look(page, relay.at(id, screen), true, open);
  await look(page, relay.url, false, async () => {
    await page.getByTestId('guided').click();
    await expect(page.getByTestId('make-first')).toBeVisible();
  });
});
