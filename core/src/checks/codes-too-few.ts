import { networkModesOf } from '../path/mode-path';
import { recallEntries, recallingHotspots, slotWords } from '../path/recall';
import { toPointer } from '../plan/patches';
import { rows } from '../plan/table';
import { couldRecall, lackOf } from './recall-entry';
import { defineCheck } from './check';

export const codesTooFew = defineCheck({
  id: 'codes-too-few',
  severity: 'note',
  title: 'A radio keeps fewer codes than there are slots',
  docs: {
    summary:
      'A radio recalls some slots of a hotspot by stored codes, keeps as many codes as it can, and has none for another slot.',
    why: 'That profile cannot be recalled from this radio.',
    remedy: 'Give up another code, recall it from another radio, or correct how many codes the radio keeps.',
    source: { kind: 'common practice', name: 'from C4FM a slot is recalled by a stored tone code' },
  },
  messages: { full: '{radio} keeps {most} codes: {slot} of {site} cannot be recalled from it.' },
  fixes: {},
  check(index, report) {
    const { plan, modes } = index;
    for (const site of recallingHotspots(plan)) {
      for (const radio of rows(plan.radios)) {
        for (const { id: mode, recall } of networkModesOf(modes)) {
          if (!recall?.codes || !couldRecall(radio, site, mode)) continue;
          const slots = rows(site.recall).filter((slot) => slot.profileId !== null);
          const uses = slots.some((slot) =>
            recallEntries(plan, modes, site, slot).some((one) => one.radio.id === radio.id && one.codeId !== null),
          );
          if (!uses) continue;
          for (const slot of slots) {
            if (lackOf(plan, modes, site, slot, radio, mode) !== 'no room') continue;
            report({
              message: 'full',
              data: {
                radio: radio.name,
                most: recall.codes.most(radio),
                slot: slotWords(plan, site, slot),
                site: site.name,
              },
              pointer: toPointer(['radios', 'byId', radio.id, mode, 'slots', slot.id]),
              subject: { radioId: radio.id, siteId: site.id },
            });
          }
        }
      }
    }
  },
});
