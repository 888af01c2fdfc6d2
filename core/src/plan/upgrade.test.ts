import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { upgradePlan } from './upgrade';
import { listensFor } from './carriage';
import { rows } from './table';
import type { Plan, Written } from './types';
import { validatePlan } from './validate';
import { effectiveProfile } from './profiles';
import { profileOf } from '../testing/profile-of';

type OldProfiles = Record<string, { dmr: object }>;

/** What a radio is to hold, but for the destination, which says its mode since format 6. */
const channelsOf = (plan: Plan) =>
  Object.values(plan.codeplugs).flatMap((codeplug) =>
    rows(codeplug.channels).map(({ id, name, rxHz, txHz, siteId }) => ({ id, name, rxHz, txHz, siteId })),
  );
const channelsOfOld = (old: { codeplugs: object }) => channelsOf({ codeplugs: old.codeplugs } as Plan);

describe('a plan of an older format', () => {
  it('is brought up step by step, and refused when newer or no plan', () => {
    const steps = {
      1: (one: Record<string, unknown>) => ({ ...one, station: 'two' }),
      2: (one: Record<string, unknown>) => ({ ...one, radios: 'three' }),
    };
    expect(upgradePlan({ format: 'yellow-relay-plan', formatVersion: 1 }, steps, 3)).toEqual({
      format: 'yellow-relay-plan',
      formatVersion: 3,
      station: 'two',
      radios: 'three',
    });
    expect(() => upgradePlan({ format: 'yellow-relay-plan', formatVersion: 4 }, steps, 3)).toThrow(/newer/);
    expect(() => upgradePlan({ format: 'yellow-relay-plan', formatVersion: 1 }, {}, 3)).toThrow(/known way/);
    expect(validatePlan({ format: 'other' }).problems[0]).toEqual({
      pointer: '/format',
      found: '"other"',
      expected: '"yellow-relay-plan"',
    });
    expect(validatePlan([]).problems[0]!.found).toBe('a list');
  });

  it('of format 1 opens as it was: same channels, logins where the hotspot keeps them now, no rules', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-1.json', import.meta.url), 'utf8')) as {
      profiles: Record<string, { logins: object }>;
      codeplugs: object;
    };
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(channelsOf(plan!)).toEqual(channelsOfOld(old));
    expect(profileOf(plan!, 's1').dmr).toEqual({
      selection: 'one',
      rules: { byId: {}, order: [] },
      logins: old.profiles['s1']!.logins,
    });
    expect(agreementOf(plan!)).toMatchObject({ tally: { whole: 4 }, findings: [] });
    // What was written is not known of an older plan.
    expect(plan!.written).toEqual({});
    for (const broken of [
      { ...old, profiles: null },
      { ...old, networks: 7 },
      { ...old, networks: { byId: { x: null } } },
    ])
      expect(validatePlan(broken).problems.length).toBeGreaterThan(0);
  });

  it('of format 2 opens as it was: hotspots as before, no repeaters, FM and position unsaid', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-2.json', import.meta.url), 'utf8')) as {
      codeplugs: object;
      profiles: object;
    };
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(channelsOf(plan!)).toEqual(channelsOfOld(old));
    expect(profileOf(plan!, 's1').dmr).toEqual((old.profiles as OldProfiles)['s1']!.dmr);
    expect(plan!.sites.byId['s1']).toMatchObject({
      kind: 'hotspot',
      listing: null,
      fm: null,
      dmr: { colorCode: 1, carries: null },
    });
    expect([plan!.radios.byId['r1']!.fm, plan!.station.position]).toEqual([null, null]);
    expect(agreementOf(plan!)).toMatchObject({ tally: { whole: 7 }, findings: [] });
    for (const broken of [
      { ...old, station: 1 },
      { ...old, sites: { byId: { s1: { dmr: 7 } } } },
      { ...old, radios: null },
    ])
      expect(validatePlan(broken).problems.length).toBeGreaterThan(0);
  });

  it('of format 3 opens as it was: DMR and FM as before, D-STAR unsaid and off', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-3.json', import.meta.url), 'utf8')) as {
      codeplugs: object;
      profiles: object;
      networks: object;
      wants: object;
    };
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(plan!.networks).toMatchObject(old.networks);
    expect(rows(plan!.networks).filter((one) => one.mode === 'dmr' && one.direct !== null)).toEqual([]);
    expect(plan!.wants.order).toEqual((old.wants as { order: string[] }).order);
    expect(channelsOf(plan!)).toEqual(channelsOfOld(old));
    expect(profileOf(plan!, 's1').dmr).toEqual((old.profiles as OldProfiles)['s1']!.dmr);
    expect([
      plan!.radios.byId['r1']!.dstar,
      plan!.sites.byId['s1']!.dstar,
      listensFor(profileOf(plan!, 's1'), 'dstar'),
      profileOf(plan!, 's1').dstar,
    ]).toEqual([null, null, false, { startLink: null, automatic: false }]);
    expect(agreementOf(plan!)).toMatchObject({ tally: { whole: 11 }, findings: [] });
    for (const broken of [
      { ...old, profiles: { s1: 7 } },
      { ...old, profiles: { s1: { modes: 3 } } },
      { ...old, sites: { byId: 7 } },
      { ...old, radios: null },
    ])
      expect(validatePlan(broken).problems.length).toBeGreaterThan(0);
  });

  it('of format 4 opens as it was: D-STAR as before, C4FM, P25, rooms and crossings unsaid and off', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-4.json', import.meta.url), 'utf8')) as {
      codeplugs: object;
      profiles: object;
      networks: object;
      wants: object;
      written: object;
    };
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(plan!.networks).toMatchObject(old.networks);
    expect(rows(plan!.networks).filter((one) => one.mode === 'dmr' && one.direct !== null)).toEqual([]);
    expect(plan!.wants.order).toEqual((old.wants as { order: string[] }).order);
    expect(channelsOf(plan!)).toEqual(channelsOfOld(old));
    expect(profileOf(plan!, 's1')).toMatchObject({ dmr: (old.profiles as OldProfiles)['s1']!.dmr });
    expect([
      plan!.radios.byId['r2']!.c4fm,
      plan!.sites.byId['rp4']!.p25,
      listensFor(profileOf(plan!, 's1'), 'c4fm'),
      profileOf(plan!, 's1').c4fm,
      plan!.shared.c4fm.entries.order,
      plan!.written['r2']!.c4fm.rooms.order,
    ]).toEqual([null, null, false, { startRoom: null }, [], []]);
    expect([plan!.sites.byId['s1'], plan!.sites.byId['rp4']].map((site) => site && 'activeProfileId' in site)).toEqual([
      true,
      false,
    ]);
    expect(agreementOf(plan!)).toMatchObject({ tally: { doubtful: 0, broken: 0 }, findings: [] });
    for (const broken of [
      { ...old, profiles: { s1: 7 } },
      { ...old, codeplugs: 3 },
      { ...old, written: { r2: null } },
      { ...old, sites: { byId: { s1: 7 } } },
    ])
      expect(validatePlan(broken).problems.length).toBeGreaterThan(0);
  });

  it('of format 7 opens as it was: a profile carries what it carried, and hotspots are where they were', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-7.json', import.meta.url), 'utf8')) as Plan;
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(channelsOf(plan!)).toEqual(channelsOf(old));
    expect([plan!.written['handheld']!.c4fm, plan!.codeplugs['rambler']!.c4fm]).toEqual([
      { ...old.written['handheld']!.c4fm, codes: { byId: {}, order: [] } },
      { ...old.codeplugs['rambler']!.c4fm, codes: { byId: {}, order: [] } },
    ]);
    const { rxHz, txHz } = old.sites.byId['home']!;
    expect(profileOf(plan!, 'home')).toMatchObject({
      ...old.profiles.byId['home']!.set,
      frequencies: { rxHz, txHz },
      rxOffsetHz: null,
      modeHang: { dmr: null, p25: null },
    });
    expect(plan!.sites.byId['home']).toMatchObject({ labelOffsetHz: null, backup: null, recall: { order: [] } });
    // What the other profile did not name was off in it; now that is said.
    const away = effectiveProfile(plan!, 'home', 'away')!;
    expect(away.carriage.filter((one) => one.on).map((one) => one.air)).toEqual(['dmr']);
    expect(away.standby).toBe(true);
    expect(agreementOf(plan!)).toMatchObject({ tally: { whole: 44, doubtful: 0, broken: 0 }, findings: [] });
    for (const broken of [
      { ...old, profiles: { byId: { home: { ...old.profiles.byId['home'], set: { standby: 3 } } }, order: ['home'] } },
      { ...old, profiles: { byId: { home: 7 }, order: ['home'] } },
      { ...old, sites: { byId: { home: { kind: 'hotspot' } }, order: ['home'] } },
    ])
      expect(validatePlan(broken).problems.length).toBeGreaterThan(0);
  });

  it('of format 8 opens as it was, without kits, and with what was written only said to be', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-8.json', import.meta.url), 'utf8')) as Plan;
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(channelsOf(plan!)).toEqual(channelsOf(old));
    expect(plan!.kits).toEqual({ byId: {}, order: [] });
    const { zones, channels, ...written } = plan!.written['handheld']!;
    const { zones: oldZones, channels: oldChannels, ...oldWritten } = old.written['handheld'] as Written;
    const unknown = { homeId: null, quickKeys: {}, readBack: null, scanLists: { byId: {}, order: [] } };
    expect(written).toEqual({ ...oldWritten, ...unknown });
    expect(rows(channels)).toEqual(rows(oldChannels).map((one) => ({ ...one, timeOutS: null, options: {} })));
    expect(rows(zones)).toEqual(rows(oldZones).map((zone) => ({ ...zone, rule: null, pattern: '' })));
    expect(agreementOf(plan!)).toMatchObject({ tally: { broken: 0 }, findings: [] });
    expect(validatePlan({ ...old, written: { handheld: 7 } }).problems.length).toBeGreaterThan(0);
  });

  it('of format 9 opens as it was, and what nobody was asked of a radio is not known', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-9.json', import.meta.url), 'utf8')) as Plan;
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(channelsOf(plan!)).toEqual(channelsOf(old));
    expect(plan!.kinds).toEqual({ byId: {}, order: [] });
    const { limits, letters, receiveOnly, power } = plan!.radios.byId['handheld']!;
    expect(limits).toEqual({
      ...old.radios.byId['handheld']!.limits,
      scanLists: null,
      channelsPerScanList: null,
      callSigns: null,
    });
    expect({ letters, receiveOnly }).toEqual({ letters: null, receiveOnly: [] });
    expect(power).toEqual([
      { name: 'low', watts: 1 },
      { name: 'high', watts: 5 },
    ]);
    expect(agreementOf(plan!)).toMatchObject({ tally: { whole: 12, broken: 0 }, findings: [] });
    expect(
      validatePlan({ ...old, radios: { byId: { handheld: 7 }, order: ['handheld'] } }).problems.length,
    ).toBeGreaterThan(0);
  });

  it('of format 10 opens as it was: zones by hand, no scan lists, and no more known of its radios', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-10.json', import.meta.url), 'utf8')) as Plan;
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(channelsOf(plan!)).toEqual(channelsOf(old));
    for (const [id, { zones, scanLists }] of Object.entries(plan!.codeplugs)) {
      expect(rows(zones)).toEqual(rows(old.codeplugs[id]!.zones).map((zone) => ({ ...zone, rule: null, pattern: '' })));
      expect(scanLists).toEqual({ byId: {}, order: [] });
    }
    for (const { display, dmr } of [...rows(plan!.radios), ...rows(plan!.kinds).map((kind) => kind.description)])
      expect({ display, admits: dmr?.admits ?? null }).toEqual({
        display: { lines: null, letters: null },
        admits: null,
      });
    expect(agreementOf(plan!)).toMatchObject({ tally: { whole: 12, broken: 0 }, findings: [] });
    expect(validatePlan({ ...old, kinds: { byId: { one: 7 }, order: ['one'] } }).problems.length).toBeGreaterThan(0);
  });

  it('of format 11 opens as it was: nothing known of keys, options and times, no rules', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-11.json', import.meta.url), 'utf8')) as Plan;
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    expect(channelsOf(plan!)).toEqual(channelsOf(old));
    for (const [id, { zones, scanLists, homeId, quickKeys, channels }] of Object.entries(plan!.codeplugs)) {
      expect({ zones, scanLists }).toEqual({
        zones: old.codeplugs[id]!.zones,
        scanLists: old.codeplugs[id]!.scanLists,
      });
      expect({ homeId, quickKeys }).toEqual({ homeId: null, quickKeys: {} });
      for (const { timeOutS, options, built } of rows(channels)) {
        expect({ timeOutS, options }).toEqual({ timeOutS: null, options: {} });
        if (built) expect(built).toMatchObject({ timeOutS: null, options: {} });
      }
    }
    for (const { keying, options } of [...rows(plan!.radios), ...rows(plan!.kinds).map((kind) => kind.description)])
      expect({ keying, options }).toEqual({ keying: null, options: [] });
    expect(plan!.channelRules).toEqual({ byId: {}, order: [] });
    expect(agreementOf(plan!)).toMatchObject({ tally: { broken: 0 } });
    expect(validatePlan({ ...old, codeplugs: { pilot: { channels: 7 } } }).problems.length).toBeGreaterThan(0);
  });

  it('of format 12 opens as it was: steps of power under the names of the radio, in its keys and rules too', () => {
    const old = JSON.parse(readFileSync(new URL('../../vectors/plan-format-12.json', import.meta.url), 'utf8')) as Plan;
    const { plan, problems } = validatePlan(old);
    expect(problems).toEqual([]);
    const steps = [
      { name: 'Eco', watts: 0.1 },
      { name: 'middle', watts: 2.5 },
      { name: 'Full', watts: 5 },
    ];
    // Two steps were called the same; `low`, which the radio had not, is the nearest.
    expect(plan!.radios.byId['pilot']!.power).toEqual(steps);
    expect(plan!.kinds.byId['kept']!.description.power).toEqual(steps);
    // Of this one nothing was known.
    expect(plan!.radios.byId['rambler']!.power).toEqual([]);
    const isNow: Record<string, string> = { low: 'Eco', high: 'Full' };
    for (const holder of [plan!.codeplugs['pilot']!, plan!.written['pilot']!])
      for (const channel of rows<{ id: string; power: string; built?: { power: string } | null }>(holder.channels)) {
        const before = old.codeplugs['pilot']!.channels.byId[channel.id]!;
        expect(channel.power).toBe(isNow[before.power]);
        if (channel.built) expect(channel.built.power).toBe(isNow[before.built!.power]);
      }
    expect(plan!.codeplugs['rambler']!.channels).toEqual(old.codeplugs['rambler']!.channels);
    const keyed = plan!.radios.byId['pilot']!.keying!.routines.flatMap(({ fields }) => fields);
    expect(keyed.find(({ sets }) => sets === 'power')!.entry).toMatchObject({
      choices: [{ value: 'Eco' }, { value: 'Full' }],
    });
    expect(rows(plan!.channelRules).map(({ set }) => set['power'])).toEqual(['Eco', 'most']);
    expect(plan!.rehearsalTimes).toEqual({});
    expect(agreementOf(plan!).findings.filter(({ check }) => check === 'power-not-offered')).toEqual([]);
    expect(validatePlan({ ...old, radios: { byId: { pilot: 7 }, order: ['pilot'] } }).problems.length).toBeGreaterThan(
      0,
    );
  });
});
