import { build, channelsOf, choose, expect, type Relay, saved, tally, test } from './story';

/** The entries of a radio at a site, in its order: name, UR, RPT1, RPT2. */
async function entries(relay: Relay, id: string, radioName: string, siteId: string): Promise<string[][]> {
  const channels = await channelsOf(relay, id, radioName);
  return channels
    .filter((one) => one.siteId === siteId)
    .map((one) => (one.mode === 'dstar' ? [one.name, one.dstar.ur, one.dstar.rpt1, one.dstar.rpt2] : []));
}

test('a radio is added and one reflector wanted through the hotspot: every entry is there, all is whole, the strip shows the order', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'radios'));
  await page.getByRole('button', { name: 'Add a radio' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Old Faithful');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await page.getByLabel('Has DMR').locator('..').click();
  await page.getByLabel('Has D-STAR').locator('..').click();
  await expect(page.getByLabel('MY', { exact: true })).toHaveValue('QO3VES');
  await page.getByLabel('Suffix', { exact: true }).fill('vesna');
  await page.getByLabel('Suffix', { exact: true }).press('Enter');
  await expect(page.getByRole('alert')).toContainText('Found 5 characters, expected at most 4.');
  await page.getByRole('button', { name: 'Use VESN' }).click();
  await saved(page);

  await page.goto(relay.at(id, 'wants?find=LNK001 C'));
  const chips = page.getByRole('button', { name: 'LNK001 C through QO3VES 03: not wanted' });
  await chips.click();
  await build(page);
  await expect(tally(page)).toHaveText(/64 whole\s*0 doubtful\s*0 broken/);
  expect(await entries(relay, id, 'Old Faithful', 'home')).toEqual([
    ['LNK001 C link', 'LNK001CL', 'QO3VES B', 'QO3VES G'],
    ['LNK001 C', 'CQCQCQ  ', 'QO3VES B', 'QO3VES G'],
    ['Unlink', '       U', 'QO3VES B', 'QO3VES G'],
    ['Status', '       I', 'QO3VES B', 'QO3VES G'],
    ['Echo', '       E', 'QO3VES B', 'QO3VES G'],
  ]);
  await page.goto(relay.at(id, 'codeplugs/pilot?channel=ch-w-evening-talk'));
  await expect(page.getByTestId('order-strip').locator('li')).toHaveText([
    'Link',
    'Wait for the answer',
    'Talk',
    'Leave',
  ]);
  await page.getByTestId('order-strip').getByRole('button', { name: 'Link' }).click();
  await expect(page.getByTestId('dock')).toContainText('LNK001 C link');
  await page.goto(relay.at(id, 'carry-out'));
  await expect(page.getByText('Link QO3VES 03 to LNK001 C, talk, and leave').first()).toBeVisible();
});

test('a closed gateway is broken with its family named, the hotspot offered; the gateway letter forgotten hears and is not heard, one press mends', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'wants?find=LNK012'));
  await page.getByRole('button', { name: /^LNK012 A through Merrin Ridge, LNK not reached: not wanted/ }).click();
  await build(page);
  await expect(tally(page)).toContainText('2 broken');
  await page.goto(relay.at(id, 'agreement'));
  const card = page
    .getByText('The gateway of Merrin Ridge reaches WAV; family LNK is not among them. QO3VES 03 reaches it.')
    .first();
  await expect(card).toBeVisible();
  await page.getByRole('button', { name: 'Take it through QO3VES 03' }).first().click();
  await expect(tally(page)).toContainText('0 broken');
  await saved(page);
  expect((await entries(relay, id, 'Pilot', 'home')).filter(([name]) => name!.startsWith('LNK012'))).toEqual([
    ['LNK012 A link', 'LNK012AL', 'QO3VES B', 'QO3VES G'],
    ['LNK012 A', 'CQCQCQ  ', 'QO3VES B', 'QO3VES G'],
  ]);

  // The gateway letter is forgotten.
  await page.goto(relay.at(id, 'codeplugs/pilot?channel=ch-w-evening-talk'));
  const panel = page.getByTestId('dstar-panel');
  await panel.getByLabel('RPT2').fill('QO3VES B');
  await panel.getByLabel('RPT2').press('Enter');
  await expect(page.getByTestId('dock')).toContainText(
    'you will hear LNK001 C, but it will not hear you: RPT2 is not the gateway',
  );
  await expect(page.locator('revogr-data .rgCell', { hasText: 'needs QO3VES·G' })).toBeVisible();
  await page.getByRole('button', { name: 'Set RPT2 to QO3VES·G' }).click();
  await expect(page.getByTestId('dock')).toContainText('whole, both ways');

  // UR is left on the command.
  await panel.getByLabel('UR').fill('LNK001CL');
  await panel.getByLabel('UR').press('Enter');
  await expect(page.getByTestId('dock')).toContainText('doubtful at the network');
  await expect(page.getByTestId('dock')).toContainText('UR is “LNK001CL”, a command; to talk, “CQCQCQ” is expected.');
  await page.getByRole('button', { name: 'Set UR to CQCQCQ' }).click();

  // The letter in the seventh place is refused, and the right form offered.
  await panel.getByLabel('RPT1').fill('QO3VESB');
  await panel.getByLabel('RPT1').press('Enter');
  await expect(panel.getByRole('alert')).toContainText(
    'Found “QO3VESB” with the letter in place 7, expected it in the eighth.',
  );
  await panel.getByRole('button', { name: 'Use QO3VES·B' }).click();
  await expect(panel.getByRole('alert')).toHaveCount(0);
  await expect(tally(page)).toHaveText(/0 doubtful\s*0 broken/);
});

test('what a site is linked to changes what a key-up does; the header has its 41 bytes', async ({ page, relay }) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'codeplugs/pilot?channel=ch-w-evening-talk'));
  await page.getByText('What a key-up does', { exact: true }).click();
  await expect(page.locator('.effects tbody tr')).toHaveText([
    /nothing\s*only to who hears QO3VES 03/,
    /LNK001 C\s*to LNK001 C/,
    /LNK001 A\s*to LNK001 A/,
  ]);
  await choose(page, 'What the site is linked to now', 'LNK001 C');
  await expect(page.getByTestId('dock')).toContainText(/linked to\s*LNK001 C(?!, once)/);
  await page.getByText('Header', { exact: true }).click();
  await page.getByRole('button', { name: 'Show the 41 bytes' }).click();
  await expect(page.getByTestId('header-bytes')).toContainText(
    /check sequence\s*([0-9a-f]{2}) ([0-9a-f]{2}), low byte first/,
  );
  await expect(page.getByLabel('Radio header')).toContainText('51 4f 33 56 45 53 20 47');
});

test('a family gets its reflectors from a list in any layout; a call sign is wanted by typing it; the site list goes out', async ({
  page,
  relay,
}) => {
  const id = await relay.create({ demo: 'all-modes' });
  await page.goto(relay.at(id, 'networks/beacon'));
  await page.getByLabel('List of reflectors for Beacon').setInputFiles({
    name: 'reflectors.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Reflector;Known as;Modules;Links\nLNK001;Isles Evening;A-C;14\nLNK020;Tide Tables;A B;2\nWAV007;Night Watch;CD;2\nSEA001;Far Away;A;1\nnonsense;;;\n',
    ),
  });
  const preview = page.getByTestId('list-preview');
  await expect(preview).toContainText('Beacon: 1 new, 0 changed, 1 the same.');
  await expect(preview).toContainText('Breaker: 0 new, 1 changed, 0 the same.');
  await expect(preview).toContainText('1 of networks that the plan does not have: SEA');
  await expect(preview).toContainText(
    'Line 6, reflector: found “nonsense”, expected three letters and up to three digits, such as LNK001.',
  );
  await page.getByRole('button', { name: 'Take 2 reflectors' }).click();
  await saved(page);
  await page.goto(relay.at(id, 'wants?find=LNK020'));
  await expect(page.locator('tbody tr')).toHaveCount(2);
  await page.getByLabel('Show destinations with these words').fill('qo4tam');
  await page.getByRole('button', { name: 'QO4TAM through Hask Quay: not wanted' }).click();
  await build(page);
  expect((await entries(relay, id, 'Pilot', 'quay')).find(([name]) => name === 'QO4TAM')).toEqual([
    'QO4TAM',
    'QO4TAM  ',
    'QO1HQY B',
    'QO1HQY G',
  ]);
  await page.goto(relay.at(id, 'carry-out'));
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save site list' }).click(),
  ]);
  const { readFile } = await import('node:fs/promises');
  expect(await readFile(await download.path(), 'utf8')).toContain(
    'Hotspots,QO3VES 03,"Hask, Ostrey Is",QO3VES B,QO3VES G,439.1250,duplex 0,0.0000,46.71,-33.42,-2',
  );
});
