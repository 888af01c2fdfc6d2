import { describe, expect, it } from 'vitest';
import { emptyCodeplug, newRadio, newZone } from '../plan/create';
import { edit } from '../plan/edit';
import { putRow } from '../plan/table';
import type { Channel, ChannelRule, Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { carryOut, propose } from '../registries/builder';
import { MODES } from '../registries/modes';
import { channelOf } from '../testing/sample-plan';
import { headChannel, sitesPlan } from '../testing/sample-sites';
import { acceptUnlessHandMade } from './build';
import { awayM, refusedOn, refusedValue } from './rules';

const rule = (id: string, more: Partial<ChannelRule>): ChannelRule => ({
  id,
  radioId: null,
  purpose: null,
  place: null,
  fromM: null,
  belowM: null,
  set: {},
  ...more,
});
const built = (plan: Plan) => edit(plan, carryOut(acceptUnlessHandMade)).plan;
const ruled = (...all: ChannelRule[]) =>
  built(sitesPlan((plan) => all.forEach((one) => putRow(plan.channelRules, one))));

describe('rules for channels', () => {
  it('say power by distance, admit and time-out by purpose, on the radios and at the sites they are for', () => {
    const far = awayM(sitesPlan(), sitesPlan().sites.byId['rp1']!);
    const plan = ruled(
      rule('near', { place: 'repeater', belowM: far, set: { power: 'middle' } }),
      rule('far', { place: 'repeater', fromM: far, set: { power: 'least' } }),
      rule('own', { place: 'hotspot', purpose: 'talk', set: { admit: 'always', timeOut: '60' } }),
      rule('other', { radioId: 'r9', set: { timeOut: '1' } }),
    );
    expect(headChannel(plan)).toMatchObject({ power: 'low', timeOutS: null });
    expect(channelOf(plan, 'g1')).toMatchObject({ power: 'low', timeOutS: 60, dmr: { admit: 'always' } });
    expect(validatePlan(JSON.parse(JSON.stringify(sitesPlan()))).problems).toEqual([]);
  });

  it('give a value to the first that says it, and leave what they do not say as is usual', () => {
    const plan = ruled(
      rule('first', { place: 'hotspot', set: { timeOut: '60' } }),
      rule('second', { set: { timeOut: '120', power: 'most' } }),
    );
    expect(channelOf(plan, 'g1')).toMatchObject({ timeOutS: 60, power: 'high' });
    expect(headChannel(plan)).toMatchObject({ timeOutS: 120, power: 'high', dmr: { admit: 'color-code-free' } });
  });

  it('leave what was changed by hand, and have nothing to do twice', () => {
    const base = built(
      sitesPlan((plan) => {
        putRow(plan.channelRules, rule('all', { set: { timeOut: '60' } }));
      }),
    );
    expect(propose(base)).toEqual([]);
    const byHand = edit(base, (draft) => {
      channelOf(draft, 'g1').timeOutS = 180;
      draft.channelRules.byId['all']!.set = { timeOut: '90' };
    }).plan;
    const after = built(byHand);
    expect([channelOf(after, 'g1').timeOutS, headChannel(after).timeOutS]).toEqual([180, 90]);
    expect(propose(after).filter((item) => !item.handMade)).toEqual([]);
  });

  it('are offered for channels that were made by hand, each by its purpose, and carried out only where asked for', () => {
    const plan = sitesPlan((draft) => {
      const { channels } = draft.codeplugs['r1']!;
      const copy = JSON.parse(JSON.stringify(channels.byId['ch-w-g1']!)) as Channel;
      const links = { siteId: null, destination: null, wantId: null, built: null, purpose: 'direct' as const };
      putRow(channels, { ...copy, ...links, id: 'own', name: 'Boat to boat' } as Channel);
      putRow(draft.codeplugs['r1']!.zones, newZone('own', 'Own', ['own']));
      putRow(draft.channelRules, rule('direct', { place: 'direct', purpose: 'direct', set: { timeOut: '90' } }));
    });
    const own = (of: Plan) => of.codeplugs['r1']!.channels.byId['own']!;
    expect(propose(plan).map(({ subject, field, to, handMade }) => [subject, field, to, handMade])).toEqual([
      ['Boat to boat', 'Time-out s', '90', true],
    ]);
    expect(own(built(plan)).timeOutS).toBeNull();
    const asked = edit(
      plan,
      carryOut(() => true),
    ).plan;
    expect(own(asked)).toMatchObject({ timeOutS: 90, built: null });
    expect(propose(asked)).toEqual([]);
  });

  it('change nothing by what cannot be read, and say why where it is typed', () => {
    expect(channelOf(ruled(rule('odd', { set: { timeOut: 'soon', nothing: '7' } })), 'g1').timeOutS).toBeNull();
    const blocks = sitesPlan().codeplugs['r1']!;
    expect(refusedValue(MODES, blocks, 'timeOut', 'soon', null)?.problem).toContain('a whole number from 1 to 3,600');
    expect(refusedValue(MODES, blocks, 'nothing', '7', null)?.problem).toContain('a field of channels');
    expect(refusedValue(MODES, blocks, 'power', 'Least', null)).toBeNull();
    const radio = sitesPlan().radios.byId['r1']!;
    expect(refusedValue(MODES, blocks, 'power', 'turbo', radio)?.expected).toBe('a step of its power: low, high');
    expect(refusedValue(MODES, blocks, 'power', 'turbo', null)).toBeNull();
  });

  it('tell on which of their radios a value does nothing', () => {
    const plan = sitesPlan((draft) => {
      const { station, radios } = draft;
      putRow(radios, newRadio('r2', 'Other', ['fm'], JSON.parse(JSON.stringify(station)) as Plan['station']));
      draft.codeplugs['r2'] = emptyCodeplug();
      const steps = (...names: string[]) => names.map((name) => ({ name, watts: null }));
      radios.byId['r1']!.power = steps('whisper', 'shout');
      radios.byId['r2']!.power = steps('low', 'middle', 'high');
    });
    const refused = (field: string, value: string, more: Partial<ChannelRule> = {}, of = plan) =>
      refusedOn(of, MODES, rule('one', { set: { [field]: value }, ...more }), field).map(({ radio }) => radio.id);
    expect(refused('power', 'Shout')).toEqual(['r2']);
    expect(refused('power', 'middle')).toEqual(['r1']);
    expect(refused('power', 'middle', { radioId: 'r2' })).toEqual([]);
    expect(refused('power', 'loud')).toEqual(['r1', 'r2']);
    expect(refused('power', 'most')).toEqual([]);
    expect(refusedOn(plan, MODES, rule('one', { set: { power: 'middle' } }), 'power')[0]!.refusal.problem).toBe(
      'Found “middle”, expected a step of its power: whisper, shout.',
    );
    // Where nobody has said what steps there are, any may be one.
    const unknown = edit(plan, (draft) => void (draft.radios.byId['r1']!.power = [])).plan;
    expect(refused('power', 'middle', {}, unknown)).toEqual([]);
    // A field of a mode that a radio does not have is none of its business.
    expect(refused('admit', 'nonsense')).toEqual(['r1']);
  });
});
