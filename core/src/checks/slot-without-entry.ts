import { recallEntries, recallingHotspots, slotWords } from '../path/recall';
import { toPointer } from '../plan/patches';
import { rows } from '../plan/table';
import { defineCheck } from './check';

export const slotWithoutEntry = defineCheck({
  id: 'slot-without-entry',
  severity: 'note',
  title: 'No radio recalls a stored profile',
  docs: {
    summary: 'A slot of a hotspot holds a profile, and no radio of the plan has an entry that recalls it.',
    why: 'You cannot choose it from the radio in your hand.',
    remedy: 'Build the missing entries under Recall by radio, or take the slot out.',
    source: { kind: 'common practice', name: 'every slot needs its entry in the radios' },
  },
  messages: { none: 'No radio recalls {slot} of {site}.' },
  fixes: {},
  check(index, report) {
    const { plan, modes } = index;
    for (const site of recallingHotspots(plan)) {
      for (const slot of rows(site.recall)) {
        if (slot.profileId === null || recallEntries(plan, modes, site, slot).some((one) => one.sendsIt)) continue;
        report({
          message: 'none',
          data: { slot: slotWords(plan, site, slot), site: site.name },
          pointer: toPointer(['sites', 'byId', site.id, 'recall', 'byId', slot.id]),
          subject: { siteId: site.id },
        });
      }
    }
  },
});
