/** Two hotspots linked to each other, with no network between them: traced like any path. */
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../../agreement/agreement';
import { newNetwork } from '../../plan/create';
import { edit } from '../../plan/edit';
import { addHotspot } from '../../plan/hotspot';
import { newLogin } from '../../plan/modes/dmr/blanks';
import { editProfile } from '../../plan/profiles';
import { putRow, removeRow, tableOf } from '../../plan/table';
import type { Plan } from '../../plan/types';
import { validatePlan } from '../../plan/validate';
import { carryOut } from '../../registries/builder';
import { planIndex } from '../../registries/modes';
import { runSheet } from '../../registries/outputs';
import { profileOf } from '../../testing/profile-of';
import { samplePlan } from '../../testing/sample-plan';
import { dmrNetwork } from './networks';

/** The sample’s hotspot and a boat’s, linked: home listens, the boat connects, and a radio talks through the boat. */
function linked(change: (plan: Plan) => void = () => undefined): Plan {
  const furnished = edit(samplePlan(), (plan) => {
    putRow(plan.networks, {
      ...newNetwork('dmr', 'link', 'Boat link'),
      groups: tableOf([{ id: 'all', name: 'Crew', number: 7, category: 'local' as const }]),
      special: { unlink: null, echo: null, status: null, position: null },
      direct: { listensSiteId: 's1', address: 'home.example', port: 41_700, many: false },
    });
    addHotspot(plan, 'boat', 'Boat', 438_800_000, ['dmr']);
    profileOf(plan, 's1').dmr.logins['link'] = { ...newLogin(), password: 'practice-only' };
    Object.assign(profileOf(plan, 'boat').dmr, { logins: { link: { ...newLogin(), password: 'practice-only' } } });
    putRow(plan.wants, {
      id: 'w-crew',
      destination: { mode: 'dmr', kind: 'group', networkId: 'link', groupId: 'all' },
      radioId: 'r1',
      siteId: 'boat',
    });
  }).plan;
  return edit(edit(furnished, carryOut()).plan, change).plan;
}

const link = (plan: Plan) => dmrNetwork(plan, 'link')!;
const told = (plan: Plan) =>
  agreementOf(plan)
    .findings.filter((one) => one.severity === 'broken')
    .map((one) => one.what);
const path = (plan: Plan) => agreementOf(plan).channels.find((one) => one.channelId === 'ch-w-crew')!;

describe('a direct link', () => {
  it('carries a call from one hotspot to the other, with neither server nor suffix nor ID', () => {
    const plan = linked((draft) => void (draft.station.dmrId = null));
    expect(validatePlan(plan).problems).toEqual([]);
    expect([path(linked()).verdict, path(linked()).place, told(linked())]).toEqual(['whole', 'Boat link 7', []]);
    const gateway = planIndex(plan)
      .paths()
      .find(({ path: one }) => one.channelId === 'ch-w-crew')!
      .path.call.hops.find((hop) => hop.id === 'gateway')!;
    expect(gateway.state).toBe('whole');
  });

  it.each<[string, (plan: Plan) => void, string]>([
    ['nobody says where', (plan) => void (link(plan).direct!.address = ''), 'address'],
    ['no port', (plan) => void (link(plan).direct!.port = null), 'port'],
    [
      'no secret',
      (plan) => editProfile(plan, 'boat', ({ dmr }) => void (dmr.logins['link']!.password = '')),
      'password',
    ],
    [
      'another secret',
      (plan) => editProfile(plan, 'boat', ({ dmr }) => void (dmr.logins['link']!.password = 'another')),
      'the same secret at both ends',
    ],
    [
      'nobody listens',
      (plan) => void (profileOf(plan, 's1').dmr.logins['link']!.enabled = false),
      'the other end of the link',
    ],
  ])('%s: broken at the gateway', (_, change, gap) => {
    const plan = linked(change);
    expect([path(plan).verdict, path(plan).at]).toEqual(['broken', 'gateway']);
    expect(told(plan).some((one) => one.startsWith('The login of Boat to Boat link lacks:') && one.includes(gap))).toBe(
      true,
    );
  });

  it('takes a second one only where it is for many', () => {
    const third = (many: boolean) =>
      linked((plan) => {
        addHotspot(plan, 'car', 'Car', 434_100_000, ['dmr']);
        editProfile(plan, 'car', ({ dmr }) => void (dmr.logins['link'] = { ...newLogin(), password: 'practice-only' }));
        link(plan).direct!.many = many;
      });
    expect([path(third(false)).verdict, path(third(true)).verdict]).toEqual(['broken', 'whole']);
  });

  it('knows nothing of somebody else’s end, and says nothing of it', () => {
    const plan = linked((draft) => void removeRow(draft.sites, 's1'));
    expect(link(plan).direct!.listensSiteId).toBeNull();
    expect(path(plan).verdict).toBe('whole');
  });

  it('has its steps: who listens on which port, who connects', () => {
    const text = JSON.stringify(runSheet(planIndex(linked())));
    expect(text).toContain('It listens on port 41700 for one other hotspot; open that port to them only');
    expect(text).toContain('It connects to home.example, port 41700');
    expect(text).not.toContain('practice-only');
  });
});
