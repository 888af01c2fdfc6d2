/** What is to be set for P25, and how a group is called and left. Common practice. */
import type { PlanIndex } from '../../path/types';
import type { Step } from '../../run-sheet/step';
import type { ModeRunSheet } from '../../run-sheet/mode-run-sheet';
import { nacWords } from './addresses';
import { isP25Path } from './channel';
import { listensFor } from '../../plan/carriage';
import { groupFor, p25Network } from './links';

/** One step a site and radio: the first group that is wanted shows how all are used. */
function steps(index: PlanIndex): Step[] {
  const seen = new Set<string>();
  return index.paths().flatMap(({ context }): Step[] => {
    if (!isP25Path(context) || !context.site) return [];
    const { radio, site, channel } = context;
    const wanted = channel.destination?.kind === 'group' ? groupFor(index.plan, channel.destination) : null;
    const key = `${radio.id} ${site.id}`;
    if (!wanted || seen.has(key)) return [];
    seen.add(key);
    const { unlink } = wanted.network.special;
    return [
      {
        id: `p25-${radio.id}-${site.id}`,
        siteId: site.id,
        title: `Call ${wanted.name} through ${site.name}, talk, and leave`,
        todo: [
          `Listen first. Choose ${channel.name} and key up about two seconds: calling group ${wanted.number} links ${site.name} there.`,
          'Talk; leave a second or two between overs.',
          unlink === null
            ? `How ${wanted.network.name} is left is not said: ask its operators.`
            : `To leave, call group ${unlink} once.`,
        ],
        proof: `Others of ${wanted.name} hear you${unlink === null ? '' : `; after group ${unlink} they do not`}.`,
      },
    ];
  });
}

export const runSheet: ModeRunSheet = {
  hotspot(plan, site, profile) {
    if (!site.p25) return [];
    const { startGroup } = profile.p25;
    const networks =
      site.p25.networkIds.flatMap((id) => p25Network(plan, id)?.name ?? []).join(' and ') || 'no network yet';
    const start = startGroup === null ? 'linked to nothing' : `linked to group ${startGroup}`;
    return [
      `P25 ${listensFor(profile, 'p25') ? 'on' : 'off'}: NAC ${nacWords(site.p25.nac)} hex, groups of ${networks}; at start ${start}.`,
    ];
  },
  radio: (_plan, { p25 }) => (p25 ? [`Set the unit ID to ${p25.unitId ?? 'your ID'}.`] : []),
  steps,
};
