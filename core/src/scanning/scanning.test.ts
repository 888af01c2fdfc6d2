import { describe, expect, it } from 'vitest';
import { newZone } from '../plan/create';
import { edit } from '../plan/edit';
import { putRow, rows } from '../plan/table';
import type { Plan, ScanList } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { dmrNetwork } from '../modes/dmr/networks';
import { MODES } from '../registries/modes';
import { channelOf } from '../testing/sample-plan';
import { sitesPlan } from '../testing/sample-sites';
import { proposeScan, putScan, refreshScan } from './propose';

const LIST: ScanList = { id: 'scan', name: 'Scan', channelIds: [], zoneId: 'all', priorityId: null, talkBack: null };

const withList = (change: (plan: Plan) => void = () => undefined) =>
  sitesPlan((plan) => {
    const codeplug = plan.codeplugs['r1']!;
    putRow(codeplug.zones, newZone('all', 'All', [...codeplug.channels.order]));
    putRow(codeplug.scanLists, structuredClone(LIST));
    change(plan);
  });
const all = (plan: Plan) => plan.codeplugs['r1']!.channels.order;
const reasonsOf = (plan: Plan) =>
  Object.fromEntries(proposeScan(plan, MODES, 'r1', all(plan)).leftOut.map((one) => [one.channelId, one.reason]));

describe('a scan list by rule', () => {
  it('has one channel for what sounds the same, and nothing that a network answers itself', () => {
    const plan = sitesPlan();
    expect(proposeScan(plan, MODES, 'r1', all(plan)).channelIds).toEqual([
      'ch-w-g1',
      'ch-w-head-g1',
      'ch-w-head-g2',
      'ch-w-mast-g1',
      'ch-w-fm',
    ]);
    expect(reasonsOf(plan)).toMatchObject({
      'ch-w-g3': { why: 'same', asId: 'ch-w-g1' },
      'ch-w-echo': { why: 'service' },
    });
  });

  it('leaves out a group of a country or the world, with the reason', () => {
    const plan = sitesPlan((draft) => void (dmrNetwork(draft, 'n1')!.groups.byId['g1']!.category = 'world'));
    expect(reasonsOf(plan)).toMatchObject({
      'ch-w-g1': { why: 'busy', as: 'worldwide' },
      'ch-w-mast-g1': { why: 'busy', as: 'worldwide' },
    });
    // The next one on that frequency is heard instead.
    expect(proposeScan(plan, MODES, 'r1', all(plan)).channelIds).toContain('ch-w-g2');
  });

  it('holds no more than the radio does, and knows no limit that nobody has said', () => {
    const plan = sitesPlan((draft) => void (draft.radios.byId['r1']!.limits.channelsPerScanList = 2));
    expect(proposeScan(plan, MODES, 'r1', all(plan)).channelIds).toHaveLength(2);
    expect(reasonsOf(plan)['ch-w-fm']).toEqual({ why: 'full', most: 2 });
    const open = sitesPlan((draft) => void (draft.radios.byId['r1']!.limits.channelsPerScanList = null));
    expect(Object.values(reasonsOf(open)).some(({ why }) => why === 'full')).toBe(false);
  });

  it('leaves out channels of a mode that the radio has not', () => {
    const plan = structuredClone(sitesPlan());
    plan.radios.byId['r1']!.fm = null;
    expect(reasonsOf(plan)['ch-w-fm']).toEqual({ why: 'not in the radio' });
  });

  it('is brought up to date with its zone once, and keeps what it comes back to', () => {
    const plan = withList((draft) => void (draft.codeplugs['r1']!.scanLists.byId['scan']!.talkBack = 'active'));
    const list = plan.codeplugs['r1']!.scanLists.byId['scan']!;
    const then = refreshScan(plan, MODES, 'r1', list)!;
    const done = edit(plan, (draft) => putScan(draft.codeplugs['r1']!.scanLists.byId['scan']!, then.channelIds)).plan;
    const now = done.codeplugs['r1']!.scanLists.byId['scan']!;
    expect(refreshScan(done, MODES, 'r1', now)).toBeNull();
    expect(validatePlan(done).problems).toEqual([]);
    const first = structuredClone({ ...now, priorityId: now.channelIds[0]! });
    putScan(first, now.channelIds.slice(1));
    expect(first.priorityId).toBeNull();
    putScan(first, now.channelIds);
    expect(refreshScan(done, MODES, 'r1', { ...now, zoneId: null })).toBeNull();
  });

  it('forgets channels, its zone and its first channel when they go', () => {
    const plan = withList((draft) => {
      const list = draft.codeplugs['r1']!.scanLists.byId['scan']!;
      list.channelIds = ['ch-w-g1', 'ch-w-fm'];
      list.priorityId = 'ch-w-fm';
    });
    expect(validatePlan(plan).problems).toEqual([]);
    const { plan: without } = edit(plan, (draft) => {
      const { channels, zones } = draft.codeplugs['r1']!;
      delete channels.byId['ch-w-fm'];
      channels.order = channels.order.filter((id) => id !== 'ch-w-fm');
      delete zones.byId['all'];
      zones.order = zones.order.filter((id) => id !== 'all');
    });
    expect(rows(without.codeplugs['r1']!.scanLists)).toEqual([{ ...LIST, channelIds: ['ch-w-g1'], zoneId: null }]);
    expect(channelOf(without, 'g1').name).toBe('Hask Wide');
  });
});
