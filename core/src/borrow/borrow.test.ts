import { newZone } from '../plan/create';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { rows } from '../plan/table';
import type { Channel, Codeplug, Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { readRaw } from '../lists/raw';
import { agreementOf } from '../agreement/agreement';
import { beginWith, proposeBorrowing } from '../registries/kits';
import { guessColumns, readSites } from '../registries/lists';
import { samplePlan } from '../testing/sample-plan';

const raw = readRaw(readFileSync(new URL('../../../demo/lists/isles-club.csv', import.meta.url)));
const listed = readSites(raw, guessColumns(raw)).sites.map(({ site }) => ({
  site,
  list: { name: 'Isles Club', issuedOn: '2026-10-31' },
}));
const plan = samplePlan();

/** The codeplug of the sample as a lender would have it, changed. */
function lent(change: (codeplug: Codeplug) => void = () => undefined): Codeplug {
  const codeplug = structuredClone(plan.codeplugs['r1']!);
  for (const channel of rows(codeplug.channels))
    Object.assign(channel, { siteId: null, destination: null, wantId: null, built: null });
  change(codeplug);
  return codeplug;
}

const propose = (codeplug: Codeplug, owners: string[] = []) =>
  proposeBorrowing({ plan, radioId: 'r1', codeplug, listed, owners });
const all = { sites: new Set<string>(), groups: new Set<string>(), leave: new Set<string>() };
const begun = (codeplug: Codeplug, choice: Partial<typeof all> = {}): Plan =>
  edit(plan, (draft) => beginWith(draft, 'r1', propose(codeplug), { ...all, ...choice })).plan;
const first = (codeplug: Codeplug) =>
  rows(codeplug.channels)[0] as Channel & { dmr: { colorCode: number; call: { number: number } } };

describe('a borrowed codeplug', () => {
  it('of one’s own values finds every site and destination again, nothing of a lender, and stays whole', () => {
    const { channels, lender, sites, groups, removals } = propose(lent());
    const meant = rows(plan.codeplugs['r1']!.channels).map(({ siteId, destination }) => [siteId, destination]);
    expect(channels.map(({ site, destination }) => [site!.to, destination!.to])).toEqual(meant);
    expect([lender, sites, groups, removals]).toEqual([[], [], [], []]);
    expect(agreementOf(begun(lent())).tally).toEqual(agreementOf(plan).tally);
  });

  it('from another hotspot moves to one’s own, and says what of it was the lender’s', () => {
    const moved = lent((codeplug) => {
      for (const channel of rows(codeplug.channels) as (Channel & { dmr: { colorCode: number } })[])
        Object.assign(channel, {
          rxHz: 438_812_500,
          txHz: 438_812_500,
          power: 'high',
          dmr: { ...channel.dmr, colorCode: 7 },
        });
    });
    const { lender, channels } = propose(moved, ['9993106', 'QO5TRW']);
    expect(lender.map(({ what, found, becomes }) => [what, found, becomes])).toEqual([
      ['Frequency of the hotspot', '438.8125 MHz', expect.stringMatching(/MHz$/) as string],
      ['Color code of the hotspot', '7', '1'],
      ['Power near the hotspot', 'high', 'low'],
      ['ID of the lender', '9993106', String(plan.station.dmrId)],
      ['Call sign of the lender', 'QO5TRW', plan.station.callSign],
    ]);
    expect(channels.every(({ site, destination }) => site !== null && destination !== null)).toBe(true);
    expect(agreementOf(begun(moved)).tally.broken).toBe(0);
  });

  it('takes a repeater that a list names for that one, with its distance, and adds it only where it is chosen', () => {
    const far = lent((codeplug) => Object.assign(first(codeplug), { rxHz: 439_425_000, txHz: 431_825_000 }));
    const { sites, channels } = propose(far);
    expect(sites).toMatchObject([{ list: 'Isles Club', site: { name: 'Hask Head' }, channelIds: [channels[0]!.id] }]);
    expect(channels[0]!.proposedSiteId).toBe(sites[0]!.id);
    expect(rows(begun(far).sites).map(({ name }) => name)).not.toContain('Hask Head');
    const added = begun(far, { sites: new Set([sites[0]!.id]) });
    const site = rows(added.sites).find(({ name }) => name === 'Hask Head')!;
    expect(first(added.codeplugs['r1']!).siteId).toBe(site.id);
    expect(validatePlan(JSON.parse(JSON.stringify(added))).problems).toEqual([]);
  });

  it('proposes a group that no network has, and leaves friends behind', () => {
    const odd = lent((codeplug) => {
      first(codeplug).dmr.call.number = 7799;
      codeplug.dmr.contacts.byId['f'] = { id: 'f', name: 'Ansel', kind: 'private', number: 9_994_021 };
      codeplug.dmr.contacts.order.push('f');
    });
    const { groups, personal, lender } = propose(odd);
    expect(groups).toMatchObject([{ number: 7799, channelIds: [first(odd).id] }]);
    expect(personal.flatMap((one) => one.rows.map(({ name }) => name))).toEqual(['Ansel']);
    expect(lender.map(({ what }) => what)).toContain('Contacts of the lender’s own');
    const after = begun(odd, { groups: new Set([groups[0]!.id]) });
    expect(first(after.codeplugs['r1']!).destination).toMatchObject({ kind: 'group' });
    expect(rows(after.codeplugs['r1']!.dmr.contacts).map(({ name }) => name)).not.toContain('Ansel');
  });

  it('offers what is there twice to be left out, and a zone that is empty then goes', () => {
    const twice = lent((codeplug) => {
      const copy = { ...structuredClone(first(codeplug)), id: 'twice', name: 'Twice' };
      codeplug.channels.byId['twice'] = copy;
      codeplug.channels.order.push('twice');
      codeplug.zones.byId['z'] = newZone('z', 'Spare', ['twice']);
      codeplug.zones.order.push('z');
    });
    const { removals } = propose(twice);
    expect(removals).toMatchObject([{ channelId: 'twice', reason: 'twice' }]);
    const after = begun(twice, { leave: new Set(['twice']) });
    expect(after.codeplugs['r1']!.zones.order).not.toContain('z');
    expect(after.codeplugs['r1']!.channels.order).not.toContain('twice');
  });
});
