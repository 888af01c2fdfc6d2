import { MODE_IDS } from '../plan/modes';
import { inMode } from '../registries/builder';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rows } from '../plan/table';
import { validatePlan } from '../plan/validate';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { crossedPlan } from '../testing/sample-crossing';
import { channelOf } from '../testing/sample-plan';
import { roomChannel, roomsPlan } from '../testing/sample-rooms';

describe('a channel taken over into another mode', () => {
  const plan = roomsPlan();

  it('of a mixed repeater goes from digital to FM with the site’s tone, and back with its group ID', () => {
    const local = roomChannel(plan, 'w-around');
    const fm = inMode(plan, local, 'fm');
    expect(fm).toMatchObject({
      id: local.id,
      name: local.name,
      mode: 'fm',
      siteId: 'rp5',
      rxHz: local.rxHz,
      txHz: local.txHz,
      power: local.power,
      fm: { toneTx: '110.9' },
      destination: { mode: 'fm', kind: 'local' },
      purpose: null,
      wantId: null,
      built: null,
    });
    expect('c4fm' in fm).toBe(false);
    expect(inMode(plan, fm, 'c4fm')).toMatchObject({
      mode: 'c4fm',
      c4fm: { groupTx: 5 },
      destination: { mode: 'c4fm', kind: 'local' },
    });
  });

  it('forgets a destination that the new mode does not have, and keeps one that it has', () => {
    expect(inMode(plan, roomChannel(plan, 'w-evening'), 'dmr').destination).toBeNull();
    expect(inMode(plan, channelOf(plan, 'g1'), 'c4fm').destination).toBeNull();
    const across = crossedPlan();
    const room = rows(across.codeplugs['r1']!.channels).find((one) => one.id === 'ch-w-dmr-room')!;
    expect(inMode(across, room, 'c4fm').destination).toEqual(room.destination);
  });

  it('is a channel of the plan in every mode, whatever the plan', () => {
    fc.assert(
      fc.property(arbitraryPlan, fc.constantFrom(...MODE_IDS), (some, mode) => {
        const changed = structuredClone(some);
        for (const codeplug of Object.values(changed.codeplugs))
          for (const channel of rows(codeplug.channels))
            codeplug.channels.byId[channel.id] = inMode(some, channel, mode);
        expect(validatePlan(changed).problems).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});
