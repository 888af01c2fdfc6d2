import { defineCheck } from '../../../checks/check';
import { isStationId } from '../addresses';

export const dmrIdMalformed = defineCheck({
  id: 'dmr-id-malformed',
  severity: 'broken',
  title: 'DMR ID malformed',
  docs: {
    summary: 'The station’s DMR ID is not a 7-digit number.',
    why: 'Six digits belong to repeaters, nine are a hotspot’s login; networks do not take either as a station.',
    remedy: 'Enter the 7 digits you were given; a hotspot’s suffix is entered with the hotspot.',
    source: { kind: 'common practice', name: '7-digit amateur IDs; address range by ETSI TS 102 361-1' },
  },
  messages: { malformed: 'The DMR ID is {has} ({digits} digits); expected 7 digits.' },
  fixes: { cut: 'Take the first 7 digits, {expects}' },
  check(index, report) {
    const { dmrId } = index.plan.station;
    if (dmrId === null || isStationId(dmrId)) return;
    const text = String(dmrId);
    const expects = Number(text.slice(0, 7));
    const pointer = '/station/dmrId';
    const fixes =
      text.length === 9 && isStationId(expects)
        ? [
            {
              id: 'cut' as const,
              data: { expects },
              patches: [{ op: 'replace' as const, path: pointer, value: expects }],
            },
          ]
        : [];
    report({ message: 'malformed', data: { has: dmrId, digits: text.length }, pointer, fixes });
  },
});
