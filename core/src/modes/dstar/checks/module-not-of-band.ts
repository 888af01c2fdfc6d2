import { defineCheck } from '../../../checks/check';
import { channelsOfSite, set } from '../../../checks/walk';
import { rows } from '../../../plan/table';
import { withModule } from '../addresses';
import { isDstar } from '../channel';
import { moduleOfBand } from '../../../plan/modes/dstar/blanks';

export const moduleNotOfBand = defineCheck({
  id: 'module-not-of-band',
  severity: 'doubtful',
  title: 'Module letter is not the band’s',
  fact: 'module-band',
  docs: {
    summary: 'A site has another module letter than its band asks for, or none.',
    why: 'By the letters A for 23 cm, B for 70 cm and C for 2 m others know where they come out; with another one a call often finds nobody.',
    remedy: 'Set the letter of the band in your hotspot; of a repeater ask its keeper, or correct the list.',
    source: { kind: 'common practice', name: 'A 23 cm, B 70 cm, C 2 m' },
  },
  messages: {
    differs: '{site} has module {has}; its band asks for {expects}.',
    missing: '{site} has no module letter; its band asks for {expects}.',
  },
  fixes: { set: 'Set {site} and its channels to module {expects}' },
  check(index, report) {
    for (const site of rows(index.plan.sites)) {
      if (!site.dstar || site.dstar.cable) continue;
      const { callSign, module } = site.dstar;
      const expects = moduleOfBand(site.rxHz, index.plan.station.region);
      if (expects === null || expects === module) continue;
      const pointer = `/sites/byId/${site.id}/dstar/module`;
      const before = withModule(callSign, module);
      const moved = channelsOfSite(index, site.id).flatMap(({ channel, pointer: at }) =>
        isDstar(channel)
          ? (['rpt1', 'rpt2'] as const)
              .filter((field) => channel.dstar[field] === before)
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
