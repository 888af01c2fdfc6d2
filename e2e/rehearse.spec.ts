/** Rehearsal: keyed live with the space bar, and a complaint that is seen to happen and to be cured. */
import { readFileSync } from 'node:fs';
import { expect, saved, test } from './story';

test('the space bar keys a call that goes from lane to lane; the cursor reads every state; an over opens its relay line', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'rehearse'));
  const happened = page.getByRole('list', { name: 'What happened' });
  await expect(page.getByText('Nothing has happened yet')).toBeVisible();
  await page.getByRole('heading', { name: 'Rehearse' }).click();
  await page.keyboard.down('Space');
  await expect(happened.getByText('Handheld is heard at Lantern 417')).toBeVisible();
  await page.keyboard.up('Space');
  await expect(happened.getByText('Handheld lets go')).toBeVisible();
  await page.getByText('Pause', { exact: true }).click();
  const states = page.getByLabel('What everything is at that time');
  await expect(states).toContainText(/locked to DMR, [\d.]+ s of hang left; linked: group 417/);
  // Back to the beginning: then it was silent.
  await page.getByLabel('Time', { exact: true }).fill('0');
  await expect(states).toContainText('looks for any mode');
  await happened.getByRole('listitem').filter({ hasText: 'Handheld sends on Hask Wide' }).getByText('line').click();
  await expect(page.getByLabel('Relay line of Handheld').getByTestId('relay-verdict')).toHaveText(/Whole/i);

  // Ten times as fast, the hang time passes by.
  await page.getByRole('button', { name: 'To now' }).click();
  await page.getByText('10×', { exact: true }).click();
  await expect(happened.getByText('QO3VES 03 looks for any mode again')).toBeVisible();
});

test('the button is held, another radio is chosen, and somebody at the far end is heard', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'rehearse'));
  const happened = page.getByRole('list', { name: 'What happened' });
  await page.locator('.el-select__wrapper').nth(0).click();
  await page.getByRole('option', { name: 'Rambler' }).click();
  const button = page.getByTestId('key');
  const hold = async (until: string) => {
    await button.hover();
    await page.mouse.down();
    await expect(button).toHaveText('Sending');
    await expect(happened.getByText(until).first()).toBeVisible();
    await page.mouse.up();
    await expect(button).toHaveText('Hold to send');
  };
  await hold('QO3VES 03 takes Rambler');
  await expect(happened.getByText('QO3VES 03, C4FM: room 41205 linked')).toBeVisible();
  const list = (name: string) => page.locator('label', { hasText: name }).locator('.el-select__wrapper');
  await list('Somebody talks on').click();
  await page.getByRole('option', { name: 'C4FM: Isles Evening' }).click();
  await expect(happened.getByText('Rambler hears Far end 1')).toBeVisible();
  // A tone code recalls another profile, which takes the hotspot some seconds.
  await page.getByRole('button', { name: 'Begin anew' }).click();
  await page.locator('.el-select__wrapper', { hasText: 'send a code' }).click();
  await page.getByRole('option', { name: /32$/ }).click();
  await expect(happened.getByText('Rambler sends on')).toBeVisible();
  await expect(happened.getByText('QO3VES 03 runs DMR only')).toBeVisible();
});

test('a complaint is sought, happens, and is cured; a setting of one’s own is tried', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'rehearse'));
  await page.getByText('Complaints', { exact: true }).click();
  await page.getByLabel('Seek in complaints').fill('answer never');
  await page.getByRole('link', { name: /the answer never came/ }).click();
  await expect(page).toHaveURL(/complaints\/mode-captured$/);
  await expect(page.getByLabel('With the fault')).toContainText('locked to C4FM');
  await expect(page.getByRole('list', { name: 'Only as it happens' })).toContainText(
    'QO5BRI is lost at QO3VES 03: locked to C4FM',
  );
  await expect(page.getByRole('list', { name: 'Instead' })).toContainText('Handheld hears QO5BRI');
  await page.locator('.tries .el-select__wrapper').click();
  await page.getByRole('option', { name: 'Another hang time' }).click();
  await page.getByRole('spinbutton', { name: 'Hang time, seconds' }).fill('4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'Instead' })).not.toContainText('0:12.0 Handheld hears QO5BRI');
  await page.getByRole('spinbutton', { name: 'Hang time, seconds' }).fill('9');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'Instead' })).toContainText('0:12.0 Handheld hears QO5BRI');
});

test('a complaint is saved, changed, and opened again; one that names what is not there says where', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'rehearse/complaints/squelch-open'));
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  const saidBefore = JSON.parse(readFileSync(await file.path(), 'utf8')) as {
    complaint: string;
    acts: { radio: string }[];
  };
  const give = (name: string, of: unknown) =>
    page
      .getByLabel('Scenario from a file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(of)) });
  await give('mine.scenario.json', { ...saidBefore, complaint: 'Mine does not send either.' });
  await expect(page.getByRole('heading', { name: 'Mine does not send either.' })).toBeVisible();
  await expect(page.getByLabel('With the fault')).toContainText('the squelch is open');
  saidBefore.acts[1]!.radio = 'lost';
  await give('wrong.scenario.json', saidBefore);
  await expect(page.getByRole('alert')).toContainText('/acts/1/radio');
  await expect(page.getByRole('heading', { name: 'Mine does not send either.' })).toBeVisible();
});

test('what a check finds can be seen to happen', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'inherited' });
  await page.goto(relay.at(id, 'agreement'));
  await page.getByRole('link', { name: 'See it happen' }).first().click();
  await expect(page).toHaveURL(/rehearse\/complaints\//);
  await expect(page.getByLabel('With the fault')).toBeVisible();
});

test('an exercise goes wrong, is begun anew, passed, and kept with the plan; a complaint is practised', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'rehearse/practice/wake-and-talk'));
  await page.locator('.el-select__wrapper').nth(1).click();
  await page.getByRole('option', { name: 'Ferry Net · DMR' }).click();
  const button = page.getByTestId('key');
  // Shorter than the hotspot needs: seen by none.
  await button.evaluate((one) => {
    // At once: a machine that is busy takes its time between two acts of the mouse.
    for (const act of ['pointerdown', 'pointerup']) one.dispatchEvent(new PointerEvent(act, { bubbles: true }));
  });
  await expect(page.getByRole('list', { name: 'What went wrong' })).toContainText('too short');
  await page.getByRole('button', { name: 'A hint' }).click();
  await expect(page.getByRole('list', { name: 'Hints' })).toContainText('Ferry Net');
  await page.getByRole('button', { name: 'Begin anew' }).click();
  await expect(page.getByRole('list', { name: 'What went wrong' })).toHaveCount(0);
  await button.hover();
  await page.mouse.down();
  await expect(page.getByTestId('passed')).toBeVisible();
  await page.mouse.up();
  await saved(page);
  expect(Object.keys((await relay.read(id)).document.done)).toContain('exercise.wake-and-talk');
  await page.reload();
  await expect(page.getByRole('navigation', { name: 'Exercises' })).toContainText('group 591. passed');

  await page.goto(relay.at(id, 'rehearse/complaints/unlink-while-it-talks'));
  await page.getByRole('link', { name: 'Practise this' }).click();
  await expect(page.getByRole('heading', { name: /and it stayed/ })).toBeVisible();
});

test('days at a hotspot are rehearsed as they are drawn, and the hang time that does best is set', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'rehearse/days'));
  // Keys draw too: an hour without a pause at the first place.
  const cell = page.getByRole('gridcell', { name: /^Hask Wide, 0 h/ });
  await cell.focus();
  await page.keyboard.press('4');
  await expect(cell).toHaveAccessibleName('Hask Wide, 0 h: without a pause');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('gridcell', { name: /^Hask Wide, 1 h/ })).toBeFocused();
  await page.getByRole('button', { name: 'Rehearse 5 days' }).click();
  await expect(page.getByRole('progressbar', { name: 'Days rehearsed' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByText('Net night', { exact: true }).click();
  await page.getByRole('button', { name: 'Rehearse 5 days' }).click();
  await expect(page.getByRole('heading', { name: /of hang time does best/ })).toBeVisible();
  const set = page.getByRole('button', { name: /^Set \d+ s$/ });
  const seconds = Number((await set.textContent())!.replace(/\D/g, ''));
  await set.click();
  await saved(page);
  const { document } = await relay.read(id);
  expect(document.profiles.byId['home']!.set.hang).toEqual({ radioS: seconds, networkS: seconds });

  // What somebody has measured is kept with the plan.
  await page.getByRole('button', { name: 'Times', exact: true }).click();
  const start = page.getByLabel('From power to work');
  await start.fill('45.5');
  await start.press('Enter');
  const dwell = page.getByLabel('A hotspot looks for one mode');
  await dwell.fill('0');
  await dwell.press('Enter');
  await expect(page.getByText('Found “0”, expected')).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  expect((await relay.read(id)).document.rehearsalTimes).toEqual({ startMs: 45_500 });
});
