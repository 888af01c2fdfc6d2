import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { baseCallSign } from '../../../units/call-signs';
import { toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import { FIELD_LENGTH } from '../../../plan/modes/dstar/limits';

/** What stands before the module letter: seven characters of the field. */
const MOST = FIELD_LENGTH - 1;

export const siteCallSignUnfit = defineCheck({
  id: 'site-call-sign-unfit',
  severity: 'broken',
  title: 'A D-STAR site whose call sign does not fit its field',
  docs: {
    summary:
      'The D-STAR call sign of a site is empty, longer than seven characters, or has letters that the header does not have.',
    why: 'RPT1 and RPT2 hold seven characters and the module letter: a longer call sign is cut there, and no site answers to it.',
    remedy:
      'Take the call sign without /P or a country before it: in D-STAR, what is added stands in the suffix of MY.',
    source: { kind: 'published', name: 'JARL, D-STAR system standard (fields of eight characters)' },
  },
  messages: {
    long: '{site} has the D-STAR call sign {has}, {length} characters; expected at most {most}.',
    empty: '{site} has no D-STAR call sign; expected one.',
    letters: '{site} has the D-STAR call sign {has}; expected capital letters and digits.',
  },
  fixes: { set: 'Set it to {expects}' },
  check(index, report) {
    const own = index.plan.station.callSign;
    for (const site of rows(index.plan.sites)) {
      if (!site.dstar) continue;
      const { callSign: has } = site.dstar;
      const message =
        has.trim() === '' ? 'empty' : has.length > MOST ? 'long' : /^[A-Z0-9/]+$/.test(has) ? null : 'letters';
      if (message === null) continue;
      const expects = site.kind === 'hotspot' ? baseCallSign(own) : site.listing.callSign;
      const pointer = toPointer(['sites', 'byId', site.id, 'dstar', 'callSign']);
      const fits = expects !== '' && expects.length <= MOST && /^[A-Z0-9]+$/.test(expects) && expects !== has;
      report({
        message,
        data: { site: site.name, has, length: has.length, most: MOST },
        pointer,
        subject: { siteId: site.id },
        fixes: fits ? [{ id: 'set', data: { expects }, patches: [set(pointer, expects)] }] : [],
      });
    }
  },
});
