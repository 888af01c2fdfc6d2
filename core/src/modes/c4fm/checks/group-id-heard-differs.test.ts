import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { channelsAt } from '../../../testing/sample-plan';
import { groupIdHeardDiffers } from './group-id-heard-differs';

testCheck(groupIdHeardDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'open for all' },
    { name: 'the one that the site sends', change: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupRx = 5) },
  ],
  invalid: [
    {
      name: 'another',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupRx = 7),
      findings: [
        {
          message: 'differs',
          pointer: roomPointer('w-news', 'c4fm', 'groupRx'),
          says: 'The channel opens for group 07; Dunsel Mixed sends 05.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupRx = 0) },
        },
      ],
    },
    {
      name: 'every channel opens for another group than the hotspot sends',
      change: (plan) => {
        for (const channel of channelsAt(plan, 'r3')) if (channel.mode === 'c4fm') channel.c4fm.groupRx = 3;
      },
      findings: channelsAt(roomsPlan(), 'r3').map(({ id }) => ({
        message: 'differs',
        pointer: `/codeplugs/r3/channels/byId/${id}/c4fm/groupRx`,
        fixes: {
          set: (plan) => void (roomChannel(plan, id.slice('ch-'.length)).c4fm.groupRx = 0),
          site: (plan) => void (plan.sites.byId['s1']!.c4fm!.groupIdOut = 3),
        },
      })),
    },
  ],
});
