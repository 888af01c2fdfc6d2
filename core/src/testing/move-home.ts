/** The hotspot of the sample on another frequency, with its channels. */
import type { Plan } from '../plan/types';

/** Home and everything that is linked to it, on one frequency (Hz). */
export const moveHome = (hz: number) => (plan: Plan) => {
  Object.assign(plan.sites.byId['s1']!, { rxHz: hz, txHz: hz });
  for (const codeplug of Object.values(plan.codeplugs))
    for (const channel of Object.values(codeplug.channels.byId))
      if (channel.siteId === 's1') Object.assign(channel, { rxHz: hz, txHz: hz });
};
