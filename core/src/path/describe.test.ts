import { describe, expect, it } from 'vitest';
import { putRow } from '../plan/table';
import type { Plan } from '../plan/types';
import { planIndex } from '../registries/modes';
import { channelOf, samplePlan } from '../testing/sample-plan';
import { fmChannel, repeaterOf, sitesPlan } from '../testing/sample-sites';
import { routedPlan } from '../testing/sample-routes';
import { profileOf } from '../testing/profile-of';
import { describePath } from './describe';

function said(plan: Plan, channelId: string): string {
  const { path, context } = planIndex(plan, { today: '2026-11-23' })
    .paths()
    .find((one) => one.context.channel.id === channelId)!;
  return describePath(path, context).words;
}

describe('what a path comes to, in words', () => {
  it.each<[string, string]>([
    [said(samplePlan(), 'ch-w-g1'), 'whole, both ways'],
    [
      said(
        samplePlan((plan) => void (channelOf(plan, 'g1').dmr.colorCode = 9)),
        'ch-w-g1',
      ),
      'broken at the hotspot',
    ],
    [
      said(
        samplePlan((plan) => void (channelOf(plan, 'g1').dmr.call.number = 588)),
        'ch-w-g1',
      ),
      'goes to the wrong place: Lantern, group 588, Ostrey All',
    ],
    [
      said(
        sitesPlan((plan) => void (fmChannel(plan).fm.widthHz = 25_000)),
        fmChannel(sitesPlan()).id,
      ),
      'doubtful at the air',
    ],
    [
      said(
        routedPlan((plan) => {
          profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds.push('g1');
          channelOf(plan, 'g1').dmr.call.number = 417;
          putRow(plan.codeplugs['r1']!.dmr.contacts, { id: 'ct-417', name: 'Hask', kind: 'group', number: 417 });
        }),
        'ch-w-g1',
      ),
      'reply doubtful at the gateway',
    ],
    [
      said(
        sitesPlan((plan) => {
          fmChannel(plan).fm.toneRx = '110.9';
          repeaterOf(plan, 'rp3').fm!.toneOut = '88.5';
        }),
        fmChannel(sitesPlan()).id,
      ),
      'you can talk but will not hear: broken at the repeater',
    ],
    [
      said(
        samplePlan((plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.enabled = false)),
        'ch-w-g1',
      ),
      'broken at the gateway',
    ],
  ])('%s', (words, expected) => expect(words).toBe(expected));
});
