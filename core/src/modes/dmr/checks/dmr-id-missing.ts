import { defineCheck } from '../../../checks/check';
import { needsDmrId } from '../networks';

export const dmrIdMissing = defineCheck({
  id: 'dmr-id-missing',
  severity: 'broken',
  title: 'DMR ID missing',
  docs: {
    summary: 'The station has no DMR ID.',
    why: 'Radios send the ID with every call, and networks refuse stations without one.',
    remedy: 'Apply for an ID where your country’s amateurs register, then enter it under Station.',
    source: { kind: 'common practice', name: 'amateur DMR networks admit registered IDs only' },
  },
  messages: { missing: 'The station has no DMR ID; expected 7 digits.' },
  fixes: {},
  check(index, report) {
    if (needsDmrId(index.plan) && index.plan.station.dmrId === null)
      report({ message: 'missing', pointer: '/station/dmrId' });
  },
});
