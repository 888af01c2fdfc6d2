import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { isUnitId } from '../addresses';
import { eachP25Radio } from './walk';

export const unitIdOutOfRange = defineCheck({
  id: 'unit-id-out-of-range',
  severity: 'broken',
  title: 'No unit ID, or one that cannot be sent',
  fact: 'unit-id',
  docs: {
    summary: 'A P25 radio has no unit ID, or one beyond what individual units may have.',
    why: 'The radio refuses to transmit, or gateways drop the call.',
    remedy: 'Set it to your 7-digit ID.',
    source: { kind: 'from memory', name: 'TIA-102: 24 bits, individual units to 9,999,999' },
  },
  messages: {
    missing: '{radio} has no unit ID; expected {expects}.',
    range: '{radio} has unit ID {has}; expected 1 to 9,999,999.',
  },
  fixes: { set: 'Set it to {expects}' },
  check(index, report) {
    const { dmrId } = index.plan.station;
    eachP25Radio(index, (radio, { unitId }, at) => {
      if (unitId !== null && isUnitId(unitId)) return;
      const pointer = `${at}/unitId`;
      const fixes = dmrId !== null && isUnitId(dmrId) ? [{ id: 'set' as const, patches: [set(pointer, dmrId)] }] : [];
      report({
        message: unitId === null ? 'missing' : 'range',
        data: { radio: radio.name, has: unitId ?? '', expects: dmrId ?? 'your ID' },
        pointer,
        subject: { radioId: radio.id },
        fixes,
      });
    });
  },
});
