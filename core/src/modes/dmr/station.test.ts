/** Private calls to somebody's ID: wanted by typing it, built, traced, kept in files. */
import { describe, expect, it } from 'vitest';
import { destinationKey, destinationOfKey } from '../../plan/destination-key';
import { edit } from '../../plan/edit';
import { putRow, rows } from '../../plan/table';
import type { Destination, Plan } from '../../plan/types';
import { validatePlan } from '../../plan/validate';
import { carryOut } from '../../registries/builder';
import { agreementOf } from '../../agreement/agreement';
import { sitesPlan } from '../../testing/sample-sites';
import { SAMPLE_ID, samplePlan } from '../../testing/sample-plan';
import { planIndex } from '../../registries/modes';
import { dmr } from './index';

const TODAY = '2026-11-26';
const FRIEND = 9_992_418;
const station = (number = FRIEND): Destination => ({ mode: 'dmr', kind: 'station', networkId: 'n1', number });

function wanting(plan: Plan, siteId: string): Plan {
  const want = { id: 'w-friend', destination: station(), radioId: 'r1', siteId };
  return edit(edit(plan, (draft) => putRow(draft.wants, want)).plan, carryOut()).plan;
}

describe('a private call to an ID', () => {
  it.each(['9992418', '999 2418', ' private 9992418 '])('is wanted by typing %j', (text) => {
    expect(dmr.typed!(samplePlan(), text)).toEqual([
      expect.objectContaining({ destination: station(), name: 'Station 999 2418', address: 'private 9992418' }),
    ]);
  });

  it.each(['417', '99924180', 'QO3VES', '', String(SAMPLE_ID)])('is nothing for %j: no ID, or one’s own', (text) => {
    expect(dmr.typed!(samplePlan(), text)).toEqual([]);
  });

  it.each([
    ['a hotspot', samplePlan(), 's1'],
    ['a repeater', sitesPlan(), 'rp1'],
  ])('is built and whole through %s, with its contact', (_, plan, siteId) => {
    const built = wanting(plan, siteId);
    expect(validatePlan(built).problems).toEqual([]);
    const channel = rows(built.codeplugs['r1']!.channels).find((one) => one.wantId === 'w-friend')!;
    expect(channel).toMatchObject({ name: 'Station 999 2418', dmr: { call: { kind: 'private', number: FRIEND } } });
    expect(rows(built.codeplugs['r1']!.dmr.contacts)).toContainEqual(
      expect.objectContaining({ kind: 'private', number: FRIEND }),
    );
    const { channels, findings } = agreementOf(built, planIndex(built, { today: TODAY }));
    expect(channels.find((one) => one.channelId === channel.id)!.verdict).toBe('whole');
    expect(findings.filter((one) => one.subject.channelId === channel.id)).toEqual([]);
  });

  it('is broken where the channel calls a group of that number', () => {
    const built = wanting(samplePlan(), 's1');
    const channel = rows(built.codeplugs['r1']!.channels).find((one) => one.wantId === 'w-friend')!;
    const wrong = edit(built, (draft) => {
      const there = draft.codeplugs['r1']!.channels.byId[channel.id]!;
      if (there.mode === 'dmr') there.dmr.call.kind = 'group';
    }).plan;
    const { findings } = agreementOf(wrong, planIndex(wrong, { today: TODAY }));
    expect(findings.map((one) => one.check)).toContain('call-kind-differs');
  });

  it('stays in the list of what can be wanted, on the card and in a key', () => {
    const built = wanting(samplePlan(), 's1');
    expect(dmr.withoutNetwork(built).map((one) => one.name)).toContain('Station 999 2418');
    expect(dmr.card(built).flatMap((one) => one.lines)).toContainEqual({
      enter: `private ${FRIEND}`,
      name: 'Station 999 2418',
      note: 'through Home',
    });
    expect(destinationOfKey(destinationKey(station()))).toEqual(station());
    expect(destinationOfKey('dmr/n1/station/417')).toBeUndefined();
  });
});
