/**
 * What each mode says in the same situations: one table, five modes. `words` is the verdict on the path as people read it,
 * `check` the finding that explains it; a situation that a mode does not have says why.
 */
import { profileOf } from '../testing/profile-of';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { describePath } from '../path/describe';
import { planIndex } from '../registries/modes';
import type { Recipe } from '../plan/edit';
import { newNetwork } from '../plan/create';
import { putRow, removeRow } from '../plan/table';
import type { ModeId, Plan } from '../plan/types';
import { dstarChannel, dstarPlan } from '../testing/sample-dstar';
import { p25Channel, p25Plan } from '../testing/sample-p25';
import { roomChannel, roomsPlan } from '../testing/sample-rooms';
import { channelOf, samplePlan } from '../testing/sample-plan';
import { fmChannel, repeaterOf, sitesPlan } from '../testing/sample-sites';
import { MODE_IDS } from '../plan/modes';

type Situation = 'whole' | 'wrong number' | 'wrong access code' | 'not reached' | 'not linked' | 'no way out';

interface Said {
  plan: (change?: Recipe) => Plan;
  channelId: string;
  change?: Recipe;
  words: string;
  check: string | null;
}

const says = (
  plan: Said['plan'],
  channelId: string,
  words: string,
  check: string | null = null,
  change?: Recipe,
): Said => ({ plan, channelId, words, check, ...(change ? { change } : {}) });

const SITUATIONS: Readonly<Record<Situation, Readonly<Record<ModeId, Said | string>>>> = {
  whole: {
    dmr: says(samplePlan, 'ch-w-g1', 'whole, both ways'),
    dstar: says(dstarPlan, 'ch-w-lnk-talk', 'whole, both ways'),
    c4fm: says(roomsPlan, 'ch-w-evening', 'whole, both ways'),
    p25: says(p25Plan, 'ch-w-quay', 'whole, both ways'),
    fm: says(sitesPlan, 'ch-w-fm', 'whole, both ways'),
  },
  'wrong number': {
    dmr: says(
      samplePlan,
      'ch-w-g1',
      'goes to the wrong place: Lantern, group 588, Ostrey All',
      'number-differs',
      (plan) => void (channelOf(plan, 'g1').dmr.call.number = 588),
    ),
    dstar: says(
      dstarPlan,
      'ch-w-lnk-talk',
      'goes to the wrong place: echo, Echo at Home',
      'ur-differs',
      (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.ur = '       E'),
    ),
    c4fm: says(
      roomsPlan,
      'ch-w-evening',
      'goes to the wrong place: Skerry, room 41377, Ferry Deck',
      'room-number-differs',
      (plan) => void (roomChannel(plan, 'w-evening').c4fm.room = '41377'),
    ),
    p25: says(
      p25Plan,
      'ch-w-quay',
      'goes to the wrong place: Foghorn, group 5880, All Isles',
      'p25-group-differs',
      (plan) => void (p25Channel(plan, 'w-quay').p25.group = 5880),
    ),
    fm: 'FM calls no number: whoever hears the site hears the call',
  },
  'wrong access code': {
    dmr: says(
      samplePlan,
      'ch-w-g1',
      'broken at the hotspot',
      'color-code-differs',
      (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 7),
    ),
    dstar: says(
      dstarPlan,
      'ch-w-lnk-talk',
      'broken at the hotspot',
      'rpt1-differs',
      (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO1MRR B'),
    ),
    c4fm: says(
      roomsPlan,
      'ch-w-news',
      'broken at the repeater',
      'group-id-differs',
      (plan) => void (roomChannel(plan, 'w-news').c4fm.groupTx = 0),
    ),
    p25: says(
      p25Plan,
      'ch-w-all',
      'broken at the repeater',
      'nac-differs',
      (plan) => void (p25Channel(plan, 'w-all').p25.nac = 0x293),
    ),
    fm: says(
      sitesPlan,
      'ch-w-fm',
      'broken at the repeater',
      'tone-differs',
      (plan) => void (fmChannel(plan).fm.toneTx = '107.2'),
    ),
  },
  'not reached': {
    dmr: says(
      sitesPlan,
      'ch-w-head-g1',
      'broken at the gateway',
      'group-not-at-repeater',
      (plan) => void (repeaterOf(plan, 'rp1').dmr!.carries!.groups = []),
    ),
    dstar: says(
      dstarPlan,
      'ch-w-wav-talk',
      'broken at the gateway',
      'family-not-reached',
      (plan) => void (plan.sites.byId['rp4']!.dstar!.families = ['SEA']),
    ),
    c4fm: says(
      roomsPlan,
      'ch-w-news',
      'broken at the gateway',
      'room-not-reached',
      (plan) => void (plan.sites.byId['rp5']!.c4fm!.networkIds = ['rm1']),
    ),
    p25: says(p25Plan, 'ch-w-all', 'broken at the gateway', 'p25-network-not-reached', (plan) => {
      putRow(plan.networks, newNetwork('p25', 'p2', 'Undertow'));
      plan.sites.byId['rp6']!.p25!.networkIds = ['p2'];
    }),
    fm: 'FM goes nowhere beyond the site',
  },
  'not linked': {
    dmr: says(
      sitesPlan,
      'ch-w-head-g2',
      'whole, both ways',
      null,
      (plan) =>
        void (repeaterOf(plan, 'rp1').dmr!.carries!.groups = [
          { slot: 1, number: 417, static: true },
          { slot: 2, number: 588, static: false },
        ]),
    ),
    dstar: says(dstarPlan, 'ch-w-lnk-talk', 'broken at the gateway', 'not-linked', (plan) =>
      removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link'),
    ),
    c4fm: says(
      roomsPlan,
      'ch-w-evening',
      'broken at the gateway',
      'room-not-connected',
      (plan) => void (roomChannel(plan, 'w-evening').c4fm.room = ''),
    ),
    // Calling the group is what links.
    p25: says(
      p25Plan,
      'ch-w-quay',
      'whole, both ways',
      null,
      (plan) => void (profileOf(plan, 's1').p25.startGroup = 5880),
    ),
    fm: 'FM links nothing',
  },
  'no way out': {
    dmr: 'a dynamic group is dropped by its timer; static ones are the site’s',
    dstar: says(dstarPlan, 'ch-w-lnk-talk', 'whole, both ways', 'no-unlink-entry', (plan) =>
      removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-unlink'),
    ),
    c4fm: says(roomsPlan, 'ch-w-evening', 'whole, both ways', 'no-disconnect-entry', (plan) =>
      removeRow(plan.codeplugs['r3']!.channels, 'ch-w-evening-disconnect'),
    ),
    p25: says(p25Plan, 'ch-w-quay', 'whole, both ways', 'no-p25-unlink-channel', (plan) =>
      removeRow(plan.codeplugs['r4']!.channels, 'ch-w-quay-unlink'),
    ),
    fm: 'FM links nothing',
  },
};

const ROWS = Object.entries(SITUATIONS).flatMap(([situation, modes]) =>
  MODE_IDS.map((mode) => ({ situation, mode, said: modes[mode] })),
);

describe('the same situations in every mode', () => {
  it.each(ROWS.filter((row): row is typeof row & { said: Said } => typeof row.said !== 'string'))(
    '$situation, $mode: $said.words',
    ({ mode, situation, said }) => {
      const plan = said.plan(said.change);
      const { path, context } = planIndex(plan)
        .paths()
        .find((one) => one.context.channel.id === said.channelId)!;
      expect(context.channel.mode).toBe(mode);
      expect(describePath(path, context).words).toBe(said.words);
      const before = new Set(agreementOf(said.plan()).findings.map((one) => one.id));
      const fresh = agreementOf(plan).findings.filter((one) => !before.has(one.id));
      if (said.check === null) expect(fresh, situation).toEqual([]);
      else expect(fresh.map((one) => one.check)).toContain(said.check);
      // What is not whole has something to say, and a press or a plain word that mends it.
      for (const one of fresh) expect([one.what, one.why, one.remedy].every((text) => text.length > 10)).toBe(true);
    },
  );

  it('a mode that has not the situation says why', () => {
    const without = ROWS.filter((row) => typeof row.said === 'string');
    expect(without.map(({ mode }) => mode).sort()).toEqual(['dmr', 'fm', 'fm', 'fm', 'fm']);
  });
});
