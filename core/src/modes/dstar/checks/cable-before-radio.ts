import { defineCheck } from '../../../checks/check';
import { eachProfile } from '../../../checks/walk';
import { profilePatches } from '../../../plan/profiles';
import { reflectorWords } from '../links';

export const cableBeforeRadio = defineCheck({
  id: 'cable-before-radio',
  severity: 'note',
  title: 'A link at start over a cable',
  docs: {
    summary: 'The radio of a hotspot is on a cable, and a link is to be made when the program starts.',
    why: 'Started before the radio is ready, nothing links by itself, and nothing says so.',
    remedy: 'Switch the radio to its gateway mode first, then start the program; or link by hand.',
    source: { kind: 'common practice', name: 'terminal use: the radio first, then the program on the computer' },
  },
  messages: {
    order: '{site} links {reflector} at start over a cable: only where the radio was ready before the program.',
  },
  fixes: { manual: 'Link by hand' },
  check(index, report) {
    eachProfile(index.plan, (site, { dstar }, at) => {
      if (!site.dstar?.cable || !dstar.startLink || !dstar.automatic) return;
      report({
        message: 'order',
        data: { site: site.name, reflector: reflectorWords(dstar.startLink) },
        pointer: at('dstar', 'automatic'),
        subject: { siteId: site.id },
        fixes: [
          { id: 'manual', patches: profilePatches(index.plan, site.id, (of) => void (of.dstar.automatic = false)) },
        ],
      });
    });
  },
});
