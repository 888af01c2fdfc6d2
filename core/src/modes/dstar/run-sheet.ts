/** What is to be set for D-STAR, and the order of use at each site: link, wait, talk, leave. Common practice. */
import type { PathContext, PlanIndex } from '../../path/types';
import type { Site } from '../../plan/types';
import type { Step } from '../../run-sheet/step';
import type { ModeRunSheet } from '../../run-sheet/mode-run-sheet';
import { fieldText, padField } from './addresses';
import { isDstarPath } from './channel';
import { reflectorWords, targetOf } from './links';
import { orderOf } from './order';
import { SUFFIX_LENGTH } from '../../plan/modes/dstar/limits';

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
    if (
      !target ||
      channel.destination?.kind !== 'reflector' ||
      channel.destination.use !== 'talk' ||
      seen.has(`${radio.id} ${site.id}`)
    )
      return [];
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
  hotspot(_plan, site, { dstar }) {
    if (!site.dstar) return [];
    const { startLink, automatic } = dstar;
    return [
      ...siteSettings(site),
      startLink && automatic ? `Link to ${reflectorWords(startLink)} at start: automatic.` : 'Link at start: manual.',
    ];
  },
  radio(_plan, { dstar }) {
    if (!dstar) return [];
    const { my, suffix } = dstar;
    const behind = suffix ? `, behind it ${suffix.slice(0, SUFFIX_LENGTH)}` : '';
    return [
      `Set MY to ${my.trim() === '' ? 'your call sign' : fieldText(padField(my))}${behind}: with MY empty it does not transmit.`,
    ];
  },
  steps,
};
