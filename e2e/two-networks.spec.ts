/** A second network through the same hotspot: plan, carry out, ask where a number goes, break and mend. */
import type { Page } from '@playwright/test';
import { dmrNetwork } from '@relay/core/modes/dmr/networks';
import { expect, saved, tally, test } from './story';

const number = (page: Page) => page.getByLabel('Where does');
const rule = (page: Page, position: number) => page.locator(`[data-rule="${position}"]`);

async function addCauseway(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Add a network' }).click();
  await page.getByTestId('accept-network').click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
}

test('a second network is added: prefixes, twelve channels, the list for the radio, and undo', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  const before = await relay.read(id);
  await page.goto(relay.at(id, 'hotspots/home'));
  await page
    .getByRole('navigation', { name: 'Of this hotspot' })
    .getByRole('link', { name: 'Routes', exact: true })
    .click();
  await page.getByRole('button', { name: 'Add a network' }).click();
  await expect(page.getByRole('heading', { name: 'Test Lantern alone first' })).toBeVisible();
  await expect(page.getByTestId('prefix')).toHaveText([
    /Lantern\s*1\s*1,000,001–1,999,999/,
    /Causeway\s*8\s*8,000,001–8,999,999/,
  ]);
  await expect(page.getByTestId('changes')).toContainText('12 channels on Handheld');
  await expect(page.getByTestId('renumbered')).toHaveCount(12);
  await expect(page.getByTestId('renumbered').first()).toHaveText(
    /Handheld\s*Hask Wide\s*group\s*417\s*1000417\s*Lantern 417/,
  );
  await page.getByTestId('accept-network').click();
  await expect(page.getByRole('heading', { name: 'Test Causeway through QO3VES 03' })).toBeVisible();
  await expect(tally(page)).toHaveText(/12 whole\s*0 doubtful\s*0 broken/);
  await page.getByRole('link', { name: /reprogramming list/ }).click();
  await expect(page.getByTestId('reprogram')).toContainText('Handheld');
  await expect(page.getByTestId('reprogram-channel')).toHaveCount(12);
  await expect(page.getByTestId('reprogram-channel').last()).toHaveText(
    /Echo Lantern\s*Number\s*9990\s*1009990\s*Lantern 9990/,
  );
  await page.getByRole('button', { name: 'Mark as written' }).click();
  await expect(page.getByText('Every radio holds what is planned.')).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('button', { name: /^Undo: add Causeway/ }).click();
  await saved(page);
  expect((await relay.read(id)).document).toEqual(before.document);
});

test('a number is asked for: the second network’s, a bare one, and one that nothing takes', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'hotspots/home/routes'));
  await addCauseway(page);
  const travel = page.getByTestId('travel');
  await number(page).fill('8000417');
  await expect(travel).toContainText(
    'To Causeway, group 417, Harbour Masters (rule 2). The hotspot’s own page shows 8000417, the network’s 417; the answer comes back as 8000417.',
  );
  await expect(rule(page, 2)).toHaveClass(/taking/);
  await number(page).fill('417');
  await expect(travel).toContainText('To Lantern, group 417, Hask Wide (catch-all rule 5).');
  await expect(travel).not.toContainText('Probably not meant');
  await number(page).fill('623');
  await expect(travel).toContainText(
    'Probably not meant: Causeway has group 623, Ferry Crew: on the radio that is 8000623.',
  );
  await travel.getByRole('button', { name: 'Show 8000623' }).click();
  await expect(travel).toContainText('To Causeway, group 623, Ferry Crew');
  await number(page).press('ArrowUp');
  await expect(number(page)).toHaveValue('8000624');
  await page.getByText('private', { exact: true }).first().click();
  await number(page).fill('4000');
  await expect(travel).toContainText('Nowhere: no rule takes private 4000.');
  await number(page).fill('17 million');
  await expect(travel).toContainText('Found “17 million”, expected a number from 1 to 16,776,415.');
  // Each number has an address.
  await number(page).fill('1004000');
  await expect(page).toHaveURL(/number=1004000&kind=private/);
  await page.reload();
  await expect(page.getByTestId('travel')).toContainText('Unlink Lantern (rule 3)');
});

test('rules are broken and mended: the private one removed, the catch-all moved up, a reply switched off', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'hotspots/home/routes'));
  await addCauseway(page);
  await expect(tally(page)).toHaveText(/12 whole/);
  await page.getByRole('button', { name: /^Remove rule 3, private/ }).click();
  await expect(tally(page)).toHaveText(/10 whole\s*0 doubtful\s*2 broken/);
  await page.goto(relay.at(id, 'agreement?radio=handheld&channel=ch-w-unlink'));
  await expect(page.getByTestId('relay-verdict').first()).toHaveText('broken at the gateway');
  await expect(page.getByTestId('dock').first()).toContainText(
    'No rule of QO3VES 03 takes private 1004000: Unlink Lantern will never arrive.',
  );
  await page
    .getByTestId('dock')
    .first()
    .getByRole('button', { name: 'Add a rule for private calls to Lantern', exact: true })
    .click();
  await expect(tally(page)).toHaveText(/12 whole/);

  await page.goto(relay.at(id, 'hotspots/home/routes'));
  for (const position of [5, 4, 3, 2]) await page.getByRole('button', { name: `Move rule ${position} up` }).click();
  // Exactly the ten groups are swallowed; unlink and echo are private calls.
  await expect(tally(page)).toHaveText(/2 whole\s*0 doubtful\s*10 broken/);
  await page.goto(relay.at(id, 'agreement?radio=handheld&channel=ch-w-g417'));
  await expect(page.getByTestId('relay-verdict').first()).toHaveText('goes to the wrong place: Lantern, group 1000417');
  await expect(page.getByTestId('dock').first()).toContainText(
    'instead of Lantern 417: catch-all rule 1 takes it before rule 2.',
  );
  await page
    .getByTestId('dock')
    .first()
    .getByRole('button', { name: 'Move catch-all rule 1 behind rule 2', exact: true })
    .click();
  await expect(tally(page)).toHaveText(/12 whole/);

  await page.goto(relay.at(id, 'hotspots/home/routes'));
  await page.getByRole('checkbox', { name: 'Replies of rule 1 come back' }).click();
  await expect(tally(page)).toHaveText(/2 whole\s*0 doubtful\s*10 broken/);
  await page.goto(relay.at(id, 'agreement?radio=handheld&channel=ch-w-g417'));
  await expect(page.getByTestId('relay-verdict').first()).toHaveText(
    'you can talk but will not hear: broken at the gateway',
  );
});

test('a want on the second network is built under its prefix, and both numbers stand on every page', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'hotspots/home/routes'));
  await addCauseway(page);
  await page.goto(relay.at(id, 'wants?find=ferry crew'));
  await expect(page.getByRole('row', { name: /Ferry Crew/ })).toContainText('group 623 · radio 8000623');
  await page.getByRole('button', { name: /Ferry Crew through QO3VES 03/ }).click();
  await page.getByTestId('build').click();
  await page.getByTestId('carry-out-build').click();
  await expect(tally(page)).toHaveText(/13 whole/);
  await page.goto(relay.at(id, 'codeplugs/handheld'));
  await expect(page.locator('revogr-data .rgCell', { hasText: '8000623' })).toBeVisible();
  await expect(page.locator('revogr-data .rgCell', { hasText: 'Causeway 623' })).toBeVisible();
  await page.locator('revogr-data .rgCell', { hasText: '8000623' }).click();
  const dock = page.getByTestId('dock');
  await expect(dock).toContainText('8000623 → 623');
  // The group sleeps until it is keyed; the network's timer is 15 minutes.
  await expect(page.getByTestId('activity')).toHaveText('Group dynamic, silent until you key it once.');
  await dock.getByRole('button', { name: 'I keyed it just now' }).click();
  await expect(page.getByTestId('activity')).toHaveText('Group dynamic, awake for 15 min.');
  await page.goto(relay.at(id, 'networks/causeway'));
  await expect(page.getByRole('row').filter({ hasText: '8000623' })).toHaveCount(1);
});

test('servers are measured and groups read from a list', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'ostrey-isles' });
  await page.goto(relay.at(id, 'networks/causeway'));
  await page.getByRole('button', { name: 'Measure the delays' }).click();
  await expect(page.getByText('Least delay:')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('img', { name: /^Delays: Tarn \d/ })).toBeVisible();
  const list = page.getByLabel('List of groups for Causeway');
  await list.setInputFiles({
    name: 'groups.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Number;Name;Category\n417;Harbour Masters;local\n623;Ferry People;region\n700;Far;away\n'),
  });
  await expect(page.getByTestId('list-preview')).toContainText(
    'Line 4, category: found “away”, expected local, region, nation, world, tactical, test.',
  );
  await page.getByRole('button', { name: 'Leave it' }).click();
  await list.setInputFiles({
    name: 'groups.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Number;Name;Category\n417;Harbour Masters;local\n623;Ferry People;region\n700;Far;world\n'),
  });
  await expect(page.getByText('1 new, 1 changed, 1 the same.')).toBeVisible();
  await page.getByRole('button', { name: 'Take 2 groups' }).click();
  await saved(page);
  const { groups, servers } = dmrNetwork((await relay.read(id)).document, 'causeway')!;
  expect(
    Object.values(groups.byId)
      .filter((group) => [623, 700].includes(group.number))
      .map((group) => group.name)
      .sort(),
  ).toEqual(['Far', 'Ferry People']);
  expect(Object.values(servers.byId).every((server) => server.delay !== null && server.delay.medianMs > 0)).toBe(true);
});
