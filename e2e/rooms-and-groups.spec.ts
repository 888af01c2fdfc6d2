/**
 * C4FM and P25 as they are lived: rooms found and kept, groups called, a mixed repeater, and what is reached
 * cross-mode.
 */
import { rows } from '@relay/core/plan/table';
import { build, cell, channelsOf, expect, saved, tally, test } from './story';

test('a room is found by part of its name, by number and by activity; kept in a category, dealt, and on the card; 99999 is the way out', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'rooms'));
  const found = page.getByTestId('found-room');
  await page.getByLabel('Part of the name or place').fill('deck');
  await expect(found).toHaveText([/41377\s*Ferry Deck/, /52077\s*Ferry Deck/]);
  await page.getByText('By number', { exact: true }).click();
  await page.getByLabel('Number of the room').fill('5211');
  await expect(found).toHaveText([/52110\s*North News.*Mainland/]);
  await page.getByLabel('Number of the room').fill('99999');
  await expect(page.getByText('99999 is no room: calling it disconnects. It is the way out of Skerry.')).toBeVisible();
  await expect(found).toHaveCount(0);
  await page.getByText('Busiest', { exact: true }).click();
  await expect(found.first()).toContainText('Isles Evening');
  const busy = (await found.locator('td.number').allTextContents()).map(Number);
  expect(busy).toEqual([...busy].sort((a, b) => b - a));

  await page.getByLabel('Category to keep it in').fill('Learning');
  await page.getByRole('button', { name: 'Keep Beginners’ Hour, Skerry' }).click();
  await expect(page.getByTestId('room-category').last()).toContainText('41418 Beginners’ Hour');
  await page.getByRole('button', { name: 'Deal 7 into it' }).click();
  await expect(page.getByTestId('deal-radio')).toContainText('7 rooms in it, as the book says.');
  await saved(page);
  const { document } = await relay.read(id);
  expect(
    rows(document.codeplugs['rambler']!.c4fm.rooms).map(({ name, number, category }) => [name, number, category]),
  ).toEqual([
    ['Isles Evening', '41205', 1],
    ['Kitchen Table', '41460', 1],
    ['North News', '52110', 1],
    ['Ferry Deck', '41377', 2],
    ['Weather Round', '41502', 2],
    ['Beginners’ Hour', '41418', 3],
    ['Leave', '99999', 1],
  ]);

  await page.getByRole('button', { name: 'Card to print' }).click();
  const learning = page.getByRole('region', { name: 'C4FM, Learning' });
  await expect(learning).toContainText('41418');
  await expect(learning).toContainText('category 3 in Rambler');
  await expect(learning).toContainText('To leave, call 99999');
  await page.evaluate(() =>
    Object.assign(window, { print: () => window.document.querySelector('body')!.setAttribute('data-printed', 'yes') }),
  );
  await page.getByRole('button', { name: 'Print the card' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print the card' })).toBeHidden();
  await expect(page.getByRole('navigation').first()).toBeHidden();
  await expect(learning).toBeVisible();
  await page.emulateMedia({ media: 'screen' });

  await page.goto(relay.at(id, 'networks/skerry'));
  const number = page.getByLabel('New room: number');
  await number.fill('99999');
  await number.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Found “99999”, which disconnects and is no room');
  await number.fill('4170');
  await number.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Found “4170”, expected 5 digits');
  await page.getByRole('button', { name: 'Use 04170' }).click();
  await expect(number).toHaveValue('04170');
});

test('rooms come in from a list of any layout, and are wanted at once', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'networks/skerry'));
  await page.getByLabel('List of rooms for Skerry').setInputFiles({
    name: 'rooms.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Town;Room;DG;Stations\nTarn;Night Shift;41777;3\nHask;Isles Evening;41205;15\nHask;Way Out;99999;0\n',
    ),
  });
  const preview = page.getByTestId('list-preview');
  await expect(preview).toContainText('1 new, 1 changed');
  await expect(preview).toContainText('Line 4');
  await expect(preview).toContainText('disconnects');
  await preview.getByRole('button', { name: /^Take 2/ }).click();
  await page.goto(relay.at(id, 'wants?find=night'));
  await page.getByRole('button', { name: 'Night Shift through QO3VES 03: not wanted' }).click();
  await build(page);
  await expect(tally(page)).toHaveText(/60 whole\s*0 doubtful\s*0 broken/);
  expect((await channelsOf(relay, id, 'Rambler')).find((one) => one.name === 'Night Shift')).toMatchObject({
    mode: 'c4fm',
    c4fm: { room: '41777', voice: 'narrow', groupTx: 0 },
  });
});

test('a room that only the repeaters’ network has is broken through the hotspot; the twin or the bridge mends it', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'wants?find=mainland'));
  await page
    .getByRole('button', { name: 'Harbour Lights through QO3VES 03, not reached; bridge 41950: not wanted' })
    .click();
  await page.getByRole('button', { name: 'Ferry Deck through QO3VES 03, not reached; twin 41377: not wanted' }).click();
  await build(page);
  await expect(tally(page)).toContainText('2 broken');
  await page.goto(relay.at(id, 'agreement'));
  await page
    .getByRole('region', { name: 'Paths', exact: true })
    .getByRole('button', { name: 'Harbour Lights' })
    .click();
  await expect(page.getByTestId('relay-verdict')).toHaveText('broken at the gateway');
  const dock = page.getByTestId('dock');
  await expect(dock).toContainText(
    'Harbour Lights is on Mainland; QO3VES 03 reaches Skerry. There 41950, Mainland Span, bridges to Mainland.',
  );
  await dock.getByRole('button', { name: 'Take 41950, Mainland Span, which bridges there' }).click();
  await expect(tally(page)).toContainText('1 broken');
  await expect(page.locator('[data-check="room-not-reached"]')).toContainText(
    'There the same room is 41377, Ferry Deck.',
  );
  await page.getByRole('button', { name: 'Take 41377, Ferry Deck, the same room there' }).first().click();
  await expect(tally(page)).toHaveText(/0 doubtful\s*0 broken/);
  await saved(page);
  const rooms = (await channelsOf(relay, id, 'Rambler')).flatMap((one) =>
    one.mode === 'c4fm' && one.siteId === 'home' ? [one.c4fm.room] : [],
  );
  expect(rooms).toEqual(expect.arrayContaining(['41950', '41377']));
  expect(rooms.filter((room) => room.startsWith('52'))).toEqual([]);
});

test('a P25 want end to end: the access code in hex, the group that is all-call refused, the unlink group on the card', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'hotspots'));
  const nac = page.getByLabel('NAC', { exact: true });
  await nac.fill('0x294');
  await nac.press('Enter');
  await expect(page.getByText('In hex; that is 660 in decimal.')).toBeVisible();
  await expect(tally(page)).toContainText('9 broken');
  await nac.fill('$293');
  await nac.press('Enter');
  await expect(nac).toHaveValue('293');
  await expect(page.getByText('In hex; that is 659 in decimal.')).toBeVisible();
  await nac.fill('xyz');
  await nac.press('Enter');
  await expect(page.getByRole('alert')).toContainText(
    'Found “xyz”, expected a network access code of three hex digits, such as 293.',
  );

  await page.goto(relay.at(id, 'networks/foghorn'));
  await page.getByLabel('New group: name').fill('Everybody');
  const number = page.getByLabel('New group: number');
  await number.fill('65535');
  await number.press('Enter');
  await expect(page.getByRole('alert')).toContainText(
    'Found 65535, which calls everybody and is no destination, expected 1 to 65534.',
  );
  await number.fill('8080');
  await number.press('Enter');
  await page.goto(relay.at(id, 'wants?find=everybody'));
  await page.getByRole('button', { name: /^Everybody through Tarn Hill/ }).click();
  await build(page);
  await expect(tally(page)).toHaveText(/0 doubtful\s*0 broken/);
  const made = (await channelsOf(relay, id, 'Portable')).find((one) => one.name === 'Everybody');
  expect(made).toMatchObject({ mode: 'p25', p25: { nac: 0x2a1, nacRx: 0x2a1, group: 8080 } });

  // The hotspot's code at the repeater, then its mend.
  await page.goto(relay.at(id, `codeplugs/portable?channel=${made!.id}`));
  // The verdicts redraw the sheet once: a cell that was opened before would be closed by that.
  await expect(tally(page)).toContainText('0 broken');
  await expect(page.getByTestId('dock')).toContainText('whole, both ways');
  const row = (await channelsOf(relay, id, 'Portable')).findIndex((one) => one.id === made!.id);
  await (await cell(page, row, 'NAC sent')).click();
  await page.keyboard.type('293');
  await expect(page.locator('revogr-edit input')).toHaveValue('293');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('dock')).toContainText('broken at the repeater');
  await expect(page.getByTestId('dock')).toContainText('The channel sends NAC 293; Tarn Hill takes 2A1.');
  await expect(page.getByTestId('dock')).toContainText('NAC 293 (659), expects 2A1 (673)');
  await (await cell(page, row, 'Talk group')).click();
  await page.keyboard.type('65535');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('notice')).toContainText('65535');
  await page.getByTestId('dock').getByRole('button', { name: /2A1/ }).click();
  await expect(page.getByTestId('dock')).toContainText('whole, both ways');

  await page.goto(relay.at(id, 'card'));
  const card = page.getByRole('region', { name: 'P25, Foghorn' });
  await expect(card).toContainText('8080');
  await expect(card).toContainText('To leave, call group 9999 once.');
});

test('a mixed repeater goes from FM to digital in its Mode cell, and agrees before and after', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'wants?find=whoever'));
  // Radios stand across in their order: Rambler is the last with FM.
  await page
    .getByRole('row')
    .filter({ hasText: 'FM, whoever hears the site' })
    .getByRole('button', { name: /^FM.* through Dunsel Mixed.*not wanted/ })
    .last()
    .click();
  await build(page);
  await expect(tally(page)).toHaveText(/60 whole\s*0 doubtful\s*0 broken/);
  const channels = await channelsOf(relay, id, 'Rambler');
  const row = channels.findIndex((one) => one.mode === 'fm');
  expect(channels[row]).toMatchObject({ siteId: 'mixed', fm: { toneTx: '110.9' } });
  await page.goto(relay.at(id, `codeplugs/rambler?channel=${channels[row]!.id}`));
  await (await cell(page, row, 'Mode')).click();
  await page.keyboard.type('c4fm');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('dock')).toContainText('C4FM · Rambler');
  await expect(page.getByTestId('dock')).toContainText('whole, both ways');
  await expect(tally(page)).toHaveText(/60 whole\s*0 doubtful\s*0 broken/);
  await saved(page);
  expect((await channelsOf(relay, id, 'Rambler'))[row]).toMatchObject({
    mode: 'c4fm',
    siteId: 'mixed',
    txHz: channels[row]!.txHz,
    c4fm: { groupTx: 5 },
  });
});

test('what a hotspot turns into another mode is whole with the DMR ID, and says what is missing without', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'wants?find=hask wide'));
  await page.getByRole('button', { name: 'Hask Wide through QO3VES 03, cross-mode: not wanted' }).click();
  await build(page);
  await expect(tally(page)).toHaveText(/60 whole\s*0 doubtful\s*0 broken/);
  await page.goto(relay.at(id, 'station'));
  await page.getByLabel('DMR ID', { exact: true }).fill('');
  await page.getByLabel('DMR ID', { exact: true }).press('Enter');
  await page.goto(relay.at(id, 'agreement'));
  await expect(page.locator('[data-check="crossing-not-ready"]').first()).toContainText(
    'C4FM to DMR at QO3VES 03: Lantern lacks DMR ID.',
  );
});

test('a first plan of a C4FM handheld, from nothing: hotspot, room, want, whole at once, and no DMR ID asked for', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ name: 'First' });
  await page.goto(relay.at(id, 'station'));
  await page.getByLabel('Call sign', { exact: true }).fill('QO3VES');
  await page.getByLabel('Call sign', { exact: true }).press('Enter');
  await page.goto(relay.at(id, 'radios'));
  await page.getByRole('button', { name: 'Add your radio' }).click();
  await page.getByLabel('Has DMR').locator('..').click();
  await page.getByLabel('Has C4FM').locator('..').click();
  await page.getByRole('button', { name: 'Next: add your hotspot' }).click();
  await page.getByRole('button', { name: 'Add your hotspot', exact: true }).click();
  await expect(page.getByRole('switch', { name: 'C4FM', exact: true })).toBeChecked();
  await expect(page.getByRole('switch', { name: 'DMR', exact: true })).not.toBeChecked();
  await page.getByRole('button', { name: /^Next: add a network/ }).click();
  await page.getByRole('button', { name: 'Add a network of rooms' }).first().click();
  await page.getByLabel('New room: number').fill('41205');
  await page.getByLabel('New room: name').fill('Isles Evening');
  await page.getByLabel('New room: name').press('Enter');
  await page.getByRole('button', { name: /^Next: choose what you want/ }).click();
  await page.getByRole('button', { name: 'Isles Evening through QO3VES 01: not wanted' }).click();
  await build(page);
  await expect(tally(page)).toHaveText(/2 whole\s*0 doubtful\s*0 broken/);
  await page.goto(relay.at(id, 'carry-out'));
  await expect(page.getByText('Call sign QO3VES: compare it with your licence.')).toBeVisible();
});
