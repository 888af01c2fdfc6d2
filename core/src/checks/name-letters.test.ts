import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { nameLetters } from './name-letters';

testCheck(nameLetters, {
  valid: [
    {
      name: 'letters that are not known',
      change: (plan) => void (channelOf(plan, 'g1').name = 'Kålv'),
    },
    {
      name: 'a radio with every letter',
      change: (plan) => {
        plan.radios.byId['r1']!.letters = 'any';
        channelOf(plan, 'g1').name = 'Kålv';
      },
    },
    { name: 'plain names', change: (plan) => void (plan.radios.byId['r1']!.letters = 'plain') },
  ],
  invalid: [
    {
      name: 'an accent',
      change: (plan) => {
        plan.radios.byId['r1']!.letters = 'plain';
        channelOf(plan, 'g1').name = 'Kålv Tårn';
      },
      findings: [
        {
          message: 'other',
          pointer: `${CHANNEL}/name`,
          says: '“Kålv Tårn” has letters that Handheld does not show; expected letters without accents.',
          fixes: { rename: (plan) => void (channelOf(plan, 'g1').name = 'Kalv Tarn') },
        },
      ],
    },
  ],
});
