import { profilePatches } from '../plan/profiles';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const linkedInStandby = defineCheck({
  id: 'linked-in-standby',
  severity: 'doubtful',
  title: 'A hotspot in standby is linked at start',
  docs: {
    summary:
      'A hotspot that should stay silent until someone keys up has a static group, or links to a reflector, a room or a group when it starts.',
    why: 'Its traffic wakes the hotspot, and holds it in that mode while other calls wait.',
    remedy: 'Take the link out, or leave standby. What is wanted is taken up when you key it.',
    source: {
      kind: 'common practice',
      name: 'standby: D-STAR start link on manual, no start room or group, no static groups',
    },
  },
  messages: { linked: '{site} is in standby, yet hears {mode} {what} from the start.' },
  fixes: { out: 'Take {what} out', leave: 'Leave standby' },
  check(index, report) {
    eachProfile(index.plan, (site, { standby }) => {
      if (!standby) return;
      for (const mode of Object.values(index.modes)) {
        for (const { what, pointer, out } of mode.standing?.(index, site) ?? []) {
          const data = { site: site.name, mode: mode.name, what };
          report({
            message: 'linked',
            data,
            pointer,
            subject: { siteId: site.id },
            fixes: [
              { id: 'out', patches: profilePatches(index.plan, site.id, out) },
              { id: 'leave', patches: profilePatches(index.plan, site.id, (of) => void (of.standby = false)) },
            ],
          });
        }
      }
    });
  },
});
