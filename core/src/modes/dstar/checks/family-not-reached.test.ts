import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan } from '../../../testing/sample-dstar';
import { edit } from '../../../plan/edit';
import { putRow, removeRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { familyNotReached } from './family-not-reached';

/** The want and both of its channels come through the hotspot. */
function move(plan: Plan): void {
  plan.wants.byId['w-wav']!.siteId = 's1';
  for (const [part, ur] of [
    ['w-wav-link', 'WAV042AL'],
    ['w-wav-talk', 'CQCQCQ  '],
  ] as const) {
    const channel = dstarChannel(plan, part);
    const values = {
      rxHz: 439_125_000,
      txHz: 439_125_000,
      power: 'low' as const,
      dstar: { ur, rpt1: 'QO3VES B', rpt2: 'QO3VES G', duplex: true },
    };
    Object.assign(channel, { siteId: 's1', ...values, built: { ...channel.built, ...values } });
  }
}

function drop(plan: Plan): void {
  const mended = edit(plan, (draft) => {
    removeRow(draft.wants, 'w-wav');
    for (const part of ['link', 'talk']) removeRow(draft.codeplugs['r2']!.channels, `ch-w-wav-${part}`);
  }).plan;
  Object.assign(plan, mended);
}

const at = (part: 'link' | 'talk') => `/codeplugs/r2/channels/byId/ch-w-wav-${part}/destination`;

testCheck(familyNotReached, {
  plan: dstarPlan,
  valid: [
    { name: 'reached' },
    { name: 'every one', change: (plan) => void (plan.sites.byId['rp4']!.dstar!.families = null) },
    { name: 'unsaid is told of elsewhere', change: (plan) => void (plan.sites.byId['rp4']!.dstar!.families = []) },
  ],
  invalid: [
    {
      name: 'link and talk, taken through the hotspot',
      change: (plan) => void (plan.sites.byId['rp4']!.dstar!.families = ['SEA']),
      findings: [
        {
          message: 'open',
          pointer: at('link'),
          says: 'The gateway of Merrin Ridge reaches SEA; family WAV is not among them. Home reaches it.',
          fixes: { move },
        },
        { message: 'open', pointer: at('talk'), fixes: { move } },
      ],
    },
    {
      name: 'nobody else reaches it',
      change: (plan) => {
        plan.sites.byId['rp4']!.dstar!.families = ['SEA', 'LNK'];
        plan.sites.byId['s1']!.dstar!.families = ['LNK'];
      },
      findings: [
        {
          message: 'closed',
          pointer: at('link'),
          says: 'The gateway of Merrin Ridge reaches SEA, LNK; family WAV is not among them.',
        },
        { message: 'closed', pointer: at('talk') },
      ],
    },
    {
      name: 'wanted through the hotspot already',
      change: (plan) => {
        plan.sites.byId['rp4']!.dstar!.families = ['SEA'];
        putRow(plan.wants, { ...plan.wants.byId['w-wav']!, id: 'w-wav-home', siteId: 's1' });
      },
      findings: [
        { message: 'open', pointer: at('link'), fixes: { drop } },
        { message: 'open', pointer: at('talk'), fixes: { drop } },
      ],
    },
    {
      name: 'a channel without a want',
      change: (plan) => {
        plan.sites.byId['rp4']!.dstar!.families = ['SEA'];
        removeRow(plan.codeplugs['r2']!.channels, 'ch-w-wav-talk');
        Object.assign(dstarChannel(plan, 'w-wav-link'), { wantId: null, built: null });
      },
      findings: [
        {
          message: 'open',
          pointer: at('link'),
          fixes: {
            move: (plan) => {
              Object.assign(dstarChannel(plan, 'w-wav-link'), {
                siteId: 's1',
                rxHz: 439_125_000,
                txHz: 439_125_000,
                power: 'low',
                dstar: { ur: 'WAV042AL', rpt1: 'QO3VES B', rpt2: 'QO3VES G', duplex: true },
              });
            },
          },
        },
      ],
    },
  ],
});
