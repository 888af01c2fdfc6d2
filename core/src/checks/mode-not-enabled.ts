import { toPointer } from '../plan/patches';
import { pairOf } from '../plan/carriage';
import { profilePointer, switchPatch } from '../plan/profiles';
import type { NetworkModeId } from '../plan/types';
import { defineCheck } from './check';
import { channelSubject, eachDisagreement } from './walk';

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
  fixes: { enable: 'Switch {mode} on in {site}' },
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
      const pointer = profilePointer(index.plan, site.id, 'carriage');
      const own = { air: mode as NetworkModeId, network: mode as NetworkModeId };
      const { able } = pairOf(context.profile!, own.air, own.network);
      const fixes = able ? [{ id: 'enable' as const, patches: [switchPatch(index.plan, site.id, own, true)] }] : [];
      report({ message: 'off', data, pointer, subject, fixes });
    });
  },
});
