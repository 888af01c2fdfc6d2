import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { autoSensingAtMixedSite } from './auto-sensing-at-mixed-site';

testCheck(autoSensingAtMixedSite, {
  plan: roomsPlan,
  valid: [
    { name: 'auto' },
    {
      name: 'digital where there is no FM',
      change: (plan) => {
        plan.sites.byId['rp5']!.fm = null;
        Object.assign(roomChannel(plan, 'w-news').c4fm, { receive: 'digital', toneTx: null });
      },
    },
  ],
  invalid: [
    {
      name: 'digital only',
      change: (plan) => void Object.assign(roomChannel(plan, 'w-news').c4fm, { receive: 'digital', toneTx: null }),
      findings: [
        {
          message: 'digital',
          pointer: roomPointer('w-news', 'c4fm', 'receive'),
          says: 'The channel opens for digital only; Dunsel Mixed passes FM as well.',
          // The FM side needs its tone again.
          fixes: {
            set: (plan) => void Object.assign(roomChannel(plan, 'w-news').c4fm, { receive: 'auto', toneTx: '110.9' }),
          },
        },
      ],
    },
  ],
});
