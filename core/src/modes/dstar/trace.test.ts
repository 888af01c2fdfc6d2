import { profileOf } from '../../testing/profile-of';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../../agreement/agreement';
import { carryOut, propose } from '../../registries/builder';
import { describePath } from '../../path/describe';
import { planIndex } from '../../registries/modes';
import { edit, type Recipe } from '../../plan/edit';
import { listensFor } from '../../plan/carriage';
import { putRow, removeRow, rows } from '../../plan/table';
import { dstarChannel, dstarPlan, LNK } from '../../testing/sample-dstar';
import { NO_WORLD, withState } from '../../path/world';
import type { LinkState } from '../../plan/modes/dstar/types';

const built = (change: Recipe) => edit(dstarPlan(change), carryOut()).plan;

/** `said`: what the user says the sites are linked to. */
function viewOf(part: string, change?: Recipe, said: Record<string, LinkState> = {}) {
  const world = Object.entries(said).reduce(
    (before, [siteId, linkedTo]) => withState(before, siteId, 'dstar', { linkedTo }),
    NO_WORLD,
  );
  const index = planIndex(dstarPlan(change), { world });
  const { path, context } = index.paths().find((one) => one.path.channelId === `ch-${part}`)!;
  return describePath(path, context);
}

describe('what a want takes', () => {
  // The values of the issue: hotspot QO3VES on 70 cm, reflector 1 module C of the family LNK.
  it('is every entry to link, talk, leave, ask and test, each field exactly eight characters, and all agrees', () => {
    const plan = dstarPlan();
    const fields = rows(plan.codeplugs['r2']!.channels).map(({ name, ...one }) =>
      one.mode === 'dstar' ? [name, one.dstar.ur, one.dstar.rpt1, one.dstar.rpt2, one.dstar.duplex, one.power] : [],
    );
    expect(fields).toEqual([
      ['LNK001 C link', 'LNK001CL', 'QO3VES B', 'QO3VES G', true, 'low'],
      ['LNK001 C', 'CQCQCQ  ', 'QO3VES B', 'QO3VES G', true, 'low'],
      ['Unlink', '       U', 'QO3VES B', 'QO3VES G', true, 'low'],
      ['Status', '       I', 'QO3VES B', 'QO3VES G', true, 'low'],
      ['Echo', '       E', 'QO3VES B', 'QO3VES G', true, 'low'],
      ['WAV042 A link', 'WAV042AL', 'QO1MRR B', 'QO1MRR G', true, 'high'],
      ['WAV042 A', 'CQCQCQ  ', 'QO1MRR B', 'QO1MRR G', true, 'high'],
      ['Unlink Merrin', '       U', 'QO1MRR B', 'QO1MRR G', true, 'high'],
      ['Status Merrin', '       I', 'QO1MRR B', 'QO1MRR G', true, 'high'],
      ['Echo Merrin', '       E', 'QO1MRR B', 'QO1MRR G', true, 'high'],
      ['Merrin Ridge', 'CQCQCQ  ', 'QO1MRR B', 'QO1MRR B', true, 'high'],
    ]);
    expect(rows(plan.codeplugs['r2']!.zones).map((zone) => [zone.name, zone.channelIds.length])).toEqual([
      ['Home', 5],
      ['Merrin Ridge', 6],
    ]);
    expect((['dmr', 'dstar', 'c4fm', 'p25'] as const).map((mode) => listensFor(profileOf(plan, 's1'), mode))).toEqual([
      true,
      true,
      false,
      false,
    ]);
    expect(agreementOf(plan)).toMatchObject({ tally: { whole: 15, doubtful: 0, broken: 0 }, findings: [] });
    expect(propose(plan)).toEqual([]);
  });

  it('is made once where several wants need it, and outlives the one it was made for', () => {
    const both: Recipe = (plan) =>
      void putRow(plan.wants, {
        id: 'w-more',
        destination: { ...LNK, module: 'A' } as typeof LNK,
        radioId: 'r2',
        siteId: 's1',
      });
    const plan = built(both);
    expect(
      rows(plan.codeplugs['r2']!.channels)
        .map((one) => one.id)
        .filter((id) => id.includes('w-more')),
    ).toEqual(['ch-w-more-link', 'ch-w-more-talk']);
    const fewer = edit(edit(plan, (draft) => removeRow(draft.wants, 'w-lnk')).plan, carryOut()).plan;
    expect(
      rows(fewer.codeplugs['r2']!.channels)
        .filter((one) => one.siteId === 's1')
        .map((one) => [one.id, one.wantId]),
    ).toEqual([
      ['ch-w-lnk-unlink', 'w-more'],
      ['ch-w-lnk-status', 'w-more'],
      ['ch-w-lnk-echo', 'w-more'],
      ['ch-w-more-link', 'w-more'],
      ['ch-w-more-talk', 'w-more'],
    ]);
    expect(agreementOf(fewer).tally.broken).toBe(0);
    const none = edit(edit(fewer, (draft) => removeRow(draft.wants, 'w-more')).plan, carryOut()).plan;
    expect(rows(none.codeplugs['r2']!.channels).filter((one) => one.siteId === 's1')).toEqual([]);
  });

  it('by call sign, and over a cable with DIRECT', () => {
    const plan = built((draft) => {
      draft.sites.byId['s1']!.dstar!.cable = true;
      putRow(draft.wants, {
        id: 'w-area',
        destination: { mode: 'dstar', kind: 'call-sign', callSign: 'QO1MRR', module: 'B' },
        radioId: 'r2',
        siteId: 's1',
      });
      putRow(draft.wants, {
        id: 'w-tam',
        destination: { mode: 'dstar', kind: 'call-sign', callSign: 'QO4TAM', module: '' },
        radioId: 'r2',
        siteId: 'rp4',
      });
    });
    expect([dstarChannel(plan, 'w-area'), dstarChannel(plan, 'w-tam')].map(({ dstar }) => dstar)).toEqual([
      { ur: '/QO1MRRB', rpt1: 'DIRECT  ', rpt2: 'DIRECT  ', duplex: true },
      { ur: 'QO4TAM  ', rpt1: 'QO1MRR B', rpt2: 'QO1MRR G', duplex: true },
    ]);
    expect(dstarChannel(plan, 'w-lnk-link').dstar).toMatchObject({
      ur: 'LNK001CL',
      rpt1: 'DIRECT  ',
      rpt2: 'DIRECT  ',
    });
    expect(agreementOf(plan)).toMatchObject({ tally: { doubtful: 0, broken: 0 }, findings: [] });
  });
});

describe('a D-STAR path', () => {
  it('shows what each end has and expects, and where the call ends', () => {
    const talk = viewOf('w-lnk-talk');
    expect(talk.call.hops.map((hop) => [hop.id, hop.title])).toEqual([
      ['radio', 'LNK001 C'],
      ['air', '439.1250 MHz'],
      ['site', 'Home'],
      ['gateway', 'QO3VES G'],
      ['network', 'Beacon'],
      ['destination', 'Isles Evening'],
    ]);
    expect(talk.call.hops[3]!.pairs.map(({ name, has }) => [name, has])).toEqual([
      ['RPT2', 'QO3VES·G'],
      ['reaches', 'every family'],
      ['linked to', 'LNK001 C, once “LNK001 C link” is keyed'],
    ]);
    expect(viewOf('w-lnk-unlink').call.hops.map((hop) => hop.title)).toEqual([
      'Unlink',
      '439.1250 MHz',
      'Home',
      'QO3VES G',
      'Unlink at Home',
    ]);
    expect(viewOf('w-near').call.hops.map((hop) => hop.title)).toEqual([
      'Merrin Ridge',
      '431.1000 MHz',
      'Merrin Ridge',
      'who hears Merrin Ridge',
    ]);
  });

  const talk = (change: Recipe) => change;
  it.each<[string, string, Recipe, string]>([
    [
      'without the gateway in RPT2',
      'w-lnk-talk',
      talk((plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt2 = 'QO3VES B')),
      'you will hear LNK001 C, but it will not hear you: RPT2 is not the gateway',
    ],
    [
      'with the gateway of another site',
      'w-lnk-talk',
      talk((plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt2 = 'QO1MRR G')),
      'you will hear LNK001 C, but it will not hear you: RPT2 is not the gateway',
    ],
    [
      'with UR left on the link command',
      'w-lnk-talk',
      talk((plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.ur = 'LNK001CL')),
      'doubtful at the network',
    ],
    [
      'with UR on another command',
      'w-lnk-talk',
      talk((plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.ur = 'LNK001AL')),
      'goes to the wrong place: Beacon, LNK001 A, Isles Evening',
    ],
    [
      'with another module of the site',
      'w-lnk-talk',
      talk((plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO3VES C')),
      'broken at the hotspot',
    ],
    [
      'set to simplex',
      'w-lnk-talk',
      talk((plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.duplex = false)),
      'broken at the air',
    ],
    [
      'without an entry that links',
      'w-lnk-talk',
      talk((plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link')),
      'broken at the gateway',
    ],
    [
      'linked elsewhere, without an entry that links',
      'w-lnk-talk',
      talk((plan) => {
        removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link');
        profileOf(plan, 's1').dstar = { startLink: { reflector: 'WAV042', module: 'A' }, automatic: true };
      }),
      'goes to the wrong place: Breaker, WAV042 A',
    ],
    [
      'linked there from the start, without an entry',
      'w-lnk-talk',
      talk((plan) => {
        removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link');
        profileOf(plan, 's1').dstar = { startLink: { reflector: 'LNK001', module: 'C' }, automatic: true };
      }),
      'whole, both ways',
    ],
    [
      'a start link that is not automatic does not help',
      'w-lnk-talk',
      talk((plan) => {
        removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link');
        profileOf(plan, 's1').dstar = { startLink: { reflector: 'LNK001', module: 'C' }, automatic: false };
      }),
      'broken at the gateway',
    ],
    [
      'a family that the gateway does not reach',
      'w-wav-link',
      talk((plan) => void (plan.sites.byId['rp4']!.dstar!.families = ['SEA'])),
      'broken at the gateway',
    ],
    [
      'a gateway of which nobody has said what it reaches',
      'w-wav-link',
      talk((plan) => void (plan.sites.byId['rp4']!.dstar!.families = [])),
      'whole, both ways',
    ],
    [
      'a repeater of which nobody knows the link',
      'w-wav-talk',
      talk((plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-wav-link')),
      'whole, both ways',
    ],
    [
      'a local call through the gateway',
      'w-near',
      talk((plan) => void (dstarChannel(plan, 'w-near').dstar.rpt2 = 'QO1MRR G')),
      'doubtful at the repeater',
    ],
    [
      'a local call with RPT2 empty',
      'w-near',
      talk((plan) => void (dstarChannel(plan, 'w-near').dstar.rpt2 = ' '.repeat(8))),
      'whole, both ways',
    ],
    [
      'an unlink entry that is none',
      'w-lnk-unlink',
      talk((plan) => void (dstarChannel(plan, 'w-lnk-unlink').dstar.ur = 'U       ')),
      'broken at the gateway',
    ],
    [
      'DIRECT over the air',
      'w-near',
      talk((plan) => Object.assign(dstarChannel(plan, 'w-near').dstar, { rpt1: 'DIRECT  ', rpt2: 'DIRECT  ' })),
      'broken at the repeater',
    ],
    [
      'a letter that is not the band’s',
      'w-near',
      talk((plan) => {
        plan.sites.byId['rp4']!.dstar!.module = 'C';
        dstarChannel(plan, 'w-near').dstar.rpt1 = 'QO1MRR C';
        dstarChannel(plan, 'w-near').dstar.rpt2 = 'QO1MRR C';
      }),
      'whole, both ways',
    ],
    ['no MY', 'w-near', talk((plan) => void (plan.radios.byId['r2']!.dstar!.my = '')), 'broken at the channel'],
    [
      'somebody else’s MY',
      'w-near',
      talk((plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO4TAM')),
      'broken at the channel',
    ],
    [
      'MY with a letter in the eighth place',
      'w-near',
      talk((plan) => void (plan.radios.byId['r2']!.dstar!.my = 'QO3VES P')),
      'whole, both ways',
    ],
  ])('%s', (_, part, change, words) => expect(viewOf(part, change).words).toBe(words));

  it('is held against what the user says the site is linked to', () => {
    const gone: Recipe = (plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-wav-link');
    expect(viewOf('w-wav-talk', gone, { rp4: { reflector: 'WAV042', module: 'A' } }).words).toBe('whole, both ways');
    expect(viewOf('w-wav-talk', gone, { rp4: null }).words).toBe('broken at the gateway');
    expect(viewOf('w-wav-talk', gone, { rp4: { reflector: 'LNK001', module: 'C' } }).words).toBe(
      'goes to the wrong place: Beacon, LNK001 C, Isles Evening',
    );
  });
});
