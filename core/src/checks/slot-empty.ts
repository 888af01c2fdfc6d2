import { recallEntries, recallingHotspots, slotNumber } from '../path/recall';
import { toPointer } from '../plan/patches';
import { rows } from '../plan/table';
import { defineCheck } from './check';

export const slotEmpty = defineCheck({
  id: 'slot-empty',
  severity: 'doubtful',
  title: 'An entry recalls a slot that holds nothing',
  docs: {
    summary: 'A radio has an entry for a slot of a hotspot, and the plan does not say which profile the slot holds.',
    why: 'The hotspot does nothing, or loads what was stored there long ago.',
    remedy: 'Say which profile the slot holds, or take the entry out of the radio.',
  },
  messages: { empty: '{radio} recalls slot {slot} of {site} by {entry}, and nothing is said to be in it.' },
  fixes: {},
  check(index, report) {
    const { plan, modes } = index;
    for (const site of recallingHotspots(plan)) {
      for (const slot of rows(site.recall)) {
        const [first] = slot.profileId === null ? recallEntries(plan, modes, site, slot) : [];
        if (!first) continue;
        report({
          message: 'empty',
          data: { radio: first.radio.name, slot: slotNumber(site, slot.id), site: site.name, entry: first.name },
          pointer: toPointer(['sites', 'byId', site.id, 'recall', 'byId', slot.id, 'profileId']),
          subject: { siteId: site.id },
        });
      }
    }
  },
});
