/** What a site is linked to, as its machine (`link.ts`) is driven by the channels of a plan. */
import type { ModeMachine } from '../../path/mode-path';
import { type DstarEffect, type DstarEvent, step } from './link';
import { gatewayOf, linkBefore } from './links';

export const machine: ModeMachine<'dstar', DstarEvent, DstarEffect> = {
  start: (index, site) => ({ linkedTo: linkBefore(index, site) ?? null }),
  keyed({ site, channel }) {
    if (!site?.dstar) return null;
    const { ur, rpt2 } = channel.dstar;
    // Where nobody has said what the gateway reaches, it may reach what is asked for.
    const gateway =
      site.dstar.families?.length === 0
        ? { ...gatewayOf(site.dstar), families: 'every' as const }
        : gatewayOf(site.dstar);
    return { kind: 'sent', gateway, ur, rpt2 };
  },
  step,
};
