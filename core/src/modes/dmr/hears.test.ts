import { describe, expect, it } from 'vitest';
import { edit, type Recipe } from '../../plan/edit';
import { planIndex } from '../../registries/modes';
import { profileOf } from '../../testing/profile-of';
import { headChannel, sitesPlan } from '../../testing/sample-sites';
import { channelOf } from '../../testing/sample-plan';
import { hearsNow } from './hears';

const heard = (change: Recipe = () => undefined, which = channelOf) => {
  const plan = edit(sitesPlan(), change).plan;
  return hearsNow(planIndex(plan), 'r1', which(plan, 'g1'));
};
const words = (all: ReturnType<typeof heard>) =>
  all.map(({ number, activity, comes }) => `${number} ${activity?.is ?? 'nowhere'}${comes ? '' : ', not heard'}`);

describe('what a radio would hear now', () => {
  it('is what its receive list holds, as the hotspot carries it', () => {
    expect(words(heard())).toEqual(['417 asleep', '588 asleep', '591 asleep']);
    const bound = heard((plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = ['g2']));
    expect(words(bound)).toEqual(['417 asleep', '588 static', '591 asleep']);
  });

  it('of a repeater is what is bound to the slot of the channel', () => {
    const all = heard(() => undefined, headChannel);
    expect(all.find(({ number }) => number === 417)).toMatchObject({
      activity: { is: 'static' },
      comes: true,
      name: 'Hask Wide',
    });
    // Bound to the other slot.
    expect(all.find(({ number }) => number === 588)?.activity?.is).not.toBe('static');
  });

  it('without a list is the channel’s own group, on a radio that opens for it', () => {
    const alone: Recipe = (plan) => void (channelOf(plan, 'g1').dmr.receiveListId = null);
    expect(heard((plan) => (alone(plan), void (plan.radios.byId['r1']!.dmr!.hearsOwnGroup = false)))).toEqual([]);
    expect(heard((plan) => (alone(plan), void (plan.radios.byId['r1']!.dmr!.hearsOwnGroup = true)))).toMatchObject([
      { number: 417, by: 'own', comes: true },
    ]);
  });

  it('without a site nothing comes', () => {
    expect(words(heard((plan) => void (channelOf(plan, 'g1').siteId = null)))[0]).toBe('417 nowhere, not heard');
  });
});
