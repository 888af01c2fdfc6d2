import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { frequencyOutsideRadio } from './frequency-outside-radio';

testCheck(frequencyOutsideRadio, {
  valid: [
    { name: 'inside' },
    {
      name: 'heard where the radio only receives',
      change: (plan) => {
        plan.radios.byId['r1']!.receiveOnly = [{ lowHz: 446_000_000, highHz: 447_000_000 }];
        Object.assign(channelOf(plan, 'g1'), { rxHz: 446_500_000, txHz: 446_500_000, purpose: 'receive only' });
      },
    },
    {
      name: 'at the edge',
      change: (plan) => void (plan.radios.byId['r1']!.bands = [{ lowHz: 439_125_000, highHz: 439_125_000 }]),
    },
  ],
  invalid: [
    {
      name: 'sent where the radio only receives',
      change: (plan) => {
        plan.radios.byId['r1']!.receiveOnly = [{ lowHz: 446_000_000, highHz: 447_000_000 }];
        channelOf(plan, 'g1').txHz = 446_500_000;
      },
      findings: [
        {
          message: 'receiveOnly',
          pointer: `${CHANNEL}/txHz`,
          says: 'The channel transmits on 446.5000 MHz; Handheld only receives on 446.0000–447.0000 MHz.',
          fixes: { listen: (plan) => void (channelOf(plan, 'g1').purpose = 'receive only') },
        },
      ],
    },
    {
      name: 'receive outside',
      change: (plan) => void (channelOf(plan, 'g1').rxHz = 500_000_000),
      findings: [
        {
          message: 'outside',
          pointer: `${CHANNEL}/rxHz`,
          says: 'The channel uses 500.0000 / 439.1250 MHz; Handheld tunes 136.0000–174.0000, 400.0000–480.0000 MHz.',
        },
      ],
    },
    {
      name: 'transmit one hertz outside',
      change: (plan) => void (channelOf(plan, 'g1').txHz = 480_000_001),
      findings: [{ message: 'outside', pointer: `${CHANNEL}/rxHz` }],
    },
  ],
});
