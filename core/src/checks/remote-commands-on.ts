import { profilePatches } from '../plan/profiles';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const remoteCommandsOn = defineCheck({
  id: 'remote-commands-on',
  severity: 'note',
  title: 'Commands by radio are carried out',
  docs: {
    summary: 'The hotspot carries out commands that a radio sends, such as shutting down or starting again.',
    why: 'Whoever hears the hotspot and knows the number can send it.',
    remedy: 'Switch it off where you do not use it.',
    source: { kind: 'common practice', name: 'remote commands only where they are needed' },
  },
  messages: { on: '{site} carries out commands sent by radio.' },
  fixes: { off: 'Switch it off' },
  check(index, report) {
    eachProfile(index.plan, (site, { remoteCommands }, at) => {
      if (remoteCommands !== true) return;
      report({
        message: 'on',
        data: { site: site.name },
        pointer: at('remoteCommands'),
        subject: { siteId: site.id },
        fixes: [{ id: 'off', patches: profilePatches(index.plan, site.id, (of) => void (of.remoteCommands = false)) }],
      });
    });
  },
});
