import { runSheet } from '../../registries/outputs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../../agreement/agreement';
import { carryOut, propose } from '../../registries/builder';
import { planIndex } from '../../registries/modes';
import { emptyCodeplug, newHotspot } from '../../plan/create';
import { edit } from '../../plan/edit';
import { putRow, removeRow, rows } from '../../plan/table';
import type { Destination, Plan } from '../../plan/types';
import { dstarChannel, dstarPlan } from '../../testing/sample-dstar';
import { isDstar, isDstarPath } from './channel';
import { keyUpsOf, orderOf } from './order';

const letter = fc.constantFrom(...'ABC');
const destination = fc.oneof(
  fc.record({
    kind: fc.constant('reflector' as const),
    networkId: fc.constant('f1'),
    reflectorId: fc.constant('lnk1'),
    module: letter,
    use: fc.constantFrom('talk' as const, 'link' as const),
  }),
  fc.constant({ kind: 'reflector' as const, networkId: 'f2', reflectorId: 'wav42', module: 'A', use: 'talk' as const }),
  fc.record({
    kind: fc.constant('command' as const),
    mode: fc.constant('dstar' as const),
    command: fc.constantFrom('unlink' as const, 'status' as const, 'echo' as const),
  }),
  fc.record({
    kind: fc.constant('call-sign' as const),
    mode: fc.constant('dstar' as const),
    callSign: fc.constantFrom('QO4TAM', 'QO1MRN', 'QO9A'),
    module: fc.constantFrom('', 'B', 'C'),
  }),
  fc.constant({ kind: 'local' as const, mode: 'dstar' as const }),
);

/** Sites as they may be: any module letter of the band, any reach that holds what is wanted, on the air or on a cable. */
const arbitraryWants = fc.record({
  wants: fc.array(fc.record({ destination, siteId: fc.constantFrom('s1', 'rp4', 's2') }), { maxLength: 8 }),
  cable: fc.boolean(),
  reach: fc.constantFrom(null, ['LNK', 'WAV'], ['WAV', 'SEA', 'LNK']),
  nameLength: fc.integer({ min: 6, max: 20 }),
});

function planOf({
  wants,
  cable,
  reach,
  nameLength,
}: typeof arbitraryWants extends fc.Arbitrary<infer T> ? T : never): Plan {
  const furnished = dstarPlan((plan) => {
    for (const id of [...plan.wants.order]) if (plan.wants.byId[id]!.radioId === 'r2') removeRow(plan.wants, id);
    plan.radios.byId['r2']!.limits.nameLength = nameLength;
    plan.codeplugs['r2'] = emptyCodeplug();
    putRow(plan.sites, {
      ...newHotspot('s2', 'Two metres', 145_650_000),
      distanceM: 20,
      dstar: { callSign: 'QO3', module: 'C', families: reach && [...reach], cable, utcOffsetMin: null },
    });
    plan.sites.byId['rp4']!.dstar!.families = null;
    wants.forEach((one, at) =>
      putRow(plan.wants, {
        id: `w${at}`,
        radioId: 'r2',
        siteId: one.siteId,
        destination: one.destination as Destination,
      }),
    );
  });
  return edit(
    furnished,
    carryOut(() => true),
  ).plan;
}

describe('what the builder makes for D-STAR', () => {
  it('never has a finding, whatever is wanted through whatever site', () => {
    fc.assert(
      fc.property(arbitraryWants, (wanted) => {
        const plan = planOf(wanted);
        const channels = rows(plan.codeplugs['r2']!.channels).filter(isDstar);
        for (const { dstar } of channels)
          for (const field of [dstar.ur, dstar.rpt1, dstar.rpt2]) expect(field).toHaveLength(8);
        const findings = agreementOf(plan).findings.filter(
          (one) => one.subject.radioId === 'r2' || one.subject.channelId !== undefined,
        );
        expect(findings.map((one) => `${one.check} ${one.what}`)).toEqual([]);
        expect(propose(plan)).toEqual([]);
      }),
      { numRuns: 100 },
    );
  });
});

describe('the order of use', () => {
  const contextOfPart = (plan: Plan, part: string) => {
    const found = planIndex(plan)
      .paths()
      .find(({ context }) => context.radio.id === 'r2' && context.channel.id === dstarChannel(plan, part).id)!.context;
    if (!isDstarPath(found)) throw new Error('no D-STAR path');
    return found;
  };

  it('is link, wait for the answer, talk, leave, by the channels of the site', () => {
    const plan = dstarPlan();
    const order = orderOf(contextOfPart(plan, 'w-lnk-talk'));
    expect(order.map(({ use, channelId }) => [use, channelId])).toEqual([
      ['link', 'ch-w-lnk-link'],
      ['wait', null],
      ['talk', 'ch-w-lnk-talk'],
      ['unlink', 'ch-w-lnk-unlink'],
    ]);
    expect(order.map((step) => step.say)).toEqual([
      'Listen first. Choose LNK001 C link and key up once, about two seconds.',
      'Wait for the spoken answer: “linked to LNK001 C”, or words like it.',
      'Choose LNK001 C: UR is back on the call to all. Leave a second or two between overs.',
      'To leave, choose Unlink, key up once, and wait for “not linked”.',
    ]);
    expect(orderOf(contextOfPart(plan, 'w-near'))).toEqual([]);
    const bare = dstarPlan((draft) => {
      for (const part of ['link', 'unlink']) removeRow(draft.codeplugs['r2']!.channels, `ch-w-lnk-${part}`);
    });
    expect(
      orderOf(contextOfPart(bare, 'w-lnk-talk'))
        .map((step) => step.say)
        .filter((say) => say.includes('no entry')),
    ).toHaveLength(2);
  });

  it('stands in the run sheet, a step a site; MY and the site’s settings before it', () => {
    const steps = runSheet(planIndex(dstarPlan()));
    expect(steps.map((step) => step.id)).toEqual([
      'identity',
      'hotspot-s1',
      'radio-r1',
      'radio-r2',
      'login-s1-n1',
      'echo-s1-n1',
      'dstar-r2-s1',
      'dstar-r2-rp4',
      'repeaters',
    ]);
    expect(steps[1]!.todo).toEqual(
      expect.arrayContaining(['D-STAR: call sign QO3VES, module B.', 'Link at start: manual.']),
    );
    expect(steps[3]!.todo).toContain('Set MY to QO3VES, behind it HAND: with MY empty it does not transmit.');
    expect(steps[6]!.title).toBe('Link Home to LNK001 C, talk, and leave');
  });

  it('what a key-up does is told for each state of the site', () => {
    const plan = dstarPlan();
    const elsewhere = { reflector: 'WAV042', module: 'A' };
    const words = (part: string) =>
      keyUpsOf(contextOfPart(plan, part), elsewhere).map(({ goes, answer }) => `${goes}; ${answer}`);
    expect(words('w-lnk-talk')).toEqual([
      'only to who hears Home; nothing is said',
      'to LNK001 C; nothing is said',
      'to WAV042 A; nothing is said',
    ]);
    expect(words('w-lnk-link')).toEqual([
      'only to who hears Home; linked to LNK001 C',
      'only to who hears Home; linked to LNK001 C',
      'only to who hears Home; linked to LNK001 C',
    ]);
    expect(words('w-lnk-unlink')).toEqual(['only to who hears Home; not linked', 'only to who hears Home; not linked']);
    expect(words('w-lnk-echo')).toEqual(['back to you; your own words', 'back to you; your own words']);
  });
});
