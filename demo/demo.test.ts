import { runSheet, reprogrammingList } from '@relay/core/registries/outputs';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '@relay/core/agreement/agreement';
import { cardOf } from '@relay/core/registries/outputs';
import { propose } from '@relay/core/registries/builder';
import { acceptRouting, proposeRouting } from '@relay/core/modes/dmr/routes/prefixes';
import { travel } from '@relay/core/modes/dmr/routes/travel';
import { planIndex } from '@relay/core/registries/modes';
import { edit, editByPatches } from '@relay/core/plan/edit';
import { validatePlan } from '@relay/core/plan/validate';
import { DEMO_PLANS } from './ostrey-isles';

describe('the demo', () => {
  it.each(Object.keys(DEMO_PLANS))('%s is a sound plan with nothing real in it', (key) => {
    const plan = DEMO_PLANS[key]!();
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
    expect(plan.station.callSign).toMatch(/^Q/);
    expect(
      JSON.stringify(plan)
        .match(/"(dmrId|id)":(\d{7})/g)!
        .every((text) => text.includes(':999')),
    ).toBe(true);
  });

  it('Ostrey Isles has twelve paths, all whole, and nothing to build', () => {
    const plan = DEMO_PLANS['ostrey-isles']!();
    expect(agreementOf(plan)).toMatchObject({ tally: { whole: 12, doubtful: 0, broken: 0 }, findings: [] });
    expect(propose(plan)).toEqual([]);
    expect(runSheet(planIndex(plan)).map((step) => step.id)).toEqual([
      'identity',
      'hotspot-home',
      'radio-handheld',
      'login-home-lantern',
      'echo-home-lantern',
    ]);
  });

  it('takes Causeway beside Lantern: twelve channels of the handheld change, all stay whole, and the order is one network after the other', () => {
    const plan = DEMO_PLANS['ostrey-isles']!();
    expect(reprogrammingList(planIndex(plan))).toEqual([]);
    const networkIds = ['lantern', 'causeway'];
    const proposal = proposeRouting(plan, 'home', networkIds);
    expect(proposal.prefixes.map((one) => one.prefix)).toEqual([1, 8]);
    expect(proposal.changes).toHaveLength(12);
    const routed = edit(plan, (draft) => acceptRouting(draft, 'home', networkIds, proposal)).plan;
    expect(agreementOf(routed)).toMatchObject({ tally: { whole: 12, doubtful: 0, broken: 0 }, findings: [] });
    const [list] = reprogrammingList(planIndex(routed));
    expect([list!.radioName, list!.channels.length]).toEqual(['Handheld', 12]);
    const steps = runSheet(planIndex(routed));
    expect(steps.map((step) => step.id)).toEqual([
      'identity',
      'hotspot-home',
      'radio-handheld',
      'login-home-lantern',
      'echo-home-lantern',
      'login-home-causeway',
      'echo-home-causeway',
    ]);
    expect(steps[4]!.proof).toContain('shows 1009990; at Lantern that is 9990');
    const at = planIndex(routed);
    expect(travel(at, 'home', { kind: 'group', slot: 2, number: 8_000_417 })).toMatchObject({
      networkName: 'Causeway',
      name: 'Harbour Masters',
      position: 2,
      doubt: null,
      words: 'To Causeway, group 417, Harbour Masters (rule 2).',
    });
    expect(travel(at, 'home', { kind: 'group', slot: 2, number: 417 })).toMatchObject({
      networkName: 'Lantern',
      name: 'Hask Wide',
      doubt: null,
    });
    expect(travel(at, 'home', { kind: 'group', slot: 2, number: 623 })).toMatchObject({
      networkName: 'Lantern',
      name: null,
      meant: 8_000_623,
      doubt: 'Probably not meant: Causeway has group 623, Ferry Crew: on the radio that is 8000623.',
    });
    expect(travel(at, 'home', { kind: 'private', slot: 2, number: 4000 })).toMatchObject({
      routed: null,
      words: 'Nowhere: no rule takes private 4000.',
      meant: 1_004_000,
    });
  });

  it('has a plan of all modes: hotspot, repeaters of each mode and a mixed one, all whole', () => {
    const plan = DEMO_PLANS['all-modes']!();
    const { tally, findings } = agreementOf(plan);
    expect([tally, findings]).toEqual([{ whole: 59, doubtful: 0, broken: 0 }, []]);
    // Every want has its paths.
    const wanted = new Set(
      Object.values(plan.codeplugs).flatMap((codeplug) =>
        Object.values(codeplug.channels.byId).map((channel) => channel.wantId),
      ),
    );
    expect(plan.wants.order.filter((id) => !wanted.has(id))).toEqual([]);
    expect(cardOf(plan).map((section) => `${section.mode} ${section.title}`)).toEqual([
      'DMR Lantern',
      'D-STAR Reflectors',
      'C4FM Evenings',
      'C4FM On the water',
      'P25 Foghorn',
    ]);
    expect(propose(plan)).toEqual([]);
    const urs = Object.values(plan.codeplugs['pilot']!.channels.byId).map((channel) =>
      channel.mode === 'dstar' ? channel.dstar.ur : '',
    );
    expect(urs).toEqual(
      expect.arrayContaining([
        'LNK001CL',
        'WAV042AL',
        'LNK004AL',
        'CQCQCQ  ',
        '       U',
        '       I',
        '       E',
        '/QO1MRRB',
      ]),
    );
    expect(runSheet(planIndex(plan)).map((step) => step.id)).toEqual(
      expect.arrayContaining([
        'dstar-pilot-home',
        'dstar-pilot-ridge',
        'dstar-pilot-quay',
        'c4fm-rambler-home',
        'c4fm-rambler-mixed',
        'p25-portable-home',
        'p25-portable-hill',
      ]),
    );
  });

  it('Inherited disagrees in five ways in DMR and in one in every other mode, and one press mends each', () => {
    let plan = DEMO_PLANS['inherited']!();
    const { findings } = agreementOf(plan);
    expect(findings.map((finding) => finding.check).sort()).toEqual([
      'call-kind-differs',
      'color-code-differs',
      'frequency-differs',
      'group-id-differs',
      'nac-differs',
      'radio-id-differs',
      'rpt2-not-gateway',
      'slot-on-simplex',
      'tone-missing',
    ]);
    for (const { fixes } of findings) plan = editByPatches(plan, fixes[0]!.patches).plan;
    expect(agreementOf(plan)).toMatchObject({ tally: { doubtful: 0, broken: 0 }, findings: [] });
  });
});
