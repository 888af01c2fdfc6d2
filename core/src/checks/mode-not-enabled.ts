import { modeOf } from '../modes/registry';
import { toPointer } from '../plan/patches';
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
  messages: { off: 'The channel is {mode}; {site} has {mode} switched off.', lacks: 'The channel is {mode}; {site} has no {mode}.' },
  fixes: { enable: 'Switch {mode} on in {site}' },
  check(index, report) {
    eachDisagreement(index, 'mode-at-site', 'site', (context) => {
      const site = context.site!;
      const mode = context.channel.mode;
      const pointer = site.kind === 'repeater' ? toPointer(['sites', 'byId', site.id, mode]) : toPointer(['profiles', site.id, 'modes', mode]);
      const data = { mode: modeOf(mode).name, site: site.name };
      const fixes = site.kind === 'repeater' || site[mode] === null ? [] : [{ id: 'enable' as const, patches: [set(pointer, true)] }];
      report({ message: site.kind === 'repeater' ? 'lacks' : 'off', data, pointer, subject: channelSubject(context), fixes });
    });
  },
});
