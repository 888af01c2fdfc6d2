import { defineCheck } from '../../../checks/check';
import { channelsOfSite, set } from '../../../checks/walk';
import { rows } from '../../../plan/table';
import { callSignOf, moduleOf, withModule } from '../addresses';
import { GATEWAY_LETTER } from '../../../plan/modes/dstar/limits';
import { isDstar } from '../channel';
import { moduleOfBand } from '../../../plan/modes/dstar/blanks';

export const moduleNotOfBand = defineCheck({
  id: 'module-not-of-band',
  severity: 'note',
  title: 'Module letter is not the usual one of the band',
  fact: 'module-band',
  docs: {
    summary: 'A site has another module letter than is usual in its band, or nobody has said which.',
    why: 'By the letters A for 23 cm, B for 70 cm and C for 2 m others know where they come out; with another one a call often finds nobody.',
    remedy:
      'If it was not chosen on purpose, set the letter of the band; of a repeater ask its keeper, or correct the list.',
    source: { kind: 'common practice', name: 'A 23 cm, B 70 cm, C 2 m' },
  },
  messages: {
    differs: '{site} has module {has}; usual in its band is {expects}.',
    missing: 'Nobody has said the module letter of {site}; usual in its band is {expects}.',
  },
  fixes: { set: 'Set {site} and its channels to module {expects}' },
  check(index, report) {
    for (const site of rows(index.plan.sites)) {
      if (!site.dstar || site.dstar.cable) continue;
      const { callSign, module } = site.dstar;
      const expects = moduleOfBand(site.rxHz);
      if (expects === null || expects === module) continue;
      const pointer = `/sites/byId/${site.id}/dstar/module`;
      // Where nobody has said the letter, channels may hold any.
      const isOurs = (field: string) =>
        module === ''
          ? callSignOf(field) === callSign && moduleOf(field) !== GATEWAY_LETTER
          : field === withModule(callSign, module);
      const moved = channelsOfSite(index, site.id).flatMap(({ channel, pointer: at }) =>
        isDstar(channel)
          ? (['rpt1', 'rpt2'] as const)
              .filter((field) => isOurs(channel.dstar[field]))
              .map((field) => set(`${at}/dstar/${field}`, withModule(callSign, expects)))
          : [],
      );
      report({
        message: module === '' ? 'missing' : 'differs',
        data: { site: site.name, has: module, expects },
        pointer,
        subject: { siteId: site.id },
        fixes: [{ id: 'set', patches: [set(pointer, expects), ...moved] }],
      });
    }
  },
});
