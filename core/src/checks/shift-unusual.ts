import { formatShiftMHz } from '../units/quantities';
import { usualShiftsHz } from '../units/shifts';
import { defineCheck } from './check';
import { eachRepeater } from './walk';

export const shiftUnusual = defineCheck({
  id: 'shift-unusual',
  severity: 'note',
  title: 'A repeater’s shift is unusual for its band and region',
  docs: {
    summary:
      'A repeater is listed with a shift that its band seldom has in your region: often a sign or a digit lost in a list.',
    why: 'Every channel built from it would transmit where the repeater may not listen.',
    remedy: 'Compare with another list or ask its keeper; correct it once under Sites.',
    source: { kind: 'common practice', name: 'shifts by band and region' },
  },
  messages: {
    unusual: '{site} listens at {has} MHz from where it sends; usual here: {expects}.',
    simplex: '{site} listens where it sends; usual here: {expects}.',
  },
  fixes: {},
  check(index, report) {
    eachRepeater(index.plan, (site, pointer) => {
      const usual = usualShiftsHz(site.txHz, site.rxHz, index.plan.station.region);
      const shift = site.rxHz - site.txHz;
      if (!usual || usual.includes(shift)) return;
      const data = { site: site.name, has: formatShiftMHz(shift), expects: usual.map(formatShiftMHz).join(', ') };
      report({
        message: shift === 0 ? 'simplex' : 'unusual',
        data,
        pointer: `${pointer}/rxHz`,
        subject: { siteId: site.id },
      });
    });
  },
});
