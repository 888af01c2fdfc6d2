import { MODES } from '../modes/registry';
import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement, set } from './walk';

export const modeNotEnabled = defineCheck({
  id: 'mode-not-enabled',
  severity: 'broken',
  title: 'Mode not enabled at the hotspot',
  fact: 'mode-at-site',
  docs: {
    summary: 'A channel uses a mode that is switched off in the hotspot’s profile.',
    why: 'The hotspot does not listen for that mode: it never answers.',
    remedy: 'Switch the mode on in the hotspot’s profile.',
  },
  messages: { off: 'The channel is {mode}; {site} has {mode} switched off.' },
  fixes: { enable: 'Switch {mode} on in {site}' },
  check(index, report) {
    eachDisagreement(index, 'mode-at-site', 'site', (context) => {
      const site = context.site!;
      const mode = context.channel.mode;
      const pointer = toPointer(['profiles', site.id, 'modes', mode]);
      const data = { mode: MODES[mode].name, site: site.name };
      const fixes = site[mode] === null ? [] : [{ id: 'enable' as const, patches: [set(pointer, true)] }];
      report({ message: 'off', data, pointer, subject: channelSubject(context), fixes });
    });
  },
});
