import { listensFor } from '../plan/carriage';
import { profilePatches } from '../plan/profiles';
import { networkModesOf } from '../path/mode-path';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const busyLinkLocksModes = defineCheck({
  id: 'busy-link-locks-modes',
  severity: 'doubtful',
  title: 'A busy link keeps the other modes out',
  docs: {
    summary:
      'A hotspot listens for several modes, and is linked at start to something busy in one of them: a group of a country or the world, or a reflector or room that many are connected to.',
    why: 'A signal locks the hotspot to its mode until the traffic ends: the other modes wait, sometimes for hours.',
    remedy: 'Take the link out and call it when you want it, or switch the other modes off.',
    source: { kind: 'common practice', name: 'a busy destination on one mode keeps the others out' },
  },
  messages: { busy: '{site} hears {mode} {what} from the start; meanwhile {others} wait.' },
  fixes: { out: 'Take {what} out: it is heard once it is called' },
  check(index, report) {
    eachProfile(index.plan, (site, profile) => {
      // In standby every link is told of as that.
      if (profile.standby) return;
      const on = networkModesOf(index.modes).filter((mode) => site[mode.id] !== null && listensFor(profile, mode.id));
      for (const mode of on) {
        const others = on.filter((one) => one !== mode).map((one) => one.name);
        if (others.length === 0) continue;
        for (const { what, busy, pointer, out } of mode.standing?.(index, site) ?? []) {
          if (!busy) continue;
          report({
            message: 'busy',
            data: { site: site.name, mode: mode.name, what, others: others.join(' and ') },
            pointer,
            subject: { siteId: site.id },
            fixes: [{ id: 'out', patches: profilePatches(index.plan, site.id, out) }],
          });
        }
      }
    });
  },
});
