import { chromium } from '@playwright/test';
const url = 'http://127.0.0.1:4481';
const [, , demo, path, name, width = '1280', height = '800', ...acts] = process.argv;
const made = demo!.length > 20 ? { id: demo! } : await (await fetch(`${url}/api/v1/plans`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ demo }) })).json() as { id: string };
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--font-render-hinting=none'] });
const page = await browser.newPage({ viewport: { width: Number(width), height: Number(height) }, reducedMotion: 'reduce' });
page.on('pageerror', (e) => console.log('ERR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CON', m.text()));
await page.goto(`${url}/plan/${made.id}/${path}`);
await page.waitForTimeout(1800);
for (const act of acts) {
  const [kind, what, value] = act.split('::');
  if (kind === 'click') await page.getByRole('button', { name: what!, exact: true }).first().click();
  if (kind === 'tid') await page.getByTestId(what!).first().click();
  if (kind === 'link') await page.getByRole('link', { name: what!, exact: true }).first().click();
  if (kind === 'fill') { await page.getByLabel(what!, { exact: true }).first().fill(value!); await page.keyboard.press('Enter'); }
  if (kind === 'switch') await page.getByRole('switch', { name: what! , exact: true}).first().click();
  if (kind === 'file') await page.locator('input[type=file]').nth(Number(value ?? 0)).setInputFiles(what!);
  if (kind === 'scroll') await page.locator('#work').evaluate((n, y) => n.scrollTo(0, y), Number(what));
  if (kind === 'wait') await page.waitForTimeout(Number(what));
  await page.waitForTimeout(500);
}
await page.waitForTimeout(700);
await page.screenshot({ path: `/tmp/${name}.png`, animations: 'disabled' });
console.log(made.id, page.url());
await browser.close();
