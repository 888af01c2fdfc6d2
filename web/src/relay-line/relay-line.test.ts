import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { describePath } from '@relay/core/path/describe';
import { planIndex } from '@relay/core/registries/modes';
import type { Recipe } from '@relay/core/plan/edit';
import { channelOf, samplePlan } from '@relay/core/testing/sample-plan';
import { drawing } from './drawing';
import RelayHop from './RelayHop.vue';
import RelayStrip from './RelayStrip.vue';

const view = (change: Recipe) => {
  const { path, context } = planIndex(samplePlan(change)).paths()[0]!;
  return describePath(path, context);
};

describe('drawing', () => {
  it.each([
    ['whole', () => undefined, 'none solid solid solid solid solid'],
    [
      'a gap before the hotspot',
      (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 3),
      'none solid gap pale pale pale',
    ],
    ['broken at the first hop', (plan) => void (plan.station.callSign = ''), 'none pale pale pale pale pale'],
    [
      'dashed where it is doubtful',
      (plan) => (void (plan.sites.byId['s1']!.distanceM = 0.5), void (channelOf(plan, 'g1').power = 'high')),
      'none dashed dashed solid solid solid',
    ],
  ] as [string, Recipe, string][])('%s', (_, change, strokes) => {
    expect(
      drawing(view(change).call)
        .map((hop) => hop.before)
        .join(' '),
    ).toBe(strokes);
  });

  it('runs whole up to the gap, and begins with the gap where nothing is before it', () => {
    expect(
      drawing(view((plan) => void (channelOf(plan, 'g1').dmr.colorCode = 3)).call).map((hop) => hop.after),
    ).toEqual(['solid', 'solid', 'pale', 'pale', 'pale', 'none']);
    expect(drawing(view((plan) => void (plan.station.callSign = '')).call)[0]!.after).toBe('gap');
  });

  it('draws the reply from the far end', () => {
    const { reply } = view((plan) => {
      plan.radios.byId['r1']!.dmr!.hearsOwnGroup = false;
      plan.codeplugs['r1']!.dmr.receiveLists.byId['rl-n1-s1']!.groups = [588];
    });
    expect(drawing(reply).map((hop) => hop.before)).toEqual(['none', 'solid', 'solid', 'solid', 'solid', 'gap']);
  });
});

describe('hop', () => {
  it('says both values and a word, never colour alone', () => {
    const { call } = view((plan) => void (channelOf(plan, 'g1').dmr.colorCode = 3));
    const hop = mount(RelayHop, { props: { hop: call.hops[2]!, drawn: drawing(call)[2]! } });
    expect(hop.text()).toContain('color code 3, expects 1');
    expect(hop.text()).toContain('broken');
    const large = mount(RelayHop, { props: { hop: call.hops[2]!, drawn: drawing(call)[2]!, large: true } });
    expect(large.text()).toContain('≠ 1');
  });

  it('strip names its verdict', () => {
    expect(
      mount(RelayStrip, { props: { verdict: 'broken', at: 'site', replyOnly: false } }).attributes('aria-label'),
    ).toBe('broken at the hotspot');
    expect(
      mount(RelayStrip, { props: { verdict: 'broken', at: 'radio', replyOnly: true } }).attributes('aria-label'),
    ).toBe('reply broken at the channel');
  });
});
