import { defineCheck } from '../../../checks/check';
import { rows } from '../../../plan/table';
import { fieldText, withModule } from '../addresses';

export const siteListedTwice = defineCheck({
  id: 'site-listed-twice',
  severity: 'doubtful',
  title: 'The same call sign and module twice',
  docs: {
    summary: 'Two sites of the plan have the same call sign and the same module.',
    why: 'A radio’s site list tells sites apart by these: it shows one of the two, on the frequency of either.',
    remedy: 'Take the one away that is no longer right, or correct its module.',
    source: { kind: 'common practice', name: 'call sign and module name one site' },
  },
  messages: { twice: '{site} has {has}, as {other} does; expected one of its own.' },
  fixes: {},
  check(index, report) {
    const first = new Map<string, string>();
    for (const site of rows(index.plan.sites)) {
      if (!site.dstar || site.dstar.cable) continue;
      const key = withModule(site.dstar.callSign, site.dstar.module);
      const other = first.get(key);
      if (other === undefined) first.set(key, site.name);
      else
        report({
          message: 'twice',
          data: { site: site.name, has: fieldText(key), other },
          pointer: `/sites/byId/${site.id}/dstar/module`,
          subject: { siteId: site.id },
        });
    }
  },
});
