import { testCheck } from '../testing/check-tester';
import type { Plan } from '../plan/types';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { satelliteSegment } from './satellite-segment';

const moveAll = (hz: number) => (plan: Plan) => {
  Object.assign(plan.sites.byId['s1']!, { rxHz: hz, txHz: hz });
  for (const channel of Object.values(plan.codeplugs['r1']!.channels.byId))
    Object.assign(channel, { rxHz: hz, txHz: hz });
};

testCheck(satelliteSegment, {
  valid: [
    { name: 'above it' },
    {
      name: 'up to a satellite',
      change: (plan) =>
        void Object.assign(channelOf(plan, 'g1'), {
          siteId: null,
          destination: null,
          purpose: 'satellite',
          rxHz: 145_960_000,
          txHz: 435_250_000,
        }),
    },
    {
      name: 'only heard',
      change: (plan) =>
        void Object.assign(channelOf(plan, 'g1'), {
          siteId: null,
          destination: null,
          purpose: 'receive only',
          rxHz: 145_800_000,
          txHz: 145_800_000,
        }),
    },
    { name: 'the last channel below it', change: moveAll(434_987_500) },
    { name: 'the first channel above it', change: moveAll(438_012_500) },
  ],
  invalid: [
    {
      name: '435.5 MHz, because it is round',
      change: moveAll(435_500_000),
      findings: [
        {
          message: 'site',
          pointer: '/sites/byId/s1/txHz',
          says: 'Home is on 435.5000 MHz, in the 70 cm satellite segment (435.0000–438.0000 MHz).',
          fixes: { move: moveAll(434_987_500) },
        },
      ],
    },
    {
      name: 'reaching in by half a channel',
      change: moveAll(434_996_000),
      findings: [{ message: 'site', pointer: '/sites/byId/s1/txHz', fixes: { move: moveAll(434_987_500) } }],
    },
    {
      name: 'the receive side of a duplex hotspot, and the pair moves together',
      change: (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 430_500_000, rxHz: 435_500_000 }),
      findings: [
        {
          message: 'site',
          pointer: '/sites/byId/s1/rxHz',
          says: 'Home listens on 435.5000 MHz, in the 70 cm satellite segment (435.0000–438.0000 MHz).',
          fixes: {
            move: (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 433_012_500, rxHz: 438_012_500 }),
          },
        },
      ],
    },
    {
      name: 'a channel without a site, on one frequency',
      change: (plan) =>
        void Object.assign(channelOf(plan, 'g1'), {
          siteId: null,
          destination: null,
          rxHz: 145_900_000,
          txHz: 145_900_000,
        }),
      findings: [
        {
          message: 'channel',
          pointer: `${CHANNEL}/txHz`,
          fixes: { satellite: (plan) => void (channelOf(plan, 'g1').purpose = 'satellite') },
        },
      ],
    },
    {
      name: 'only a channel',
      change: (plan) => void (channelOf(plan, 'g1').txHz = 145_900_000),
      findings: [{ message: 'channel', pointer: `${CHANNEL}/txHz` }],
    },
  ],
});
