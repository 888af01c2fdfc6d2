import { defineCheck } from '../../../checks/check';
import { isOwnId } from '../../../plan/station';
import { ownIdPatch, set } from '../../../checks/walk';
import { rows } from '../../../plan/table';
import type { Id, Plan } from '../../../plan/types';
import { isStationId } from '../addresses';

/** Whether a radio has DMR channels and sends on none of them: hearing takes no ID. */
function onlyHears(plan: Plan, radioId: Id): boolean {
  const channels = rows(plan.codeplugs[radioId]!.channels).filter((one) => one.mode === 'dmr');
  return channels.length > 0 && channels.every((one) => one.purpose === 'receive only');
}

export const radioIdDiffers = defineCheck({
  id: 'radio-id-differs',
  severity: 'broken',
  title: 'Radio without an ID, or with another’s',
  fact: 'own-id',
  docs: {
    summary: 'A radio’s own DMR ID is missing or is not the station’s.',
    why: 'A radio with a borrowed codeplug speaks under the lender’s ID.',
    remedy: 'Set the radio’s ID to your own.',
    source: { kind: 'common practice', name: 'one ID for all radios of an operator' },
  },
  messages: {
    missing: '{radio} has no DMR ID; the station has {expects}.',
    differs: '{radio} has DMR ID {has}; the station has {expects}.',
  },
  fixes: { set: 'Set {radio} to {expects}', own: '{has} is registered to me too' },
  check(index, report) {
    const expects = index.plan.station.dmrId;
    if (expects === null || !isStationId(expects)) return;
    for (const radio of rows(index.plan.radios)) {
      if (radio.dmr === null || isOwnId(index.plan, radio.dmr.id)) continue;
      if (radio.dmr.id === null && onlyHears(index.plan, radio.id)) continue;
      const pointer = `/radios/byId/${radio.id}/dmr/id`;
      const data = { radio: radio.name, expects, has: radio.dmr.id ?? 'none' };
      report({
        message: radio.dmr.id === null ? 'missing' : 'differs',
        data,
        pointer,
        subject: { radioId: radio.id },
        fixes: [
          { id: 'set', patches: [set(pointer, expects)] },
          ...(radio.dmr.id !== null && isStationId(radio.dmr.id)
            ? [{ id: 'own' as const, patches: [ownIdPatch(radio.dmr.id)] }]
            : []),
        ],
      });
    }
  },
});
