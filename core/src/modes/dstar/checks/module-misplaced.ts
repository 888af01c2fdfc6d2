import { valueCheck } from '../../../checks/value-check';
import { rpt1Fault } from './rpt1';

export const moduleMisplaced = valueCheck({
  id: 'module-misplaced',
  severity: 'broken',
  title: 'Module letter not in the eighth place',
  mode: 'dstar',
  fact: 'rpt1',
  hops: ['site'],
  field: ['dstar', 'rpt1'],
  docs: {
    summary: 'RPT1 has the site’s call sign, and its module letter in another place or not at all.',
    why: 'Only the eighth character says which module is meant: the site does not answer.',
    remedy: 'Put the letter into the eighth place, with spaces before it.',
    source: { kind: 'common practice', name: 'the module stands in the eighth character' },
  },
  messages: {
    misplaced: 'RPT1 is “{has}”; {site} expects “{expects}”, the letter in the eighth place.',
    missing: 'RPT1 is “{has}” without a letter; {site} expects “{expects}”.',
  },
  which({ channel, site }) {
    const fault = rpt1Fault(channel.dstar.rpt1, site!.dstar!.callSign);
    return fault === 'other' ? null : fault;
  },
  press: 'Set RPT1 to {expects}',
});
