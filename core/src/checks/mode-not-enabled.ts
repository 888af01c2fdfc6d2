import { dataOf } from '../plan/modes';
import { toPointer } from '../plan/patches';
import { enablePatches, profilePointer } from '../plan/profiles';
import type { NetworkModeId } from '../plan/types';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement, set } from './walk';

export const modeNotEnabled = defineCheck({
  id: 'mode-not-enabled',
  severity: 'broken',
  title: 'Mode not enabled at the site',
  fact: 'mode-at-site',
  docs: {
    summary: 'A channel uses a mode that is switched off in the hotspot’s profile, or that the repeater does not have.',
    why: 'The site does not listen for that mode: it never answers.',
    remedy: 'Switch the mode on in the hotspot’s profile; for a repeater choose one that has the mode.',
  },
  messages: {
    off: 'The channel is {mode}; {site} has {mode} switched off.',
    lacks: 'The channel is {mode}; {site} has no {mode}.',
  },
  fixes: { enable: 'Switch {mode} on in {site}', has: '{site} has {mode}' },
  check(index, report) {
    eachDisagreement(index, 'mode-at-site', 'site', (context) => {
      const site = context.site!;
      const mode = context.channel.mode;
      const modeName = index.modes[mode].name;
      const data = { mode: modeName, site: site.name };
      const subject = channelSubject(context);
      if (site.kind === 'repeater') {
        report({ message: 'lacks', data, pointer: toPointer(['sites', 'byId', site.id, mode]), subject });
        return;
      }
      // A mode without networks is on wherever the hotspot has it.
      const on = index.modes[mode].trace.beyond ? enablePatches(index.plan, site.id, mode as NetworkModeId) : [];
      if (site[mode] === null)
        report({
          message: 'lacks',
          data,
          pointer: toPointer(['sites', 'byId', site.id, mode]),
          subject,
          fixes: [
            {
              id: 'has',
              patches: [
                set(toPointer(['sites', 'byId', site.id, mode]), dataOf(mode).blanks.site(index.plan, site)),
                ...on,
              ],
            },
          ],
        });
      else
        report({
          message: 'off',
          data,
          pointer: profilePointer(index.plan, site.id, 'carriage'),
          subject,
          fixes: [{ id: 'enable', patches: on }],
        });
    });
  },
});
