/**
 * “Ready, silent”: from whatever a plan has to a hotspot that nothing wakes but a radio, and that every radio can
 * leave.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { emptyPlan, newRadio, newServer } from '../plan/create';
import { edit } from '../plan/edit';
import { addHotspot } from '../plan/hotspot';
import { copyProfile } from '../plan/profile-acts';
import { effectiveProfile } from '../plan/profiles';
import { hotspotsOf } from '../plan/sites';
import { putRow, rows } from '../plan/table';
import type { Hotspot, Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { carryOutStandby, proposeStandby } from '../registries/builder';
import { planIndex } from '../registries/modes';
import { networkModesOf } from '../path/mode-path';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';

const LINK = { reflector: 'LNK001', module: 'C' };
const lines = (plan: Plan, profileId = 's1') =>
  proposeStandby(plan, 's1', profileId).map(({ kind, subject, field, from, to }) =>
    [kind, subject, field, from, to].join('|'),
  );

/** What a hotspot hears without being asked, in any mode. */
const heard = (plan: Plan, siteId: string) => {
  const index = planIndex(plan);
  const site = plan.sites.byId[siteId] as Hotspot;
  return networkModesOf(index.modes).flatMap((mode) => mode.standing?.(index, site) ?? []);
};

describe('standby', () => {
  it('lists what it changes, and nothing once it is so', () => {
    const loud = everyMode((plan) => {
      const values = profileOf(plan, 's1');
      values.dmr.logins['n1']!.staticGroupIds = ['g1', 'g2'];
      Object.assign(values.dstar, { startLink: LINK, automatic: true });
      values.c4fm.startRoom = 41_205;
      values.p25.startGroup = 20_417;
      values.hang = { radioS: 3, networkS: null };
      values.modeHang.dmr = { radioS: 2, networkS: null };
      values.announcements = true;
    });
    expect(lines(loud)).toEqual([
      'set-profile|Home|standby|off|on',
      'set-profile|Home|DMR group 417 of Lantern|from the start|when it is called',
      'set-profile|Home|DMR group 588 of Lantern|from the start|when it is called',
      'set-profile|Home|D-STAR reflector LNK001 C|from the start|when it is called',
      'set-profile|Home|C4FM room 41205|from the start|when it is called',
      'set-profile|Home|P25 group 20417|from the start|when it is called',
      'set-profile|Home|hang time, radio side|3 s|20 s',
      'set-profile|Home|hang time, network side|not said|20 s',
      'set-profile|Home|hang time of DMR|2 s|as common',
      'set-profile|Home|announcements|on|off',
      ...lines(loud).slice(10),
    ]);
    // The handheld has no channel that unlinks in DMR; the others have theirs.
    expect(
      lines(loud)
        .slice(10)
        .map((one) => one.split('|').slice(0, 2).join('|')),
    ).toEqual(['add-contact|Unlink Lantern', 'add-channel|Unlink Lantern', 'add-to-zone|Lantern service']);
    const silent = edit(loud, carryOutStandby('s1', 's1')).plan;
    expect(validatePlan(silent).problems).toEqual([]);
    expect(heard(silent, 's1')).toEqual([]);
    expect(lines(silent)).toEqual([]);
    const { tally, findings } = agreementOf(silent);
    expect([tally.broken, tally.doubtful, findings.map((one) => one.check)]).toEqual([0, 0, []]);
  });

  it('adds what its ways out need, and nothing that is wanted besides and not built yet', () => {
    const plan = everyMode((draft) => {
      const codeplug = draft.codeplugs['r1']!;
      codeplug.channels = { byId: {}, order: [] };
      codeplug.dmr.contacts = { byId: {}, order: [] };
      for (const zone of rows(codeplug.zones)) zone.channelIds = [];
    });
    expect(rows(plan.wants).filter((want) => want.radioId === 'r1').length).toBeGreaterThan(0);
    expect(lines(plan).filter((one) => /^add-/.test(one))).toEqual([
      'add-contact|Unlink Lantern|contact||group 4000',
      'add-channel|Unlink Lantern|channel||group 4000',
      'add-to-zone|Lantern service|channels||Unlink Lantern',
    ]);
    expect(lines(edit(plan, carryOutStandby('s1', 's1')).plan)).toEqual([]);
  });

  it('from an empty plan with a radio of each of three modes: networks to be named, ways out, all whole once logged in', () => {
    const plan = edit(emptyPlan('New'), (draft) => {
      Object.assign(draft.station, { callSign: 'QO3VES', dmrId: 9_992_417 });
      for (const mode of ['dmr', 'dstar', 'c4fm'] as const)
        putRow(draft.radios, newRadio(mode, mode, [mode], draft.station));
      addHotspot(draft, 's1', 'Home', 439_125_000);
    }).plan;
    const made = edit(plan, carryOutStandby('s1', 's1')).plan;
    expect(validatePlan(made).problems).toEqual([]);
    expect(rows(made.networks).map((one) => [one.mode, one.name])).toEqual([
      ['dmr', 'DMR network'],
      ['c4fm', 'C4FM network'],
    ]);
    expect(
      Object.entries(made.codeplugs).map(([id, { channels }]) => [id, rows(channels).map((one) => one.name)]),
    ).toEqual([
      ['dmr', ['Unlink DMR Net']],
      ['dstar', ['Unlink']],
      ['c4fm', ['Leave']],
    ]);
    expect(lines(made)).toEqual([]);
    // Only the operator knows the server and the password.
    const logged = edit(made, (draft) => {
      const network = draft.networks.byId['dmr']!;
      if (network.mode === 'dmr') putRow(network.servers, newServer('srv', 'Merrin', 'merrin.lantern.example'));
      Object.assign(profileOf(draft, 's1').dmr.logins['dmr']!, { serverId: 'srv', password: 'practice' });
      profileOf(draft, 's1').adminPassword = 'changed';
    }).plan;
    expect(agreementOf(logged)).toMatchObject({ tally: { whole: 3, doubtful: 0, broken: 0 }, findings: [] });
  });

  it('is made in the profile that is meant, and changes neither the one that runs nor its base', () => {
    const plan = edit(
      everyMode((draft) => {
        profileOf(draft, 's1').c4fm.startRoom = 41_205;
        copyProfile(draft, 's1', 'away', 'Away');
      }),
      () => undefined,
    ).plan;
    const made = edit(plan, carryOutStandby('s1', 'away')).plan;
    expect(effectiveProfile(made, 's1', 's1')).toEqual(effectiveProfile(plan, 's1', 's1'));
    expect((made.sites.byId['s1'] as Hotspot).activeProfileId).toBe('s1');
    expect(effectiveProfile(made, 's1', 'away')).toMatchObject({ standby: true, c4fm: { startRoom: null } });
    expect(lines(made, 'away')).toEqual([]);
  });

  it('carries out only what is taken', () => {
    const plan = everyMode((draft) => void (profileOf(draft, 's1').c4fm.startRoom = 41_205));
    const made = edit(
      plan,
      carryOutStandby('s1', 's1', ({ field }) => field === 'standby'),
    ).plan;
    expect(profileOf(made, 's1')).toMatchObject({ standby: true, c4fm: { startRoom: 41_205 } });
    expect(made.codeplugs).toEqual(plan.codeplugs);
    expect(made.wants).toEqual(plan.wants);
  });

  it('leaves nothing to do, nothing heard, and a sound plan, whatever the plan was', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const site = hotspotsOf(plan)[0]!;
        const made = edit(plan, carryOutStandby(site.id, site.activeProfileId)).plan;
        expect(validatePlan(made).problems).toEqual([]);
        expect(heard(made, site.id)).toEqual([]);
        expect(proposeStandby(made, site.id, site.activeProfileId)).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });
});
