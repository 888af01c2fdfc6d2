import { defineCheck } from '../../../checks/check';
import { countryOfId, isStationId } from '../addresses';

export const dmrIdCountryUnknown = defineCheck({
  id: 'dmr-id-country-unknown',
  severity: 'note',
  title: 'DMR ID with an unknown country code',
  docs: {
    summary: 'The first three digits of the DMR ID are no assigned country code.',
    why: 'Registries also give IDs outside the country codes; but a mistyped digit would make your calls carry a stranger’s ID.',
    remedy: 'Compare the ID with your registration.',
    source: { kind: 'published', name: 'ITU-T E.212' },
  },
  messages: { unknown: 'The DMR ID {has} begins with {code}, which is no country code that is known here.' },
  fixes: {},
  check(index, report) {
    const { dmrId } = index.plan.station;
    if (dmrId === null || !isStationId(dmrId) || countryOfId(dmrId) !== null) return;
    report({ message: 'unknown', data: { has: dmrId, code: String(dmrId).slice(0, 3) }, pointer: '/station/dmrId' });
  },
});
