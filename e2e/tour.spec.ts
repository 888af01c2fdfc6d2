/** The README’s short tour, sentence by sentence, on the demo as `./relay demo` brings it. */
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { choose as chooseList } from './lists';
import { ServerProcess } from './server';
import { build, cell, expect, saved, tally, test } from './story';

test.describe.configure({ mode: 'serial' });

let server: ServerProcess;

async function start(worker: number, demo: '1' | ''): Promise<void> {
  const database = { url: process.env['E2E_DEMO_DATABASE_URL']!, keyFile: process.env['E2E_KEY_FILE']! };
  server = new ServerProcess(worker, database, { RELAY_DEMO: demo });
  await server.start();
}

/** Opens a plan of the demo by its name, at a step. */
async function open(page: Page, name: string, step: string): Promise<void> {
  const plans = (await (await fetch(`${server.url}/api/v1/plans`)).json()) as { id: string; name: string }[];
  await page.goto(`${server.url}/plan/${plans.find((one) => one.name === name)!.id}/${step}`);
  await expect(tally(page)).toBeVisible();
}

const HOME = 'Ostrey Isles · home';
const ALL_MODES = 'Ostrey Isles · all modes';
const step = (page: Page, name: RegExp) => page.locator('nav').getByRole('link', { name }).click();
const dock = (page: Page) => page.getByTestId('dock');

test.afterAll(() => server.kill('SIGTERM'));

test('0: without any plan the first page shows a call that breaks at one digit, and the guided start', async ({
  page,
}, { parallelIndex }) => {
  await start(parallelIndex, '');
  await page.goto(server.url);
  await expect(page.getByTestId('relay-verdict')).toContainText('broken');
  await expect(page.getByTestId('guided')).toBeVisible();
  await server.kill('SIGTERM');
  await start(parallelIndex, '1');
});

test('1: twelve paths, all whole; a channel shows its relay line with the reply under it', async ({ page }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: HOME }).click();
  await expect(tally(page)).toHaveText(/12 whole\s*0 doubtful\s*0 broken/);
  await step(page, /^Codeplugs/);
  await (await cell(page, 0, 'Channel')).click();
  await expect(dock(page).locator('[data-hop]')).toHaveText([
    /^Channel/,
    /^Air/,
    /^Hotspot/,
    /^Gateway/,
    /^Network/,
    /^Destination/,
  ]);
  await expect(dock(page).locator('.reply')).toContainText('Reply');
});

test('2: color code 2 at the hotspot breaks twelve; mend all, undo after a reload, and the way back at the hotspot', async ({
  page,
}) => {
  await open(page, HOME, 'hotspots');
  await page.getByLabel('Color code').fill('2');
  await page.getByLabel('Color code').press('Enter');
  await expect(tally(page)).toContainText('12 broken');
  await step(page, /^Agreement/);
  const findings = page.locator('article[data-check="color-code-differs"]');
  await expect(findings.first()).toContainText('channel has 1, site has 2');
  await page.getByRole('button', { name: 'Mend all 12: set the channel to 2' }).first().click();
  await expect(tally(page)).toContainText('12 whole');
  await saved(page);
  await page.reload();
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('12 broken');
  await findings
    .first()
    .getByRole('button', { name: /to 1: 12 of its channels have that/ })
    .click();
  await expect(tally(page)).toContainText('12 whole');
  await saved(page);
});

test('3: the sheet shows what is needed in the cell; a longer paste offers to make channels', async ({ page }) => {
  await open(page, HOME, 'codeplugs/handheld');
  await (await cell(page, 1, 'Color code')).click();
  await page.keyboard.press('F2');
  await page.locator('revogr-edit input').fill('7');
  await page.keyboard.press('Enter');
  await expect(await cell(page, 1, 'Color code')).toContainText('needs 1');
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('12 whole');
  await (await cell(page, 11, 'Channel')).click();
  await page.evaluate(() => navigator.clipboard.writeText('Echo Lantern\tDMR\nOne more\tDMR\n'));
  await page.keyboard.press('Control+V');
  await expect(page.getByTestId('paste-preview')).toContainText('1 channel new');
  await page.keyboard.press('Escape');
});

test('4: a site chip wants; the list of differences comes before anything is built', async ({ page }) => {
  await open(page, HOME, 'wants');
  await page
    .getByRole('button', { name: /through QO3VES 03.*: whole$/ })
    .first()
    .click();
  await page.getByTestId('build').click();
  await expect(page.getByRole('checkbox', { name: /^remove channel / }).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByTestId('undo').click();
  await saved(page);
});

test('5: Causeway beside Lantern: prefixes 1 and 8, twelve channels; 8000417 travels to 417, 623 to where a bare number ends', async ({
  page,
}) => {
  await open(page, HOME, 'hotspots');
  await page
    .getByRole('navigation', { name: 'Of this hotspot' })
    .getByRole('link', { name: 'Routes', exact: true })
    .click();
  await page.getByRole('button', { name: 'Add a network' }).click();
  await expect(page.getByTestId('prefix')).toHaveText([/Lantern\s*1\s/, /Causeway\s*8\s/]);
  await expect(page.getByTestId('renumbered')).toHaveCount(12);
  await page.getByTestId('accept-network').click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByLabel('Where does').fill('8000417');
  await expect(page.getByTestId('travel')).toContainText('To Causeway, group 417');
  await page.getByLabel('Where does').fill('623');
  await expect(page.getByTestId('travel')).toContainText('Probably not meant: Causeway has group 623');
  await page.getByTestId('undo').click();
  await saved(page);
});

test('6: three lists, a correction and a trip are in place; another list comes in by looking; a clear frequency says why', async ({
  page,
}) => {
  await open(page, HOME, 'sites');
  await expect(page.getByTestId('near-site')).toHaveCount(20);
  await expect(page.getByTestId('near-site').filter({ hasText: 'QO1ELY' })).toContainText('corrected');
  await page.getByText('Along a trip', { exact: true }).click();
  await expect(page.getByTestId('trip-words')).toContainText('20 sites within 4 km of it. Nothing from');
  await page.getByText('Near me', { exact: true }).click();
  await chooseList(page, 'boat-notes.csv');
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
  await page.getByText('3 lists, 20 sites').or(page.getByText('4 lists, 23 sites')).first().click();
  await expect(page.getByTestId('list')).toHaveCount(4);
  await page.getByText('Map', { exact: true }).click();
  await expect(page.getByTestId('map-words')).toContainText('of 20 sites are in view');
  await page.getByText('List', { exact: true }).click();
  for (const name of [/^Choose QO1HSK B/, /^Choose QO1MRN B/, /^Choose QO1ELY C/]) await page.getByLabel(name).check();
  await page.getByTestId('into-plan').click();
  await page.getByTestId('add-sites').click();
  await expect(tally(page)).toHaveText(/18 whole\s*0 doubtful\s*0 broken/);
  await step(page, /^Hotspots/);
  await page.getByRole('button', { name: 'Find a clear frequency' }).click();
  await expect(page.getByTestId('clearest')).toContainText('MHz is the clearest of the');
});

test('7: RPT2 without the gateway hears and is not heard, one press mends; a family that is not reached, by the hotspot', async ({
  page,
}) => {
  await open(page, ALL_MODES, 'codeplugs/pilot?channel=ch-w-evening-talk');
  const panel = page.getByTestId('dstar-panel');
  await panel.getByLabel('RPT2').fill('QO3VES B');
  await panel.getByLabel('RPT2').press('Enter');
  await expect(dock(page)).toContainText('you will hear LNK001 C, but it will not hear you');
  await page.getByRole('button', { name: 'Set RPT2 to QO3VES·G' }).click();
  await expect(dock(page)).toContainText('whole, both ways');
  await page.getByText('What a key-up does', { exact: true }).click();
  await expect(page.locator('.effects tbody tr').first()).toContainText('only to who hears QO3VES 03');
  await page.getByText('Header', { exact: true }).click();
  await page.getByRole('button', { name: 'Show the 41 bytes' }).click();
  await expect(page.getByTestId('header-bytes')).toContainText('check sequence');
  await open(page, ALL_MODES, 'wants?find=LNK012');
  await page.getByRole('button', { name: /^LNK012 A through Merrin Ridge, LNK not reached/ }).click();
  await build(page);
  await step(page, /^Agreement/);
  await page.getByRole('button', { name: 'Take it through QO3VES 03' }).first().click();
  await expect(tally(page)).toContainText('0 broken');
});

test('8: the room book, the pocket card, a bridge that is offered, hex beside decimal, and what cross-mode lacks without a DMR ID', async ({
  page,
}) => {
  await open(page, ALL_MODES, 'networks/skerry');
  await page.getByRole('link', { name: /room book/i }).click();
  await expect(page.getByRole('heading', { name: 'Room book', level: 1 })).toBeVisible();
  await page.getByText('Card to print', { exact: true }).click();
  await expect(page.getByText('99999').first()).toBeVisible();
  await open(page, ALL_MODES, 'wants?find=harbour lights');
  await page.getByRole('button', { name: /^Harbour Lights through QO3VES 03, not reached; bridge/ }).click();
  await build(page);
  await step(page, /^Agreement/);
  await page.getByRole('button', { name: 'Take 41950, Mainland Span, which bridges there' }).first().click();
  await expect(tally(page)).toContainText('0 broken');
  await open(page, ALL_MODES, 'hotspots');
  await expect(page.getByText('In hex; that is 659 in decimal.')).toBeVisible();
  await open(page, ALL_MODES, 'station');
  await page.getByLabel('DMR ID', { exact: true }).fill('');
  await page.getByLabel('DMR ID', { exact: true }).press('Enter');
  await step(page, /^Agreement/);
  await expect(page.locator('[data-check="crossing-not-ready"]').first()).toContainText('lacks DMR ID');
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('0 broken');
});

test('8, the hotspot: paths beside its settings, profiles, standby, recall, its settings file and the set-up sheet', async ({
  page,
}) => {
  const view = (name: string) =>
    page.getByRole('navigation', { name: 'Of this hotspot' }).getByRole('link', { name, exact: true }).click();
  await open(page, ALL_MODES, 'hotspots');
  await expect(page.getByTestId('path-rail')).toContainText('whole');
  await page.getByTestId('standby').click();
  await expect(page.getByTestId('standby-line').or(page.getByTestId('standby-is')).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await view('Profiles and paths');
  await expect(page.getByTestId('matrix-row').first()).toBeVisible();
  await page.getByRole('button', { name: 'run it' }).first().click();
  await expect(tally(page)).not.toContainText('0 broken');
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('0 broken');
  await view('Recall by radio');
  await expect(page.getByTestId('recall-complete')).toBeVisible();
  await page
    .getByRole('button', { name: /^Remove code 2 / })
    .first()
    .click();
  await expect(page.locator('[data-check="slot-cannot-be-left"]').first()).toContainText('cannot be left for slot 2');
  await page.getByTestId('undo').click();
  await expect(page.getByTestId('recall-complete')).toBeVisible();
  await view('Settings file');
  await page
    .getByTestId('give-file')
    .setInputFiles(fileURLToPath(new URL('../demo/settings/lanternbox.conf', import.meta.url)));
  await expect(page.getByTestId('file-state')).toContainText('the file says what the plan says');
  await view('Set-up');
  await expect(page.getByTestId('step').first()).toContainText('Keep a copy of the card first');
  await expect(page.getByTestId('step').last()).toContainText('30 s');
});

test('9: the run sheet in working order, what each radio must be given, and files', async ({ page }) => {
  await open(page, HOME, 'carry-out');
  await expect(page.getByRole('heading', { name: 'Run sheet' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Files' })).toBeVisible();
  await expect(page.getByTestId('reprogram')).toContainText('Handheld');
});

test('10: Inherited disagrees in nine ways and is mended with the arrow keys and the full stop', async ({ page }) => {
  await open(page, 'Inherited', 'agreement');
  const findings = page.locator('article[data-check]');
  await expect(findings).toHaveCount(9);
  await page.keyboard.press('ArrowDown');
  for (let left = 8; left >= 0; left -= 1) {
    await page.keyboard.press('.');
    await expect(findings).toHaveCount(left);
  }
  await expect(tally(page)).toHaveText(/59 whole\s*0 doubtful\s*0 broken/);
});
