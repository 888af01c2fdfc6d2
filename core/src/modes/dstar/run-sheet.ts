/** What is to be set for D-STAR, and the order of use at each site: link, wait, talk, leave. Common practice. */
import type { PathContext, PlanIndex } from '../../path/types';
import { rows } from '../../plan/table';
import type { Site } from '../../plan/types';
import type { Step } from '../../run-sheet/step';
import type { ModeRunSheet } from '../mode';
import { fieldText, padField, writeCommand } from './addresses';
import { isDstarPath } from './channel';
import { COMMAND_TITLES, reflectorWords, targetOf } from './links';
import { orderOf } from './order';
import { COMMAND_NAMES, SUFFIX_LENGTH } from './limits';

function siteSettings({ dstar }: Site): string[] {
  if (!dstar) return [];
  return [`D-STAR: call sign ${dstar.callSign}, module ${dstar.module || 'not set yet'}.`];
}

/** One step a site and radio: the first reflector that is talked on shows how all are used. */
function steps(index: PlanIndex): Step[] {
  const seen = new Set<string>();
  return index.paths().flatMap(({ context }): Step[] => {
    if (!isDstarPath(context) || !context.site) return [];
    const { radio, site, channel } = context as PathContext<'dstar'> & { site: Site };
    const target = targetOf(index.plan, channel.destination);
    if (!target || channel.destination?.kind !== 'reflector' || channel.destination.use !== 'talk' || seen.has(`${radio.id} ${site.id}`)) return [];
    seen.add(`${radio.id} ${site.id}`);
    return [
      {
        id: `dstar-${radio.id}-${site.id}`,
        title: `Link ${site.name} to ${reflectorWords(target)}, talk, and leave`,
        todo: orderOf(context as PathContext<'dstar'>).map((step) => step.say),
        proof: `The site says that it is linked to ${reflectorWords(target)}; after the unlink entry, that it is not linked.`,
      },
    ];
  });
}

export const runSheet: ModeRunSheet = {
  hotspot(plan, site) {
    const profile = plan.profiles[site.id];
    const start = profile?.dstar.startLink;
    return [...siteSettings(site), ...(site.dstar && profile ? [start && profile.dstar.automatic ? `Link to ${reflectorWords(start)} at start: automatic.` : 'Link at start: manual.'] : [])];
  },
  radio(_plan, { dstar }) {
    if (!dstar) return [];
    const { my, suffix } = dstar;
    return [`Set MY to ${my.trim() === '' ? 'your call sign' : fieldText(padField(my))}${suffix ? `, behind it ${suffix.slice(0, SUFFIX_LENGTH)}` : ''}: with MY empty it does not transmit.`];
  },
  steps,
  card(plan) {
    const wanted = new Set(rows(plan.wants).flatMap((want) => (want.destination.kind === 'reflector' ? [reflectorWords(targetOf(plan, want.destination)!)] : [])));
    const links = [...wanted].map((name) => ({ enter: `${name.replace(' ', '')}L`, name, note: 'links; then back to CQCQCQ to talk' }));
    const commands = COMMAND_NAMES.map((command) => ({ enter: fieldText(writeCommand({ kind: command })), name: COMMAND_TITLES[command], note: 'in UR, the letter in the eighth place' }));
    return [{ title: 'Reflectors', lines: links.length > 0 ? [...links, ...commands] : [], out: 'To leave, send seven spaces and U in UR, and wait for “not linked”.' }];
  },
};
