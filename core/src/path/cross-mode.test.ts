import { profileOf } from '../testing/profile-of';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { propose } from '../registries/builder';
import type { Recipe } from '../plan/edit';
import { setPair } from '../plan/carriage';
import { validatePlan } from '../plan/validate';
import { crossedPlan } from '../testing/sample-crossing';
import { dmrChannel } from '../testing/sample-plan';
import { roomChannel } from '../testing/sample-rooms';
import { describePath } from './describe';
import { planIndex } from '../registries/modes';

function viewOf(channelId: string, change?: Recipe) {
  const { path, context } = planIndex(crossedPlan(change))
    .paths()
    .find((one) => one.context.channel.id === channelId)!;
  return { path, view: describePath(path, context) };
}

const pair = (channelId: string, hop: string, key: string, change?: Recipe) =>
  viewOf(channelId, change)
    .view.call.hops.find((one) => one.id === hop)!
    .pairs.find((one) => one.fact.key === key);

describe('a cross-mode call', () => {
  it('is built for a radio that has not the mode, with cross-mode switched on, and is whole', () => {
    const plan = crossedPlan();
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
    expect(agreementOf(plan)).toMatchObject({ tally: { whole: 12, doubtful: 0, broken: 0 }, findings: [] });
    expect(propose(plan)).toEqual([]);
    expect(profileOf(plan, 's1')).toMatchObject({
      carriage: expect.arrayContaining(
        [
          ['dmr', 'dmr', true],
          ['dstar', 'dstar', false],
          ['c4fm', 'c4fm', true],
          ['p25', 'p25', false],
          ['c4fm', 'dmr', true],
          ['dmr', 'c4fm', true],
        ].map(([air, network, able]) => ({ air, network, able, on: able })),
      ),
    });
    expect(roomChannel(plan, 'w-c4fm-g1')).toMatchObject({
      name: 'Hask Wide',
      c4fm: { room: '00417', voice: 'narrow' },
      destination: { kind: 'group', groupId: 'g1' },
    });
    expect(dmrChannel(plan, 'r1', 'ch-w-dmr-room')).toMatchObject({
      name: 'Isles Evening',
      dmr: { call: { kind: 'group', number: 41_205 } },
    });
    expect(Object.values(plan.codeplugs['r1']!.dmr.contacts.byId)).toContainEqual({
      id: 'ct-g41205',
      name: 'Isles Evening',
      kind: 'group',
      number: 41_205,
    });
  });

  it('says both modes on its way, and where it comes out', () => {
    const { path, view } = viewOf('ch-w-c4fm-g1');
    expect(view.call.hops.map((hop) => hop.title)).toEqual([
      'Hask Wide',
      '439.1250 MHz',
      'Home',
      'C4FM to DMR',
      'Lantern',
      'Hask Wide',
    ]);
    expect(pair('ch-w-c4fm-g1', 'network', 'crossing-number')).toMatchObject({
      has: '417',
      expects: '417',
      state: 'whole',
    });
    expect(path.arrives).toEqual({ mode: 'dmr', networkId: 'n1', kind: 'group', number: 417 });
    expect(viewOf('ch-w-dmr-room').path.arrives).toEqual({
      mode: 'c4fm',
      kind: 'room',
      networkId: 'rm1',
      number: '41205',
    });
  });

  it.each<[string, string, Recipe, string, string]>([
    [
      'a hotspot that cannot',
      'ch-w-c4fm-g1',
      (plan) => setPair(profileOf(plan, 's1'), 'c4fm', 'dmr', { able: false }),
      'broken at the gateway',
      'crossing-not-possible',
    ],
    [
      'switched off',
      'ch-w-c4fm-g1',
      (plan) => setPair(profileOf(plan, 's1'), 'c4fm', 'dmr', { on: false }),
      'broken at the gateway',
      'crossing-off',
    ],
    [
      'without the DMR ID',
      'ch-w-c4fm-g1',
      (plan) => void (plan.station.dmrId = null),
      'broken at the gateway',
      'crossing-not-ready',
    ],
    [
      'without a login',
      'ch-w-c4fm-g1',
      (plan) => void (profileOf(plan, 's1').dmr.logins = {}),
      'broken at the gateway',
      'crossing-not-ready',
    ],
    [
      'wide voice',
      'ch-w-c4fm-g1',
      (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.voice = 'wide'),
      'broken at the air',
      'voice-wide-to-bridge',
    ],
    [
      'another number',
      'ch-w-c4fm-g1',
      (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.room = '00588'),
      'goes to the wrong place: Lantern, group 588, Ostrey All',
      'crossing-number-differs',
    ],
    [
      'no number',
      'ch-w-c4fm-g1',
      (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.room = ''),
      'broken at the network',
      'crossing-number-differs',
    ],
    [
      'another number the other way',
      'ch-w-dmr-room',
      (plan) => void (dmrChannel(plan, 'r1', 'ch-w-dmr-room').dmr.call.number = 41_377),
      'goes to the wrong place: Skerry, room 41377, Ferry Deck',
      'crossing-number-differs',
    ],
    [
      'a site that does not reach the rooms',
      'ch-w-dmr-room',
      (plan) => void (plan.sites.byId['s1']!.c4fm!.networkIds = []),
      'broken at the gateway',
      'crossing-not-ready',
    ],
  ])('with %s is told as such', (_, channelId, change, words, check) => {
    expect(viewOf(channelId, change).view.words).toBe(words);
    expect(
      agreementOf(crossedPlan(change))
        .findings.filter((one) => one.subject.channelId === channelId)
        .map((one) => one.check),
    ).toContain(check);
  });

  it('cannot be reached by a number that the radio cannot enter', () => {
    const plan = crossedPlan((draft) => {
      const network = draft.networks.byId['n1']!;
      if (network.mode === 'dmr') network.groups.byId['g1']!.number = 417_000;
    });
    expect(agreementOf(plan).findings.find((one) => one.check === 'crossing-not-possible')?.what).toBe(
      'Hask Wide cannot be reached cross-mode: its number cannot be entered in C4FM.',
    );
    expect(propose(plan).filter((item) => item.kind === 'add-channel')).toEqual([]);
  });
});
