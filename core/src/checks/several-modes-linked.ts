import { networkModesOf } from '../path/mode-path';
import { profilePatches } from '../plan/profiles';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const severalModesLinked = defineCheck({
  id: 'several-modes-linked',
  severity: 'note',
  title: 'Several modes linked at start',
  docs: {
    summary: 'A hotspot is linked in more than one mode when it starts.',
    why: 'It carries one at a time: while one link is busy, what is said on the others is not heard.',
    remedy: 'Keep the one you listen to, and call the others when you want them.',
    source: { kind: 'common practice', name: 'one busy link locks the other modes out' },
  },
  messages: { several: '{site} is linked in {modes} from the start; one at a time is heard.' },
  fixes: { keep: 'Keep {mode} only' },
  check(index, report) {
    eachProfile(index.plan, (site, { standby }, at) => {
      // In standby every link is told of as that.
      if (standby) return;
      const linked = networkModesOf(index.modes)
        .map((mode) => ({ mode, standing: mode.standing?.(index, site) ?? [] }))
        .filter(({ standing }) => standing.length > 0);
      // One that is busy is told of as that.
      if (linked.length < 2 || linked.some(({ standing }) => standing.some((one) => one.busy))) return;
      const [first, ...others] = linked;
      report({
        message: 'several',
        data: { site: site.name, modes: linked.map(({ mode }) => mode.name).join(' and ') },
        pointer: at('carriage'),
        subject: { siteId: site.id },
        fixes: [
          {
            id: 'keep',
            data: { mode: first!.mode.name },
            patches: profilePatches(index.plan, site.id, (of) => {
              for (const { standing } of others) for (const { out } of standing) out(of);
            }),
          },
        ],
      });
    });
  },
});
