/**
 * Takes the pictures in docs/screenshots from `./relay demo`, just started with nothing kept before: `npx tsx
 * docs/screenshots.ts [URL]`. They are made at 1280 by 800 with Debian's Chromium; look at each before it is committed.
 */
import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';

const url = process.argv[2] ?? 'http://127.0.0.1:4417';

async function create(body: object): Promise<string> {
  const response = await fetch(`${url}/api/v1/plans`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return ((await response.json()) as { id: string }).id;
}

async function take(page: Page, name: string, path: string, ready: string): Promise<void> {
  await page.goto(url + path);
  await page.locator(ready).first().waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.waitForLoadState('networkidle').catch(() => undefined);
  await page.screenshot({ path: new URL(`screenshots/${name}.png`, import.meta.url).pathname, animations: 'disabled' });
}

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--font-render-hinting=none',
    '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
  ],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
await page.goto(`${url}/`);
await page.getByTestId('guided').click();
await page.getByTestId('relay-verdict').waitFor();
await page.screenshot({ path: new URL('screenshots/plans.png', import.meta.url).pathname, animations: 'disabled' });
const home = await create({ demo: 'ostrey-isles' });
const lent = await create({ demo: 'inherited' });
const modes = await create({ demo: 'all-modes' });
const made = [home, lent, modes];
// Of the borrowed codeplug only one fault is left, so that the line shows a gap in its middle.
const opened = (await (await fetch(`${url}/api/v1/plans/${lent}`)).json()) as { version: number };
await fetch(`${url}/api/v1/plans/${lent}`, {
  method: 'PATCH',
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify({
    version: opened.version,
    edits: [
      {
        id: crypto.randomUUID(),
        kind: 'edit',
        target: null,
        label: 'own ID',
        patches: [{ op: 'replace', path: '/radios/byId/handheld/dmr/id', value: 9_992_417 }],
      },
    ],
  }),
});

await take(page, 'agreement', `/plan/${lent}/agreement?radio=handheld&channel=ch-w-g417`, '[data-testid="dock"]');
await take(page, 'codeplug', `/plan/${lent}/codeplugs/handheld?channel=ch-w-g417`, 'revogr-data .rgCell');
await take(page, 'dstar', `/plan/${modes}/codeplugs/pilot?channel=ch-w-evening-talk`, '[data-testid="order-strip"]');
await take(page, 'keying', `/plan/${modes}/carry-out/keys/rambler`, '[data-testid="keyed"]');
await take(page, 'rooms', `/plan/${modes}/rooms`, '[data-testid="found-room"]');
await take(page, 'hotspots', `/plan/${modes}/hotspots/home?profile=home-quiet`, '[data-testid="path-rail"] li');
await take(page, 'profiles', `/plan/${modes}/hotspots/home/profiles`, '[data-testid="matrix-row"]');
await take(page, 'recall', `/plan/${modes}/hotspots/home/recall`, '[data-testid="recall-row"]');
await take(page, 'card', `/plan/${modes}/card`, '[data-testid="card-section"]');
await take(page, 'wants', `/plan/${home}/wants`, 'h1');
// The second network is added as a user would.
await page.goto(`${url}/plan/${home}/hotspots/home/routes?add=network`);
await page.getByTestId('accept-network').click();
await page.getByRole('button', { name: 'Close', exact: true }).click();
await take(page, 'routes', `/plan/${home}/hotspots/home/routes?number=8000417`, 'svg.ribbon .chip');
await take(page, 'carry-out', `/plan/${home}/carry-out`, '[data-testid="reprogram-channel"]');
const kit = (name: string) => {
  const folder = fileURLToPath(new URL(`../demo/layouts/${name}/`, import.meta.url));
  return readdirSync(folder).map((file) => folder + file);
};
const picture = (name: string) =>
  page.screenshot({ path: new URL(`screenshots/${name}.png`, import.meta.url).pathname, animations: 'disabled' });
await page.goto(`${url}/plan/${modes}/carry-out/files/handheld`);
await page.getByTestId('give-kit').setInputFiles(kit('balise'));
await page.getByTestId('kit-column').first().waitFor();
await picture('radio-files');

// A call is keyed, somebody talks beside it, and time is stopped where the cursor reads the hang time.
await page.goto(`${url}/plan/${modes}/rehearse`);
await page.getByTestId('key').waitFor();
await page.locator('label', { hasText: 'Somebody talks on' }).locator('.el-select__wrapper').click();
await page.getByRole('option', { name: 'C4FM: Isles Evening' }).click();
await page.getByRole('heading', { name: 'Rehearse' }).click();
await page.keyboard.down('Space');
await page.waitForTimeout(4000);
await page.keyboard.up('Space');
await page.waitForTimeout(6000);
await page.getByText('Pause', { exact: true }).click();
await picture('rehearse');
await take(page, 'complaint', `/plan/${modes}/rehearse/complaints/mode-captured`, '.scenario svg');
// A command that the hotspot does not hear, and then a hint.
await page.goto(`${url}/plan/${modes}/rehearse/practice/leave-a-busy-room`);
await page.locator('.el-select__wrapper').nth(1).click();
await page.getByRole('option', { name: 'Leave · C4FM' }).first().click();
await page.getByRole('heading', { name: 'Rehearse' }).click();
await page.waitForTimeout(6000);
await page.keyboard.down('Space');
await page.waitForTimeout(2000);
await page.keyboard.up('Space');
await page.getByRole('button', { name: 'A hint' }).click();
await page.waitForTimeout(3000);
await picture('practice');
await take(page, 'sites', `/plan/${home}/sites`, '[data-testid="near-site"]');
// Three repeaters go into the plan, and the map shows them among the others.
for (const name of [/^Choose QO1HSK B/, /^Choose QO1MRN B/, /^Choose QO1ELY C/]) await page.getByLabel(name).check();
await page.getByTestId('into-plan').click();
await page.getByTestId('add-sites').click();
await page.getByTestId('add-sites').waitFor({ state: 'hidden' });
await page.getByTestId('save-state').getByText('Saved', { exact: true }).waitFor();
await take(page, 'map', `/plan/${home}/sites?map=1`, '[data-testid="map-site"]');
for (const id of made) await fetch(`${url}/api/v1/plans/${id}`, { method: 'DELETE' });
await browser.close();
