/** Lists of sites as stories import and forget them. */
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { expect, type Relay } from './story';

export const demoList = (name: string) => fileURLToPath(new URL(`../demo/lists/${name}`, import.meta.url));

export async function forgetAll(relay: Relay): Promise<void> {
  const lists = (await (await fetch(`${relay.url}/api/v1/lists`)).json()) as { id: string }[];
  for (const { id } of lists) await fetch(`${relay.url}/api/v1/lists/${id}`, { method: 'DELETE' });
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
