import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { channelsAt } from '../../../testing/sample-plan';
import { groupIdDiffers } from './group-id-differs';

testCheck(groupIdDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'the repeater’s 05' },
    {
      name: 'beside an open site is told of elsewhere',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.groupTx = 5),
    },
  ],
  invalid: [
    {
      name: '00 at a repeater that takes 05',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupTx = 0),
      findings: [
        {
          message: 'differs',
          pointer: roomPointer('w-news', 'c4fm', 'groupTx'),
          says: 'The channel sends group 00; Dunsel Mixed takes 05.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.groupTx = 5) },
        },
      ],
    },
    {
      name: 'the hotspot was changed',
      change: (plan) => void (plan.sites.byId['s1']!.c4fm!.groupIdIn = 7),
      findings: channelsAt(roomsPlan(), 'r3').map(({ id }) => ({
        message: 'differs',
        pointer: `/codeplugs/r3/channels/byId/${id}/c4fm/groupTx`,
        fixes: {
          set: (plan) => void (roomChannel(plan, id.slice('ch-'.length)).c4fm.groupTx = 7),
          site: (plan) => void (plan.sites.byId['s1']!.c4fm!.groupIdIn = 0),
        },
      })),
    },
  ],
});
