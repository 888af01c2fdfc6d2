import { sitesPlan } from '../testing/sample-sites';
import { addHotspot } from '../plan/hotspot';
import { profileOf } from '../testing/profile-of';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { edit } from '../plan/edit';
import { dmrChannels } from '../modes/dmr/channel';
import { putRow, removeRow, rows, tableOf } from '../plan/table';
import type { Plan } from '../plan/types';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { channelOf, samplePlan } from '../testing/sample-plan';
import { routedPlan } from '../testing/sample-routes';
import { carryOut, propose } from '../registries/builder';
import { fitNames, sharedWords, shortenName } from '../codeplug/names';
import { dmrNetwork } from '../modes/dmr/networks';

const built = (plan: Plan) => edit(plan, carryOut()).plan;

describe('build', () => {
  it('makes a channel, contact, list entry and zone place for each want, and every path whole', () => {
    const plan = samplePlan();
    const codeplug = plan.codeplugs['r1']!;
    expect(rows(codeplug.channels).map((channel) => channel.name)).toEqual([
      'Hask Wide',
      'Ostrey All',
      'Ferry Net',
      'Echo Lantern',
    ]);
    expect(rows(codeplug.zones).map((zone) => [zone.name, zone.channelIds.length])).toEqual([
      ['Lantern', 3],
      ['Lantern service', 1],
    ]);
    expect(rows(codeplug.dmr.receiveLists).map((list) => list.groups)).toEqual([[417, 588, 591]]);
    expect(agreementOf(plan)).toMatchObject({ tally: { whole: 4, doubtful: 0, broken: 0 }, findings: [] });
  });

  it('follows a rule that was changed: channels, their contacts and lists take the new numbers', () => {
    const moved = routedPlan((plan) => {
      for (const id of ['r-n2-group', 'r-n2-private'])
        profileOf(plan, 's1').dmr.rules.byId[id]!.range!.first = 12_000_001;
    });
    expect(propose(moved).map((item) => [item.kind, item.subject, item.from, item.to])).toEqual([
      ['change-contact', 'Harbour', '8000417', '12000417'],
      ['change-list', 'Causeway', '8000417', '12000417'],
      ['change-channel', 'Harbour', '8000417', '12000417'],
      ['change-contact', 'Ferry Crew', '8000623', '12000623'],
      ['change-list', 'Causeway', '8000623', '12000623'],
      ['change-channel', 'Ferry Crew', '8000623', '12000623'],
    ]);
    const again = built(moved);
    expect(agreementOf(again).findings).toEqual([]);
    expect(rows(again.codeplugs['r1']!.dmr.contacts)).toHaveLength(7);
  });

  it('does nothing the second time, from any state', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const once = edit(
          plan,
          carryOut(() => true),
        ).plan;
        expect(propose(once)).toEqual([]);
        expect(built(once)).toBe(once);
      }),
      { numRuns: 100 },
    );
  });

  it('proposes changes with both values, and leaves what was changed by hand', () => {
    const plan = samplePlan((draft) => {
      draft.sites.byId['s1']!.dmr!.colorCode = 2;
      channelOf(draft, 'g1').power = 'high';
    });
    const items = propose(plan);
    expect(
      items
        .filter((item) => item.subject === 'Hask Wide')
        .map(({ field, from, to, handMade }) => ({ field, from, to, handMade })),
    ).toEqual([
      { field: 'Power', from: 'high', to: 'low', handMade: true },
      { field: 'Color code', from: '1', to: '2', handMade: false },
    ]);
    const next = built(plan);
    expect(channelOf(next, 'g1')).toMatchObject({ power: 'high', dmr: { colorCode: 2 } });
    expect(propose(next).map((item) => item.field)).toEqual(['Power']);
  });

  it('asks before it removes a channel that was changed by hand', () => {
    const plan = samplePlan((draft) => {
      channelOf(draft, 'g1').name = 'Mine';
      removeRow(draft.wants, 'w-g1');
      removeRow(draft.wants, 'w-g2');
    });
    expect(propose(plan).map(({ kind, subject, handMade }) => ({ kind, subject, handMade }))).toEqual([
      { kind: 'remove-channel', subject: 'Mine', handMade: true },
      { kind: 'remove-channel', subject: 'Ostrey All', handMade: false },
    ]);
    expect(rows(built(plan).codeplugs['r1']!.channels).map((channel) => channel.name)).toEqual([
      'Mine',
      'Ferry Net',
      'Echo Lantern',
    ]);
  });

  it('carries out only the lines that were taken', () => {
    const plan = samplePlan((draft) => void (draft.sites.byId['s1']!.dmr!.colorCode = 2));
    const one = propose(plan)[0]!.id;
    const next = edit(
      plan,
      carryOut((item) => item.id === one),
    ).plan;
    expect(dmrChannels(next.codeplugs['r1']!).map((channel) => channel.dmr.colorCode)).toEqual([2, 1, 1, 1]);
  });

  it('fills zones and lists by the radio’s limits, and tells a destination apart by its site', () => {
    const groups = Array.from({ length: 20 }, (_, at) => ({
      id: `x${at}`,
      name: `Isle group ${at}`,
      number: 7000 + at,
      category: 'local' as const,
    }));
    const plan = built(
      samplePlan((draft) => {
        Object.assign(draft.radios.byId['r1']!.limits, { channelsPerZone: 8, groupsPerReceiveList: 6 });
        dmrNetwork(draft, 'n1')!.groups = tableOf(groups);
        addHotspot(draft, 's2', 'Boat', 438_800_000, ['dmr']);
        for (const siteId of ['s1', 's2'])
          for (const group of groups)
            putRow(draft.wants, {
              id: `${siteId}-${group.id}`,
              destination: { mode: 'dmr', kind: 'group', networkId: 'n1', groupId: group.id },
              radioId: 'r1',
              siteId,
            });
      }),
    );
    const codeplug = plan.codeplugs['r1']!;
    expect(rows(codeplug.zones).every((zone) => zone.channelIds.length <= 8)).toBe(true);
    expect(rows(codeplug.dmr.receiveLists).every((list) => list.groups.length <= 6)).toBe(true);
    expect(codeplug.channels.byId['ch-s2-x7']!.name).toBe('Isle Grp 7 Boat');
    expect(
      agreementOf(plan)
        .findings.map((finding) => finding.check)
        .filter((check) => check !== 'group-unknown')
        .sort(),
    ).toEqual(['network-login-incomplete']);
  });

  it('gives each hotspot a suffix of its own', () => {
    const plan = built(
      samplePlan((draft) => {
        addHotspot(draft, 's2', 'Boat', 438_800_000, ['dmr']);
        putRow(draft.wants, {
          id: 'w2',
          destination: { mode: 'dmr', kind: 'group', networkId: 'n1', groupId: 'g1' },
          radioId: 'r1',
          siteId: 's2',
        });
      }),
    );
    expect(profileOf(plan, 's2').dmr.logins['n1']).toMatchObject({ enabled: true, serverId: 'srv', suffix: 1 });
  });
});

describe('names', () => {
  it.each([
    ['Hask Wide', 16, 'Hask Wide'],
    ['  Hask   Wide ', 16, 'Hask Wide'],
    // Known short forms first, vowels next, letters last.
    ['Lighthouse Watch North', 16, 'LtHse Watch N'],
    ['Lighthouse', 6, 'LtHse'],
    ['Lighthouse', 4, 'LtHs'],
    ['Leven Dunsel', 10, 'Levn Dunsl'],
    ['Dunsel Harbour', 12, 'Dunsel Hbr'],
    // Numbers and call signs are never cut, nor is half of a character.
    ['Emergency 16777215', 10, 'E 16777215'],
    ['Relay QO1HSK North', 10, 'R QO1HSK N'],
    ['Group 417', 4, '417'],
    ['Group 41777', 4, ''],
    ['Ka\u0301lv 🗼🗼🗼', 6, 'Ká 🗼🗼🗼'],
    ['Skerry ñoño', 6, 'Sk ñño'],
    ['the isles of the far north', 11, 'isles far N'],
    ['this is from the local fire and rescue team north', 14, 'ths is Lc fre'],
  ])('%s in %i is %s', (name, length, expected) => {
    expect(shortenName(name, length)).toBe(expected);
  });

  it('drop what the names beside them share before any letter', () => {
    const shared = sharedWords(['Ostrey Leven', 'Ostrey Dunsel', 'Ostrey Merrin', 'Boat']);
    expect([...shared]).toEqual(['ostrey']);
    expect(shortenName('Ostrey Leven Tower', 12, shared)).toBe('Leven Tower');
    expect(shortenName('Ostrey 417', 5, shared)).toBe('O 417');
    expect(sharedWords(['Ostrey Leven', 'Ostrey Dunsel']).size).toBe(0);
  });

  it('never cut a number, a call sign or half of a character, whatever the name', () => {
    const word = fc.oneof(
      fc.stringMatching(/^[A-Za-z]{1,9}$/),
      fc.integer({ min: 1, max: 9_999_999 }).map(String),
      fc.constantFrom('QO1HSK', 'Ka\u0301lv', '🗼🗼', 'Ñandú', '家家'),
    );
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 5 }), fc.integer({ min: 4, max: 16 }), (words, length) => {
        const whole = words.join(' ').normalize('NFC').split(' ');
        const short = shortenName(words.join(' '), length);
        expect([...short].length).toBeLessThanOrEqual(length);
        for (const part of short.split(' ').filter((one) => /\d/.test(one))) expect(whole).toContain(part);
        expect(short).not.toMatch(
          /(^|[^\ud800-\udbff])[\udc00-\udfff]|[\ud800-\udbff]($|[^\udc00-\udfff])|(^| )\p{M}/u,
        );
      }),
    );
  });

  it('fit, differ from each other and from those taken, and are stable when more come after', () => {
    const wish = fc.record({ name: fc.string({ maxLength: 30 }), qualifier: fc.constantFrom('', 'Home', 'Boat') });
    fc.assert(
      fc.property(
        fc.array(wish, { maxLength: 40 }),
        fc.integer({ min: 4, max: 20 }),
        fc.array(fc.string({ minLength: 1, maxLength: 6 }), { maxLength: 5 }),
        (wishes, length, taken) => {
          const names = fitNames(wishes, length, taken);
          expect(names.every((name) => name.length > 0 && name.length <= length)).toBe(true);
          expect(new Set([...names, ...taken]).size).toBe(names.length + new Set(taken).size);
          expect(fitNames(wishes.slice(0, 10), length, taken)).toEqual(names.slice(0, 10));
        },
      ),
    );
  });
});

describe('power', () => {
  it('is the least of a radio beside a hotspot and its most to a repeater, of the steps that it has', () => {
    const plan = sitesPlan((draft) => {
      draft.radios.byId['r1']!.power = ['Eco', 'low', 'Mid', 'Full'].map((name, at) => ({ name, watts: at + 0.02 }));
    });
    const built = edit(plan, carryOut()).plan;
    const { byId } = built.codeplugs['r1']!.channels;
    expect([byId['ch-w-g1']!.power, byId['ch-w-head-g1']!.power]).toEqual(['Eco', 'Full']);
    expect(propose(built)).toEqual([]);
  });
});
