/** What is to be set for D-STAR, and the order of use at each site: link, wait, talk, leave. Common practice. */
import type { PathContext, PlanIndex } from '../../path/types';
import { hotspotsOf } from '../../plan/sites';
import type { Site } from '../../plan/types';
import type { Step } from '../../run-sheet/step';
import type { ModeRunSheet } from '../../run-sheet/mode-run-sheet';
import { fieldText, padField } from './addresses';
import { isDstarPath } from './channel';
import { reflectorWords, targetOf } from './links';
import { orderOf } from './order';
import { DIRECT_FIELD, SUFFIX_LENGTH } from '../../plan/modes/dstar/limits';

function siteSettings({ dstar }: Site): string[] {
  if (!dstar) return [];
  return [`D-STAR: call sign ${dstar.callSign}, module ${dstar.module || 'not set yet'}.`];
}

/**
 * Terminal use over a cable: the radio first, then the program on the computer. The order matters: a program that was
 * started before the radio was ready links nothing by itself. Common practice.
 */
function cableSteps(index: PlanIndex): Step[] {
  return hotspotsOf(index.plan).flatMap((site): Step[] => {
    if (!site.dstar?.cable) return [];
    const { module } = site.dstar;
    const { startLink, automatic } = index.profile(site.id)!.dstar;
    return [
      {
        id: `dstar-cable-radio-${site.id}`,
        siteId: site.id,
        title: `The radio for ${site.name} first, on its cable`,
        todo: [
          'Keep the program on the computer off, and the radio’s own gateway mode: while either runs, these cannot be set.',
          'In the radio choose the interface that the cable is on.',
          'Set RPT1 and RPT2 to DIRECT in its entries.',
          'Now switch the radio’s gateway mode on.',
        ],
        values: [
          { label: 'RPT1', text: DIRECT_FIELD },
          { label: 'RPT2', text: DIRECT_FIELD },
        ],
        proof: 'The radio shows that it is in gateway mode, and does not transmit when it is keyed.',
        ifNot: ['It transmits: gateway mode is off. Switch it off and on again with the cable in.'],
      },
      {
        id: `dstar-cable-program-${site.id}`,
        siteId: site.id,
        title: `Then the program on the computer for ${site.name}`,
        todo: [
          'Plug the cable in, and look which port it was given.',
          'Choose that port, and flow control as the radio’s manual says; a wrong one connects and carries nothing.',
          'Start it only now: started before the radio was ready, nothing links by itself.',
        ],
        values: [
          { label: 'Module', text: module || 'not said' },
          ...(startLink && automatic ? [{ label: 'Link at start', text: reflectorWords(startLink) }] : []),
        ],
        proof: 'The program shows the radio as connected, and your call sign when you key.',
        ifNot: [
          'Nothing is linked: end the program, wait until the radio is in gateway mode, and start it again.',
          'No port: another cable, or the driver that the radio’s maker names.',
        ],
      },
    ];
  });
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
        siteId: site.id,
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
  steps: (index) => [...cableSteps(index), ...steps(index)],
};
