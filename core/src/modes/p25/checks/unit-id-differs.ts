import { defineCheck } from '../../../checks/check';
import { ownIdPatch, set } from '../../../checks/walk';
import { isOwnId } from '../../../plan/station';
import { isUnitId } from '../addresses';
import { eachP25Radio } from './walk';

export const unitIdDiffers = defineCheck({
  id: 'unit-id-differs',
  severity: 'broken',
  title: 'The unit ID is not the station’s',
  fact: 'unit-id',
  docs: {
    summary: 'A P25 radio calls under another ID than the one the station is registered under.',
    why: 'Others see somebody else’s call sign, and networks that know the other one may refuse you.',
    remedy: 'Set it to your own ID. Networks take the ID that is used for DMR.',
    source: { kind: 'common practice', name: 'the same 7-digit ID for DMR and P25' },
  },
  messages: { differs: '{radio} has unit ID {has}; the station is {expects}.' },
  fixes: { set: 'Set it to {expects}', own: '{has} is registered to me too' },
  check(index, report) {
    const { dmrId } = index.plan.station;
    eachP25Radio(index, (radio, { unitId }, at) => {
      if (dmrId === null || unitId === null || !isUnitId(unitId) || isOwnId(index.plan, unitId)) return;
      const pointer = `${at}/unitId`;
      report({
        message: 'differs',
        data: { radio: radio.name, has: unitId, expects: dmrId },
        pointer,
        subject: { radioId: radio.id },
        fixes: [
          { id: 'set', patches: [set(pointer, dmrId)] },
          { id: 'own', patches: [ownIdPatch(unitId)] },
        ],
      });
    });
  },
});
