import { testCheck } from '../../../testing/check-tester';
import type { Plan } from '../../../plan/types';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { groupNotInReceiveList } from './group-not-in-receive-list';

const AT = `${CHANNEL}/dmr/receiveListId`;
const deaf = (plan: Plan) => void (plan.radios.byId['r1']!.dmr!.hearsOwnGroup = false);
const list = (plan: Plan) => plan.codeplugs['r1']!.dmr.receiveLists.byId['rl-n1-s1']!;

testCheck(groupNotInReceiveList, {
  valid: [
    { name: 'listed', change: deaf },
    { name: 'unlisted on a radio that hears its own group', change: (plan) => void list(plan).groups.shift() },
    {
      name: 'a private call needs no list',
      change: (plan) => (
        deaf(plan),
        void (channelOf(plan, 'echo').dmr.receiveListId = null),
        void (channelOf(plan, 'echo').dmr.call.number = 9991)
      ),
    },
  ],
  invalid: [
    {
      name: 'taken from the list',
      change: (plan) => (deaf(plan), void list(plan).groups.shift()),
      findings: [
        {
          message: 'lacks',
          pointer: AT,
          says: 'The channel calls group 417; its receive list “Lantern” lacks it.',
          fixes: { add: (plan) => void list(plan).groups.push(417) },
        },
      ],
    },
    {
      name: 'no list',
      change: (plan) => (deaf(plan), void (channelOf(plan, 'g1').dmr.receiveListId = null)),
      findings: [
        {
          message: 'none',
          pointer: AT,
          fixes: { use: (plan) => void (channelOf(plan, 'g1').dmr.receiveListId = 'rl-n1-s1') },
        },
      ],
    },
    {
      name: 'a full list',
      change: (plan) => {
        deaf(plan);
        list(plan).groups.shift();
        plan.radios.byId['r1']!.limits.groupsPerReceiveList = 2;
      },
      findings: [{ message: 'lacks', pointer: AT }],
    },
  ],
});
