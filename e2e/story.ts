/** What the stories share: a server, plans to begin with, and hands on a keyboard. */
import { expect, type Locator, type Page, test as base } from '@playwright/test';
import type { Channel, Plan } from '@relay/core/plan/types';
import { edit, type Recipe } from '@relay/core/plan/edit';
import { removeRow, rows } from '@relay/core/plan/table';
import { samplePlan } from '@relay/core/testing/sample-plan';
import { ServerProcess } from './server';

export interface Opened {
  version: number;
  document: Plan;
  recent: { label: string }[];
}

export const test = base.extend<{ relay: Relay }, { server: ServerProcess }>({
  server: [
    async ({}, use, { parallelIndex }) => {
      const server = new ServerProcess(parallelIndex);
      await server.start();
      await use(server);
      await server.kill('SIGTERM');
    },
    { scope: 'worker' },
  ],
  relay: async ({ server }, use) => {
    await use(new Relay(server.url));
  },
});

export class Relay {
  constructor(readonly url: string) {}

  async create(body: object): Promise<string> {
    const response = await fetch(`${this.url}/api/v1/plans`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    expect(response.status, await response.clone().text()).toBe(201);
    return ((await response.json()) as { id: string }).id;
  }

  /** Three wanted groups, built and whole. */
  threePaths(change: Recipe = () => undefined): Promise<string> {
    const plan = edit(
      samplePlan(
        (draft) => (
          removeRow(draft.wants, 'w-echo'),
          removeRow(draft.codeplugs['r1']!.channels, 'ch-w-echo'),
          removeRow(draft.codeplugs['r1']!.zones, 'zn-n1-s1-service')
        ),
      ),
      change,
    ).plan;
    return this.create({ document: plan });
  }

  async read(id: string): Promise<Opened> {
    return (await (await fetch(`${this.url}/api/v1/plans/${id}`)).json()) as Opened;
  }

  at(id: string, stop: string): string {
    return `${this.url}/plan/${id}/${stop}`;
  }
}

export async function saved(page: Page): Promise<void> {
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
}

export function tally(page: Page): Locator {
  return page.getByTestId('tally');
}

/** Presses Tab until the control of that name has the focus. */
export async function tabTo(page: Page, name: string | RegExp, most = 120): Promise<void> {
  // Screens load when they are first shown: hands wait for the control to be there.
  await expect(
    page
      .getByLabel(name, { exact: true })
      .or(page.getByRole('button', { name }))
      .or(page.getByRole('link', { name }))
      .first(),
  ).toBeVisible();
  for (let press = 0; press < most; press += 1) {
    const found = await page.evaluate(() => {
      const here = document.activeElement as HTMLElement | null;
      if (!here) return '';
      const label = (here as HTMLInputElement).labels?.[0]?.textContent;
      return (here.getAttribute('aria-label') ?? label ?? here.textContent ?? '').trim();
    });
    if (typeof name === 'string' ? found === name : name.test(found)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never reached “${String(name)}”.`);
}

/** Fills the focused field and leaves it, as hands do. */
export async function typeInto(page: Page, name: string | RegExp, text: string): Promise<void> {
  await tabTo(page, name);
  await page.keyboard.press('Control+A');
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

/** The cell of a row (from 0) of the codeplug sheet in the column with that heading. */
export async function cell(page: Page, row: number | string, column: string): Promise<Locator> {
  const head = page.locator('revogr-header .rgHeaderCell', { hasText: column }).first();
  const at = await head.getAttribute('data-rgcol');
  // The frozen column counts by itself.
  const side = await head.evaluate((one) => (one.closest('.colPinStart') ? 'colPinStart' : 'rgCol'));
  return page.locator(`.${side} revogr-data[type="rgRow"] .rgCell[data-rgrow="${row}"][data-rgcol="${at}"]`).first();
}

/** Chooses in a list by what it says; the list is known by its label. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page
    .locator('.el-select', { has: page.getByLabel(label, { exact: true }) })
    .first()
    .locator('.el-select__wrapper')
    .click();
  await page.getByRole('option', { name: option, exact: true }).filter({ visible: true }).click();
}

/** Builds from the wants as they stand, and waits until it is saved. */
export async function build(page: Page): Promise<void> {
  await page.getByTestId('build').click();
  await page.getByTestId('carry-out-build').click();
  await expect(page.getByTestId('carry-out-build')).toBeHidden();
  await saved(page);
}

/** The channels of the radio with that name. */
export async function channelsOf(relay: Relay, id: string, radioName: string): Promise<Channel[]> {
  const { document } = await relay.read(id);
  const radio = rows(document.radios).find((one) => one.name === radioName)!;
  return rows(document.codeplugs[radio.id]!.channels);
}

export { expect };
