import { describe, expect, it } from 'vitest';
import { agreementOf } from '@relay/core/agreement/agreement';
import { propose } from '@relay/core/build/build';
import { reprogrammingList } from '@relay/core/compare/written';
import { acceptRouting, proposeRouting } from '@relay/core/modes/dmr/routes/prefixes';
import { travel } from '@relay/core/modes/dmr/routes/travel';
import { indexPlan } from '@relay/core/path/plan-index';
import { edit } from '@relay/core/plan/edit';
import { runSheet } from '@relay/core/run-sheet/run-sheet';
import { validatePlan } from '@relay/core/plan/validate';
import { DEMO_PLANS } from './ostrey-isles';

describe('the demo', () => {
  it.each(Object.keys(DEMO_PLANS))('%s is a sound plan with nothing real in it', (key) => {
    const plan = DEMO_PLANS[key]!();
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
    expect(plan.station.callSign).toMatch(/^Q/);
    expect(JSON.stringify(plan).match(/"(dmrId|id)":(\d{7})/g)!.every((text) => text.includes(':999'))).toBe(true);
  });

  it('Ostrey Isles has twelve paths, all whole, and nothing to build', () => {
    const plan = DEMO_PLANS['ostrey-isles']!();
    expect(agreementOf(plan)).toMatchObject({ tally: { whole: 12, doubtful: 0, broken: 0 }, findings: [] });
    expect(propose(plan)).toEqual([]);
    expect(runSheet(indexPlan(plan)).map((step) => step.id)).toEqual(['identity', 'hotspot-home', 'radio-handheld', 'login-home-lantern', 'echo-home-lantern']);
  });

  it('takes Causeway beside Lantern: twelve channels of the handheld change, all stay whole, and the order is one network after the other', () => {
    const plan = DEMO_PLANS['ostrey-isles']!();
    expect(reprogrammingList(indexPlan(plan))).toEqual([]);
    const networkIds = ['lantern', 'causeway'];
    const proposal = proposeRouting(plan, 'home', networkIds);
    expect(proposal.prefixes.map((one) => one.prefix)).toEqual([1, 8]);
    expect(proposal.changes).toHaveLength(12);
    const routed = edit(plan, (draft) => acceptRouting(draft, 'home', networkIds, proposal)).plan;
    expect(agreementOf(routed)).toMatchObject({ tally: { whole: 12, doubtful: 0, broken: 0 }, findings: [] });
    const [list] = reprogrammingList(indexPlan(routed));
    expect([list!.radioName, list!.channels.length]).toEqual(['Handheld', 12]);
    const steps = runSheet(indexPlan(routed));
    expect(steps.map((step) => step.id)).toEqual(['identity', 'hotspot-home', 'radio-handheld', 'login-home-lantern', 'echo-home-lantern', 'login-home-causeway', 'echo-home-causeway']);
    expect(steps[4]!.proof).toContain('shows 1009990; at Lantern that is 9990');
    const at = indexPlan(routed);
    expect(travel(at, 'home', { kind: 'group', slot: 2, number: 8_000_417 })).toMatchObject({ networkName: 'Causeway', name: 'Harbour Masters', position: 2, doubt: null, words: 'To Causeway, group 417, Harbour Masters (rule 2).' });
    expect(travel(at, 'home', { kind: 'group', slot: 2, number: 417 })).toMatchObject({ networkName: 'Lantern', name: 'Hask Wide', doubt: null });
    expect(travel(at, 'home', { kind: 'group', slot: 2, number: 623 })).toMatchObject({ networkName: 'Lantern', name: null, meant: 8_000_623, doubt: 'Probably not meant: Causeway has group 623, Ferry Crew: on the radio that is 8000623.' });
    expect(travel(at, 'home', { kind: 'private', slot: 2, number: 4000 })).toMatchObject({ routed: null, words: 'Nowhere: no rule takes private 4000.', meant: 1_004_000 });
  });

  it('Inherited disagrees in five ways', () => {
    const { findings } = agreementOf(DEMO_PLANS['inherited']!());
    expect(findings.map((finding) => finding.check).sort()).toEqual(['call-kind-differs', 'color-code-differs', 'frequency-differs', 'radio-id-differs', 'slot-on-simplex']);
  });
});
