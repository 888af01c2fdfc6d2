import { expect, saved, tabTo, tally, test, typeInto } from './story';

test('the demo shows its first whole path at once', async ({ page, relay }) => {
  await page.goto(relay.url);
  await page
    .getByRole('button', { name: /demo plan/ })
    .first()
    .click();
  await expect(tally(page)).toContainText('12 whole');
  await expect(page.getByTestId('all-whole')).toBeVisible();
  await page.getByRole('button', { name: 'Hask Wide' }).click();
  await expect(page.getByTestId('relay-verdict')).toHaveText('whole, both ways');
});

test('from an empty plan by keyboard alone to three whole paths and files', async ({ page, relay }) => {
  await page.goto(relay.url);
  await typeInto(page, 'New plan', 'Keyboard');
  await page.waitForURL(/station/);
  await typeInto(page, 'Call sign', 'qo3ves');
  await typeInto(page, 'DMR ID', '999 2417');
  const next = async (words: RegExp) => {
    await tabTo(page, words);
    await page.keyboard.press('Enter');
  };
  await next(/^Next: add your radio/);
  await next(/^Add your radio/);
  await expect(page.getByLabel('DMR ID in the radio')).toHaveValue('999 2417');
  await next(/^Next: add your hotspot/);
  await next(/^Add your hotspot/);
  await typeInto(page, 'Frequency', '439,125');
  await expect(page.getByLabel('Frequency')).toHaveValue('439.1250');
  await next(/^Next: add a network/);
  await next(/^Add a DMR network/);
  await typeInto(page, 'Name', 'Lantern');
  await tabTo(page, 'New server: name');
  await page.keyboard.type('Merrin');
  await tabTo(page, 'New server: address');
  await page.keyboard.type('merrin.lantern.example');
  await page.keyboard.press('Enter');
  for (const [number, name] of [
    ['417', 'Hask Wide'],
    ['481', 'Merrin Head'],
    ['588', 'Ostrey All'],
  ] as const) {
    await tabTo(page, 'New group: number');
    await page.keyboard.type(number);
    await tabTo(page, 'New group: name');
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Group name').last()).toHaveValue(name);
  }
  await next(/^Next: choose what you want/);
  for (const name of ['Hask Wide', 'Merrin Head', 'Ostrey All']) {
    await tabTo(page, new RegExp(`^${name} through QO3VES 01`));
    await page.keyboard.press('Space');
  }
  await tabTo(page, 'Build from wants');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('carry-out-build')).toBeEnabled();
  await tabTo(page, /^Carry out \d+ lines/);
  await page.keyboard.press('Enter');
  await expect(tally(page)).toContainText('3 broken');
  // The network's own password is the one thing that only the operator knows.
  await tabTo(page, /^Hotspots/);
  await page.keyboard.press('Enter');
  await typeInto(page, 'Password', 'practice');
  await expect(tally(page)).toContainText('3 whole');
  await tabTo(page, /^Carry out/);
  await page.keyboard.press('Enter');
  for (const [button, file] of [
    ['Save plan file', 'keyboard.relay.json'],
    ['Save codeplug', 'handheld-codeplug.csv'],
    ['Save profile', 'qo3ves-01-hotspot.json'],
  ] as const) {
    await tabTo(page, button);
    const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
    expect(download.suggestedFilename()).toBe(file);
  }
  await saved(page);
  await page.reload();
  await expect(tally(page)).toContainText('3 whole');
});

test('a plan file goes out and comes in the same', async ({ page, relay }) => {
  const id = await relay.threePaths();
  await page.goto(relay.at(id, 'carry-out'));
  await page.getByText('Put passwords into these files').click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save plan file' }).click(),
  ]);
  await page.goto(relay.url);
  await page.getByLabel('Plan file').setInputFiles(await download.path());
  await page.waitForURL(/agreement/);
  const copy = await relay.read(page.url().match(/plan\/([^/]+)/)![1]!);
  expect(copy.document).toEqual((await relay.read(id)).document);
});

test('a broken plan file says where, and makes nothing', async ({ page, relay }) => {
  await page.goto(relay.url);
  await page.getByLabel('Plan file').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{\n"format": "yellow-relay-plan",\n "x" }'),
  });
  await expect(page.getByRole('alert')).toContainText('line 3');
  await page.getByLabel('Plan file').setInputFiles({
    name: 'other.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format": "yellow-relay-plan", "formatVersion": 1}'),
  });
  await expect(page.getByRole('alert')).toContainText('station: found nothing');
});

test('one window goes from plan to plan, and each keeps its own', async ({ page, relay }) => {
  const one = await relay.create({ demo: 'ostrey-isles' });
  const two = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(one, 'station'));
  await expect(tally(page)).toContainText('12 whole');
  await page.getByLabel('Place').fill('First');
  await page.getByLabel('Place').press('Enter');
  await page.getByRole('link', { name: /all plans/ }).click();
  await page.locator(`a[href*="${two}"]`).click();
  await expect(tally(page)).toContainText('21 broken');
  await page.getByRole('link', { name: /^Station/ }).click();
  await expect(page.getByLabel('Place')).toHaveValue('Hask, Ostrey Isles');
  await page.goBack();
  await page.goBack();
  await page.locator(`a[href*="${one}"]`).click();
  await expect(tally(page)).toContainText('12 whole');
  await page.getByRole('link', { name: /^Station/ }).click();
  await expect(page.getByLabel('Place')).toHaveValue('First');
});

test('plans are duplicated, deleted and restored from the list', async ({ page, relay }) => {
  const id = await relay.create({ name: 'Only once' });
  await page.goto(relay.url);
  await page.getByRole('button', { name: 'Duplicate Only once' }).click();
  await expect(page.getByRole('link', { name: 'Only once (copy)' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Only once', exact: true }).click();
  await expect(page.locator(`a[href*="${id}"]`)).toHaveCount(0);
  await page.getByRole('button', { name: 'Restore Only once' }).click();
  await expect(page.locator(`a[href*="${id}"]`)).toBeVisible();
});
