import { networkModesOf } from '../path/mode-path';
import { recallingHotspots, slotNumber } from '../path/recall';
import { toPointer } from '../plan/patches';
import { rows } from '../plan/table';
import { defineCheck } from './check';

export const recallCallUnfit = defineCheck({
  id: 'recall-call-unfit',
  severity: 'broken',
  title: 'What recalls a slot cannot be sent, or recalls two',
  docs: {
    summary:
      'The call of a slot is nothing that a radio of that mode can send, or two slots of a hotspot have the same.',
    why: 'No radio can recall the slot, or it gets another one.',
    remedy: 'Look in the hotspot’s manual, and enter what it says.',
  },
  messages: {
    unfit: '{site}: slot {slot} is recalled from {mode} by “{has}”; expected {expects}.',
    twice: '{site}: slots {other} and {slot} are both recalled from {mode} by {has}; expected one each.',
  },
  fixes: { clear: 'Take it out of slot {slot}' },
  check(index, report) {
    for (const site of recallingHotspots(index.plan)) {
      for (const { id: mode, name, recall } of networkModesOf(index.modes)) {
        const seen = new Map<string, number>();
        for (const { id, calls } of rows(site.recall)) {
          const has = calls[mode];
          if (has === '' || !recall) continue;
          const slot = slotNumber(site, id);
          const expects = recall.expected(has);
          const other = seen.get(has);
          seen.set(has, other ?? slot);
          if (expects === null && other === undefined) continue;
          const pointer = toPointer(['sites', 'byId', site.id, 'recall', 'byId', id, 'calls', mode]);
          const data = { site: site.name, mode: name, slot, has };
          report({
            ...(expects === null
              ? { message: 'twice' as const, data: { ...data, other: other! } }
              : { message: 'unfit' as const, data: { ...data, expects } }),
            pointer,
            subject: { siteId: site.id },
            fixes: [{ id: 'clear', patches: [{ op: 'replace', path: pointer, value: '' }] }],
          });
        }
      }
    }
  },
});
