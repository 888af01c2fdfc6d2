import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const receivesAnalogOnly = defineCheck({
  id: 'receives-analog-only',
  severity: 'broken',
  title: 'A C4FM channel that is set to analog',
  fact: 'receive',
  docs: {
    summary: 'A channel that is meant for C4FM sends and opens for FM only.',
    why: 'The radio sends FM, which a digital site does not take, and stays silent for everything digital.',
    remedy: 'Set it to auto at a mixed site, else to digital.',
    source: { kind: 'common practice', name: 'auto-sensing, digital only, analog' },
  },
  messages: { analog: 'The channel is set to {has}; expected {expects}.' },
  fixes: { set: 'Set it to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'receive', 'air', (context, fact) => {
      if (fact.state !== 'broken') return;
      reportValue(report, context, ['c4fm', 'receive'], { message: 'analog', data: { has: String(fact.has), expects: String(fact.expects) }, to: fact.expects });
    });
  },
});
