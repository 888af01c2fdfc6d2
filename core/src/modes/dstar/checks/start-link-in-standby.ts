import { defineCheck } from '../../../checks/check';
import { eachProfile, set } from '../../../checks/walk';
import { reflectorWords } from '../links';

export const startLinkInStandby = defineCheck({
  id: 'start-link-in-standby',
  severity: 'doubtful',
  title: 'A link at start keeps a hotspot from standing by',
  docs: {
    summary: 'A hotspot in standby links to a reflector when it starts.',
    why: 'Standby means that nothing is heard until somebody keys up: the link brings its traffic at once.',
    remedy: 'Set the start link to manual, or leave standby.',
    source: { kind: 'common practice', name: 'standby: D-STAR start link on manual' },
  },
  messages: { linked: '{site} is in standby, yet links to {reflector} at start.' },
  fixes: { manual: 'Link by hand only', leave: 'Leave standby' },
  check(index, report) {
    eachProfile(index.plan, (site, { standby, dstar: { startLink, automatic } }, at) => {
      if (!standby || !automatic || !startLink || !site.dstar) return;
      const pointer = at('dstar', 'automatic');
      report({
        message: 'linked',
        data: { site: site.name, reflector: reflectorWords(startLink) },
        pointer,
        subject: { siteId: site.id },
        fixes: [
          { id: 'manual', patches: [set(pointer, false)] },
          { id: 'leave', patches: [set(at('standby'), false)] },
        ],
      });
    });
  },
});
