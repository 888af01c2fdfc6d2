import { describe, expect, it } from 'vitest';
import { emptyPlan } from '../plan/create';
import { edit } from '../plan/edit';
import { addHotspot } from '../plan/hotspot';
import type { Hotspot, Plan } from '../plan/types';
import { planIndex } from '../registries/modes';
import { setUpSheet } from '../registries/outputs';
import { fingerprintOf } from '../settings/fingerprint';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';

const sheet = (plan: Plan) => setUpSheet(planIndex(plan), 's1');
const ids = (plan: Plan) => sheet(plan).map((step) => step.id);

describe('the sheet that sets a hotspot up from nothing', () => {
  it('has only what applies', () => {
    const bare = edit(emptyPlan('New'), (draft) => addHotspot(draft, 's1', 'Home', 439_125_000, [])).plan;
    expect(ids(bare)).toEqual([
      's1:copy',
      's1:first-start',
      's1:identity',
      's1:frequency',
      's1:password',
      's1:low-power',
      's1:copy-again',
      's1:shut-down',
    ]);
  });

  it('goes from the copy to shutting down: identity before modes, one mode at a time, the first network before its test', () => {
    const plan = everyMode((draft) => {
      const values = profileOf(draft, 's1');
      Object.assign(values, { rxOffsetHz: -475, txOffsetHz: -475, hostName: 'qo3ves-03' });
      values.hang = { radioS: 20, networkS: 20 };
      values.location = { lat: 46.71321, lon: -33.41852, publish: true };
      values.wifi = {
        byId: { a: { id: 'a', place: 'home', name: 'Lamp', password: 'practice-only' } },
        order: ['a'],
      };
    });
    expect(ids(plan)).toEqual([
      's1:copy',
      's1:first-start',
      's1:identity',
      's1:frequency',
      's1:position',
      's1:password',
      's1:mode-dmr',
      's1:mode-dstar',
      's1:mode-c4fm',
      's1:mode-p25',
      'login-s1-n1',
      'echo-s1-n1',
      'dstar-r2-s1',
      'c4fm-r3-s1',
      'p25-r4-s1',
      's1:offset',
      's1:low-power',
      's1:copy-again',
      's1:shut-down',
    ]);
    const valuesAt = (id: string) => sheet(plan).find((step) => step.id === `s1:${id}`)!.values;
    expect(valuesAt('first-start')).toEqual([
      { label: 'Wi-Fi (home)', text: 'Lamp' },
      { label: 'Host name', text: 'qo3ves-03' },
    ]);
    // Two decimals, whatever the plan has: about 1.1 km.
    expect(valuesAt('position')).toContainEqual({ label: 'Latitude', text: '46.71' });
    expect(valuesAt('mode-dmr')).toEqual([
      { label: 'Hang time, radio side', text: '20 s' },
      { label: 'Hang time, network side', text: '20 s' },
      { label: 'Color code', text: '1' },
    ]);
    expect(valuesAt('offset')).toContainEqual({ label: 'Receive offset', text: '−475 Hz' });
    expect(JSON.stringify(sheet(plan))).not.toContain('practice-only');
    // Of another hotspot, whose id begins the same, there is nothing in it.
    const two = edit(plan, (draft) => {
      const other = 's1-boat';
      addHotspot(draft, other, 'Boat', 439_325_000, ['dmr']);
      Object.assign(profileOf(draft, other).dmr.logins, structuredClone(profileOf(plan, 's1').dmr.logins));
    }).plan;
    expect(ids(two)).toEqual(ids(plan));
    expect(setUpSheet(planIndex(two), 's1-boat').map((step) => step.id)).toContain('login-s1-boat-n1');
    for (const step of sheet(plan)) expect([step.todo.length > 0, step.proof.endsWith('.')]).toEqual([true, true]);
  });

  it('asks for no copy where one of just these settings was kept', () => {
    const plan = everyMode((draft) => {
      (draft.sites.byId['s1'] as Hotspot).backup = { on: '2026-11-01', of: fingerprintOf(draft, 's1') };
    });
    expect(ids(plan)).not.toContain('s1:copy');
  });

  it('puts the radio before the program where it is on a cable', () => {
    const plan = everyMode((draft) => void (draft.sites.byId['s1']!.dstar!.cable = true));
    const order = ids(plan);
    expect(order.slice(order.indexOf('dstar-cable-radio-s1'))).toContain('dstar-cable-program-s1');
    expect(order.indexOf('dstar-cable-radio-s1')).toBeLessThan(order.indexOf('dstar-cable-program-s1'));
    expect(sheet(plan).find((step) => step.id === 'dstar-cable-radio-s1')!.values).toEqual([
      { label: 'RPT1', text: 'DIRECT' },
      { label: 'RPT2', text: 'DIRECT' },
    ]);
  });
});
