import { testCheck } from '../testing/check-tester';
import type { Plan } from '../plan/types';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { frequencyOutsideLicence } from './frequency-outside-licence';

/** The hotspot and its channels together, as the fix does. */
const moveAll = (hz: number) => (plan: Plan) => {
  Object.assign(plan.sites.byId['s1']!, { rxHz: hz, txHz: hz });
  for (const channel of Object.values(plan.codeplugs['r1']!.channels.byId))
    Object.assign(channel, { rxHz: hz, txHz: hz });
};

testCheck(frequencyOutsideLicence, {
  valid: [
    { name: '439.125 MHz in Region 1' },
    { name: 'a channel just inside the upper edge', change: moveAll(439_993_750) },
    {
      name: '147 MHz in Region 2',
      change: (plan) => (moveAll(147_000_000)(plan), void (plan.station.region = 'itu-2')),
    },
  ],
  invalid: [
    {
      name: '147 MHz in Region 1',
      change: moveAll(147_000_000),
      findings: [
        {
          message: 'site',
          pointer: '/sites/byId/s1/txHz',
          says: 'Home is on 147.0000 MHz; the nearest amateur band of ITU Region 1 is 2 m, 144.0000–146.0000 MHz.',
          fixes: { move: moveAll(145_787_500) },
        },
      ],
    },
    {
      name: 'half the channel over the edge',
      change: moveAll(440_000_000),
      findings: [{ message: 'site', pointer: '/sites/byId/s1/txHz', fixes: { move: moveAll(439_987_500) } }],
    },
    {
      name: 'the receive side of a duplex hotspot, and the pair moves together',
      change: (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 430_500_000, rxHz: 425_500_000 }),
      findings: [
        {
          message: 'site',
          pointer: '/sites/byId/s1/rxHz',
          says: 'Home listens on 425.5000 MHz; the nearest amateur band of ITU Region 1 is 70 cm, 430.0000–440.0000 MHz.',
          fixes: {
            // Both sides stay 5 MHz apart; 435 to 438 MHz is for satellites, so 433 to 430 and 438 to 433 are the nearest.
            move: (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 438_012_500, rxHz: 433_012_500 }),
          },
        },
      ],
    },
    {
      name: 'beyond the country’s narrower edges',
      change: (plan) => void (plan.station.edges = { '70 cm': { lowHz: 430_000_000, highHz: 439_000_000 } }),
      findings: [
        {
          message: 'site',
          pointer: '/sites/byId/s1/txHz',
          says: 'Home is on 439.1250 MHz; the nearest amateur band of ITU Region 1, as your country has them, is 70 cm, 430.0000–439.0000 MHz.',
          fixes: { move: moveAll(438_987_500) },
        },
      ],
    },
    {
      name: 'a channel without a site: a weather station, perhaps',
      change: (plan) =>
        void Object.assign(channelOf(plan, 'g1'), {
          siteId: null,
          destination: null,
          rxHz: 162_550_000,
          txHz: 162_550_000,
        }),
      findings: [
        {
          message: 'channel',
          pointer: `${CHANNEL}/txHz`,
          fixes: { receive: (plan) => void (channelOf(plan, 'g1').purpose = 'receive only') },
        },
      ],
    },
    {
      name: 'only a channel transmits outside',
      change: (plan) => void (channelOf(plan, 'g1').txHz = 446_000_000),
      findings: [{ message: 'channel', pointer: `${CHANNEL}/txHz` }],
    },
  ],
});
