import type { Hotspot, Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { channelOf, dmrChannel } from '../testing/sample-plan';
import { recallPlan } from '../testing/sample-recall';
import { rows } from '../plan/table';
import { recallDiffers } from './recall-differs';

const ID = 'ch-recall-slot3-dmr';
const third = (plan: Plan) => dmrChannel(plan, 'r1', ID);
const contacts = (plan: Plan) => plan.codeplugs['r1']!.dmr.contacts;
const slot = (plan: Plan, n: number) => (plan.sites.byId['s1'] as Hotspot).recall.byId[`slot${n}`]!;

testCheck(recallDiffers, {
  plan: recallPlan,
  valid: [
    { name: 'each recalls its own' },
    {
      name: 'a channel that says no destination may mean the slot that it recalls',
      change: (plan) => void (third(plan).destination = null),
    },
  ],
  invalid: [
    {
      name: 'it recalls another slot',
      change: (plan) => void (third(plan).dmr.call.number = 990_002),
      findings: [
        {
          message: 'other',
          pointer: `/codeplugs/r1/channels/byId/${ID}/dmr`,
          says: '3 D-STAR only is to recall slot 3, D-STAR only of Home; what it sends recalls slot 2, DMR only.',
          fixes: { send: (plan) => void (third(plan).dmr.call.number = 990_003) },
        },
      ],
    },
    {
      name: 'what it sends recalls nothing any more: the manual was read again',
      change: (plan) => void (slot(plan, 3).calls.dmr = '990013'),
      findings: [
        {
          message: 'other',
          pointer: `/codeplugs/r1/channels/byId/${ID}/dmr`,
          fixes: {
            send: (plan) => {
              third(plan).dmr.call.number = 990_013;
              const id = 'ct-g990013';
              contacts(plan).byId[id] = {
                id,
                name: `${rows(contacts(plan)).find((one) => one.number === 990_003)!.name} 2`,
                kind: 'group',
                number: 990_013,
              };
              contacts(plan).order.push(id);
            },
          },
        },
      ],
    },
    {
      name: 'nobody says any more what recalls it',
      change: (plan) => void (slot(plan, 3).calls.dmr = ''),
      findings: [
        {
          message: 'unsaid',
          pointer: `/codeplugs/r1/channels/byId/${ID}/dmr`,
          says: '3 D-STAR only is to recall slot 3, D-STAR only of Home; nobody has said what recalls that from DMR.',
        },
      ],
    },
    {
      name: 'a group that one talks on is the call of a slot',
      change: (plan) => void (slot(plan, 3).calls.dmr = String(channelOf(plan, 'g1').dmr.call.number)),
      findings: [
        {
          message: 'taken',
          pointer: '/codeplugs/r1/channels/byId/ch-w-g1/dmr',
          says: 'Hask Wide sends what recalls slot 3, D-STAR only of Home: the hotspot takes the call, and it goes nowhere else.',
        },
        {
          message: 'other',
          pointer: `/codeplugs/r1/channels/byId/${ID}/dmr`,
          fixes: { send: (plan) => void (third(plan).dmr.call.number = 417) },
        },
      ],
    },
  ],
});
