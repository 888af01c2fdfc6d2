import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { hash } from '@node-rs/argon2';
import { ServerProcess } from './server';
import { expect, test } from './story';

test('a server with a password asks for it, says what is wrong, and opens', async ({ page }, { parallelIndex }) => {
  const folder = mkdtempSync(join(tmpdir(), 'relay-access-'));
  const file = join(folder, 'access');
  writeFileSync(file, await hash('a long enough password'));
  const server = new ServerProcess(parallelIndex, undefined, { RELAY_ACCESS_FILE: file });
  try {
    await server.start();
    await page.goto(server.url);
    const password = page.locator('#shared-password');
    await expect(password).toBeFocused();
    await password.fill('not this one');
    await password.press('Enter');
    await expect(page.getByText('This is not the password.')).toBeVisible();
    await password.fill('a long enough password');
    await password.press('Enter');
    await expect(page.getByRole('button', { name: 'Start it' })).toBeVisible();
    await expect(password).toBeHidden();
    await page.getByLabel('New plan').fill('Mine');
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.getByRole('heading', { name: 'Station' })).toBeVisible();
  } finally {
    await server.kill('SIGTERM');
    rmSync(folder, { recursive: true, force: true });
  }
});
