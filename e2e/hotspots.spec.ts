/**
 * One hotspot and up to four kinds of radio: standby, profiles, recall by radio, its own settings file, setting it up.
 */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { emptyPlan, newRadio } from '@relay/core/plan/create';
import { edit } from '@relay/core/plan/edit';
import { addHotspot } from '@relay/core/plan/hotspot';
import { putRow } from '@relay/core/plan/table';
import { slotsPlan } from '@relay/core/testing/sample-recall';
import { expect, saved, tally, test } from './story';

const view = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Of this hotspot' }).getByRole('link', { name, exact: true }).click();

const given = async (page: Page, testId: string, name: string, text: string | Buffer) =>
  page.getByTestId(testId).setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });

async function downloaded(page: Page, press: () => Promise<void>): Promise<Buffer> {
  const [download] = await Promise.all([page.waitForEvent('download'), press()]);
  return readFileSync(await download.path());
}

const typed = async (page: Page, label: string, text: string) => {
  await page.getByLabel(label, { exact: true }).first().fill(text);
  await page.keyboard.press('Enter');
};

test('from three radios and a hotspot to standby in two presses: every radio has its way out, all paths whole, files agree', async ({
  page,
  relay,
}) => {
  const plan = edit(emptyPlan('Standby'), (draft) => {
    Object.assign(draft.station, { callSign: 'QO3VES', dmrId: 9_992_417 });
    for (const mode of ['dmr', 'dstar', 'c4fm'] as const)
      putRow(draft.radios, newRadio(mode, mode.toUpperCase(), [mode], draft.station));
    addHotspot(draft, 'home', 'Home', 439_125_000);
  }).plan;
  const id = await relay.create({ document: plan });
  await page.goto(relay.at(id, 'hotspots/home'));
  await page.getByTestId('standby').click();
  await expect(page.getByTestId('standby-line').filter({ hasText: 'a DMR network' })).toContainText('to be named');
  await expect(page.getByTestId('standby-line').filter({ hasText: 'channel' })).toHaveCount(3);
  await page.getByTestId('carry-standby').click();
  // Only its owner knows the server and the password.
  await expect(tally(page)).toContainText('1 broken');
  await page.goto(relay.at(id, 'networks/dmr'));
  await page.getByLabel('New server: name').fill('Merrin');
  await page.getByLabel('New server: address').fill('merrin.lantern.example');
  await page.keyboard.press('Enter');
  await page.goto(relay.at(id, 'hotspots/home'));
  await page
    .locator('.el-select__wrapper')
    .filter({ has: page.getByRole('combobox', { name: 'Server' }) })
    .click();
  await page.getByRole('option', { name: /Merrin/ }).click();
  await typed(page, 'Password', 'practice-only');
  await expect(tally(page)).toHaveText(/3 whole\s*0 doubtful\s*0 broken/);
  await page.getByTestId('standby').click();
  await expect(page.getByTestId('standby-is')).toContainText('every radio has its way out');
  await page.keyboard.press('Escape');

  await view(page, 'Settings file');
  const ours = await downloaded(page, () => page.getByRole('button', { name: 'Save our file' }).click());
  await given(page, 'read-ours', 'home-hotspot.json', ours);
  await expect(page.getByTestId('file-differences')).toContainText('says what the plan says: no difference.');
  // Its own file says otherwise; written from the plan and read back it says the same.
  const own = 'Call_Sign=QO4TAM\nRXFrequency=433000000\nTXFrequency=433000000\n; hang\nRadioHang = 3\nNetworkHang=3\n';
  await given(page, 'give-file', 'box.ini', own);
  await page.getByTestId('keep-file').click();
  await expect(page.getByTestId('file-state')).toContainText('5 of 5 values are known; 5 lines will be changed.');
  const written = await downloaded(page, () => page.getByTestId('save-file').click());
  expect(written.toString()).toBe(
    'Call_Sign=QO3VES\nRXFrequency=439125000\nTXFrequency=439125000\n; hang\nRadioHang = 20\nNetworkHang=20\n',
  );
  await given(page, 'read-file', 'box.ini', written);
  await expect(page.getByTestId('file-differences')).toContainText('no difference');
  await page.goto(relay.at(id, 'carry-out'));
  const sheet = page.getByRole('region', { name: 'Settings of Home' });
  for (const words of ['439.1250 MHz', '20 s', 'QO3VES']) await expect(sheet).toContainText(words);
});

test('five slots: the matrix is completed by one press; with one code gone a slot cannot be left, and its mend', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ document: slotsPlan() });
  await page.goto(relay.at(id, 'hotspots/s1/recall'));
  const matrix = page.getByTestId('recall-matrix');
  await expect(page.getByTestId('recall-row')).toHaveCount(4);
  await page.getByRole('button', { name: 'Build the 20 missing entries' }).click();
  await expect(page.getByTestId('recall-complete')).toBeVisible();
  await expect(matrix.getByText('missing')).toHaveCount(0);
  await expect(tally(page)).toContainText('0 broken');
  await page.getByRole('button', { name: 'Remove code 2 DMR only' }).click();
  const finding = page.locator('[data-check="slot-cannot-be-left"]');
  await expect(finding).toContainText('slot 4 cannot be left for slot 2: no radio of C4FM recalls it.');
  await finding.getByRole('button', { name: 'Add the entry for slot 2' }).click();
  await expect(finding).toHaveCount(0);
  await expect(page.getByTestId('kept-code')).toHaveCount(5);
  // A number that cannot be sent stays in its field with the reason.
  await typed(page, 'DMR group for slot 1', '99000001');
  await expect(page.getByRole('alert')).toContainText('Found “99000001”, expected a group from 1 to 16,776,415.');
  await saved(page);
});

test('a travel profile sets only what differs; the matrix shows what breaks; undo', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'hotspots/home'));
  await page.getByRole('button', { name: 'Add a profile' }).click();
  await typed(page, 'Name of the profile', 'Travel');
  await expect(page.getByText('All as in Base.')).toBeVisible();
  await typed(page, 'Frequency', '438,8');
  await page.getByRole('button', { name: 'Add a Wi-Fi network' }).click();
  await typed(page, 'Network name', 'Pocket');
  await page.locator('.el-switch', { has: page.getByRole('switch', { name: 'Standby' }) }).click();
  await expect(page.getByText('3 settings differ from Base.')).toBeVisible();
  await expect(page.getByTestId('path-rail')).toContainText('12 broken');
  // The hotspot runs its base: nothing is broken now.
  await expect(tally(page)).toHaveText(/12 whole\s*0 doubtful\s*0 broken/);
  await view(page, 'Profiles and paths');
  await page.getByRole('button', { name: 'Hask Wide under Travel: broken at the air' }).click();
  await expect(page.getByTestId('dock')).toContainText('438.8000');
  await expect(page.getByTestId('differs')).toHaveCount(5);
  await page.getByRole('button', { name: 'run it' }).click();
  await expect(tally(page)).toContainText('12 broken');
  await page.getByTestId('undo').click();
  await expect(tally(page)).toContainText('12 whole');
  // Set back, the value is the base's again, and follows it.
  await view(page, 'Settings');
  await page.getByRole('link', { name: 'Travel' }).click();
  await page.getByRole('button', { name: 'Frequency: set back to Base' }).click();
  await expect(page.getByLabel('Frequency', { exact: true })).toHaveValue('439.1250');
  await expect(page.getByTestId('path-rail')).toContainText('12 whole');
  await saved(page);
  const { document } = await relay.read(id);
  const travel = Object.values(document.profiles.byId).find((one) => one.name === 'Travel')!;
  expect(Object.keys(travel.set).sort()).toEqual(['standby', 'wifi']);
});

test('a file of 300 lines is taught, and written with three changed values: exactly those three lines differ', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  const text = readFileSync(new URL('../demo/settings/lanternbox.conf', import.meta.url), 'utf8');
  await page.goto(relay.at(id, 'hotspots/home/file'));
  await given(page, 'give-file', 'lanternbox.conf', text);
  await expect(page.getByTestId('file-state')).toContainText('the file says what the plan says');
  await expect(page.getByText('practice-only')).toHaveCount(0);
  await page.getByTestId('keep-file').click();
  await view(page, 'Settings');
  await typed(page, 'Output power', '25');
  await typed(page, 'Hang time, network side', '30');
  await typed(page, 'Receive offset', '-425');
  await view(page, 'Settings file');
  await expect(page.getByTestId('file-state')).toContainText('3 lines will be changed');
  const written = (await downloaded(page, () => page.getByTestId('save-file').click())).toString();
  const [before, after] = [text.split('\r\n'), written.split('\r\n')];
  expect(before.flatMap((line, at) => (line === after[at] ? [] : [after[at]]))).toEqual([
    'RXOffset = -425   ; from the label',
    'Power=25',
    'NetworkHang = 30',
  ]);
  // Another value in a file that the hotspot saved is told, and taken over.
  await given(page, 'read-file', 'saved.conf', written.replace('Power=25', 'Power=40'));
  await expect(page.getByTestId('file-difference')).toHaveText(/Output power\s*25%\s*40%\s*25/);
  await page.getByTestId('take-differences').click();
  await view(page, 'Settings');
  await expect(page.getByLabel('Output power', { exact: true })).toHaveValue('40');
});

test('the set-up sheet is carried out on a phone: ticks stay with date and note, and it prints', async ({
  page,
  relay,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'hotspots/home/set-up'));
  const first = page.getByTestId('step').first();
  await expect(first).toContainText('Keep a copy of the card first');
  await first.getByRole('checkbox').check();
  await first.getByRole('textbox').fill('8 GB, copied to the attic computer');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.reload();
  await expect(first.getByRole('textbox')).toHaveValue('8 GB, copied to the attic computer');
  await expect(first).toContainText('done');
  await expect(page.getByTestId('steps-done')).toContainText(/1 of \d+ done/);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
});
