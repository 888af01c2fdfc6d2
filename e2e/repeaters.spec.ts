/** Repeaters of the plan: taken from lists, held against their channels, mended in their place. */
import { dmrChannels, isDmr } from '@relay/core/modes/dmr/channel';
import { rows } from '@relay/core/plan/table';
import { sitesPlan } from '@relay/core/testing/sample-sites';
import { choose, forgetAll, withClub } from './lists';
import { cell as cellOf, expect, saved, tally, test } from './story';

test('three repeaters go into the plan with a zone, whole; a swapped pair, a lost tone and a wrong slot are three findings and three mends; a newer list keeps the correction', async ({
  page,
  relay,
}) => {
  const id = await withClub(page, relay);
  // The list has the wrong tone for one of them.
  const ellery = page.getByTestId('near-site').filter({ hasText: 'QO1ELY' });
  await ellery.getByRole('button', { name: 'Correct QO1ELY' }).click();
  await page.getByLabel('Should be').fill('107.2');
  await page.getByTestId('save-correction').click();
  await expect(ellery).toContainText('107.2 Hz');

  for (const name of [/^Choose QO1HSK B/, /^Choose QO1MRN B/, /^Choose QO1ELY C/]) await page.getByLabel(name).check();
  await page.getByTestId('into-plan').click();
  await expect(page.getByTestId('adding')).toHaveCount(3);
  await expect(page.getByTestId('adding').first()).toContainText('Lantern');
  await page.getByTestId('add-sites').click();
  await expect(page.getByText('3 repeaters were added; 6 channels made, 0 used again, in “Near home”.')).toBeVisible();
  await expect(tally(page)).toContainText('18 whole');
  await saved(page);

  const { document } = await relay.read(id);
  const channels = rows(document.codeplugs['handheld']!.channels);
  const fm = channels.find((channel) => channel.mode === 'fm')!;
  expect(fm).toMatchObject({ rxHz: 145_687_500, txHz: 145_087_500, fm: { toneTx: '107.2' } });
  const slots = channels
    .filter(isDmr)
    .filter((channel) => channel.siteId !== 'home')
    .map((channel) => `${channel.dmr.call.number} on ${channel.dmr.slot}`);
  expect(slots).toEqual(['417 on 1', '588 on 2', '591 on 2', '481 on 1', '588 on 2']);

  // In the sheet: the pair of one swapped, the tone of another gone, a third on the other slot.
  const [head, mast] = channels.filter(isDmr).filter((channel) => channel.siteId !== 'home' && channel.dmr.slot === 1);
  await page.goto(relay.at(id, 'codeplugs'));
  const spoil = async (row: string, column: string, text: string, shown = text) => {
    await page.getByLabel('Show channels with these words').fill(row);
    await expect(page.getByLabel('Show channels with these words')).toHaveValue(row);
    const names = page.locator('.colPinStart revogr-data[type="rgRow"] .rgCell');
    await expect(names).toHaveCount(1);
    const y = await names.filter({ hasText: row }).first().getAttribute('data-rgrow');
    const cell = await cellOf(page, y!, column);
    await cell.dblclick();
    await expect(page.locator('revogr-edit input')).toBeFocused();
    await page.keyboard.press('Control+A');
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    // A cell that disagrees grows: the next one is looked for when this one stands.
    await expect(cell).toContainText(shown);
    // The grid takes the focus back when its editor goes: nothing is typed elsewhere before.
    await expect(page.locator('revogr-edit')).toHaveCount(0);
  };
  await spoil(head!.name, 'Receive MHz', '431.825', '431.8250');
  await spoil(head!.name, 'Shift MHz', '7.6', '+7.6');
  await spoil(fm.name, 'Tone sent', 'none');
  await spoil(mast!.name, 'Slot', '2');
  await expect(tally(page)).toContainText('3 broken');
  await page.getByRole('link', { name: /^Agreement/ }).click();
  for (const [check, says] of [
    ['pair-swapped', 'The channel receives on 431.8250 MHz, where Hask Head listens; it sends on 439.4250 MHz.'],
    ['tone-missing', 'The channel sends no tone; Port Ellery opens on 107.2 Hz.'],
    ['group-not-on-slot', 'The channel calls group 481 on slot 2; Merrin Tower has it on slot 1.'],
  ] as const) {
    const card = page.locator(`[data-check="${check}"]`);
    await expect(card).toContainText(says);
    await card
      .getByRole('button', { name: /Swap receive and transmit|Send 107.2 Hz|Set the channel to slot 1/ })
      .click();
    await expect(card).toHaveCount(0);
  }
  await expect(tally(page)).toContainText('18 whole');

  // What is there is not added twice.
  await page.goto(relay.at(id, 'sites'));
  await page.getByLabel(/^Choose QO1HSK B/).check();
  await page.getByTestId('into-plan').click();
  await expect(page.getByTestId('adding')).toContainText('in the plan already, as Hask Head');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await choose(page, 'isles-club-newer.csv');
  await page.getByLabel('Name', { exact: true }).fill('isles-club');
  await page.getByLabel('Name', { exact: true }).press('Tab');
  await expect(page.getByTestId('list-difference')).toContainText(
    '1 new, 1 changed (QO1MRN), 8 the same, 1 gone (QO1GLN)',
  );
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('import-list')).toBeHidden();
  await expect(ellery).toContainText('107.2 Hz');
  await forgetAll(relay);
});

test('a newer list that lacks a repeater of the plan marks it there, until somebody says otherwise', async ({
  page,
  relay,
}) => {
  await withClub(page, relay);
  await page.getByLabel(/^Choose QO1GLN/).check();
  await page.getByTestId('into-plan').click();
  await page.getByTestId('add-sites').click();
  await expect(page.getByTestId('notice')).toContainText('1 repeater was added');
  await choose(page, 'isles-club-newer.csv');
  await page.getByLabel('Name', { exact: true }).fill('isles-club');
  await page.getByLabel('Name', { exact: true }).press('Tab');
  await expect(page.getByTestId('list-difference')).toContainText('1 gone (QO1GLN)');
  await page.getByTestId('import-list').click();
  await expect(page.getByTestId('notice')).toContainText('Of this plan it lacks');
  await page.getByRole('link', { name: /^Agreement/ }).click();
  const card = page.locator('[data-check="site-gone-from-list"]');
  await expect(card).toContainText('isles-club');
  await card.getByRole('button').first().click();
  await expect(card).toHaveCount(0);
  await forgetAll(relay);
});

test('a repeater of the plan offers its groups on their slots; what is wrong in it is mended in it', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ document: sitesPlan() });
  await page.goto(relay.at(id, 'wants'));
  const row = page.getByRole('row').filter({ hasText: 'Ferry Net' });
  await row.getByRole('button', { name: 'Ferry Net through Hask Head, slot 2: not wanted' }).click();
  await expect(row.getByRole('button', { name: /^Ferry Net through Port Ellery/ })).toHaveCount(0);
  await expect(page.getByRole('row').filter({ hasText: 'FM, whoever hears the site' })).toContainText('Port Ellery');
  await page.getByTestId('build').click();
  await page.getByTestId('carry-out-build').click();
  await expect(tally(page)).toContainText('9 whole');
  await saved(page);
  const made = dmrChannels((await relay.read(id)).document.codeplugs['r1']!).find(
    (channel) => channel.siteId === 'rp1' && channel.dmr.call.number === 591,
  );
  expect(made!.dmr).toMatchObject({ slot: 2, colorCode: 3 });

  await page.goto(relay.at(id, 'sites?view=plan'));
  const wanted = page.getByRole('group', { name: 'Wanted on Handheld' });
  await expect(wanted.getByRole('button', { pressed: true })).toHaveCount(3);
  await wanted.getByRole('button', { name: 'Ferry Net 591' }).click();
  await expect(wanted.getByRole('button', { pressed: true })).toHaveCount(2);
  await page.getByTestId('undo').click();
  await expect(wanted.getByRole('button', { pressed: true })).toHaveCount(3);
  await page.getByLabel('Groups by slot').fill('1: 417; 2: 588');
  await page.getByLabel('Groups by slot').press('Enter');
  await expect(tally(page)).toContainText('1 broken');
  await page.getByLabel('Groups by slot').fill('3: 417');
  await page.getByLabel('Groups by slot').press('Enter');
  await expect(page.getByRole('alert')).toContainText('expected groups by slot, such as 1: 417; 2: 588 591d');
  await page.getByLabel('Status', { exact: true }).first().click();
  await page.getByRole('option', { name: 'off the air' }).click();
  await expect(page.locator('[data-check="site-off-air"]')).toContainText('Hask Head is off the air');
  await page.locator('[data-check="site-off-air"]').getByRole('button').first().click();
  await expect(page.locator('[data-check="site-off-air"]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Enter one by hand' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Repeater 1');
  await page.getByRole('button', { name: 'Remove Repeater 1' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Hask Head');
});
