import { describe, expect, it } from 'vitest';
import { agreementOf } from '@relay/core/agreement/agreement';
import { addHotspot } from '@relay/core/plan/hotspot';
import { edit } from '@relay/core/plan/edit';
import { crossedPlan } from '@relay/core/testing/sample-crossing';
import { channelOf, samplePlan } from '@relay/core/testing/sample-plan';
import { boardRows, chipsOf, toggleWant } from './board';

describe('wants board', () => {
  it('shows each destination with its ways and what became of them', () => {
    const plan = samplePlan((draft) => void (channelOf(draft, 'g1').dmr.colorCode = 9));
    const rows = boardRows(plan, agreementOf(plan));
    expect(rows.map((row) => [row.name, row.address, row.wanted])).toEqual([
      ['Hask Wide', 'group 417', true],
      ['Ostrey All', 'group 588', true],
      ['Ferry Net', 'group 591', true],
      ['Unlink Lantern', 'group 4000', false],
      ['Echo Lantern', 'private 9990', true],
    ]);
    expect(rows.map((row) => row.cells[0]!.ways[0]!.verdict)).toEqual(['broken', 'whole', 'whole', null, 'whole']);
  });

  it('says what is reached cross-mode, with the mode on the air where the radio has several', () => {
    const hows = (change: Parameters<typeof crossedPlan>[0]) =>
      boardRows(crossedPlan(change), null)
        .find((row) => row.address === 'group 588')!
        .cells.map(({ radioId, ways }) => [radioId, ways.map((way) => way.how)]);
    expect(hows(() => undefined)).toEqual([
      ['r1', ['']],
      ['r3', ['cross-mode']],
    ]);
    expect(hows((plan) => void (plan.radios.byId['r3']!.p25 = { unitId: null }))).toEqual([
      ['r1', ['']],
      ['r3', ['cross-mode, C4FM']],
    ]);
  });

  it('adds a wish and takes it back', () => {
    const plan = samplePlan();
    const unlink = boardRows(plan, null)[3]!;
    const wanted = edit(plan, (draft) =>
      toggleWant(draft, 'w9', unlink.destination, 'r1', unlink.cells[0]!.ways[0]!),
    ).plan;
    const way = boardRows(wanted, null)[3]!.cells[0]!.ways[0]!;
    expect(way).toMatchObject({ want: { id: 'w9' }, verdict: null });
    expect(edit(wanted, (draft) => toggleWant(draft, 'x', unlink.destination, 'r1', way)).plan).toEqual(plan);
  });

  it('lists the sites that are not wanted when there are many', () => {
    const plan = samplePlan((draft) => {
      for (let at = 2; at <= 9; at += 1) addHotspot(draft, `s${at}`, `Site ${at}`, 438_000_000 + at * 25_000, ['dmr']);
    });
    const { chips, others } = chipsOf(boardRows(plan, null)[0]!.cells[0]!.ways);
    expect([chips.map((way) => way.siteName), others.length]).toEqual([['Home'], 8]);
  });
});
