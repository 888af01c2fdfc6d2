import { defineCheck } from '../../../checks/check';
import { eachProfile } from '../../../checks/walk';
import { listensFor } from '../../../plan/carriage';
import { rows } from '../../../plan/table';
import type { Hotspot, Id } from '../../../plan/types';
import type { PlanIndex } from '../../../path/types';
import { isDmrPath } from '../channel';
import { routesOf } from '../links';
import { dmrNetwork } from '../networks';
import { unasked } from '../routes/table';
import { hearsNumber } from '../trace';

/** Whether some DMR channel of this hotspot opens for what comes as `number` on `slot`. */
function isHeard(index: PlanIndex, site: Hotspot, slot: number, number: number): boolean {
  return index
    .paths()
    .some(
      ({ context }) =>
        isDmrPath(context) &&
        context.site?.id === site.id &&
        context.channel.dmr.slot === slot &&
        hearsNumber(context, number),
    );
}

/** Whether any radio of the plan has DMR channels for this hotspot; before that, nothing can be said. */
function isUsed(index: PlanIndex, siteId: Id): boolean {
  return index.paths().some(({ context }) => context.channel.mode === 'dmr' && context.site?.id === siteId);
}

export const staticGroupUnheard = defineCheck({
  id: 'static-group-unheard',
  severity: 'doubtful',
  title: 'A static group that no radio hears',
  docs: {
    summary: 'A group is always on at a hotspot, and no channel or receive list of any radio opens for it.',
    why: 'Its traffic keeps the hotspot busy, and you hear nothing while you wait for it to end.',
    remedy: 'Take the group out, or put it into the receive list of a channel of this hotspot.',
    source: {
      kind: 'common practice',
      name: 'a radio hears a group that its receive list holds, or the channel’s own',
    },
  },
  messages: { unheard: 'Group {number} of {network} is static at {site}, and no radio hears it.' },
  fixes: { out: 'Make it dynamic' },
  check(index, report) {
    eachProfile(index.plan, (site, profile, at) => {
      if (!site.dmr || !listensFor(profile, 'dmr') || !isUsed(index, site.id)) return;
      const table = routesOf(index, site.id);
      const slots = site.rxHz === site.txHz ? ([2] as const) : ([1, 2] as const);
      for (const [networkId, login] of Object.entries(profile.dmr.logins).sort(([a], [b]) => (a < b ? -1 : 1))) {
        if (!login.enabled) continue;
        const network = dmrNetwork(index.plan, networkId)!;
        login.staticGroupIds.forEach((id, place) => {
          const group = rows(network.groups).find((one) => one.id === id)!;
          const heard = slots.some((slot) => {
            const comes = unasked(table, networkId, { kind: 'group', slot, number: group.number });
            return comes !== null && isHeard(index, site, comes.slot, comes.number);
          });
          if (heard) return;
          const pointer = at('dmr', 'logins', networkId, 'staticGroupIds');
          report({
            message: 'unheard',
            data: { number: group.number, network: network.name, site: site.name },
            pointer: `${pointer}/${place}`,
            subject: { siteId: site.id, networkId },
            fixes: [{ id: 'out', patches: [{ op: 'remove', path: `${pointer}/${place}` }] }],
          });
        });
      }
    });
  },
});
