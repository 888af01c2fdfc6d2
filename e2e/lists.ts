/** Lists of sites as stories import and forget them. */
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { expect, type Relay } from './story';

export const demoList = (name: string) => fileURLToPath(new URL(`../demo/lists/${name}`, import.meta.url));

interface ListedForTest {
  line: number;
  corrections: { field: string }[];
}

/** Forgets every list; corrections would outlive that and reach the stories behind, so they are taken back first. */
export async function forgetAll(relay: Relay): Promise<void> {
  const at = `${relay.url}/api/v1/lists`;
  for (const { id } of (await (await fetch(at)).json()) as { id: string }[]) {
    const sites = (await (await fetch(`${at}/${id}/sites`)).json()) as ListedForTest[];
    for (const { line, corrections } of sites)
      for (const { field } of corrections)
        await fetch(`${at}/${id}/sites/${line}/corrections/${field}`, { method: 'DELETE' });
    await fetch(`${at}/${id}`, { method: 'DELETE' });
  }
}

export async function choose(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Import a list' }).first().click();
  await page.getByLabel('List of sites', { exact: true }).setInputFiles(demoList(name));
  await expect(page.getByTestId('list-counts')).toContainText(name);
}

/** Chooses a list and imports it as it was guessed. */
export async function take(page: Page, name: string): Promise<void> {
  await choose(page, name);
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
}

/** A fresh plan of the demo at Sites, with the club’s list and no other. */
export async function withClub(page: Page, relay: Relay, query = ''): Promise<string> {
  await forgetAll(relay);
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, `sites${query}`));
  await take(page, 'isles-club.csv');
  return id;
}
