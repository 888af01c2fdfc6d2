import { defineCheck } from '../../../checks/check';
import { countryOfId, isStationId } from '../addresses';

export const dmrIdCountryUnknown = defineCheck({
  id: 'dmr-id-country-unknown',
  severity: 'doubtful',
  title: 'DMR ID with an unknown country code',
  docs: {
    summary: 'The first three digits of the DMR ID are no assigned country code.',
    why: 'Most likely a digit was mistyped, and your calls would carry a stranger’s ID.',
    remedy: 'Compare the ID with your registration.',
    source: { kind: 'published', name: 'ITU-T E.212' },
  },
  messages: { unknown: 'The DMR ID {has} begins with {code}; expected a country code of ITU-T E.212.' },
  fixes: {},
  check(index, report) {
    const { dmrId } = index.plan.station;
    if (dmrId === null || !isStationId(dmrId) || countryOfId(dmrId) !== null) return;
    report({ message: 'unknown', data: { has: dmrId, code: String(dmrId).slice(0, 3) }, pointer: '/station/dmrId' });
  },
});
