import { defineCheck } from '../../../checks/check';
import { eachProfile } from '../../../checks/walk';
import { listensFor } from '../../../plan/carriage';

/** More than this on one slot nobody follows: while one talks, the others are lost. From memory. */
const MOST = 6;

export const tooManyStaticGroups = defineCheck({
  id: 'too-many-static-groups',
  severity: 'doubtful',
  title: 'More static groups than a slot can follow',
  docs: {
    summary: 'A hotspot has more static groups than the slots it has can follow.',
    why: 'One slot carries one call at a time: while one group talks you miss the others, and the hotspot is seldom free.',
    remedy: 'Keep those that you want unasked, and key the others when you want them.',
    source: { kind: 'from memory', name: 'at most six on a slot' },
  },
  messages: { many: '{site} has {has} static groups; expected at most {expects}.' },
  fixes: {},
  check(index, report) {
    eachProfile(index.plan, (site, profile, at) => {
      if (!site.dmr || !listensFor(profile, 'dmr')) return;
      const has = Object.values(profile.dmr.logins)
        .filter((login) => login.enabled)
        .reduce((sum, login) => sum + login.staticGroupIds.length, 0);
      const expects = site.rxHz === site.txHz ? MOST : 2 * MOST;
      if (has <= expects) return;
      report({
        message: 'many',
        data: { site: site.name, has, expects },
        pointer: at('dmr', 'logins'),
        subject: { siteId: site.id },
      });
    });
  },
});
